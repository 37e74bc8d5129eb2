import type { Rect } from '../layout';
import type { Align, BoxLook, BubbleElement, Id, Project, Stand, TextLook } from '../model';
import { fontOf, layText } from '../text';
import { group, type Anchor, type Item } from './items';

/** A box with its shadow beneath and its outline round it. */
export function box(id: Id | null, rect: Rect, look: BoxLook): Item[] {
  const { fill, gradient, border, borderWidth, corner, shadow, outline } = look;
  const items: Item[] = [];
  if (shadow)
    items.push(
      soft(shadow.blur, [
        {
          ...plain(null, { ...rect, x: rect.x + shadow.x, y: rect.y + shadow.y }, shadow.colour),
          corner,
        },
      ]),
    );
  if (outline)
    items.push({
      ...plain(null, grown(rect, outline.width), CLEAR),
      border: outline.colour,
      borderWidth: outline.width,
      corner: corner + outline.width,
    });
  items.push({ kind: 'box', id, rect, fill, border, borderWidth, corner, ...(gradient ? { gradient } : {}) });
  return items;
}

export const CLEAR = '#00000000';

/** A box of one colour. */
export const plain = (id: Id | null, rect: Rect, fill: string): Item & { kind: 'box' } => ({
  kind: 'box',
  id,
  rect,
  fill,
  border: CLEAR,
  borderWidth: 0,
  corner: 0,
});

const soft = (blur: number, items: Item[]): Item => group(items, blur > 0 ? { blur: blur / 2 } : {});

const ANCHORS: Record<Align, Anchor> = { start: 'start', centre: 'middle', end: 'end' };

/** Text laid into its box; each line's baseline stands as CSS line boxes put it. */
export function text(
  project: Project,
  id: Id,
  rect: Rect,
  value: string,
  look: TextLook,
  stand: Stand = look.stand ?? 'top',
): Item[] {
  if (value === '') return [];
  const { face, metrics } = fontOf(project, look);
  const block = layText(value, look, metrics, rect);
  const scale = block.size / metrics.unitsPerEm;
  const rise = (block.step - (metrics.ascender - metrics.descender) * scale) / 2 + metrics.ascender * scale;
  const free = rect.height - block.height;
  const top = rect.y + (stand === 'top' ? 0 : stand === 'middle' ? free / 2 : free);
  const letters = look.letters ?? 0;
  // The room after the last letter of a line is no part of it.
  const x =
    rect.x + { start: 0, centre: rect.width / 2 + letters / 2, end: rect.width + letters }[look.align];
  const item: Item = {
    kind: 'text',
    id,
    rect,
    lines: block.lines.map((line, i) => ({ ...line, x, y: top + block.step * i + rise })),
    face,
    size: block.size,
    colour: look.colour,
    anchor: ANCHORS[look.align],
    letters,
    ...(look.outline ? { outline: look.outline } : {}),
  };
  const { shadow } = look;
  if (!shadow) return [item];
  const under = { ...item, colour: shadow.colour, outline: undefined };
  return [{ ...soft(shadow.blur, [under]), x: shadow.x, y: shadow.y } as Item, item];
}

export const grown = (rect: Rect, by: number): Rect => ({
  x: rect.x - by,
  y: rect.y - by,
  width: rect.width + 2 * by,
  height: rect.height + 2 * by,
});

/** The part of a rect inside distances from its edges. */
export const inset = (
  rect: Rect,
  by: { top: number; right: number; bottom: number; left: number },
): Rect => ({
  x: rect.x + by.left,
  y: rect.y + by.top,
  width: Math.max(0, rect.width - by.left - by.right),
  height: Math.max(0, rect.height - by.top - by.bottom),
});

/** The outline of a speech bubble with its tail, as SVG path data. */
export function bubblePath(rect: Rect, corner: number, { shape, tail }: BubbleElement): string {
  switch (shape) {
    case 'shout':
      return spiky(rect, tail);
    case 'thought':
      return `${rounded(rect, Math.min(rect.width, rect.height) / 2, undefined)}${drops(rect, tail)}`;
    default:
      return rounded(rect, shape === 'radio' || shape === 'caption' ? Math.min(corner, 6) : corner, tail);
  }
}

type Tail = BubbleElement['tail'];

/** How far a tail reaches out, and half of its foot. */
const REACH = 36;
const FOOT = 18;

const n = (value: number): string => String(Math.round(value * 100) / 100);

