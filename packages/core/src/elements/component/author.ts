import { byId, type PlacedElement, withId } from '../../model';
import { id, record, type Part } from '../../walk';
import { referencesOf } from '../author';
import type { Author } from '../authoring';
import * as named from '../named';

/** What the parameters of a placed component hold: words are said where it is placed. */
const args: Part<NonNullable<PlacedElement['args']>> = (given, walk) => {
  const component = walk.components.get(walk.beside);
  for (const [parameter, what] of Object.entries(given)) {
    walk.path.push(parameter);
    walk.tell({ is: 'id', of: 'parameter', id: parameter, within: walk.beside, gone: 'left out', key: true });
    const type = withId(component?.parameters, parameter)?.type;
    if (type === 'text' && typeof what === 'string') walk.text(what, `${walk.key} ${parameter}`, true);
    if (type === 'picture' && typeof what === 'string' && what !== '')
      walk.tell({ is: 'id', of: 'asset', id: what, within: null, gone: { put: '' } });
    walk.path.pop();
  }
};

/** The overrides of a placed component, by element: only the fields that differ. */
const changes: Part<NonNullable<PlacedElement['changes']>> = (given, walk) => {
  const component = walk.components.get(walk.beside);
  const around = component
    ? { of: component.id, parameters: component.parameters, event: null, fields: [] }
    : walk.around;
  for (const [inner, change] of Object.entries(given)) {
    walk.path.push(inner);
    walk.tell({ is: 'id', of: 'element', id: inner, within: walk.beside, gone: 'left out', key: true });
    const type = component && byId(component.elements).get(inner)?.type;
    if (type)
      walk.with({ holder: component.id, key: `${walk.key}/${inner}`, around, asked: around }, () =>
        (referencesOf(type) as Part<object>)(change, walk),
      );
    walk.path.pop();
  }
};

const placedFields = record<PlacedElement>({ ...named.base, component: id('component'), args, changes });
const references: Part<PlacedElement> = (element, walk) =>
  walk.with({ beside: element.component }, () => placedFields(element, walk));

export const component: Author<'component'> = {
  label: 'Component',
  size: [400, 100],
  references,
};
