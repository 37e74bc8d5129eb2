import { canScroll, holdsOf, playOf } from '../elements';
import { padCode } from '../keys';
import { movesWords } from '../marks';
import { expand, pathOf } from '../component';
import { compileExpression, scopeOfScreen } from '../expression';
import { isUsed, solveFocus } from '../focus';
import { solveLayout } from '../layout';
import { inSkin } from '../style';
import {
  byId,
  bySource,
  areasAround,
  fitScalar,
  LANGUAGE,
  settled,
  timerMicros,
  toMicros,
  PROJECT,
  type Component,
  type Element,
  type Id,
  type Link,
  type Project,
  type Screen,
  type Target,
  type Value,
  valuesOf,
  withId,
} from '../model';
import { compileMotion } from '../motion';
import { compileLink, fallbackOf, hasNames, defaultMotions, tableOf } from './links';
import { compileMoving } from './moving';
import { asksOtherwise, isIn, sameLinks, sameMotion, sameMoving, sameNames, type Made } from './same';
import { gapId, gapName, standIn, standInLinks } from './stand-in';
import { compileTalks } from './talks';
import { textParts, type TextPart } from '../message';
import { talkParts } from '../talk';
import { TRIGGERS, triggerOf } from '../triggers';
import type { CompiledLink, CompiledNotice, CompiledScreen, Flow, Frame } from './types';

export interface CompileOptions {
  /** What screens are laid out for. Absent: a frame of the design's size. */
  frame?: Frame;
  /** The player's system asks for less motion. */
  asked?: boolean;
  /** Absent: the one texts are written in. */
  language?: string;
  /** The language that a player who has chosen none begins with, of those of the project. Absent: the first. */
  prefers?: string;
  /** The skin it wears. Absent: its own look. */
  skin?: Id | null;
}

/**
 * Makes the tables that engine and painter run on. What has not changed since `previous` is taken over, so that after
 * an edit only the screens it touched are solved again.
 */
export function compile(
  written: Project,
  previous?: Flow,
  {
    frame = frameOf(written),
    asked = false,
    language = written.languages?.[0]?.code ?? 'en',
    prefers,
    skin = null,
  }: CompileOptions = {},
): Flow {
  const project = inSkin(written, skin);
  const reduced = isReduced(project, asked);
  const made: Made = {
    project,
    frame,
    reduced,
    language,
    names: !previous || previous.language !== language || !sameNames(previous.project, project),
    previous,
  };
  const known = new Set(project.screens.map((screen) => screen.id));
  const start = firstScreen(project);
  const compiled = project.links.map((link, index) => reuseLink(made, link, index, known));
  const gaps = new Set(
    [start, ...compiled.map((link) => link.to ?? start)].filter((id) => gapName(id) !== null),
  );
  const grouped = bySource(compiled);
  const screens = new Map<Id, CompiledScreen>();
  for (const screen of project.screens) screens.set(screen.id, reuseScreen(made, screen, grouped));
  const startTarget: Target = known.has(start) ? { screen: start } : { gap: gapName(start) ?? '' };
  const back: CompiledLink[] = [];
  for (const id of gaps) {
    const links = standInLinks(id, startTarget).map((link, i) =>
      compileLink(project, link, project.links.length + i, known, reduced),
    );
    back.push(...links);
    const layer = id.startsWith('gap:overlay:') ? 'overlay' : 'base';
    screens.set(id, compileScreen(made, standIn(layer, gapName(id)!), [links]));
  }
  return {
    project,
    frame,
    reduced,
    language,
    skin: project === written ? null : skin,
    skins: skinsOf(project),
    start,
    screens,
    links: new Map([...compiled, ...back].map((link) => [link.id, link])),
    shared: tableOf(grouped.get(PROJECT) ?? []),
    areas: new Map(
      project.areas.map((area) => [area.id, { area, links: tableOf(grouped.get(area.id) ?? []) }]),
    ),
    huds: project.screens.flatMap(({ id, layer }) => (layer === 'hud' ? [screens.get(id)!] : [])),
    values: new Map(valuesOf(project).map((value) => [value.id, asPreferred(value, prefers)])),
    lists: byId(project.lists),
    loadsByEvents: [...screens.values()].flatMap(({ id, loading }) =>
      loading?.by === 'events' ? [{ id, loading }] : [],
    ),
    awaitsValues: compiled.some((link) => link.awaits !== null),
    asksAbove: compiled.some((link) => link.link.aboveModal === true),
    bindings: previous?.project.actions === project.actions ? previous.bindings : bindingsOf(project),
    defaults: defaultMotions(project, reduced),
    holds: heldTimes(compiled),
    hearing: hearingOf(compiled),
    ...compileTalks(made),
  };
}

/** Skins that are worn while something holds. */
function skinsOf(project: Project): Flow['skins'] {
  const scope = scopeOfScreen(project, undefined);
  return (project.skins ?? []).flatMap(({ id, when }) => {
    const ready = when === undefined ? null : compileExpression(when, scope);
    return ready ? [{ id, when: ready }] : [];
  });
}

