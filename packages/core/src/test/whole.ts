import { readFileSync } from 'node:fs';
import type { Project } from '../model';

export const demo = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;

/** The demo, with an id wherever one can stand and the demo has none. */
export const whole: Project = structuredClone(demo);
whole.defaults.layers = {
  overlay: { name: 'made', motion: 'm-lift', leaving: { name: 'made', motion: 'm-lift' } },
};
whole.motions = [
  ...(demo.motions ?? []),
  { id: 'm-lift', name: 'Rise', tracks: [], reduced: { name: 'made', motion: 'm-sink' } },
  {
    id: 'm-sink',
    name: 'Sink',
    tracks: [{ of: { named: 'Title' }, change: 'opacity', from: 0, duration: '1 s' }],
  },
];
whole.styles.text[0]!.font = 'a-lamp';
whole.styles.box[0]!.marker = { asset: 'a-lamp', side: 'left', size: 20, gap: 8 };
whole.assets[0]!.finer = [{ scale: 2, asset: 'a-lamp' }];
whole.sound = { ...demo.sound, focus: 'a-bell', volumes: { all: 'v-oil', music: 'v-oil', effects: 'v-oil' } };
whole.talk = {
  ...demo.talk,
  auto: { value: 'v-subs' },
  reading: { base: '1 s', each: '1 ms', scale: 'v-oil' },
};
whole.areas.push({ id: 'r-sea', name: 'Sea', parent: null });
whole.areas[0]!.parent = 'r-sea';
const [first] = whole.screens;
Object.assign(first!, {
  says: whole.conversations![0]!.id,
  until: { event: 'g-oil' },
  loading: { by: 'events', progress: whole.events[0]!.id, done: 'g-oil', failed: 'g-oil' },
  music: 'a-surf',
  motion: { name: 'made', motion: 'm-lift' },
});
whole.conversations![0]!.steps.push(
  { id: 'z-1', step: 'music', asset: 'a-surf' },
  { id: 'z-2', step: 'show', element: 'Name', picture: 'a-dawn' },
  { id: 'z-3', step: 'effect', effect: { do: 'notice', screen: first!.id } },
  { id: 'z-4', step: 'conversation', conversation: whole.conversations!.at(-1)!.id },
  {
    id: 'z-5',
    step: 'wait',
    event: whole.events[0]!.id,
    otherwise: [{ id: 'z-6', step: 'jump', to: 'z-1' }],
  },
);
