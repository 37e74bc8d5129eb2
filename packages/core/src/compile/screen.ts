import { canScroll, holdsOf, playOf } from '../elements';
import { movesWords } from '../marks';
import { componentById, expand, pathOf } from '../component';
import {
  compileExpression,
  knownFields,
  scopeOfEach,
  scopeOfScreen,
  scopeWithTime,
  type Scope,
} from '../expression';
import { listById } from '../lists';
import { isUsed, solveFocus } from '../focus';
import { solveLayout } from '../layout';
import {
  areasAround,
  settled,
  timerMicros,
  toMicros,
  type Component,
  type Element,
  type Id,
  type ListElement,
  type Project,
  type Screen,
  withId,
} from '../model';
import { compileMotion } from '../motion';
import { textParts, type TextPart } from '../message';
import { talkParts } from '../talk';
import { triggerOf } from '../triggers';
import { fallbackOf, tableOf } from './links';
import { compileMoving } from './moving';
import type { Made } from './same';
import type { CompiledLink, CompiledList, CompiledNotice, CompiledScreen } from './types';

/** What a screen is made ready from: its elements with those of its components, and the links of both. */
export interface Parts {
  elements: readonly Element[];
  components: readonly Component[];
  /** Its own links, then those of each component in turn. */
  sources: readonly (readonly CompiledLink[])[];
  /** The elements of rows of lists, which are among those, and the links in them. */
  rows?: { elements: ReadonlySet<Element>; links: readonly CompiledLink[] };
  /** What can be named on an element, where that is more than on the rest of the screen. */
  scopeOf?: (element: Id) => Scope | undefined;
}

export function compileScreen(
  made: Pick<Made, 'project' | 'frame' | 'reduced' | 'language'>,
  screen: Screen,
  links: ReadonlyMap<Id, CompiledLink[]> | [CompiledLink[]],
): CompiledScreen {
  const { elements, components } = expand(made.project, screen.elements);
  const sources = Array.isArray(links)
    ? links
    : sourcesOf(screen.id, components).map((id) => links.get(id) ?? []);
  return assemble(made, screen, { elements, components, sources });
}

/** What the links of a screen belong to: itself, and the components placed on it. */
export const sourcesOf = (screen: Id, components: readonly Component[]): Id[] => [
  screen,
  ...components.map((component) => component.id),
];

/** Puts together what a screen runs and is drawn by. */
export function assemble(
  { project, frame, reduced, language }: Pick<Made, 'project' | 'frame' | 'reduced' | 'language'>,
  screen: Screen,
  { elements, components, sources, rows, scopeOf = () => undefined }: Parts,
): CompiledScreen {
  const layout = solveLayout(elements, frame);
  const placed = rows ? elements.filter((element) => !rows.elements.has(element)) : elements;
  const tree = treeOf(elements);
  const areas = areasAround(project, screen.area);
  const around = areas.map((id) => withId(project.areas, id)!);
  const flags = settled(screen, around);
  const table = tableOf([
    ...sources[0]!,
    ...components.flatMap((component, i) => placedLinks(component, placed, sources[i + 1]!)),
    ...(rows?.links ?? []),
  ]);
  const motion = screen.motion ?? around.find((area) => area.motion)?.motion;
  const own = scopeOfScreen(project, screen);
  const timed = new Map(
    elements.flatMap((element) =>
      'timer' in element && element.timer !== undefined ? [[element.id, element.timer]] : [],
    ),
  );
  const scope = (element: Id): Scope => {
    const known = scopeOf(element) ?? own;
    const timer = timed.get(element);
    return timer === undefined ? known : scopeWithTime(known, timer);
  };
  const condition = (text: string | undefined, named: Scope) =>
    text === undefined ? null : compileExpression(text, named);
  const moving = compileMoving(project, screen, elements, scope, { reduced, language });
  return {
    screen,
    id: screen.id,
    layer: screen.layer,
    areas,
    ...flags,
    atOnce: screen.releases === 'at once',
    remembers: screen.remembers ?? false,
    firstFocus: screen.firstFocus ?? null,
    minTime: screen.minTime ? toMicros(screen.minTime, project.rates) : 0,
    shownWhen: screen.layer === 'hud' ? condition(screen.shownWhen, own) : null,
    notice: screen.layer === 'notice' ? compileNotice(project, screen) : null,
    parameters: (screen.parameters ?? []).map((type) => ({ id: type.id, type, fallback: fallbackOf(type) })),
    motion: motion ? compileMotion(motion, screen.layer, project, reduced) : null,
    placed: (tree.get(null) ?? []).map(({ id, name }) => ({ id, name, rect: layout.get(id)! })),
    ...moving,
    links: table,
    sources,
    components,
    elements,
    byId: new Map(elements.map((element) => [element.id, element])),
    tree,
    names: elements.some(mayName) || screen.shownWhen !== undefined,
    scrolls: elements.some((element) => canScroll(element)),
    layout,
    focus: solveFocus(elements, layout, screen.focus),
    pressable: pressables(elements, table.searched.press),
    shortcuts: elements.flatMap((element) =>
      'shortcut' in element && element.shortcut !== undefined
        ? [{ element: element.id, action: element.shortcut }]
        : [],
    ),
    texts: new Map(
      elements.flatMap((element): [Id, TextPart[]][] => {
        if (!('text' in element)) return [];
        const parts = textParts(element.text, scope(element.id), language);
        const changes =
          parts.some((part) => typeof part !== 'string') ||
          parts.join('') !== element.text ||
          movesWords(element.text);
        return changes ? [[element.id, parts]] : [];
      }),
    ),
    tooltips: new Map(
      elements.flatMap(({ id, tooltip }): [Id, TextPart[]][] =>
        tooltip === undefined ? [] : [[id, textParts(tooltip, scope(id), language)]],
      ),
    ),
    conditions: elements.flatMap(({ id, shownWhen, enabledWhen }) =>
      shownWhen === undefined && enabledWhen === undefined
        ? []
        : [
            {
              element: id,
              shown: condition(shownWhen, scope(id)),
              enabled: condition(enabledWhen, scope(id)),
            },
          ],
    ),
    touchOnly: elements.flatMap(({ id, only }) => (only === 'touch' ? [id] : [])),
    tabs: elements.flatMap((element) => {
      const { pages, page = null } = holdsOf(element);
      if (pages === undefined) return [];
      const held = (tree.get(element.id) ?? []).map(({ id }) => id);
      return [{ element: element.id, count: pages, value: page, held }];
    }),
    bound: elements.flatMap((element) =>
      'value' in element && element.value !== undefined
        ? [{ element: element.id, value: element.value }]
        : [],
    ),
    timers: elements.flatMap((element) =>
      element.type === 'progress' && element.timer !== undefined
        ? [{ element: element.id, link: element.timer, seconds: element.fills?.by === 'number' }]
        : [],
    ),
    lists: elements.flatMap((element) =>
      element.type === 'list' && element.list !== undefined ? [compileList(project, element, own)] : [],
    ),
    listed: elements.flatMap((element) => (element.type === 'list' ? componentsOf(project, element) : [])),
    rows: NO_ROWS,
    pictured: elements.flatMap((element) =>
      'from' in element && element.from !== undefined ? [{ element: element.id, from: element.from }] : [],
    ),
    says: screen.says ?? null,
    talkParts: talkParts(elements),
    named: new Map(elements.map((element) => [element.name, element.id])),
  };
}

