import type { Rect } from '../geometry';
import { type Element, type Id, type Marker, type Project, withId } from '../model';
import { boxStyle } from './looks';

/** The name of a marker's own loop among an element's animations. */
export const MARKER = 'marker';

/** What an element's marker is called where things move. */
export const markerPart = (element: Id): Id => `${element} ${MARKER}`;

/**
 * The picture that stands beside an element while it has the focus; undefined without one, or where its picture is
 * gone.
 */
export function markerOf(project: Project, element: Element): Marker | undefined {
  if (!('box' in element)) return undefined;
  const { marker } = boxStyle(project, element.box);
  return marker && project.assets.some((asset) => asset.id === marker.asset) ? marker : undefined;
}

/**
 * Where it stands beside a rect, as high as it says and in its picture's proportions; on the right in the other
 * direction.
 */
export function markerRects(
  project: Project,
  { asset, side, size, gap }: Marker,
  beside: Rect,
): { rect: Rect; mirrored: boolean }[] {
  const { width, height } = withId(project.assets, asset)!;
  const wide = height > 0 ? (size * width) / height : size;
  const at = (x: number): Rect => ({
    x,
    y: beside.y + (beside.height - size) / 2,
    width: wide,
    height: size,
  });
  return [
    ...(side === 'right' ? [] : [{ rect: at(beside.x - gap - wide), mirrored: false }]),
    ...(side === 'left' ? [] : [{ rect: at(beside.x + beside.width + gap), mirrored: side === 'both' }]),
  ];
}
