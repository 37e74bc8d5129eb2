import { componentById, expandRow, pathOf } from '../component';
import { knownFields, scopeOfScreen, type Known, type Scope } from '../expression';
import { listById, type ListedRow } from '../lists';
import {
  identifierOf,
  scalarWords,
  withId,
  zeroOf,
  type BoxUse,
  type Component,
  type ComponentParameter,
  type Element,
  type Field,
  type Id,
  type ListElement,
  type ListValue,
  type PlacedElement,
  type Scalar,
} from '../model';
import { playOf } from '../elements';
import { elementOf, triggerOf, withElement } from '../triggers';
import { rowRects, type Piece } from './rows';
import { assemble } from './screen';
import type { CompiledLink, CompiledScreen, Flow, PlacedRow } from './types';

/** What one list element shows: rows, or a piece in place of them. */
export interface Filling {
  rows: readonly ListedRow[];
  /** Which of its places are drawn, in order. */
  places: readonly number[];
  /** What stands in place of rows. */
  piece: Piece | null;
  /** Why it failed, in words for players. */
  why: string;
  /** How many more rows the list could hold, each shown as a place that is not taken. */
  open: number;
}

/** A row's key within a path: without what parts paths, and without a space, which ids have none of. */
export const keyInPath = (key: string): string =>
  key.replace(/[%/:\s]/g, (sign) => `%${sign.charCodeAt(0).toString(16).padStart(4, '0')}`);

/** A screen with what its lists hold put in: each row is made of its component, and is one of its elements. */
export function fillScreen(
  flow: Flow,
  bare: CompiledScreen,
  fillings: ReadonlyMap<Id, Filling>,
): CompiledScreen {
  const filled = new Filler(flow, bare);
  for (const element of bare.elements) {
    filled.elements.push(element);
    const filling = fillings.get(element.id);
    if (element.type === 'list' && filling) filled.fill(element, filling);
  }
  return filled.screen();
}

class Filler {
  readonly elements: Element[] = [];
  readonly #components: Component[];
  readonly #inRows: CompiledLink[] = [];
  readonly #scopes = new Map<Id, Scope>();
  readonly #rows = new Map<Id, PlacedRow>();
  readonly #plain: Scope;
  readonly #filled = new Set<Id>();
  /** What a press on a row is a press on, by the row's path. */
  readonly #pressed = new Map<Id, Id>();

  constructor(
    readonly flow: Flow,
    readonly bare: CompiledScreen,
  ) {
    this.#components = [...bare.components];
    this.#plain = scopeOfScreen(flow.project, bare.screen);
  }

