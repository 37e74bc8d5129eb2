import { knownFields, renameIn, scopeWith, scopeWithTime, type Scope } from '../expression';
import { listOfRows } from '../lists';
import {
  identifierOf,
  type Placement,
  type Component,
  type Element,
  type Id,
  type ListValue,
  type PlacedElement,
  type Project,
  type Scalar,
  type ComponentParameter,
  type Parameter,
  type Screen,
  withId,
} from '../model';
import { leftOut } from './unfold';

/** Elements of a component go by a path where it is placed: the placed element's id, a stroke, and their own. */
export const pathOf = (placed: Id, inner: Id): Id => `${placed}/${inner}`;

/** How deep components may be nested; deeper ones, and a component within itself, are left out. */
const DEEPEST = 8;

/**
 * The elements of a screen with what its components hold put in, and what those components are. The very same list when
 * there are none.
 */
export function expand(
  project: Project,
  elements: readonly Element[],
): { elements: readonly Element[]; components: readonly Component[] } {
  if (!elements.some((element) => element.type === 'component')) return { elements, components: NONE };
  const used: Component[] = [];
  const out = leftOut(project, elements);
  const made = elements.flatMap((element) => [
    element,
    ...(element.type === 'component' && !out.has(element) ? innerOf(project, element, used, []) : []),
  ]);
  return { elements: made, components: used };
}

const NONE: readonly Component[] = [];

export const componentById = (project: Project, id: Id | null | undefined): Component | undefined =>
  withId(project.components, id);

/**
 * The elements of a component where a row of a list is, by their paths there. What its parameters say in texts and
 * conditions is not put in: these are named with what they hold.
 */
export function expandRow(
  project: Project,
  placed: PlacedElement,
): { elements: readonly Element[]; components: readonly Component[] } {
  const used: Component[] = [];
  const out = leftOut(project, [placed]);
  return { elements: out.has(placed) ? [] : innerOf(project, placed, used, [], true), components: used };
}

function innerOf(
  project: Project,
  placed: PlacedElement,
  used: Component[],
  around: readonly Id[],
  named = false,
): Element[] {
  const component = componentById(project, placed.component);
  if (!component || around.includes(component.id) || around.length >= DEEPEST) return [];
  if (!used.includes(component)) used.push(component);
  const args = argumentsOf(component, placed);
  return component.elements.flatMap((inner) => {
    const change = placed.changes?.[inner.id];
    const own = told(placedInner(placed.id, change ? changed(inner, change) : inner), component, args, named);
    if (own.type !== 'component') return [own];
    return [own, ...innerOf(project, own, used, [...around, component.id])];
  });
}

/** What each parameter holds where a component is placed. */
export function argumentsOf(component: Component, placed: PlacedElement): Record<Id, Scalar> {
  const held: Record<Id, Scalar> = {};
  for (const parameter of component.parameters) {
    const given = placed.args?.[parameter.id];
    held[parameter.id] = typeof given === typeof parameter.default ? given! : parameter.default;
  }
  return held;
}

/** An element with a place's exceptions over it; of looks and boxes single fields. */
export function changed(element: Element, change: Record<string, unknown>): Element {
  const made: Record<string, unknown> = { ...element };
  for (const [key, value] of Object.entries(change)) {
    const old = made[key];
    made[key] = LOOKS.has(key) && isObject(old) && isObject(value) ? { ...old, ...value } : value;
  }
  return made as unknown as Element;
}

/** Parts of an element of which a place may change single fields. */
export const LOOKS: ReadonlySet<string> = new Set(['look', 'box', 'bar', 'place']);

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;

function placedInner(placed: Id, inner: Element): Element {
  const axis = (item: Placement): Placement =>
    item.at !== 'stretch' && item.to !== undefined ? { ...item, to: pathOf(placed, item.to) } : item;
  return {
    ...inner,
    id: pathOf(placed, inner.id),
    parent: inner.parent === null ? placed : pathOf(placed, inner.parent),
    place: { x: axis(inner.place.x), y: axis(inner.place.y) },
  };
}

/** Puts the parameters' values where they are named. */
function told(element: Element, component: Component, args: Record<Id, Scalar>, named: boolean): Element {
  if (component.parameters.length === 0) return element;
  const made: Record<string, unknown> = { ...element };
  for (const parameter of component.parameters) {
    const name = identifierOf(parameter.name);
    const given = args[parameter.id]!;
    const said = (text: string): string =>
      text.replace(/\{\s*([^{}\s]+)\s*\}/g, (whole, named: string) =>
        named === name ? String(given) : whole,
      );
    if (parameter.type === 'text' && !named)
      for (const key of ['text', 'tooltip']) if (typeof made[key] === 'string') made[key] = said(made[key]);
    // An argument of an inner component may itself be a parameter of the outer one.
    if (parameter.type === 'text' && element.type === 'component' && made.args)
      made.args = Object.fromEntries(
        Object.entries(made.args as Record<Id, Scalar>).map(([id, each]) => [
          id,
          typeof each === 'string' ? said(each) : each,
        ]),
      );
    if (parameter.type === 'picture' && made.from === parameter.id) {
      made.asset = given === '' ? null : given;
      delete made.from;
    }
    if (parameter.type === 'on/off' && !named)
      for (const key of ['shownWhen', 'enabledWhen'])
        if (typeof made[key] === 'string')
          made[key] = renameIn(made[key], 'name', parameter.name, String(given));
  }
  return made as unknown as Element;
}

/** The element that an id or path names on a screen, as its component has it. */
export function elementAt(
  project: Project,
  elements: readonly Element[] | undefined,
  path: Id | null | undefined,
): Element | undefined {
  let found = withId(elements, path);
  if (found || !path?.includes('/')) return found;
  let held = elements;
  for (const id of path.split('/')) {
    found = withId(held, id);
    held = found?.type === 'component' ? componentById(project, found.component)?.elements : undefined;
  }
  return found;
}

/**
 * An element as it is written where a path leads, and what it may name there: its component's parameters, or its
 * screen's.
 */
export interface Written {
  element: Element;
  parameters: readonly (ComponentParameter | Parameter)[];
  /** The list whose rows its component is. */
  list?: ListValue;
}

/**
 * The element that an id or path names on a screen, with the exceptions of its place over it, and what parameters say not
 * yet put in: `{label}` stays as it is.
 */
export function writtenAt(project: Project, screen: Screen, path: Id): Written | null {
  const cut = path.lastIndexOf('/');
  if (cut < 0) {
    const own = withId(screen.elements, path);
    return own ? { element: own, parameters: screen.parameters ?? [] } : null;
  }
  const placed = elementAt(project, screen.elements, path.slice(0, cut));
  if (placed?.type !== 'component') return null;
  const component = componentById(project, placed.component);
  const inner = withId(component?.elements, path.slice(cut + 1));
  if (!component || !inner) return null;
  const change = placed.changes?.[inner.id];
  const list = listOfRows(project, component.id);
  const element = change ? changed(inner, change) : inner;
  return { element, parameters: component.parameters, ...(list ? { list } : {}) };
}

/** What an element may name where it is written. */
export function scopeOfWritten(project: Project, { element, parameters, list }: Written): Scope {
  const plain = scopeWith(project, parameters);
  const scope = 'timer' in element && element.timer ? scopeWithTime(plain, element.timer) : plain;
  return list ? { ...scope, row: knownFields(list, 'row') } : scope;
}
