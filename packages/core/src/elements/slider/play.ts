import {
  box,
  plain,
  text,
  controlStyleOf,
  ringed,
  shareOf,
  wordsOf,
  type Item,
  type ControlStyle,
} from '../../drawing';
import { WHOLE, type Of, type Play } from '../play';
import { named, besideName, trackIn, widthOf } from '../beside';

function draw(element: Of<'slider'>, face: ControlStyle): Item[] {
  const { project, rect, look, ink, held } = face;
  const { items, room } = named(face, element.id, 0.42);
  const words = wordsOf(held);
  const wordsWidth = widthOf(words, room);
  const mark = look.ink ?? ink.colour;
  const track = trackIn(room, rect, words);
  const { width } = track;
  const share = shareOf(held, element.min, element.max);
  const knob = Math.min(rect.height * 0.4, 30);
  return [
    ...box(element.id, rect, look),
    ...items,
    { ...plain(null, track, `${mark.slice(0, 7)}55`), corner: 4 },
    { ...plain(null, { ...track, width: width * share }, mark), corner: 4 },
    {
      ...plain(
        null,
        {
          x: track.x + (width - knob) * share,
          y: rect.y + (rect.height - knob) / 2,
          width: knob,
          height: knob,
        },
        mark,
      ),
      corner: knob / 2,
    },
    ...text(
      project,
      element.id,
      { ...room, x: room.x + room.width - wordsWidth, width: wordsWidth },
      words,
      { ...ink, align: 'end' },
      'middle',
    ),
  ];
}

export const slider: Play<Of<'slider'>> = {
  paint: (element, { project, rect, looks }) =>
    ringed(project, element, rect, looks, draw(element, controlStyleOf(project, element, rect, looks))),
  speak: {
    role: 'slider',
    tell: ({ min, max }, { held }) => ({
      share: Math.round(shareOf(held, min, max) * 100),
      state: wordsOf(held),
    }),
  },
  focus: WHOLE,
  use: {
    takes: (use, bound) => use !== 'confirm' || !bound,
    step: (range) => range / 20,
    along: {
      does: 'slides',
      part: (element, rect, words) => trackIn(besideName(rect, element.text !== '', 0.42), rect, words),
    },
  },
};
