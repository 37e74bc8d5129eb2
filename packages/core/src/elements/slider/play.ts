import {
  box,
  plain,
  text,
  controlStyleOf,
  filledFrom,
  partOf,
  ringed,
  shareOf,
  wordsOf,
  type Item,
  type ControlStyle,
} from '../../drawing';
import type { Rect } from '../../geometry';
import { WHOLE, type Of, type Play } from '../play';
import { named, besideName, trackIn, widthOf } from '../beside';

function draw(element: Of<'slider'>, face: ControlStyle): Item[] {
  const { project, rect, states, look, ink, held } = face;
  const { items, room } = named(face, element.id, 0.42);
  const words = wordsOf(held);
  const wordsWidth = widthOf(words, room);
  const mark = look.ink ?? ink.colour;
  const track = trackIn(room, rect, words);
  const { width } = track;
  const share = shareOf(held, element.min, element.max);
  const part = (name: 'track' | 'filled' | 'thumb') => partOf(project, element.parts?.[name], states);
  const [own, filled, thumb] = [part('track'), part('filled'), part('thumb')];
  const knob = Math.min(rect.height * 0.4, 30);
  const size = { width: thumb?.width ?? knob, height: thumb?.height ?? knob };
  const at = {
    x: track.x + (width - size.width) * share,
    y: rect.y + (rect.height - size.height) / 2,
    ...size,
  };
  return [
    ...box(element.id, rect, look),
    ...items,
    ...(own
      ? box(null, heightened(track, own.height), own.look)
      : [{ ...plain(null, track, `${mark.slice(0, 7)}55`), corner: 4 }]),
    ...(filled
      ? filledFrom('left', share, heightened(track, filled.height), filled.look)
      : [{ ...plain(null, { ...track, width: width * share }, mark), corner: 4 }]),
    ...(thumb ? box(null, at, thumb.look) : [{ ...plain(null, at, mark), corner: knob / 2 }]),
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

/** The same about its middle, of another height. */
const heightened = (rect: Rect, height = rect.height): Rect => ({
  ...rect,
  y: rect.y + (rect.height - height) / 2,
  height,
});

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
