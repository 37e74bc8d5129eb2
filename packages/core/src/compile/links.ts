import { toMicros, type Id, type Layer, type Link, type Motion, type Order, type Project } from '../model';
import { compileMotion, type Half } from '../motion';
import { gapId } from './stand-in';
import type { CompiledLink, LinkTable } from './types';

export function compileLink(
  project: Project,
  link: Link,
  index: number,
  known: ReadonlySet<Id>,
): CompiledLink {
  const { cue, kind } = link;
  const wait =
    cue.on === 'time' ? cue.after : cue.on === 'action' && cue.when === 'held' ? cue.hold : undefined;
  return {
    id: link.id,
    link,
    index,
    from: link.from,
    cue,
    kind,
    to: targetOf(link, known),
    effects: link.effects,
    after: wait === undefined ? 0 : toMicros(wait, project.rates),
    motion: link.motion ? byLayer(link.motion, project) : null,
    overlap: overlapOf(link.order ?? project.house.order, project),
    masked: link.masked ?? project.house.masked,
  };
}

/** A link to a screen that is gone runs like a gap, so that no run can stop on it. */
function targetOf(link: Link, known: ReadonlySet<Id>): Id | null {
  if (link.kind !== 'go' && link.kind !== 'open' && link.kind !== 'swap') return null;
  const layer: Layer = link.kind === 'go' ? 'base' : 'overlay';
  if (!link.to) return gapId(layer, 'Somewhere');
  if ('gap' in link.to) return gapId(layer, link.to.gap);
  return known.has(link.to.screen) ? link.to.screen : gapId(layer, 'A screen that is gone');
}

export function byLayer(motion: Motion, project: Project): Record<Layer, Half> {
  return {
    base: compileMotion(motion, 'base', project.rates),
    overlay: compileMotion(motion, 'overlay', project.rates),
    notice: compileMotion(motion, 'notice', project.rates),
  };
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
    time: [],
    arrival: [],
  };
  for (const link of links) {
    const { cue } = link;
    if (cue.on === 'press') push(table.press, cue.element, link);
    else if (cue.on === 'action') push(table.action, cue.action, link);
    else if (cue.on === 'event') push(table.event, cue.event, link);
    else table[cue.on].push(link);
  }
  return table;
}

function push(map: Map<Id, CompiledLink[]>, key: Id, link: CompiledLink): void {
  const list = map.get(key);
  if (list) list.push(link);
  else map.set(key, [link]);
}
