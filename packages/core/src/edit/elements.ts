import { LOOKS } from '../component';
import { isNamedByWords, labelOf } from '../elements/author';
import { reparentAxis } from '../layout';
import {
  childrenOf,
  freeName,
  freshId,
  type Placement,
  type Element,
  type Id,
  type PlacedElement,
  type Project,
  isAlike,
  valueById,
  withId,
} from '../model';
import { copyElements } from './duplicate';
import { renameElement } from './names';
import { letGo, placesOf, type IdPlace } from '../references';
import { SETS, valueMeant, whereItBelongs, type Moved } from '../starter';
import {
  alongPath,
  frameIn,
  freeNameIn,
  layoutIn,
  ownerById,
  putIn,
  reach,
  roomIn,
  type Owner,
  type Reached,
} from './owners';
import { repathFocus } from './inputs';
import { addValue } from './values';
import { asWritten, assign, removeWhere, type Made } from './parts';

/** One element's change; `here` keeps it to the one place its component is seen at. */
export interface ElementChange {
  element: Id;
  change: Partial<Element>;
  here?: boolean;
}

/** Edits of what is on screens and in components; `screen` is either's id, elements go by id or path. */
export const elementCommands = {
  /** With what makes room for it. */
  'add element': (
    project: Project,
    { screen, element, moves = [] }: { screen: Id; element: Omit<Element, 'id'>; moves?: readonly Moved[] },
  ): Made => {
    const owner = ownerById(project, screen);
    if (!owner) return;
    move(owner, moves);
    const made = { ...element, id: freshId('e'), name: freeNameIn(owner, element.name) } as Element;
    owner.elements.push(made);
    return made.id;
  },
  /** A ready set where it belongs, with the values it shows and sets. Gives the element that holds it. */
  'add set': (project: Project, { screen, set }: { screen: Id; set: string }): Made => {
    const owner = ownerById(project, screen);
    const ready = Object.hasOwn(SETS, set) ? SETS[set] : undefined;
    if (!owner || !ready || ready.suits?.(asWritten(project)) === false) return;
    const values = new Map(
      (ready.values ?? []).map((wanted) => [
        wanted.name,
        valueMeant(project, wanted) ?? valueById(project, addValue(project, wanted))!,
      ]),
    );
    const [root, ...rest] = ready.make(asWritten(project), (name) => values.get(name)!);
    const isHud = 'layer' in owner && owner.layer === 'hud';
    // Words at the end of the frame end there.
    if (isHud && root!.type === 'text') root!.look = { ...root!.look, align: 'end' };
    const standing = {
      elements: owner.elements,
      layout: layoutIn(project, owner),
      frame: frameIn(project, owner),
      isHud,
    };
    const { moves, ...where } = whereItBelongs(standing, root!, rest);
    move(owner, moves);
    putIn(owner, [{ ...root!, ...where }, ...rest]);
    return root!.id;
  },
  'change element': (project: Project, { screen, ...change }: ElementChange & { screen: Id }): Made =>
    changeElement(project, screen, change),
  /** Several at once, as when several are dragged. */
  'change elements': (
    project: Project,
    { screen, changes }: { screen: Id; changes: ElementChange[] },
  ): Made => {
    for (const change of changes) changeElement(project, screen, change);
  },
  'delete elements': (project: Project, { screen, elements }: { screen: Id; elements: Id[] }): Made => {
    const owner = ownerById(project, screen);
    if (!owner) return;
    const gone = new Set(elements.flatMap((id) => childrenOf(owner, id).map((child) => child.id)));
    const places = elementPlaces(project, owner.id, gone);
    detach(project, owner, gone);
    letGo(project, places);
    removeWhere(owner.elements, (element) => gone.has(element.id));
    // Focus links from or to them go too, and leave no empty records.
    const touched = new Set(places.map((place) => place.owner));
    for (const item of project.screens) if (touched.has(item.id)) repathFocus(item, (path) => path);
  },
  /**
   * Puts elements into another parent, or elsewhere in the order of drawing: before a sibling, or last. Nothing moves on
   * screen, unless the new parent places what it holds.
   */
  'place elements': (
    project: Project,
    {
      screen,
      elements,
      parent,
      before,
    }: { screen: Id; elements: Id[]; parent: Id | null; before: Id | null },
  ): Made => {
    const owner = ownerById(project, screen);
    if (!owner) return;
    const moved = owner.elements.filter((element) => elements.includes(element.id));
    const held = new Set(moved.flatMap((element) => childrenOf(owner, element.id).map(({ id }) => id)));
    // Nothing can be put into itself.
    if (moved.length === 0 || (parent !== null && held.has(parent))) return;
    if (before !== null && elements.includes(before)) return;
    // The new parent may not be attached to any of them.
    detach(project, owner, held, (element) => parent !== null && holdsIn(owner, element.id, parent));
    const layout = layoutIn(project, owner);
    for (const element of moved) {
      if (element.parent === parent) continue;
      for (const axis of ['x', 'y'] as const) {
        const rect = layout.get(element.id)!;
        const span =
          axis === 'x' ? { start: rect.x, size: rect.width } : { start: rect.y, size: rect.height };
        element.place[axis] = reparentAxis(
          element.place[axis],
          span,
          roomIn(project, owner, layout, parent, axis),
        );
      }
      element.parent = parent;
    }
    reorder(
      owner,
      moved.map((element) => element.id),
      before,
    );
  },
  /** Copies beside the originals, with what they hold and their links. */
  'duplicate elements': (
    project: Project,
    { screen, elements, by = 24 }: { screen: Id; elements: Id[]; by?: number },
  ): Made => {
    const owner = ownerById(project, screen);
    if (!owner) return;
    const ids = topmostOf(owner, elements).flatMap((id) => childrenOf(owner, id).map((child) => child.id));
    const made = copyElements(project, screen, ids);
    const fresh = new Set(made.map((element) => element.id));
    for (const element of made) if (!fresh.has(element.parent ?? '')) nudge(element, by);
    return made[0]?.id;
  },
};

