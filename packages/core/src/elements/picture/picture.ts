import { plain, type Item, type RenderState, type PictureItem } from '../../drawing';
import type { Rect } from '../../geometry';
import { type Id, type PictureElement, type PortraitElement, type Project, withId } from '../../model';

/** Its picture, that a parameter or a conversation gives in place of its own; a frame where there is none. */
export function paintPicture(
  project: Project,
  element: PictureElement | PortraitElement,
  rect: Rect,
  looks: RenderState,
): Item {
  const id = looks.assets[element.id] ?? element.asset;
  const asset = withId(project.assets, id);
  if (!asset) return missing(element.id, rect);
  const edges = 'slice' in element ? element.slice : undefined;
  const item: PictureItem = { kind: 'picture', id: element.id, rect, asset: asset.id, fit: element.fit };
  const { width, height } = asset;
  return edges ? { ...item, fit: 'slice', own: { width, height, scale: 1 }, edges } : item;
}

const missing = (id: Id, rect: Rect): Item => ({
  ...plain(id, rect, '#8899aa33'),
  border: '#8899aa',
  borderWidth: 2,
});