  screen(): CompiledScreen {
    const { flow, bare } = this;
    const sources = [bare.sources[0]!, ...this.#components.map(({ id }) => flow.bySource.get(id) ?? [])];
    const own = new Set(bare.elements);
    const screen = assemble(flow, bare.screen, {
      elements: this.elements,
      components: this.#components,
      sources,
      rows: { elements: new Set(this.elements.filter((each) => !own.has(each))), links: this.#inRows },
      scopeOf: (element) => this.#scopes.get(element),
    });
    return { ...screen, rows: this.#rows, pressable: this.#pressable(screen) };
  }

  /** A press beside what a row is pressed on counts for it; one on a list beside its rows, for nothing. */
  #pressable({ pressable }: CompiledScreen): Map<Id, Id> {
    const now = new Map(pressable);
    for (const [on, pressed] of pressable) {
      const list = this.#rows.get(on)?.list ?? on;
      if (pressed !== list || !this.#filled.has(list)) continue;
      const target = this.#pressed.get(this.#rows.get(on)?.path ?? '');
      if (target === undefined) now.delete(on);
      else now.set(on, target);
    }
    return now;
  }

  fill(element: ListElement, filling: Filling): void {
    const { project } = this.flow;
    const list = listById(project, element.list);
    if (!list) return;
    this.#filled.add(element.id);
    const rects = rowRects(element, this.bare.layout.get(element.id)!);
    if (filling.piece !== null) {
      const made = componentById(project, element[filling.piece]);
      if (made) this.#put(element, made, `:${filling.piece}`, rects.all, told(made, filling.why));
      return;
    }
    const row = componentById(project, element.row);
    const open = componentById(project, element.open);
    for (const at of filling.places) {
      const listed = filling.rows[at];
      if (listed && row) this.#row(element, list, row, listed, at, filling.rows.length, rects.at(at));
      else if (!listed && open) this.#put(element, open, `:open ${at}`, rects.at(at), {});
    }
  }

  #row(
    element: ListElement,
    list: ListValue,
    made: Component,
    { key, held }: ListedRow,
    at: number,
    count: number,
    place: Element['place'],
  ): void {
    const { project } = this.flow;
    const path = pathOf(element.id, keyInPath(key));
    const { args, known } = heldIn(made, list, element.told, held);
    const inner = expandRow(project, placedAs(path, made, element.id, place, args));
    const own = this.#linksOf(element.id);
    const taken = new Set(
      inner.components.flatMap(({ id }) => [...(this.flow.bySource.get(id) ?? [])]).map(({ key }) => key),
    );
    const free = inner.elements.filter(
      (each) => playOf(each).focus !== undefined && !taken.has(each.id.slice(path.length + 1)),
    );
    const name = nameOf(list, held);
    // Where nothing in it can be pressed for it, all of it can be.
    this.elements.push(
      own.length > 0 && free.length === 0
        ? { ...bandOf(element, path, name, place), type: 'button', text: '', look: element.look }
        : { ...bandOf(element, path, name, place), type: 'panel' },
      ...inner.elements,
    );
    const scope: Scope = {
      ...this.#plain,
      names: new Map([...this.#plain.names, ...known]),
      row: knownFields(list, 'row', held),
    };
    const placed: PlacedRow = { list: element.id, path, key, at, count };
    this.#rows.set(path, placed);
    for (const each of inner.elements) {
      this.#scopes.set(each.id, scope);
      this.#rows.set(each.id, placed);
    }
    const inRow = { path, held };
    for (const component of inner.components) {
      if (!this.#components.includes(component)) this.#components.push(component);
      // Links of what is placed within the row are named by its path there.
      const places = component === made ? [path] : placesOf(inner.elements, component.id);
      this.#link(component.id, places, inRow);
    }
    if (own.length === 0) return;
    const target = free[0]?.id ?? path;
    this.#pressed.set(path, target);
    for (const link of own)
      this.#inRows.push({ ...link, key: target, inRow, trigger: withElement(link.trigger, target) });
  }

  /** The links of a component where it is: those of what is pressed by its path, those of a row with what it holds. */
  #link(component: Id, places: readonly Id[], inRow: CompiledLink['inRow']): void {
    for (const link of this.flow.bySource.get(component) ?? []) {
      const pressed = elementOf(link.trigger);
      if (pressed !== null)
        for (const place of places) {
          const key = pathOf(place, pressed);
          this.#inRows.push({ ...link, key, inRow, trigger: withElement(link.trigger, key) });
        }
      else if (triggerOf(link.trigger).life === 'searched') this.#inRows.push({ ...link, inRow });
      // What is of no row is there once, however many rows there are.
      else if (!this.#inRows.some(({ id }) => id === link.id)) this.#inRows.push(link);
    }
  }

  /** The links that a press on the list as a whole sets off. */
  #linksOf(list: Id): readonly CompiledLink[] {
    return this.bare.links.searched.press.get(list) ?? [];
  }

  #put(
    element: ListElement,
    made: Component,
    name: string,
    place: Element['place'],
    args: Record<Id, Scalar>,
  ): void {
    const path = pathOf(element.id, name);
    const placed = placedAs(path, made, element.id, place, args);
    const inner = expandRow(this.flow.project, placed);
    this.elements.push(placed, ...inner.elements);
    for (const component of inner.components)
      if (!this.#components.includes(component)) this.#components.push(component);
    const known = new Map<string, Known>();
    for (const parameter of made.parameters)
      known.set(identifierOf(parameter.name), knownParameter(parameter, args[parameter.id]));
    const scope = { ...this.#plain, names: new Map([...this.#plain.names, ...known]) };
    for (const each of inner.elements) this.#scopes.set(each.id, scope);
    for (const component of inner.components)
      this.#link(component.id, component === made ? [path] : placesOf(inner.elements, component.id), null);
  }
}

const placesOf = (elements: readonly Element[], component: Id): Id[] =>
  elements.flatMap((each) => (each.type === 'component' && each.component === component ? [each.id] : []));

const placedAs = (
  id: Id,
  { id: component, name }: Component,
  parent: Id,
  place: Element['place'],
  args: Record<Id, Scalar>,
): PlacedElement => ({ id, name, type: 'component', component, parent, place, args });

/** What lies behind a row, as its list has it. */
const bandOf = (element: ListElement, id: Id, name: string, place: Element['place']) => ({
  id,
  name,
  parent: element.id,
  place,
  box: element.parts?.row ?? NO_BAND,
});
/** Nothing at all, but for an outline where it has the focus. */
const NO_BAND: BoxUse = {
  style: '',
  fill: '#00000000',
  border: '#00000000',
  borderWidth: 3,
  corner: 6,
  focused: { border: '#f0c25a' },
};

/** What a row is called where it cannot be seen: what it holds, in words. */
const nameOf = ({ fields }: ListValue, held: ListedRow['held']): string =>
  fields
    .filter(({ type }) => type !== 'picture')
    .map((field) => scalarWords(field, held[field.id]))
    .filter((words) => words !== '')
    .join(', ');

/** The first text of what stands for a failure is why. */
const told = ({ parameters }: Component, why: string): Record<Id, Scalar> => {
  const text = parameters.find(({ type }) => type === 'text');
  return text && why !== '' ? { [text.id]: why } : {};
};

const knownParameter = (parameter: ComponentParameter, held: Scalar | undefined): Known => ({
  what: 'parameter',
  id: parameter.id,
  name: parameter.name,
  type: { type: parameter.type } as Field,
  held: held ?? parameter.default,
});

/** What the parameters of a row's component hold: the fields they are told of, else those of their names. */
function heldIn(
  { parameters }: Component,
  list: ListValue,
  chosen: ListElement['told'] = {},
  held: ListedRow['held'],
): { args: Record<Id, Scalar>; known: ReadonlyMap<string, Known> } {
  const args: Record<Id, Scalar> = {};
  const known = new Map<string, Known>();
  for (const parameter of parameters) {
    const field = fieldFor(parameter, list, chosen);
    const now = field && (held[field.id] ?? zeroOf(field));
    // What is bound to a text is said in words; numbers stay numbers, for conditions and plurals.
    const fits = field && (parameter.type === 'text' || parameter.type === field.type);
    if (!fits || now === undefined) {
      known.set(identifierOf(parameter.name), knownParameter(parameter, undefined));
      continue;
    }
    args[parameter.id] = parameter.type === 'text' ? scalarWords(field, now) : now;
    known.set(identifierOf(parameter.name), {
      ...knownParameter(parameter, now),
      type: parameter.type === 'text' ? field : ({ type: parameter.type } as Field),
    });
  }
  return { args, known };
}

/** The field that a parameter of a row holds. */
export function fieldFor(
  { id, name }: Pick<ComponentParameter, 'id' | 'name'>,
  { fields }: ListValue,
  chosen: ListElement['told'] = {},
): Field | undefined {
  const said = chosen[id];
  if (said !== undefined) return withId(fields, said);
  const own = identifierOf(name).toLowerCase();
  return fields.find((field) => identifierOf(field.name).toLowerCase() === own);
}