/** Everywhere that elements of an owner are named, also by paths that lead through where it is placed. */
function elementPlaces(project: Project, owner: Id, gone: ReadonlySet<Id>): IdPlace[] {
  const whole = asWritten(project);
  return placesOf(whole, { only: ['id'] }).filter(
    ({ of, id, within }) =>
      of === 'element' &&
      within !== null &&
      (within === owner || id.includes('/')) &&
      alongPath(whole, ownerById(whole, within), id).some(
        (item) => item.owner.id === owner && gone.has(item.id),
      ),
  );
}

/** The longest name that is made from words, in letters; longer words are cut after one of them. */
const LONGEST = 40;

/** A name from the words on an element: in one line, with the names in braces bare. Empty where they are no plain words. */
export function nameFromWords(words: string): string {
  const plain = words
    .replace(/\{\s*([\p{L}_$][\p{L}\p{N}_$]*)\s*\}/gu, '$1')
    .replace(/\[[^\][]*\]/g, '')
    .replace(/\s+/g, ' ')
    .trim();
  // What is all said by a value or parameter has no words of its own.
  if (/[{}]/.test(plain) || /^\s*\{[^{}]*\}\s*$/.test(words)) return '';
  return plain.length <= LONGEST
    ? plain
    : plain.slice(0, LONGEST + 1).replace(/\s*\S*$/, '') || plain.slice(0, LONGEST);
}

/**
 * The name an element has when its words change: theirs, or its type's where they make none, as long as it has not been
 * given another.
 */
function followingWords({ owner, element }: Reached, change: Partial<Element>): string {
  const { name, type } = element;
  if (!isNamedByWords(type) || !('text' in element) || !('text' in change)) return name;
  const stem = name.replace(/ \d+$/, '');
  const parted = ![nameFromWords(element.text), labelOf(type)].some((own) => own === name || own === stem);
  if (parted) return name;
  return freeName(
    nameFromWords(change.text ?? '') || labelOf(type),
    owner.elements.flatMap((other) => (other.id === element.id ? [] : [other.name])),
  );
}

