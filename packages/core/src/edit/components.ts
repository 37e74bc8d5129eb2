import { elementOf, withElement } from '../triggers';
import { expand } from '../component';
import { reparentAxis } from '../layout';
import {
  childrenOf,
  freeName,
  freshId,
  type Component,
  type ComponentParameter,
  type Element,
  type Id,
  type PlacedElement,
  type Project,
  withId,
  copyOf,
} from '../model';
import { topmostOf } from './elements';
import { letGo } from '../references';
import { renameParameter } from './names';
import { freeNameIn, layoutIn, ownerById, roomIn } from './owners';
import { repathFocus } from './inputs';
import { assign, namedPlaces, removeWhere, type Made } from './parts';

/** Links that can go with a component wherever it is placed: what they lead to is no particular screen. */
const PORTABLE = new Set(['back', 'clear', 'stay', 'end']);

type WithoutId<T> = T extends unknown ? Omit<T, 'id'> : never;

/** Edits of components, and of where they are placed. */
export const componentCommands = {
  /** Makes a component of some elements and puts it where they were. Gives the id of the placed one. */
  'make component': (
    project: Project,
    { screen, elements, name }: { screen: Id; elements: Id[]; name: string },
  ): Made => {
    const owner = ownerById(project, screen);
    if (!owner) return;
    const top = topmostOf(owner, elements);
    const [first] = owner.elements.filter((element) => top.includes(element.id));
    if (!first) return;
    const layout = layoutIn(project, owner);
    const rects = top.map((id) => layout.get(id)!);
    const x = Math.min(...rects.map((rect) => rect.x));
    const y = Math.min(...rects.map((rect) => rect.y));
    const width = Math.max(1, ...rects.map((rect) => rect.x + rect.width - x));
    const height = Math.max(1, ...rects.map((rect) => rect.y + rect.height - y));
    const ids = new Set(top.flatMap((id) => childrenOf(owner, id).map((child) => child.id)));
    const inner = owner.elements.filter((element) => ids.has(element.id)).map(copyOf);
    for (const element of inner) {
      if (!top.includes(element.id)) continue;
      const rect = layout.get(element.id)!;
      element.parent = null;
      element.place = {
        x: reparentAxis(element.place.x, { start: rect.x, size: rect.width }, { start: x, size: width }),
        y: reparentAxis(element.place.y, { start: rect.y, size: rect.height }, { start: y, size: height }),
      };
    }
    const made: Component = {
      id: freshId('k'),
      name: freeComponentName(project, name),
      width,
      height,
      parameters: [],
      elements: inner,
    };
    (project.components ??= []).push(made);
    const alone = top.length === 1 ? first.place : null;
    const rooms = (axis: 'x' | 'y') => roomIn(project, owner, layout, first.parent, axis);
    const placed: PlacedElement = {
      id: freshId('e'),
      name: made.name,
      type: 'component',
      parent: first.parent,
      component: made.id,
      place: alone
        ? copyOf(alone)
        : {
            x: { at: 'start', offset: x - rooms('x').start, size: width },
            y: { at: 'start', offset: y - rooms('y').start, size: height },
          },
    };
    // A single element fills its component, so that the two are placed and sized as one.
    if (alone && inner[0])
      withId(inner, first.id)!.place = {
        x: { at: 'stretch', offset: 0, far: 0 },
        y: { at: 'stretch', offset: 0, far: 0 },
      };
    owner.elements.splice(owner.elements.indexOf(first), 0, placed);
    removeWhere(owner.elements, (element) => ids.has(element.id));
    placed.name = freeNameIn(
      { ...owner, elements: owner.elements.filter((element) => element !== placed) },
      made.name,
    );
    if ('firstFocus' in owner && owner.firstFocus && ids.has(owner.firstFocus))
      owner.firstFocus = `${placed.id}/${owner.firstFocus}`;
    if ('focus' in owner)
      repathFocus(owner, (path) => (ids.has(path.split('/')[0]!) ? `${placed.id}/${path}` : path));
    for (const link of project.links) {
      const pressed = elementOf(link.trigger);
      if (link.from !== screen || pressed === null) continue;
      const [id] = pressed.split('/');
      if (!ids.has(id!)) continue;
      if (PORTABLE.has(link.kind)) link.from = made.id;
      else link.trigger = withElement(link.trigger, `${placed.id}/${pressed}`);
    }
    return placed.id;
  },
  'change component': (
    project: Project,
    { component, change }: { component: Id; change: Partial<Pick<Component, 'name' | 'width' | 'height'>> },
  ): Made => {
    const found = withId(project.components, component);
    if (found) assign(found, change);
  },
  /** Where it is placed, its elements stand by themselves from then on. */
  'delete component': (project: Project, { component }: { component: Id }): Made => {
    if (!project.components?.some((other) => other.id === component)) return;
    for (const owner of [...project.screens, ...project.components])
      for (const placed of owner.elements.filter((element) => isPlaced(element, component)))
        dissolve(project, owner.id, placed.id);
    removeWhere(project.components, (item) => item.id === component);
    removeWhere(project.links, (link) => link.from === component);
  },
  /** Puts a component's elements in its place, as they are there. */
  'dissolve component': (project: Project, { screen, element }: { screen: Id; element: Id }): Made =>
    dissolve(project, screen, element),
  'add component parameter': (
    project: Project,
    { component, parameter }: { component: Id; parameter: WithoutId<ComponentParameter> },
  ): Made => {
    const found = withId(project.components, component);
    if (!found) return;
    const name = freeName(
      parameter.name,
      found.parameters.map((componentParameter) => componentParameter.name),
    );
    const made = { ...parameter, id: freshId('q'), name };
    found.parameters.push(made);
    return made.id;
  },
  'change component parameter': (
    project: Project,
    { component, parameter, change }: { component: Id; parameter: Id; change: Partial<ComponentParameter> },
  ): Made => {
    const found = withId(project.components, component);
    const changed = withId(found?.parameters, parameter);
    if (!found || !changed) return;
    const renamed = change.name !== undefined && change.name !== changed.name;
    const name = renamed ? renameParameter(project, found, parameter, change.name!) : changed.name;
    assign(changed, { ...change, name });
  },
  'delete component parameter': (
    project: Project,
    { component, parameter }: { component: Id; parameter: Id },
  ): Made => {
    const found = withId(project.components, component);
    if (!found) return;
    letGo(project, namedPlaces(project, 'parameter', [parameter], component));
    removeWhere(found.parameters, (componentParameter) => componentParameter.id === parameter);
  },
  /** Takes away what a place says otherwise: of one element, or of all. */
  'reset place': (
    project: Project,
    { screen, element, inner }: { screen: Id; element: Id; inner?: Id },
  ): Made => {
    const placed = ownerById(project, screen)?.elements.find((other) => other.id === element);
    if (placed?.type !== 'component' || !placed.changes) return;
    if (inner !== undefined) delete placed.changes[inner];
    if (inner === undefined || Object.keys(placed.changes).length === 0) delete placed.changes;
  },
};

