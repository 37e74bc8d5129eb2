import { effectOf } from '../effects';
import { compileExpression, knownFields, scopeOfEach, type Scope } from '../expression';
import { listById } from '../lists';
import {
  screenById,
  SOMEWHERE,
  timerMicros,
  toMicros,
  zeroOf,
  type Arguments,
  type Effect,
  type Field,
  type Id,
  type Layer,
  type Link,
  type Motion,
  type Order,
  type Parameter,
  type Project,
  type Trigger,
} from '../model';
import { compileMotion, type InOut } from '../motion';
import { scopeOfLink, TRIGGERS, triggerOf, type Moment } from '../triggers';
import { gapId } from './stand-in';
import type { CompiledEffect, CompiledLink, Given, LinkTable } from './types';

/**
 * One link, ready for a run.
 * @param index its position in the project, from 0; among links of one level the lower goes first
 * @param known the ids of all screens; a link to any other leads to a stand-in
 */
export function compileLink(
  project: Project,
  link: Link,
  index: number,
  known: ReadonlySet<Id>,
  reduced: boolean,
): CompiledLink {
  const { trigger, kind } = link;
  const type = triggerOf(trigger);
  const wait =
    type.life === 'timed' ? type.after(trigger) : type.life === 'searched' ? type.hold?.(trigger) : undefined;
  const counted = type.life === 'timed' ? type.counted(trigger) : null;
  const again = type.life === 'timed' && type.again === true;
  const scope = scopeOfLink(project, link);
  const to = targetOf(link, known);
  return {
    id: link.id,
    link,
    index,
    from: link.from,
    trigger,
    key: type.key?.(trigger) ?? '',
    phase: type.life === 'searched' ? (type.phase?.(trigger) ?? null) : null,
    counted,
    during: counted?.during === undefined ? null : compileExpression(counted.during, scope),
    again,
    awaits: type.life === 'sampled' ? compileExpression(type.awaits(trigger), scope) : null,
    kind,
    inRow: null,
    when: link.when === undefined ? null : compileExpression(link.when, scope),
    to,
    args: givenTo(screenById(project, to)?.parameters, link.args, scope),
    effects: link.effects.map((effect) => compileEffect(project, effect, scope)),
    after: wait === undefined ? 0 : Math.max(timerMicros(wait, project.rates), again ? SHORTEST_ROUND : 0),
    motion: link.motion ? byLayer(link.motion, project, reduced) : null,
    overlap: overlapOf(link.order ?? project.defaults.order, project),
    masked: link.masked ?? project.defaults.masked,
    says: link.says ?? null,
  };
}

export function compileEffect(project: Project, effect: Effect, scope: Scope): CompiledEffect {
  const { gives, tells, rows } = effectOf(effect);
  const told = tells?.(effect, project);
  return {
    effect,
    after: effect.after === undefined ? 0 : timerMicros(effect.after, project.rates),
    gives: gives ? compileExpression(gives(effect), scope) : null,
    rows: rows ? compileRows(project, rows(effect), scope) : null,
    args: givenTo(told?.takes, told?.args, scope),
  };
}

function compileRows(
  project: Project,
  { list, where, args = {} }: { list: Id; where?: string; args?: Arguments },
  scope: Scope,
): CompiledEffect['rows'] {
  const found = listById(project, list);
  const inRow = found ? scopeOfEach(scope, knownFields(found, 'each')) : scope;
  return {
    list,
    where: where === undefined ? null : compileExpression(where, inRow),
    args: givenTo(
      found?.fields.filter(({ id }) => args[id] !== undefined),
      args,
      inRow,
    ),
  };
}

export const fallbackOf = (type: Parameter | Field): Given['fallback'] =>
  ('default' in type ? type.default : undefined) ?? zeroOf(type);

function givenTo(takes: readonly (Parameter | Field)[] = [], args: Arguments = {}, scope: Scope): Given[] {
  return takes.map((type) => {
    const text = args[type.id];
    const given = text === undefined ? null : compileExpression(text, scope);
    return { id: type.id, name: type.name, type, ready: given, fallback: fallbackOf(type) };
  });
}

/** What happens again and again does so twenty times a second at most, in microseconds: more would only slow a run down. */
const SHORTEST_ROUND = 50_000;

/** Whether a link says anything in the expression language, so that it depends on names elsewhere. */
export const hasNames = (link: Link): boolean =>
  link.when !== undefined ||
  asks(link.trigger) ||
  link.args !== undefined ||
  link.effects.some((effect) => {
    const { gives, tells, rows } = effectOf(effect);
    return gives !== undefined || tells !== undefined || rows !== undefined;
  });

/** Whether a trigger waits for something to hold. */
function asks(trigger: Trigger): boolean {
  const type = triggerOf(trigger);
  return type.life === 'sampled' || (type.life === 'timed' && type.counted(trigger).during !== undefined);
}

/** A link to a screen that is gone runs like a gap, so that no run can stop on it. */
function targetOf(link: Link, known: ReadonlySet<Id>): Id | null {
  if (link.kind !== 'go' && link.kind !== 'open' && link.kind !== 'swap') return null;
  const layer: Layer = link.kind === 'go' ? 'base' : 'overlay';
  if (!link.to) return gapId(layer, SOMEWHERE);
  if ('gap' in link.to) return gapId(layer, link.to.gap);
  return known.has(link.to.screen) ? link.to.screen : gapId(layer, 'A screen that is gone');
}

function byLayer(motion: Motion, project: Project, reduced: boolean): Record<Layer, InOut> {
  const of = (layer: Layer): InOut => compileMotion(motion, layer, project, reduced);
  return { base: of('base'), overlay: of('overlay'), notice: of('notice'), hud: of('hud') };
}

/** What is played where nothing says otherwise. */
export function defaultMotions(project: Project, reduced: boolean): Record<Layer, InOut> {
  const { motion, layers } = project.defaults;
  const of = (layer: Layer): InOut => compileMotion(layers?.[layer] ?? motion, layer, project, reduced);
  return { base: of('base'), overlay: of('overlay'), notice: of('notice'), hud: of('hud') };
}

function overlapOf(order: Order, project: Project): number {
  if (order === 'after') return 0;
  return order === 'together' ? Infinity : toMicros(order.overlap, project.rates);
}

export function tableOf(links: CompiledLink[]): LinkTable {
  const searched: Record<string, Map<Id, CompiledLink[]>> = {};
  for (const on of searchedNames()) searched[on] = new Map();
  const timed: CompiledLink[] = [];
  const sampled: CompiledLink[] = [];
  const followed = { up: [], done: [], failed: [], answer: [] } as Record<Moment, CompiledLink[]>;
  for (const link of links) {
    const type = triggerOf(link.trigger);
    if (type.life === 'searched') push(searched[link.trigger.on]!, link.key, link);
    else if (type.life === 'timed') timed.push(link);
    else if (type.life === 'sampled') sampled.push(link);
    else followed[type.follows].push(link);
  }
  return { all: links, searched: searched as unknown as LinkTable['searched'], timed, sampled, followed };
}

const searchedNames = (): string[] =>
  Object.entries(TRIGGERS).flatMap(([on, { life }]) => (life === 'searched' ? [on] : []));

function push(map: Map<Id, CompiledLink[]>, key: Id, link: CompiledLink): void {
  const list = map.get(key);
  if (list) list.push(link);
  else map.set(key, [link]);
}
