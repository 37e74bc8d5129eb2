import {
  box,
  group,
  saidText,
  text,
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
import type { Rect } from '../../geometry';
import { ENDLESS, letterPlaces, placeAt } from '../../lettering';
import { asWords } from '../../marks';
import type { TextLook } from '../../model';
import { inColour, textLook } from '../../style';
import { WHOLE, type Of, type Play } from '../play';
import { EDGE } from '../beside';

/** Where its words stand. */
function roomIn(rect: Rect): Rect {
  const edge = rect.height * EDGE;
  return inset(rect, { top: 0, right: edge, bottom: 0, left: edge });
}

/** What is typed, or faintly what is to be typed. */
function draw(element: Of<'entry'>, face: ControlStyle): Item[] {
  const { project, rect, look, ink, held, typing, said } = face;
  const room = roomIn(rect);
  const words = wordsOf(held);
  const style: TextLook = { ...ink, align: 'start', wrap: 'cut' };
  const faint = inColour(style, `${ink.colour.slice(0, 7)}99`);
  const still =
    words === ''
      ? saidText(project, element.id, room, said, faint, 'middle')
      : typing
        ? []
        : saidText(project, element.id, room, asWords(words), style, 'middle');
  return [...box(element.id, rect, look), ...still, ...(typing ? typed(element, face, words, style) : [])];
}

/** Words while they are typed, with what of them is selected and the caret; what has no room is cut off at both ends. */
function typed(
  element: Of<'entry'>,
  { project, rect, states, look, ink, typing }: ControlStyle,
  words: string,
  style: TextLook,
): Item[] {
  const { anchor, caret, moved } = typing!;
  const room = roomIn(rect);
  const places = letterPlaces(project, words, ink);
  const [from, to] = [placeAt(places, Math.min(anchor, caret)), placeAt(places, Math.max(anchor, caret))];
  const tall = { y: rect.y + rect.height * 0.25, height: rect.height * 0.5 };
  const colour = look.ink ?? ink.colour;
  const items: Item[] = [];
  if (from.at < to.at) {
    const chosen = { ...tall, x: room.x + from.x, width: to.x - from.x };
    const own = partOf(project, element.parts?.selection, states);
    if (own) items.push(...partAbout({ ...own, width: chosen.width }, chosen));
    else items.push(plain(null, chosen, `${colour.slice(0, 7)}55`));
  }
  items.push(...text(project, element.id, { ...room, width: ENDLESS.width }, words, style, 'middle'));
  const line = { ...tall, x: room.x + placeAt(places, caret).x - 1.5, width: 3 };
  const own = partOf(project, element.parts?.caret, states);
  if (own) items.push(...partAbout(own, { ...line, width: own.width ?? line.width }));
  else items.push(plain(null, line, colour));
  const clip = { ...rect, x: room.x - CARET, width: room.width + 2 * CARET, corner: 0 };
  return [group([group(items, { x: -moved })], { clip })];
}
/** As much of a caret as is seen beyond the room of the words, in design pixels. */
const CARET = 6;

export const entry: Play<Of<'entry'>> = {
  changes: true,
  paint: (element, { project, rect, looks }) =>
    ringed(project, element, rect, looks, draw(element, controlStyleOf(project, element, rect, looks))),
  speak: { role: 'textbox', tell: (_, { held }) => ({ state: wordsOf(held) }) },
  focus: WHOLE,
  use: { takes: (use) => use === 'confirm' },
  asksFor: 'words',
  typed: (element, rect, project, words) => ({
    room: roomIn(rect),
    places: letterPlaces(project, words, textLook(project, element.look)),
  }),
};
