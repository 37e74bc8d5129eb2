import type { CompiledLink, Flow } from '../compile';
import type { Id } from '../model';
import { elementOf } from '../triggers';
import {
  allUp,
  closingOf,
  fork,
  type Instance,
  isFrozen,
  type Outcome,
  pressMask,
  type RunState,
  screenOf,
} from './state';
import { fallbacks, type Search, takeLink } from './links';
import { beginAt, step, type Before } from './step';

/** One transition by itself: the moment after a link has been taken, by the engine, from its source at rest. */
export interface Rehearsal {
  link: Id;
  state: RunState;
  outcomes: readonly Outcome[];
  /** Instances that came with it have this serial number or a higher one. */
  since: number;
  /** Interface time from the press until everything has come and gone, in microseconds. */
  length: number;
}

/** Takes a link from its source at rest, whatever its condition says. Null where there is no such link. */
export function rehearse(flow: Flow, id: Id, before: Before = {}): Rehearsal | null {
  const link = flow.links.get(id);
  if (!link) return null;
  const from = sourceOf(flow, link);
  const state = fork(beginAt(flow, from, true, before).state);
  const source = allUp(state).find((instance) => instance.screen === link.from) ?? null;
  const pressed = elementOf(link.trigger);
  if (source && pressed !== null && screenOf(flow, source).focus.order.includes(pressed))
    source.focus = pressed;
  if (link.kind === 'back' && (source ?? state.base).layer === 'base') comeFromElsewhere(flow, state, from);
  const outcomes: Outcome[] = [];
  const since = state.serial;
  const search: Search = { flow, state, say: (outcome) => outcomes.push(outcome), fields: null, passed: [] };
  takeLink(search, link, source);
  const ends = [
    ...state.leaving.map((leaving) => leaving.until),
    ...fresh(state, since).map((instance) => instance.settled),
  ].filter(Number.isFinite);
  return { link: id, state, outcomes, since, length: Math.max(0, ...ends.map((end) => end - state.now)) };
}

/** The screen a link is rehearsed from: its own, one that holds its component, one of its area, or the start. */
function sourceOf(flow: Flow, { from }: CompiledLink): Id {
  if (flow.screens.has(from)) return from;
  for (const screen of flow.screens.values())
    if (screen.areas.includes(from) || screen.components.some((component) => component.id === from))
      return screen.id;
  return flow.start;
}

/** Something to go back to: the first base that leads here. */
function comeFromElsewhere(flow: Flow, state: RunState, here: Id): void {
  if (state.trail.length > 0) return;
  for (const link of flow.links.values()) {
    const other = flow.screens.get(link.from);
    if (link.to !== here || other?.layer !== 'base' || other.id === here) continue;
    const args = fallbacks(flow, other.id);
    state.trail = [
      { serial: -1, screen: other.id, focus: null, args, opener: null, cameFrom: null, overlays: [] },
    ];
    return;
  }
}

/** What came with the step. */
const fresh = (state: RunState, since: number): Instance[] =>
  allUp(state).filter((instance) => instance.serial >= since);

/** The state of a rehearsal `micros` microseconds after the press. */
export const rehearsedAt = (flow: Flow, { state }: Rehearsal, micros: number): RunState =>
  step(flow, state, { type: 'time', pass: micros }).state;

/** A part of a picture that moves, from and until, in microseconds since the press. */
export interface Bar {
  from: number;
  until: number;
}
export interface PartBar extends Bar {
  /** `screen`, `background`, `content`, or an element's id. */
  part: string;
  properties: readonly string[];
}
export interface PictureBar extends Bar {
  serial: number;
  screen: Id;
  layer: Instance['layer'];
  way: 'leaving' | 'entering';
  parts: readonly PartBar[];
}
export interface Transition {
  pictures: readonly PictureBar[];
  /** When a press is ignored, or kept. */
  masked: (Bar & { how: string }) | null;
  /** When the game's clock stands still. */
  frozen: readonly Bar[];
  /** Assets of sounds that begin. */
  sounds: readonly { at: number; asset: Id }[];
  length: number;
}

/** The plan the engine has made for a transition, as it stands in the state: nothing is worked out again. */
export function transitionOf(flow: Flow, rehearsal: Rehearsal): Transition {
  const { state, length, since } = rehearsal;
  const zero = state.now;
  const pictures: PictureBar[] = [
    ...state.leaving.map((leaving): PictureBar => {
      const { serial, screen, layer, half } = leaving;
      const from = leaving.from - zero;
      return {
        serial,
        screen,
        layer,
        way: 'leaving',
        from,
        until: leaving.until - zero,
        parts: partsOf(half, from),
      };
    }),
    ...fresh(state, since)
      .filter((instance) => Number.isFinite(instance.shown))
      .map((instance): PictureBar => {
        const { serial, screen, layer, half } = instance;
        const from = instance.shown - zero;
        return {
          serial,
          screen,
          layer,
          way: 'entering',
          from,
          until: instance.settled - zero,
          parts: partsOf(half, from),
        };
      }),
  ];
  const mask = pressMask(flow, state);
  const settled = Math.max(
    zero,
    ...[state.base, ...state.overlays]
      .filter((instance) => instance.masked !== 'through')
      .map((instance) => instance.settled),
    ...closingOf(flow, state).map((leaving) => leaving.until),
  );
  const times = [
    ...new Set([0, ...pictures.flatMap((picture) => [picture.from, picture.until]), length]),
  ].sort((a, b) => a - b);
  const frozen: { from: number; until: number }[] = [];
  times.forEach((from, i) => {
    const until = times[i + 1];
    if (until === undefined || until <= from || !isFrozen(flow, rehearsedAt(flow, rehearsal, from))) return;
    const last = frozen.at(-1);
    if (last?.until === from) last.until = until;
    else frozen.push({ from, until });
  });
  return {
    pictures,
    masked: mask === null ? null : { from: 0, until: settled - zero, how: mask },
    frozen,
    sounds: rehearsal.outcomes.flatMap((outcome) =>
      outcome.did === 'sound' ? [{ at: outcome.at - zero, asset: outcome.asset }] : [],
    ),
    length,
  };
}

function partsOf({ tracks }: Instance['half'], from: number): PartBar[] {
  const parts = new Map<string, { from: number; until: number; properties: string[] }>();
  for (const { key, delay, duration } of tracks) {
    const cut = key.lastIndexOf(' ');
    const [part, property] = [key.slice(0, cut), key.slice(cut + 1)];
    const bar = parts.get(part) ?? { from: Infinity, until: 0, properties: [] };
    bar.from = Math.min(bar.from, from + delay);
    bar.until = Math.max(bar.until, from + delay + duration);
    if (!bar.properties.includes(property)) bar.properties.push(property);
    parts.set(part, bar);
  }
  return [...parts].map(([part, bar]) => ({ part, ...bar }));
}
