import type { Rect } from '../geometry';
import type { Id, Project, TextLook } from '../model';
import { padOf } from '../keys';
import { capWords } from '../lettering';
import { inColour, type DrawnBox } from '../style';
import type { Item } from './items';
import { text } from './text';
import { box, CLEAR, plain } from './shapes';

/** A key or pad button as it is drawn in prompts. `look` is that of the cap, `ink` of what stands on it. */
export interface Keycap {
  project: Project;
  id: Id;
  code: string;
  look: DrawnBox;
  ink: TextLook;
}

/**
 * A key as a cap with its name; of the four buttons and the cross of a pad, the one that is meant is filled, so that makers' letters
 * are not needed; shoulders and the rest as a bar with a word.
 */
export function keycapItems(cap: Keycap, rect: Rect): Item[] {
  const { code, look, ink } = cap;
  const pad = padOf(code);
  const mark = look.ink ?? ink.colour;
  if (pad !== null && pad < 4) return faceButtons(rect, FACES[pad]!, mark);
  if (pad !== null && pad >= 12 && pad < 16) return cross(rect, ARMS[pad - 12]!, mark);
  const face = pad === null ? look : { ...look, corner: rect.height / 2 };
  return [
    ...box(cap.id, rect, face),
    ...text(
      cap.project,
      cap.id,
      rect,
      capWords(code),
      { ...inColour(ink, mark), align: 'centre', wrap: 'cut' },
      'middle',
    ),
  ];
}

type Direction = readonly [number, number];
/** Where each of the four stands about their middle: bottom, right, left, top. */
const FACES: readonly Direction[] = [
  [0, 1],
  [1, 0],
  [-1, 0],
  [0, -1],
];
/** Up, down, left, right. */
const ARMS: readonly Direction[] = [
  [0, -1],
  [0, 1],
  [-1, 0],
  [1, 0],
];

function faceButtons(rect: Rect, meant: Direction, mark: string): Item[] {
  const size = rect.height * 0.34;
  const [x, y] = [rect.x + rect.width / 2, rect.y + rect.height / 2];
  return FACES.map((way): Item => {
    const spot = {
      x: x + way[0] * size * 0.92 - size / 2,
      y: y + way[1] * size * 0.92 - size / 2,
      width: size,
      height: size,
    };
    const filled = way[0] === meant[0] && way[1] === meant[1];
    return {
      ...plain(null, spot, filled ? mark : CLEAR),
      corner: size / 2,
      border: mark,
      borderWidth: Math.max(1.5, size * 0.12),
    };
  });
}

function cross(rect: Rect, meant: Direction, mark: string): Item[] {
  const arm = rect.height * 0.28;
  const [x, y] = [rect.x + rect.width / 2, rect.y + rect.height / 2];
  return ARMS.map((way): Item => {
    const spot = { x: x + way[0] * arm - arm / 2, y: y + way[1] * arm - arm / 2, width: arm, height: arm };
    const filled = way[0] === meant[0] && way[1] === meant[1];
    return {
      ...plain(null, spot, filled ? mark : CLEAR),
      corner: arm * 0.15,
      border: mark,
      borderWidth: Math.max(1.5, arm * 0.12),
    };
  });
}
