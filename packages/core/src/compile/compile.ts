import { solveFocus } from '../focus';
import { solveLayout } from '../layout';
import {
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
import { byLayer, compileLink, tableOf } from './links';
import { gapId, gapName, standIn, standInLinks } from './stand-in';
import type { CompiledLink, CompiledScreen, Flow } from './types';

/**
 * Makes the tables that engine and painter run on. What has not changed since `previous` is taken over, so that after
 * an edit only the screens it touched are solved again.
 */
export function compile(project: Project, previous?: Flow): Flow {
  const known = new Set(project.screens.map((screen) => screen.id));
  const start = firstScreen(project);
  const compiled = project.links.map((link, index) => reuseLink(project, link, index, known, previous));
  const gaps = new Set(
    [start, ...compiled.map((link) => link.to ?? start)].filter((id) => gapName(id) !== null),
  );
  const bySource = groupBySource(compiled);
  const screens = new Map<Id, CompiledScreen>();
  for (const screen of project.screens)
    screens.set(screen.id, reuseScreen(project, screen, bySource.get(screen.id) ?? [], previous));
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

function reuseLink(
  project: Project,
  link: Link,
  index: number,
  known: Set<Id>,
  previous?: Flow,
): CompiledLink {
  const old = previous?.links.get(link.id);
  const before = previous?.project;
  const same =
    old?.link === link &&
    old.index === index &&
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
  previous?: Flow,
): CompiledScreen {
  const old = previous?.screens.get(screen.id);
  const before = previous?.project;
  const same =
    old?.screen === screen &&
    before?.design === project.design &&
    before.rates === project.rates &&
    old.links.all.length === links.length &&
    old.links.all.every((link, i) => link === links[i]);
  return same ? old : compileScreen(project, screen, links);
}

function compileScreen(project: Project, screen: Screen, links: CompiledLink[]): CompiledScreen {
  const layout = solveLayout(screen, project.design);
  const flags = settled(screen);
  const table = tableOf(links);
  return {
    screen,
    id: screen.id,
    layer: screen.layer,
    ...flags,
    atOnce: screen.releases === 'at once',
    remembers: screen.remembers ?? false,
    firstFocus: screen.firstFocus ?? null,
    least: screen.least ? toMicros(screen.least, project.rates) : 0,
    lasts: screen.layer === 'notice' ? toMicros(screen.lasts ?? '2 s', project.rates) : 0,
    motion: screen.motion ? compileMotion(screen.motion, screen.layer, project.rates) : null,
    links: table,
    layout,
    focus: solveFocus(screen, layout),
    pressable: pressables(screen, table.press),
  };
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