/** Elements by what holds them, in the order they are drawn in. One whose parent is gone lies on the screen itself. */
function treeOf(elements: readonly Element[]): Map<Id | null, Element[]> {
  const ids = new Set(elements.map((element) => element.id));
  const tree = new Map<Id | null, Element[]>();
  for (const element of elements) {
    const parent = element.parent !== null && ids.has(element.parent) ? element.parent : null;
    const held = tree.get(parent);
    if (held) held.push(element);
    else tree.set(parent, [element]);
  }
  for (const held of tree.values())
    if (held.some((element) => element.lift !== undefined))
      held.sort((a, b) => (a.lift ?? 0) - (b.lift ?? 0));
  return tree;
}

/** What the rows of a list are made of, and what can stand in place of them, with all that is placed in those. */
function componentsOf(project: Project, { row, empty, waiting, failed, open }: ListElement): Component[] {
  const found: Component[] = [];
  for (const id of [row, empty, waiting, failed, open]) {
    const made = componentById(project, id);
    if (made) found.push(made, ...expand(project, made.elements).components);
  }
  return found;
}

/** A list as an element shows it. */
function compileList(project: Project, element: ListElement, scope: Scope): CompiledList {
  const list = listById(project, element.list);
  const of = list && element.filter !== undefined;
  return {
    element,
    list: element.list!,
    filter: of ? compileExpression(element.filter!, scopeOfEach(scope, knownFields(list, 'each'))) : null,
  };
}

/** A component's links where it is placed: the pressed element is named by its path there. */
function placedLinks(
  component: Component,
  elements: readonly Element[],
  links: readonly CompiledLink[],
): CompiledLink[] {
  if (links.length === 0) return [];
  const places = elements.flatMap((element) =>
    element.type === 'component' && element.component === component.id ? [element.id] : [],
  );
  return links.flatMap((link): CompiledLink[] => {
    const { element } = triggerOf(link.trigger);
    if (!element) return [link];
    return places.map((place) => {
      const path = pathOf(place, element.of(link.trigger));
      return { ...link, key: path, trigger: element.put(link.trigger, path) };
    });
  });
}

const mayName = (element: Element): boolean =>
  ('list' in element && element.list !== undefined) ||
  element.shownWhen !== undefined ||
  element.enabledWhen !== undefined ||
  'value' in element ||
  (element.tooltip?.includes('{') ?? false) ||
  ('text' in element && element.text.includes('{'));

/** A notice stays for its time, or until something: then its time does not count. */
function compileNotice(project: Project, screen: Screen): CompiledNotice {
  const until = screen.until ?? 'time';
  return {
    lasts: until === 'time' ? timerMicros(screen.lasts ?? '2 s', project.rates) : Infinity,
    until,
    again: screen.again ?? 'over',
    everything: screen.above === 'everything',
    clock: screen.clock ?? 'interface',
    covered: screen.covered ?? 'waits',
    scope: screen.scope,
  };
}

function pressables(elements: readonly Element[], press: ReadonlyMap<Id, unknown>): Map<Id, Id> {
  const byId = new Map(elements.map((element) => [element.id, element]));
  const found = new Map<Id, Id>();
  for (const element of elements) {
    let at: typeof element | undefined = element;
    for (let depth = 0; at && depth <= elements.length; depth++) {
      if (isUsed(at) || playOf(at).pressed || press.has(at.id)) {
        found.set(element.id, at.id);
        break;
      }
      at = at.parent === null ? undefined : byId.get(at.parent);
    }
  }
  return found;
}

const NO_ROWS: CompiledScreen['rows'] = new Map();
