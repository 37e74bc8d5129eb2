import { ready, scopeOfLink, type Scope } from '../expression';
import {
  screenById,
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
} from '../model';
import { compileMotion, type Halves } from '../motion';
import { gapId } from './stand-in';
import type { CompiledEffect, CompiledLink, Given, LinkTable } from './types';

export function compileLink(
  project: Project,
  link: Link,
  index: number,
  known: ReadonlySet<Id>,
  reduced: boolean,
): CompiledLink {
  const { cue, kind } = link;
  const wait =
    cue.on === 'time' ? cue.after : cue.on === 'action' && cue.when === 'held' ? cue.hold : undefined;
  const scope = scopeOfLink(project, link);
  const to = targetOf(link, known);
  return {
    id: link.id,
    link,
    index,
    from: link.from,
    cue,
    kind,
    when: link.when === undefined ? null : ready(link.when, scope),
    awaits: cue.on === 'value' ? ready(cue.when, scope) : null,
    to,
    args: givenTo(screenById(project, to)?.parameters, link.args, scope),
    effects: link.effects.map((effect) => compileEffect(project, effect, scope)),
    after: wait === undefined ? 0 : timerMicros(wait, project.rates),
    motion: link.motion ? byLayer(link.motion, project, reduced) : null,
    overlap: overlapOf(link.order ?? project.house.order, project),
    masked: link.masked ?? project.house.masked,
    says: link.says ?? null,
  };
}

export function compileEffect(project: Project, effect: Effect, scope: Scope): CompiledEffect {
  const gives = effect.do === 'set' ? effect.to : 'slot' in effect ? effect.slot : null;
  return {
    effect,
    after: effect.after === undefined ? 0 : timerMicros(effect.after, project.rates),
    gives: gives === null ? null : ready(gives, scope),
    args:
      effect.do === 'notice'
        ? givenTo(screenById(project, effect.screen)?.parameters, effect.args, scope)
        : effect.do === 'send'
          ? givenTo(project.events.find((each) => each.id === effect.event)?.fields, effect.fields, scope)
          : [],
  };
}

export const fallbackOf = (type: Parameter | Field): Given['fallback'] =>
  ('default' in type ? type.default : undefined) ?? zeroOf(type);

function givenTo(takes: readonly (Parameter | Field)[] = [], args: Arguments = {}, scope: Scope): Given[] {
  return takes.map((type) => {
    const text = args[type.id];
    const given = text === undefined ? null : ready(text, scope);
    return { id: type.id, name: type.name, type, ready: given, fallback: fallbackOf(type) };
  });
}

/** Whether a link says anything in the expression language, so that it depends on names elsewhere. */
export const hasNames = (link: Link): boolean =>
  link.when !== undefined ||
  link.cue.on === 'value' ||
  link.args !== undefined ||
  link.effects.some(
    (effect) => effect.do === 'notice' || effect.do === 'send' || 'to' in effect || 'slot' in effect,
  );

/** A link to a screen that is gone runs like a gap, so that no run can stop on it. */
function targetOf(link: Link, known: ReadonlySet<Id>): Id | null {
  if (link.kind !== 'go' && link.kind !== 'open' && link.kind !== 'swap') return null;
  const layer: Layer = link.kind === 'go' ? 'base' : 'overlay';
  if (!link.to) return gapId(layer, 'Somewhere');
  if ('gap' in link.to) return gapId(layer, link.to.gap);
  return known.has(link.to.screen) ? link.to.screen : gapId(layer, 'A screen that is gone');
}

function byLayer(motion: Motion, project: Project, reduced: boolean): Record<Layer, Halves> {
  const of = (layer: Layer): Halves => compileMotion(motion, layer, project, reduced);
  return { base: of('base'), overlay: of('overlay'), notice: of('notice'), companion: of('companion') };
}

/** What is played where nothing says otherwise. */
export function houseMotions(project: Project, reduced: boolean): Record<Layer, Halves> {
  const { motion, layers } = project.house;
  const of = (layer: Layer): Halves => compileMotion(layers?.[layer] ?? motion, layer, project, reduced);
  return { base: of('base'), overlay: of('overlay'), notice: of('notice'), companion: of('companion') };
}

function overlapOf(order: Order, project: Project): number {
  if (order === 'after') return 0;
  return order === 'together' ? Infinity : toMicros(order.overlap, project.rates);
}

export function tableOf(links: CompiledLink[]): LinkTable {
  const table: LinkTable = {
    all: links,
    press: new Map(),
    action: new Map(),
    event: new Map(),
    returned: new Map(),
    time: [],
    arrival: [],
    done: [],
    failed: [],
    value: [],
  };
  for (const link of links) {
    const { cue } = link;
    if (cue.on === 'press') push(table.press, cue.element, link);
    else if (cue.on === 'action') push(table.action, cue.action, link);
    else if (cue.on === 'event') push(table.event, cue.event, link);
    else if (cue.on === 'returned') push(table.returned, cue.screen, link);
    else table[cue.on].push(link);
  }
  return table;
}

function push(map: Map<Id, CompiledLink[]>, key: Id, link: CompiledLink): void {
  const list = map.get(key);
  if (list) list.push(link);
  else map.set(key, [link]);
}
