import {
  box,
  saidText,
  controlStyleOf,
  partAbout,
  partOf,
  ringed,
  inset,
  plain,
  wordsOf,
  type Item,
  type ControlStyle,
} from '../../drawing';
import { asWords } from '../../marks';
import type { TextLook } from '../../model';
import { inColour } from '../../style';
import { WHOLE, type Of, type Play } from '../play';
import { EDGE } from '../beside';

/** What is typed, or faintly what is to be typed. */
function draw(element: Of<'entry'>, face: ControlStyle): Item[] {
  const { project, rect, states, look, ink, held, typing, said } = face;
  const edge = rect.height * EDGE;
  const inner = inset(rect, { top: 0, right: edge, bottom: 0, left: edge });
  const typed = wordsOf(held);
  const style: TextLook = { ...ink, align: 'start', wrap: 'cut' };
  const items = [
    ...box(element.id, rect, look),
    ...saidText(
      project,
      element.id,
      inner,
      typed === '' ? said : asWords(typed),
      typed === '' ? inColour(style, `${ink.colour.slice(0, 7)}99`) : style,
      'middle',
    ),
  ];
  const line = items.at(-1);
  const end = typed !== '' && line?.kind === 'text' ? (line.lines[0]?.width ?? 0) : 0;
  if (typing) {
    const caret = {
      x: inner.x + end + 3,
      y: rect.y + rect.height * 0.25,
      width: 3,
      height: rect.height * 0.5,
    };
    const own = partOf(project, element.parts?.caret, states);
    if (own) items.push(...partAbout(own, { ...caret, width: own.width ?? caret.width }));
    else items.push(plain(null, caret, look.ink ?? ink.colour));
  }
  return items;
}

export const entry: Play<Of<'entry'>> = {
  changes: true,
  paint: (element, { project, rect, looks }) =>
    ringed(project, element, rect, looks, draw(element, controlStyleOf(project, element, rect, looks))),
  speak: { role: 'textbox', tell: (_, { held }) => ({ state: wordsOf(held) }) },
  focus: WHOLE,
  use: { takes: (use) => use === 'confirm' },
  asksFor: 'words',
};
