import { padCode } from '../keys';
import { compileExpression, scopeOfScreen } from '../expression';
import { inSkin } from '../style';
import {
  byId,
  bySource,
  fitScalar,
  LANGUAGE,
  PROJECT,
  type Id,
  type Link,
  type Project,
  type Screen,
  type Target,
  type Value,
  valuesOf,
} from '../model';
import { compileLink, hasNames, defaultMotions, tableOf } from './links';
import { compileScreen, sourcesOf } from './screen';
import {
  answersOtherwise,
  asksOtherwise,
  isIn,
  sameLinks,
  sameMotion,
  sameMoving,
  sameNames,
  type Made,
} from './same';
import { gapId, gapName, standIn, standInLinks } from './stand-in';
import { compileTalks } from './talks';
import { TRIGGERS } from '../triggers';
import type { CompiledLink, CompiledScreen, Flow, Frame } from './types';

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
    bare: null,
    bySource: grouped,
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
    countsDuring: compiled.some((link) => link.during !== null),
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
    !answersOtherwise(before, project, link) &&
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
      [...old.components, ...old.listed].every((component) => isIn(project, component))) &&
    !(names && old.names) &&
    sourcesOf(screen.id, old.components).every((id, i) => sameLinks(old.sources[i], grouped.get(id)));
  return same ? old : compileScreen(made, screen, grouped);
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
