import { ready, scopeOfScreen, type Scope } from '../expression';
import { solveFocus } from '../focus';
import { solveLayout } from '../layout';
import {
  areasAround,
  screenById,
  settled,
  toMicros,
  PROJECT,
  type Id,
  type Link,
  type Project,
  type Screen,
  type Target,
} from '../model';
import { compileMotion } from '../motion';
import { byLayer, compileLink, fallbackOf, hasNames, tableOf } from './links';
import { gapId, gapName, standIn, standInLinks } from './stand-in';
import type { CompiledLink, CompiledNotice, CompiledScreen, Flow, TextPart } from './types';

/**
 * Makes the tables that engine and painter run on. What has not changed since `previous` is taken over, so that after
 * an edit only the screens it touched are solved again.
 */
export function compile(project: Project, previous?: Flow): Flow {
  const known = new Set(project.screens.map((screen) => screen.id));
  const start = firstScreen(project);
  const names = !previous || !sameNames(previous.project, project);
  const compiled = project.links.map((link, index) =>
    reuseLink(project, link, index, known, names, previous),
  );
  const gaps = new Set(
    [start, ...compiled.map((link) => link.to ?? start)].filter((id) => gapName(id) !== null),
  );
  const bySource = groupBySource(compiled);
  const screens = new Map<Id, CompiledScreen>();
  for (const screen of project.screens)
    screens.set(screen.id, reuseScreen(project, screen, bySource.get(screen.id) ?? [], names, previous));
  const startTarget: Target = known.has(start) ? { screen: start } : { gap: gapName(start) ?? '' };
  const back: CompiledLink[] = [];
  for (const id of gaps) {
    const links = standInLinks(id, startTarget).map((link, i) =>
      compileLink(project, link, project.links.length + i, known),
    );
    back.push(...links);
    const layer = id.startsWith('gap:overlay:') ? 'overlay' : 'base';
    screens.set(id, compileScreen(project, standIn(layer, gapName(id)!), links));
  }
  return {
    project,
    start,
    screens,
    links: new Map([...compiled, ...back].map((link) => [link.id, link])),
    shared: tableOf(bySource.get(PROJECT) ?? []),
    areas: new Map(
      project.areas.map((area) => [area.id, { area, links: tableOf(bySource.get(area.id) ?? []) }]),
    ),
    companions: project.screens.flatMap(({ id, layer }) => (layer === 'companion' ? [screens.get(id)!] : [])),
    values: new Map(project.values.map((value) => [value.id, value])),
    awaitsValues: compiled.some((link) => link.awaits !== null),
    asksAbove: compiled.some((link) => link.link.aboveModal === true),
    bindings: previous?.project.actions === project.actions ? previous.bindings : bindingsOf(project),
    house: byLayer(project.house.motion, project),
    holds: holdsOf(compiled),
  };
}

/** The screen a run begins with; a stand-in while there is none. */
function firstScreen(project: Project): Id {
  const start = project.screens.find((screen) => screen.id === project.start && screen.layer === 'base');
  return start?.id ?? gapId('base', 'First screen');
}

/** Whether expressions and texts mean the same in both: values, events, and what screens are called and take. */
function sameNames(before: Project, now: Project): boolean {
  if (before.values !== now.values || before.events !== now.events) return false;
  if (before.screens === now.screens) return true;
  return (
    before.screens.length === now.screens.length &&
    before.screens.every((screen, i) => {
      const other = now.screens[i]!;
      return (
        screen === other ||
        (screen.id === other.id && screen.name === other.name && screen.parameters === other.parameters)
      );
    })
  );
}

/** Whether what a link leads to takes other parameters than it did. */
function asksOtherwise(before: Project | undefined, now: Project, { to }: Link): boolean {
  if (!to || !('screen' in to)) return false;
  return screenById(before ?? now, to.screen)?.parameters !== screenById(now, to.screen)?.parameters;
}

function reuseLink(
  project: Project,
  link: Link,
  index: number,
  known: Set<Id>,
  names: boolean,
  previous?: Flow,
): CompiledLink {
  const old = previous?.links.get(link.id);
  const before = previous?.project;
  const same =
    old?.link === link &&
    old.index === index &&
    !(names && (hasNames(link) || asksOtherwise(before, project, link))) &&
    before?.rates === project.rates &&
    before.house === project.house;
  const lost = link.to && 'screen' in link.to && !known.has(link.to.screen);
  const strayed = old?.to !== null && old?.to !== undefined && gapName(old.to) !== null;
  return same && !lost && !strayed ? old : compileLink(project, link, index, known);
}

function reuseScreen(
  project: Project,
  screen: Screen,
  links: CompiledLink[],
  names: boolean,
  previous?: Flow,
): CompiledScreen {
  const old = previous?.screens.get(screen.id);
  const before = previous?.project;
  const same =
    old?.screen === screen &&
    before?.design === project.design &&
    before.rates === project.rates &&
    before.areas === project.areas &&
    !(names && (old.texts.size > 0 || old.shownWhen !== null || mayName(screen))) &&
    old.links.all.length === links.length &&
    old.links.all.every((link, i) => link === links[i]);
  return same ? old : compileScreen(project, screen, links);
}