/** The player's language is at first the one they are taken to prefer. */
const asPreferred = (value: Value, prefers: string | undefined): Value =>
  value.id === LANGUAGE && fitScalar(value, prefers) !== null ? { ...value, default: prefers! } : value;

const isReduced = ({ defaults }: Project, asked: boolean): boolean =>
  defaults.reduced === undefined ? asked : defaults.reduced === 'always';

/** The frame screens are designed in. */
export const frameOf = ({ design }: Pick<Project, 'design'>): Frame => ({
  width: design.width,
  height: design.height,
});

/** The screen a run begins with; a stand-in while there is none. */
function firstScreen(project: Project): Id {
  const start = project.screens.find((screen) => screen.id === project.start && screen.layer === 'base');
  return start?.id ?? gapId('base', 'First screen');
}

function reuseLink(made: Made, link: Link, index: number, known: Set<Id>): CompiledLink {
  const { project, names, previous, reduced } = made;
  const old = previous?.links.get(link.id);
  const before = previous?.project;
  const same =
    old?.link === link &&
    old.index === index &&
    !(names && (hasNames(link) || asksOtherwise(before, project, link))) &&
    sameMotion(made) &&
    before?.defaults === project.defaults;
  const lost = link.to && 'screen' in link.to && !known.has(link.to.screen);
  const strayed = old?.to !== null && old?.to !== undefined && gapName(old.to) !== null;
  return same && !lost && !strayed ? old : compileLink(project, link, index, known, reduced);
}

function reuseScreen(made: Made, screen: Screen, grouped: ReadonlyMap<Id, CompiledLink[]>): CompiledScreen {
  const { project, frame, names, previous } = made;
  const old = previous?.screens.get(screen.id);
  const before = previous?.project;
  const same =
    old?.screen === screen &&
    previous!.frame.width === frame.width &&
    previous!.frame.height === frame.height &&
    sameMotion(made) &&
    sameMoving(before, project) &&
    before?.areas === project.areas &&
    (before.components === project.components ||
      old.components.every((component) => isIn(project, component))) &&
    !(names && old.names) &&
    sourcesOf(screen.id, old.components).every((id, i) => sameLinks(old.sources[i], grouped.get(id)));
  return same ? old : compileScreen(made, screen, grouped);
}

/** What the links of a screen belong to: itself, and the components placed on it. */
const sourcesOf = (screen: Id, components: readonly Component[]): Id[] => [
  screen,
  ...components.map((component) => component.id),
];

function compileScreen(
  { project, frame, reduced, language }: Made,
  screen: Screen,
  links: ReadonlyMap<Id, CompiledLink[]> | [CompiledLink[]],
): CompiledScreen {
  const { elements, components } = expand(project, screen.elements);
  const sources = Array.isArray(links)
    ? links
    : sourcesOf(screen.id, components).map((id) => links.get(id) ?? []);
  const layout = solveLayout(elements, frame);
  const tree = treeOf(elements);
  const areas = areasAround(project, screen.area);
  const around = areas.map((id) => withId(project.areas, id)!);
  const flags = settled(screen, around);
  const table = tableOf([
    ...sources[0]!,
    ...components.flatMap((component, i) => placedLinks(component, elements, sources[i + 1]!)),
  ]);
  const motion = screen.motion ?? around.find((area) => area.motion)?.motion;
  const scope = scopeOfScreen(project, screen);
  const condition = (text: string | undefined) =>
    text === undefined ? null : compileExpression(text, scope);
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
    shownWhen: screen.layer === 'hud' ? condition(screen.shownWhen) : null,
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
        const parts = textParts(element.text, scope, language);
        const changes = parts.some((part) => typeof part !== 'string') || movesWords(element.text);
        return changes ? [[element.id, parts]] : [];
      }),
    ),
    tooltips: new Map(
      elements.flatMap(({ id, tooltip }): [Id, TextPart[]][] =>
        tooltip === undefined ? [] : [[id, textParts(tooltip, scope, language)]],
      ),
    ),
    conditions: elements.flatMap(({ id, shownWhen, enabledWhen }) =>
      shownWhen === undefined && enabledWhen === undefined
        ? []
        : [{ element: id, shown: condition(shownWhen), enabled: condition(enabledWhen) }],
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
function bindingsOf(project: Project): Map<string, Id[]> {
  const bindings = new Map<string, Id[]>();
  for (const action of project.actions)
    for (const code of [...action.keys, ...action.pad.map(padCode), ...(action.gestures ?? [])])
      bindings.set(code, [...(bindings.get(code) ?? []), action.id]);
  return bindings;
}

function hearingOf(links: readonly CompiledLink[]): Flow['hearing'] {
  return [...new Set(links.map(({ trigger }) => trigger.on))].flatMap((on) => {
    const type = TRIGGERS[on];
    return type.life === 'searched' && type.hears ? [{ on, hears: type.hears }] : [];
  });
}

function heldTimes(links: CompiledLink[]): Map<Id, number[]> {
  const holds = new Map<Id, number[]>();
  for (const { key, phase, after } of links)
    if (phase === 'held')
      holds.set(
        key,
        [...(holds.get(key) ?? []), after].sort((a, b) => a - b),
      );
  return holds;
}
