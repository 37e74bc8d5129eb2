import {
  box,
  text,
  controlStyleOf,
  partAbout,
  partOf,
  pictured as pictureItem,
  ringed,
  CLEAR,
  inset,
  indexOf,
  wordsOf,
  type Item,
  type ControlStyle,
  type DrawnPart,
  type Held,
} from '../../drawing';
import type { Rect } from '../../geometry';
import { withId, type Project } from '../../model';
import { WHOLE, type Of, type Play } from '../play';
import { named, besideName } from '../beside';

function draw(element: Of<'choice'>, face: ControlStyle): Item[] {
  const { project, rect, states, look, ink, held } = face;
  const { items, room } = named(face, element.id, 0.42);
  const words =
    held.type === null ? (element.options?.[indexOf(held, element.options.length)] ?? '') : wordsOf(held);
  const part = (name: 'left' | 'right') => partOf(project, element.parts?.[name], states);
  const marks = { left: part('left'), right: part('right') };
  const arrow = (side: -1 | 1): Item[] => {
    const own = side < 0 ? marks.left : marks.right;
    const x = side < 0 ? room.x + 10 : room.x + room.width - 10;
    const y = rect.y + rect.height / 2;
    if (own) {
      const wide = own.width ?? 20;
      const from = side < 0 ? room.x : room.x + room.width - wide;
      return partAbout(own, { x: from, y: y - 11, width: wide, height: 22 });
    }
    const path = `M${x} ${y - 11}L${x + side * 10} ${y}L${x} ${y + 11}Z`;
    return [{ kind: 'path', id: null, path, fill: look.ink ?? ink.colour, border: CLEAR, borderWidth: 0 }];
  };
  const beside = (mark: DrawnPart | null): number => (mark ? (mark.width ?? 20) + 10 : 30);
  const within = inset(room, { top: 0, right: beside(marks.right), bottom: 0, left: beside(marks.left) });
  const { picture, place } = pictureOf(project, element, held, within, ink.size);
  return [
    ...box(element.id, rect, look),
    ...items,
    ...arrow(-1),
    ...picture,
    ...(place ? text(project, element.id, place, words, { ...ink, align: 'centre' }, 'middle') : []),
    ...arrow(1),
  ];
}

/** Room between a picture and the words it stands beside, in design pixels. */
const GAP = 12;

/** The picture of what is chosen, and where the words go beside it; all of the room is theirs where it has none. */
function pictureOf(
  project: Project,
  { pictures = {}, pictured, options = [] }: Of<'choice'>,
  held: Held,
  room: Rect,
  size: number,
): { picture: Item[]; place: Rect | null } {
  const chosen = held.type?.type === 'choice' ? held.scalar : indexOf(held, Math.max(1, options.length));
  const asset = withId(project.assets, pictures[String(chosen)]);
  if (!asset) return { picture: [], place: room };
  const at = (rect: Rect): Item[] => [pictureItem(null, asset, rect, 'contain')];
  if (pictured === 'alone') return { picture: at(room), place: null };
  if (pictured === 'above') {
    const line = Math.min(room.height / 2, size * 1.5);
    return {
      picture: at({ ...room, height: room.height - line }),
      place: { ...room, y: room.y + room.height - line, height: line },
    };
  }
  const wide = Math.min(room.width / 2, (room.height * asset.width) / Math.max(1, asset.height));
  return {
    picture: at({ ...room, width: wide }),
    place: { ...room, x: room.x + wide + GAP, width: Math.max(0, room.width - wide - GAP) },
  };
}

export const choice: Play<Of<'choice'>> = {
  paint: (element, { project, rect, looks }) =>
    ringed(project, element, rect, looks, draw(element, controlStyleOf(project, element, rect, looks))),
  speak: {
    role: 'choice',
    tell: ({ options }, { held }) => ({
      state: held.type ? wordsOf(held) : (options?.[indexOf(held, options.length)] ?? ''),
    }),
  },
  focus: WHOLE,
  use: {
    takes: () => true,
    along: { does: 'steps', part: (element, rect) => besideName(rect, element.text !== '', 0.42) },
  },
};
