import type { Thing } from '../references';
import type { Project } from '../model';

/** The lists of a project, and what stands in them. */
export const LISTS = {
  screen: 'screens',
  link: 'links',
  area: 'areas',
  component: 'components',
  action: 'actions',
  event: 'events',
  value: 'values',
  list: 'lists',
  motion: 'motions',
  skin: 'skins',
  asset: 'assets',
  speaker: 'speakers',
  conversation: 'conversations',
  routine: 'routines',
} as const satisfies Partial<Record<Thing, keyof Project>>;
export type Listed = keyof typeof LISTS;
