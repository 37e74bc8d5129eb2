import {
  box,
  plain,
  text,
  controlStyleOf,
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
  const { project, rect, look, ink, held } = face;
  const on = held.scalar === true;
  const { items, room } = named(face, element.id, 0.6);
  const height = Math.min(room.height * 0.5, 48);
  const pill = {
    x: room.x + room.width - height * 1.9,
    y: rect.y + (rect.height - height) / 2,
    width: height * 1.9,
    height,
  };
  const knob = height * 0.72;
  const gap = (height - knob) / 2;
  const lit = on ? inStates(look, ['on']) : look;
  const mark = look.ink ?? ink.colour;
  return [
    ...box(element.id, rect, look),
    ...items,
    ...text(
      project,
      element.id,
      { ...room, width: room.width - pill.width - gap * 3 },
      wordsOf(held),
      { ...ink, align: 'end' },
      'middle',
    ),
    { ...plain(null, pill, on ? lit.fill : CLEAR), corner: height / 2, border: mark, borderWidth: 3 },
    {
      ...plain(
        null,
        {
          x: on ? pill.x + pill.width - knob - gap : pill.x + gap,
          y: pill.y + gap,
          width: knob,
          height: knob,
        },
        mark,
      ),
      corner: knob / 2,
    },
  ];
}

export const toggle: Play<Of<'switch'>> = {
  paint: (element, { project, rect, looks }) =>
    ringed(project, element, rect, looks, draw(element, controlStyleOf(project, element, rect, looks))),
  speak: { role: 'switch', tell: (_, { held }) => ({ checked: held.scalar === true, state: wordsOf(held) }) },
  focus: WHOLE,
  use: { takes: (use) => use === 'confirm' },
};
