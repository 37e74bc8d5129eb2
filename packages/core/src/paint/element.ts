import type { Item, RenderState } from '../drawing';
import { playOf } from '../elements';
import type { Rect } from '../geometry';
import type { Element, Project } from '../model';

/** One element by itself, without what it holds. `unfocused`: it is on a screen that never has the focus. */
export const paintElement = (
  project: Project,
  element: Element,
  rect: Rect,
  looks: RenderState,
  unfocused: boolean,
): Item[] => {
  const said = looks.texts[element.id] ?? ('text' in element ? element.text : '');
  return playOf(element).paint(element, { project, rect, looks, unfocused, said });
};
