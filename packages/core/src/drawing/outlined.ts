import type { Rect } from '../geometry';
import type { Id } from '../model';
import type { DrawnBox } from '../style';
import { group, type Item, type PathItem } from './items';
import { CLEAR, faced, facePicture, soft } from './shapes';

/** Shapes told by their outline, which are filled, bordered and shaded as boxes are. */

/** An oval as large as a rect. */
export const ellipse = (id: Id | null, rect: Rect, look: DrawnBox): Item[] =>
  outlined(id, rect, ovalPath(rect), look);

/** Two half turns from the left to the right and back, as SVG path data. */
export function ovalPath({ x, y, width, height }: Rect): string {
  const radii = `${width / 2} ${height / 2}`;
  const middle = y + height / 2;
  return `M${x} ${middle}A${radii} 0 0 1 ${x + width} ${middle}A${radii} 0 0 1 ${x} ${middle}Z`;
}

/** A closed shape with its shadow beneath and its outline round it; its border lies within it. */
export function outlined(id: Id | null, rect: Rect, path: string, look: DrawnBox): Item[] {
  const { fill, gradient, border, borderWidth, dashes, picture, shadow, outline } = look;
  if (path === '') return [];
  const item = (over: Partial<PathItem>): PathItem => ({
    kind: 'path',
    id: null,
    path,
    fill: CLEAR,
    border: CLEAR,
    borderWidth: 0,
    ...over,
  });
  const items: Item[] = [];
  if (shadow)
    items.push(group([soft(shadow.blur, [item({ fill: shadow.colour })])], { x: shadow.x, y: shadow.y }));
  if (outline) {
    const line = item({ border: outline.colour, borderWidth: outline.width * 2 });
    items.push(group([line], { cut: path, outside: true }));
  }
  const filled = item({ id, fill, ...(gradient ? { gradient } : {}) });
  // Half of a line lies on either side of its path, so that it is drawn twice as wide and cut off.
  const edge = item({ border, borderWidth: borderWidth * 2, ...(dashes ? { dashes } : {}) });
  const bordered = borderWidth > 0 && border !== CLEAR ? [group([edge], { cut: path })] : [];
  if (!picture || picture === 'none') return [...items, filled, ...bordered];
  const cut = group([facePicture(rect, picture, 0)], { cut: path });
  return [...items, ...faced(filled, cut, picture.under), ...bordered];
}

/** An open line: its border, with its shadow beneath and its outline on both sides. */
export function lined(id: Id | null, path: string, look: DrawnBox): Item[] {
  const { border, borderWidth, dashes, shadow, outline } = look;
  if (path === '') return [];
  const line = (colour: string, width: number): PathItem => ({
    kind: 'path',
    id: null,
    path,
    fill: CLEAR,
    border: colour,
    borderWidth: width,
  });
  return [
    ...(shadow
      ? [group([soft(shadow.blur, [line(shadow.colour, borderWidth)])], { x: shadow.x, y: shadow.y })]
      : []),
    ...(outline ? [line(outline.colour, borderWidth + outline.width * 2)] : []),
    { ...line(border, borderWidth), id, ...(dashes ? { dashes } : {}) },
  ];
}
