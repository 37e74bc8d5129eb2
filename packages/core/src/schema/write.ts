import type { Project } from '../model';

/** Keys stand in this order wherever they occur; what is not named here follows by the alphabet. */
const ORDER = [
  'format',
  'id',
  'name',
  'design',
  'rates',
  'house',
  'start',
  'actions',
  'events',
  'values',
  'areas',
  'styles',
  'assets',
  'screens',
  'links',
  'type',
  'kind',
  'layer',
  'direction',
  'from',
  'on',
  'do',
  'cue',
  'element',
  'action',
  'event',
  'when',
  'once',
  'aboveModal',
  'hold',
  'after',
  'since',
  'clock',
  'covered',
  'to',
  'screen',
  'gap',
  'args',
  'outcome',
  'effects',
  'motion',
  'masked',
  'trail',
  'modal',
  'freezes',
  'blocks',
  'releases',
  'remembers',
  'firstFocus',
  'least',
  'parameters',
  'outcomes',
  'shownWhen',
  'lasts',
  'until',
  'again',
  'above',
  'scope',
  'area',
  'row',
  'order',
  'background',
  'parent',
  'place',
  'x',
  'y',
  'at',
  'offset',
  'size',
  'far',
  'own',
  'opacity',
  'text',
  'look',
  'box',
  'asset',
  'fit',
  'style',
  'elements',
];
const RANK = new Map(ORDER.map((key, i) => [key, i]));

/** The project as it is filed: keys in a fixed order, one thing a line, a line end at the end. */
export function writeProject(project: Project): string {
  return JSON.stringify(ordered(project), null, 1) + '\n';
}

function ordered(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(ordered);
  if (typeof value !== 'object' || value === null) return value;
  const rank = (key: string): number => RANK.get(key) ?? ORDER.length;
  const entries = Object.entries(value).sort(([a], [b]) => rank(a) - rank(b) || (a < b ? -1 : 1));
  return Object.fromEntries(entries.map(([key, each]) => [key, ordered(each)]));
}
