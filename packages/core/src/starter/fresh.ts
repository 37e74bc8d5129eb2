import { AUTHOR } from '../elements/author';
import { type Element, type ElementType, type Id, type Place, type Project, withId } from '../model';
import { at, centre } from './pieces';

/**
 * An element of a type as it is when first made: in the middle of what holds it, at a sensible size, in the default
 * styles.
 */
export function freshElement(
  project: Project,
  type: Exclude<ElementType, 'component'>,
  place: Place = at(centre(0, AUTHOR[type].size[0]), centre(0, AUTHOR[type].size[1])),
): Element {
  const { label, fresh } = AUTHOR[type];
  const text = (wanted: Id): { style: Id } => ({ style: known(project.styles.text, wanted) });
  const box = (wanted: Id): { style: Id } => ({ style: known(project.styles.box, wanted) });
  const pressed = { look: text('t-button'), box: box('b-button') };
  const own = fresh!({ project, label, text, box, pressed });
  return { id: '', name: label, parent: null, place, type, ...own } as Element;
}

/** The style of that id, or the first there is. */
const known = (styles: readonly { id: Id }[], wanted: Id): Id =>
  (withId(styles, wanted) ?? styles[0])?.id ?? wanted;