function compileScreen(project: Project, screen: Screen, links: CompiledLink[]): CompiledScreen {
  const layout = solveLayout(screen, project.design);
  const areas = areasAround(project, screen.area);
  const around = areas.map((id) => project.areas.find((area) => area.id === id)!);
  const flags = settled(screen, around);
  const table = tableOf(links);
  const motion = screen.motion ?? around.find((area) => area.motion)?.motion;
  const scope = scopeOfScreen(project, screen);
  return {
    screen,
    id: screen.id,
    layer: screen.layer,
    areas,
    ...flags,
    atOnce: screen.releases === 'at once',
    remembers: screen.remembers ?? false,
    firstFocus: screen.firstFocus ?? null,
    least: screen.least ? toMicros(screen.least, project.rates) : 0,
    shownWhen:
      screen.layer === 'companion' && screen.shownWhen !== undefined ? ready(screen.shownWhen, scope) : null,
    notice: screen.layer === 'notice' ? compileNotice(project, screen) : null,
    parameters: (screen.parameters ?? []).map((type) => ({ id: type.id, type, fallback: fallbackOf(type) })),
    motion: motion ? compileMotion(motion, screen.layer, project.rates) : null,
    links: table,
    layout,
    focus: solveFocus(screen, layout),
    pressable: pressables(screen, table.press),
    shortcuts: screen.elements.flatMap((element) =>
      element.type === 'button' && element.shortcut !== undefined
        ? [{ element: element.id, action: element.shortcut }]
        : [],
    ),
    texts: new Map(
      screen.elements.flatMap((element): [Id, TextPart[]][] => {
        const parts = 'text' in element ? textParts(element.text, scope) : [];
        return parts.some((part) => typeof part !== 'string') ? [[element.id, parts]] : [];
      }),
    ),
  };
}

const mayName = (screen: Screen): boolean =>
  screen.elements.some((element) => 'text' in element && element.text.includes('{'));

/** A notice stays for its time, or until something: then its time does not count. */
function compileNotice(project: Project, screen: Screen): CompiledNotice {
  const until = screen.until ?? 'time';
  return {
    lasts: until === 'time' ? toMicros(screen.lasts ?? '2 s', project.rates) : Infinity,
    until,
    again: screen.again ?? 'over',
    everything: screen.above === 'everything',
    clock: screen.clock ?? 'interface',
    covered: screen.covered ?? 'waits',
    scope: screen.scope,
  };
}

/** `{oil}` in a text, the simple argument of an ICU message, stands for what the name holds. */
export function textParts(text: string, scope: Scope): TextPart[] {
  if (!text.includes('{')) return [text];
  const parts: TextPart[] = [];
  let at = 0;
  for (const match of text.matchAll(/\{\s*([^{}\s]+)\s*\}/g)) {
    const known = scope.names.get(match[1]!);
    if (!known || known.what === 'field') continue;
    if (match.index > at) parts.push(text.slice(at, match.index));
    parts.push({ what: known.what, id: known.id, type: known.type });
    at = match.index + match[0].length;
  }
  if (at < text.length) parts.push(text.slice(at));
  return parts;
}

function pressables(screen: Screen, press: ReadonlyMap<Id, unknown>): Map<Id, Id> {
  const byId = new Map(screen.elements.map((element) => [element.id, element]));
  const found = new Map<Id, Id>();
  for (const element of screen.elements) {
    let at: typeof element | undefined = element;
    for (let depth = 0; at && depth <= screen.elements.length; depth++) {
      if (at.type === 'button' || press.has(at.id)) {
        found.set(element.id, at.id);
        break;
      }
      at = at.parent === null ? undefined : byId.get(at.parent);
    }
  }
  return found;
}

function groupBySource(links: CompiledLink[]): Map<Id, CompiledLink[]> {
  const groups = new Map<Id, CompiledLink[]>();
  for (const link of links) {
    const group = groups.get(link.from);
    if (group) group.push(link);
    else groups.set(link.from, [link]);
  }
  return groups;
}

function bindingsOf(project: Project): Map<string, Id[]> {
  const bindings = new Map<string, Id[]>();
  for (const action of project.actions)
    for (const code of [...action.keys, ...action.pad.map(padCode)])
      bindings.set(code, [...(bindings.get(code) ?? []), action.id]);
  return bindings;
}

/** The name a pad button goes by among bindings, by its number in the W3C standard mapping. */
export const padCode = (button: number): string => `pad ${button}`;

function holdsOf(links: CompiledLink[]): Map<Id, number[]> {
  const holds = new Map<Id, number[]>();
  for (const { cue, after } of links)
    if (cue.on === 'action' && cue.when === 'held')
      holds.set(
        cue.action,
        [...(holds.get(cue.action) ?? []), after].sort((a, b) => a - b),
      );
  return holds;
}