const isPlaced = (element: Element, component: Id): boolean =>
  element.type === 'component' && element.component === component;

const freeComponentName = (project: Project, name: string): string =>
  freeName(
    name,
    (project.components ?? []).map((component) => component.name),
  );

function dissolve(project: Project, screen: Id, element: Id): void {
  const owner = ownerById(project, screen);
  const placed = withId(owner?.elements, element);
  if (!owner || placed?.type !== 'component') return;
  const component = withId(project.components, placed.component);
  // One level only: components within it stay components.
  const all = expand({ ...project, components: component ? [component] : [] }, [placed]).elements;
  const inner = copyOf(all.slice(1)).filter((other) => !isHeldInside(other, all));
  const fresh = new Map(inner.map((item) => [item.id, freshId('e')]));
  const id = (old: Id): Id => fresh.get(old) ?? old;
  const made = inner.map((item): Element => {
    const top = item.parent === placed.id;
    const place = { ...item.place };
    for (const axis of ['x', 'y'] as const) {
      const placement = place[axis];
      if (placement.at !== 'stretch' && placement.to !== undefined)
        place[axis] = { ...placement, to: id(placement.to) };
    }
    return { ...item, id: id(item.id), parent: top ? placed.id : id(item.parent!), place };
  });
  const at = owner.elements.indexOf(placed);
  // The component's box stays as an invisible panel, so that its elements keep their places.
  const panel: Element = {
    id: placed.id,
    name: placed.name,
    type: 'panel',
    parent: placed.parent,
    place: placed.place,
    box: {
      style: project.styles.box[0]?.id ?? 'none',
      fill: '#00000000',
      border: '#00000000',
      borderWidth: 0,
      corner: 0,
    },
  };
  const single = made.length === 1 && made[0]!.parent === placed.id;
  if (single) {
    made[0] = { ...made[0]!, parent: placed.parent, place: placed.place };
    owner.elements.splice(at, 1, made[0]);
  } else owner.elements.splice(at, 1, panel, ...made);
  for (const item of made)
    item.name = freeName(
      item.name,
      owner.elements.filter((other) => other.id !== item.id).map((other) => other.name),
    );
  for (const link of [...project.links]) {
    const pressed = elementOf(link.trigger);
    if (pressed === null) continue;
    if (link.from === owner.id && fresh.has(pressed)) link.trigger = withElement(link.trigger, id(pressed));
    else if (link.from === placed.component && fresh.has(`${placed.id}/${pressed}`))
      project.links.push({
        ...copyOf(link),
        id: freshId('l'),
        from: owner.id,
        trigger: withElement(link.trigger, id(`${placed.id}/${pressed}`)),
      });
  }
}

/** Whether an element belongs to a component within the one that is dissolved. */
const isHeldInside = (element: Element, all: readonly Element[]): boolean =>
  all.some(
    (other) => other.type === 'component' && other !== all[0] && element.id.startsWith(`${other.id}/`),
  );