function changeElement(project: Project, screen: Id, { element: path, change, here }: ElementChange): void {
  const found = reach(project, ownerById(project, screen), path);
  if (!found) return;
  if (here && found.placed) return changeHere(found.placed, found.element, change);
  const { name } = found.element;
  const to = change.name ?? followingWords(found, change);
  if (to !== name) renameElement(project, screen, name, to);
  assign(found.element, { ...change, name: to });
}

/** Stores what a place overrides of its component; what equals the component is no override. */
function changeHere(placed: PlacedElement, element: Element, change: Partial<Element>): void {
  const own = element as unknown as Record<string, unknown>;
  const kept: Record<string, unknown> = { ...placed.changes?.[element.id] };
  for (const [key, value] of Object.entries(change)) {
    if (isAlike(value, own[key]) || value === undefined) delete kept[key];
    else if (LOOKS.has(key) && typeof value === 'object')
      kept[key] = differing(value, (own[key] ?? {}) as object);
    else kept[key] = value;
  }
  const changes = { ...placed.changes };
  if (Object.keys(kept).length > 0) changes[element.id] = kept;
  else delete changes[element.id];
  if (Object.keys(changes).length > 0) placed.changes = changes;
  else delete placed.changes;
}

const differing = (value: object, from: object): object =>
  Object.fromEntries(
    Object.entries(value).filter(([key, each]) => !isAlike(each, (from as Record<string, unknown>)[key])),
  );

/** Siblings attached to elements that go keep their place, anchored to the parent. */
export function detach(
  project: Project,
  owner: Owner,
  gone: ReadonlySet<Id>,
  which: (element: Element) => boolean = () => true,
): void {
  const hung = (placement: Placement): boolean =>
    placement.at !== 'stretch' && placement.to !== undefined && gone.has(placement.to);
  const affected = owner.elements.filter(
    (element) => !gone.has(element.id) && which(element) && (hung(element.place.x) || hung(element.place.y)),
  );
  if (affected.length === 0) return;
  const layout = layoutIn(project, owner);
  for (const element of affected) {
    const rect = layout.get(element.id)!;
    const room = (axis: 'x' | 'y') => roomIn(project, owner, layout, element.parent, axis);
    const { x, y } = element.place;
    if (hung(x)) element.place.x = reparentAxis(x, { start: rect.x, size: rect.width }, room('x'));
    if (hung(y)) element.place.y = reparentAxis(y, { start: rect.y, size: rect.height }, room('y'));
  }
}

/** Whether an element is another, or holds it. */
const holdsIn = (owner: Owner, id: Id, other: Id): boolean =>
  childrenOf(owner, id).some((child) => child.id === other);

function reorder(owner: Owner, ids: readonly Id[], before: Id | null): void {
  const moved = owner.elements.filter((element) => ids.includes(element.id));
  const rest = owner.elements.filter((element) => !ids.includes(element.id));
  const at = before === null ? -1 : rest.findIndex((element) => element.id === before);
  const next = [...rest];
  next.splice(at < 0 ? rest.length : at, 0, ...moved);
  if (next.some((element, i) => element.id !== owner.elements[i]!.id)) owner.elements = next;
}

/** Those of some elements that no other of them holds. */
export function topmostOf(owner: { elements: Element[] }, ids: readonly Id[]): Id[] {
  const parents = new Map(owner.elements.map((element) => [element.id, element.parent]));
  return ids.filter((id) => {
    const seen = new Set<Id>([id]);
    for (let up = parents.get(id) ?? null; up !== null && !seen.has(up); up = parents.get(up) ?? null) {
      if (ids.includes(up)) return false;
      seen.add(up);
    }
    return parents.has(id);
  });
}

/** Aside, so that a copy does not hide what it was copied from. */
function nudge(element: Element, by: number): void {
  for (const axis of ['x', 'y'] as const) {
    const placement = element.place[axis];
    if (typeof placement.offset !== 'number') continue;
    const backwards = placement.at === 'end';
    placement.offset += backwards ? -by : by;
    if (placement.at === 'stretch' && typeof placement.far === 'number') placement.far -= by;
  }
}

function move(owner: Owner, moves: readonly Moved[]): void {
  for (const { element, place } of moves) {
    const found = withId(owner.elements, element);
    if (found) found.place = place;
  }
}
