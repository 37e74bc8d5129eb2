import {
  box,
  plain,
  text,
  controlStyleOf,
  partOf,
  ringed,
  CLEAR,
  wordsOf,
  type Item,
  type ControlStyle,
} from '../../drawing';
import { inStates } from '../../style';
import { WHOLE, type Of, type Play } from '../play';
import { named } from '../beside';

function draw(element: Of<'switch'>, face: ControlStyle): Item[] {
  const { project, rect, states, look, ink, held } = face;
  const on = held.scalar === true;
  const { items, room } = named(face, element.id, 0.6);
  const part = (name: 'track' | 'knob') =>
    partOf(project, element.parts?.[name], on ? [...states, 'on'] : states);
  const [track, own] = [part('track'), part('knob')];
  const height = track?.height ?? Math.min(room.height * 0.5, 48);
  const width = track?.width ?? height * 1.9;
  const pill = {
    x: room.x + room.width - width,
    y: rect.y + (rect.height - height) / 2,
    width,
    height,
  };
  const knob = { width: own?.width ?? height * 0.72, height: own?.height ?? height * 0.72 };
  const gap = Math.max(0, (height - knob.height) / 2);
  const at = {
    x: on ? pill.x + width - knob.width - gap : pill.x + gap,
    y: pill.y + (height - knob.height) / 2,
    ...knob,
  };
  const lit = on ? inStates(look, ['on']) : look;
  const mark = look.ink ?? ink.colour;
  return [
    ...box(element.id, rect, look),
    ...items,
    ...text(
      project,
      element.id,
      { ...room, width: room.width - pill.width - Math.max(gap * 3, 16) },
      wordsOf(held),
      { ...ink, align: 'end' },
      'middle',
    ),
    ...(track
      ? box(null, pill, track.look)
      : [{ ...plain(null, pill, on ? lit.fill : CLEAR), corner: height / 2, border: mark, borderWidth: 3 }]),
    ...(own ? box(null, at, own.look) : [{ ...plain(null, at, mark), corner: knob.height / 2 }]),
  ];
}

export const toggle: Play<Of<'switch'>> = {
  paint: (element, { project, rect, looks }) =>
    ringed(project, element, rect, looks, draw(element, controlStyleOf(project, element, rect, looks))),
  speak: { role: 'switch', tell: (_, { held }) => ({ checked: held.scalar === true, state: wordsOf(held) }) },
  focus: WHOLE,
  use: { takes: (use) => use === 'confirm' },
};