/** A rectangle with round corners, walked clockwise from its top left, with the tail where it comes by. */
function rounded({ x, y, width, height }: Rect, corner: number, tail: Tail): string {
  const r = Math.max(0, Math.min(corner, width / 2, height / 2));
  const at = (length: number): number => {
    const foot = Math.min(FOOT, length / 2 - r);
    return Math.max(r + foot, Math.min(length - r - foot, (tail?.at ?? 0.5) * length));
  };
  const [right, bottom] = [x + width, y + height];
  const arc = (toX: number, toY: number): string =>
    r > 0 ? `A${n(r)} ${n(r)} 0 0 1 ${n(toX)} ${n(toY)}` : '';
  const along = at(tail?.side === 'left' || tail?.side === 'right' ? height : width);
  const tip = {
    top: `L${n(x + along - FOOT)} ${n(y)}L${n(x + along)} ${n(y - REACH)}L${n(x + along + FOOT)} ${n(y)}`,
    right: `L${n(right)} ${n(y + along - FOOT)}L${n(right + REACH)} ${n(y + along)}L${n(right)} ${n(y + along + FOOT)}`,
    bottom: `L${n(x + along + FOOT)} ${n(bottom)}L${n(x + along)} ${n(bottom + REACH)}L${n(x + along - FOOT)} ${n(bottom)}`,
    left: `L${n(x)} ${n(y + along + FOOT)}L${n(x - REACH)} ${n(y + along)}L${n(x)} ${n(y + along - FOOT)}`,
  };
  const side = (name: keyof typeof tip): string => (tail?.side === name ? tip[name] : '');
  return [
    `M${n(x + r)} ${n(y)}`,
    side('top'),
    `L${n(right - r)} ${n(y)}`,
    arc(right, y + r),
    side('right'),
    `L${n(right)} ${n(bottom - r)}`,
    arc(right - r, bottom),
    side('bottom'),
    `L${n(x + r)} ${n(bottom)}`,
    arc(x, bottom - r),
    side('left'),
    `L${n(x)} ${n(y + r)}`,
    arc(x + r, y),
    'Z',
  ].join('');
}

/** A star round the rectangle, for what is shouted; the tail is a longer spike. */
function spiky(rect: Rect, tail: Tail): string {
  const { x, y, width, height } = rect;
  const count = Math.max(12, 2 * Math.round((width + height) / 90));
  const [cx, cy] = [x + width / 2, y + height / 2];
  const points: string[] = [];
  const goal = tail && tailPoint(rect, tail);
  for (let i = 0; i < count * 2; i++) {
    const angle = (i / (count * 2)) * 2 * Math.PI - Math.PI / 2;
    const far = i % 2 === 0 ? 1 : 0.86;
    let px = cx + Math.cos(angle) * (width / 2) * far * 1.12;
    let py = cy + Math.sin(angle) * (height / 2) * far * 1.12;
    if (goal && i % 2 === 0 && nearest(goal, cx, cy, angle, count)) [px, py] = [goal.x, goal.y];
    points.push(`${n(px)} ${n(py)}`);
  }
  return `M${points.join('L')}Z`;
}

function nearest(
  goal: { x: number; y: number },
  cx: number,
  cy: number,
  angle: number,
  count: number,
): boolean {
  const wanted = Math.atan2(goal.y - cy, goal.x - cx);
  const apart = Math.abs(Math.atan2(Math.sin(angle - wanted), Math.cos(angle - wanted)));
  return apart <= Math.PI / count / 1.0001;
}

/** Ever smaller circles towards whoever thinks. */
function drops(rect: Rect, tail: Tail): string {
  if (!tail) return '';
  const from = tailPoint(rect, tail, 0);
  const to = tailPoint(rect, tail);
  return [0.35, 0.75, 1.05]
    .map((share, i) => {
      const r = 14 - i * 4;
      const cx = from.x + (to.x - from.x) * share;
      const cy = from.y + (to.y - from.y) * share;
      return `M${n(cx - r)} ${n(cy)}A${r} ${r} 0 1 1 ${n(cx + r)} ${n(cy)}A${r} ${r} 0 1 1 ${n(cx - r)} ${n(cy)}Z`;
    })
    .join('');
}

function tailPoint({ x, y, width, height }: Rect, { side, at }: NonNullable<Tail>, reach = REACH) {
  if (side === 'top') return { x: x + width * at, y: y - reach };
  if (side === 'bottom') return { x: x + width * at, y: y + height + reach };
  return { x: side === 'left' ? x - reach : x + width + reach, y: y + height * at };
}
