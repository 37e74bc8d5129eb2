import type { Id } from '@tavu/core/model';
import {
  allUp,
  isBlocked,
  isFrozen,
  type Input,
  type Nowhere,
  type Outcome,
  type RunState,
} from '@tavu/core/run';
import { Player } from '@tavu/player';
import { create } from 'zustand';
import { useStudio } from '../studio/store';

/** The one run of the window: the player and what the parts around it show of it. */

export const SPEEDS = [0.25, 1, 2, 8] as const;
/** How much of the run is remembered, in microseconds of the interface clock. */
export const REMEMBERED = 20_000_000;
const MOST_ENTRIES = 400;

export interface Entry {
  n: number;
  outcome: Outcome;
  /** The state before it, to go back to. */
  before: RunState;
}

/** A span of a screen's being up, for the strip. */
export interface Span {
  serial: number;
  screen: Id;
  from: number;
  until: number | null;
}

interface Run {
  held: boolean;
  speed: number;
  /** The keyboard is with the game. */
  inHand: boolean;
  /** Stop where anything leads nowhere, and ask. */
  making: boolean;
  /** What led nowhere and is being asked about. */
  asking: Nowhere | null;
  /** Screens up, base first. */
  up: Id[];
  /** The last link taken. */
  lastLink: Id | null;
  /** Interface clock in microseconds; brought up to date a few times a second. */
  now: number;
  game: number;
  /** The game’s clock stands still; the game gets no input. */
  frozen: boolean;
  blocked: boolean;
  entries: Entry[];
  spans: Span[];
}

export const useRun = create<Run>(() => ({
  held: false,
  speed: 1,
  inHand: false,
  making: true,
  asking: null,
  up: [],
  lastLink: null,
  now: 0,
  game: 0,
  frozen: true,
  blocked: true,
  entries: [],
  spans: [],
}));

const { getState, setState } = useRun;
let player: Player | null = null;
let count = 0;
let last: RunState | null = null;

export const livePlayer = (): Player | null => player;

/** Starts the run in an element. Returns what ends it. */
export function startRun(host: HTMLElement, spares: (event: KeyboardEvent) => boolean): () => void {
  const { flow, sources } = useStudio.getState();
  last = null;
  setState({ held: false, asking: null, entries: [], spans: [], lastLink: null });
  const made = new Player(host, { flow, sources, onStep: hear, spares });
  player = made;
  made.speed = getState().speed;
  const stop = useStudio.subscribe((now, before) => {
    if (now.sources !== before.sources) made.show(now.sources);
    if (now.flow !== before.flow) made.load(now.flow);
  });
  return () => {
    stop();
    made.destroy();
    player = null;
  };
}

function hear(outcomes: readonly Outcome[], state: RunState): void {
  const before = last ?? state;
  last = state;
  const told = getState();
  const up = allUp(state).map((each) => each.screen);
  const changed =
    outcomes.length > 0 || up.length !== told.up.length || up.some((id, i) => id !== told.up[i]);
  if (!changed && Math.abs(state.now - told.now) < 90_000) return;
  const clocks = { now: state.now, game: state.game, ...gameOf(state) };
  if (!changed) {
    setState(clocks);
    return;
  }
  // After going back in time, what came later has not happened.
  const restarted = state.now < told.now;
  const entries = told.entries.filter((each) => !restarted || each.outcome.at <= state.now);
  for (const outcome of outcomes) entries.push({ n: ++count, outcome, before });
  const link = outcomes.filter((each) => each.did === 'link').at(-1);
  const nowhere = outcomes.find((each) => each.did === 'nowhere');
  setState({
    ...clocks,
    up,
    entries: entries.slice(-MOST_ENTRIES),
    spans: spansOf(restarted ? [] : told.spans, state),
    ...(link ? { lastLink: link.link } : {}),
  });
  if (link) glow(link.link);
  if (nowhere && told.making && !told.asking) ask(nowhere.what);
}

/** How long the last link taken is lit on the map, in milliseconds. */
const GLOW = 2500;
let fading: ReturnType<typeof setTimeout> | undefined;

function glow(link: Id): void {
  clearTimeout(fading);
  fading = setTimeout(() => {
    if (getState().lastLink === link) setState({ lastLink: null });
  }, GLOW);
}

function gameOf(state: RunState): { frozen: boolean; blocked: boolean } {
  const flow = player?.flow ?? useStudio.getState().flow;
  return { frozen: isFrozen(flow, state), blocked: isBlocked(flow, state) };
}

function spansOf(before: readonly Span[], state: RunState): Span[] {
  const up = allUp(state);
  const kept = before
    .filter((span) => span.until === null || span.until > state.now - REMEMBERED)
    .map((span) =>
      span.until === null && !up.some((each) => each.serial === span.serial)
        ? { ...span, until: state.now }
        : span,
    );
  const known = new Set(kept.map((span) => span.serial));
  const fresh = up
    .filter((each) => !known.has(each.serial))
    .map(({ serial, screen, taken }) => ({ serial, screen, from: taken, until: null }));
  return [...kept, ...fresh];
}

/** A press that bubbles up to here from a step is asked about once the step is over. */
function ask(what: Nowhere): void {
  queueMicrotask(() => {
    hold();
    setState({ asking: what });
  });
}

export function hold(): void {
  player?.hold();
  if (player) setState({ held: true, now: player.state.now });
}

export function letGo(): void {
  player?.letGo();
  setState({ held: false, asking: null });
}

export const toggleHold = (): void => (getState().held ? letGo() : hold());

export function setSpeed(speed: number): void {
  if (player) player.speed = speed;
  setState({ speed });
}

/** What is told of a run that is over. */
const FORGOTTEN = { entries: [], spans: [], lastLink: null, now: 0, game: 0, asking: null };

export function restart(): void {
  setState(FORGOTTEN);
  player?.restart();
  letGo();
}

/** Brings a screen up, at rest and held; one that is up already is only held. */
export function showHeld(screen: Id): void {
  if (!player) return;
  if (!getState().up.includes(screen)) {
    setState(FORGOTTEN);
    player.beginAt(screen, true);
  }
  hold();
}

/** Plays from a screen. */
export function startAt(screen: Id): void {
  setState(FORGOTTEN);
  player?.beginAt(screen, false);
  letGo();
}

export function give(input: Input): void {
  if (getState().held) letGo();
  player?.give(input);
}

export function goBackTo(entry: Entry): void {
  hold();
  player?.goTo(entry.before);
}

export function setMaking(making: boolean): void {
  setState({ making });
}

export const setInHand = (inHand: boolean): void => setState({ inHand });

/** Gives what led nowhere once more, now that it leads somewhere. */
export function giveAgain(what: Nowhere): void {
  letGo();
  if (!player) return;
  if (what.kind === 'event') return player.give({ type: 'event', event: what.event });
  if (what.kind === 'input') return tap(what.code);
  const { spot } = what;
  const confirm = useStudio.getState().project.actions.find((each) => each.id === 'confirm');
  const { device } = player.state;
  if ((device === 'keys' || device === 'pad') && confirm?.keys[0]) return tap(confirm.keys[0]);
  player.give({ type: 'pointer', device: device === 'touch' ? 'touch' : 'pointer', phase: 'down', spot });
  player.give({ type: 'pointer', device: device === 'touch' ? 'touch' : 'pointer', phase: 'up', spot });
}

function tap(code: string): void {
  const pad = /^pad (\d+)$/.exec(code);
  for (const phase of ['down', 'up'] as const)
    player?.give(pad ? { type: 'pad', button: Number(pad[1]), phase } : { type: 'key', code, phase });
}
