import type { RenderState } from './render-state';
import type { Rect } from '../geometry';
import { withId, type Element, type Id, type Marker, type Project } from '../model';
import { boxStyle, markerOf, markerPart, markerRects } from '../style';
import { pictured } from './fitted';
import { group, type Item } from './items';
import { grown } from './shapes';

/** Focus is told by a shape besides colour: by its look's own marker, outline or glow, else by a ring. */
export function ringed(
  project: Project,
  element: Element,
  rect: Rect,
  looks: RenderState,
  items: Item[],
): Item[] {
  if (looks.focus !== element.id) return items;
  const marker = markerOf(project, element);
  if (marker) return [...items, ...marking(project, element.id, rect, marker)];
  const own = 'box' in element && boxStyle(project, element.box).focused;
  if (own && (own.outline || own.shadow)) return items;
  return [...items, { kind: 'ring', rect: grown(rect, 8), corner: cornerOf(items) + 8 }];
}

function marking(project: Project, id: Id, beside: Rect, marker: Marker): Item[] {
  const asset = withId(project.assets, marker.asset);
  if (!asset) return [];
  return markerRects(project, marker, beside).map(({ rect, mirrored }) => {
    const drawn = pictured(null, asset, rect, 'contain');
    const moving = group([drawn], { part: { id: markerPart(id), rect } });
    const middle = { angle: 0, x: rect.x + rect.width / 2, y: rect.y, flipped: true };
    return mirrored ? group([moving], { turn: middle }) : moving;
  });
}

const cornerOf = (items: readonly Item[]): number => {
  const first = items.find((item) => item.kind === 'box' && item.id !== null);
  return first?.kind === 'box' ? first.corner : 0;
};
