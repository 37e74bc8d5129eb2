import { framed, heldBy, indexOf, pictured, plain, type Item, type RenderState } from '../../drawing';
import type { Rect } from '../../geometry';
import {
  framesOf,
  type Id,
  type PictureElement,
  type PortraitElement,
  type Project,
  withId,
} from '../../model';

/** Its picture, that a parameter or a conversation gives in place of its own; a frame where there is none. */
export function paintPicture(
  project: Project,
  element: PictureElement | PortraitElement,
  rect: Rect,
  looks: RenderState,
): Item {
  const { id, fit } = element;
  const frames = framesNow(project, element, looks);
  if (frames.length > 0) {
    const items = framed(id, frames, rect, fit);
    const at = element.type === 'picture' ? shownBy(project, element, looks, items.length) : null;
    if (at !== null) return items[at]!;
    const first = items[0]!;
    const playing = element.type === 'picture' && element.plays !== undefined && items.length > 1;
    return playing ? { ...first, frames: items } : first;
  }
  const asset = withId(project.assets, looks.assets[id] ?? element.asset);
  if (!asset) return missing(id, rect);
  const edges = 'slice' in element ? element.slice : undefined;
  const item = pictured(id, asset, rect, fit);
  const { width, height } = asset;
  return edges ? { ...item, fit: 'slice', own: { width, height, scale: 1 }, edges } : item;
}

/** The frames it has now; one that is given from elsewhere is shown by its own cells. */
function framesNow(project: Project, element: PictureElement | PortraitElement, { assets }: RenderState) {
  const given = assets[element.id];
  if (given !== undefined) return framesOf(project, { asset: given });
  return framesOf(project, element.type === 'picture' ? element : { asset: element.asset });
}

/** The frame that its value says; null where it has none. */
function shownBy(
  project: Project,
  element: PictureElement,
  { holds }: RenderState,
  count: number,
): number | null {
  return element.value === undefined ? null : indexOf(heldBy(project, element, holds), count);
}

const missing = (id: Id, rect: Rect): Item => ({
  ...plain(id, rect, '#8899aa33'),
  border: '#8899aa',
  borderWidth: 2,
});
