import { padOf } from '@tavu/core/keys';
import { gapName, messageOf, type Flow } from '@tavu/core/compile';
import type { Id, Scalar } from '@tavu/core/model';
import {
  allUp,
  isBlocked,
  isFrozen,
  type Device,
  type Input,
  type Nowhere,
  type Outcome,
  type RunState,
} from '@tavu/core/run';
import { Player } from '@tavu/player';
import { create } from 'zustand';
import { keepPlayed, storageFault } from '../persistence';
import { say, useStudio, useLanguage } from '../store';
import { Log, type Entry } from './log';
import { flowAt, useSizes } from './sizes';

/** The one run of the window: the player and what the parts around it show of it. */

export const SPEEDS = [0.25, 1, 2, 8] as const;
/** How much of the run is remembered, in microseconds of the interface clock. */
export const REMEMBERED = 20_000_000;

/** A span of a screen's being up, for the strip. */
export interface Span {
  serial: number;
  screen: Id;
  from: number;
  until: number | null;
}

/** What is asked about: what led nowhere, or a screen that came up and is not made yet. */
export type Asked = Nowhere | { kind: 'gap'; screen: Id };

interface Run {
  held: boolean;
  /** What stopped the run: on which screen, and what was thrown. */
  fault: { screen: Id; message: string } | null;
  speed: number;
  muted: boolean;
  /** The one device that plays; null is any. */
  only: Device | null;
  /** The keyboard is with the game. */
  inHand: boolean;
  /** Stop where anything leads nowhere, and ask. */
  making: boolean;
  /** What led nowhere and is being asked about. */
  asking: Asked | null;
  /** All that is up, base first. */
  up: Id[];
  /** The last link taken. */
  lastLink: Id | null;
  /** Interface clock in microseconds; brought up to date a few times a second. */
  now: number;
  /** How far the run has come; later than `now` while it has been taken back and not let go on. */
  end: number;
  game: number;
  /** The game’s clock stands still; the game gets no input. */
  frozen: boolean;
  blocked: boolean;
  values: RunState['values'];
  /** Slots that hold a saved game. */
  saves: string[];
  /** Goes up whenever something is added to the log, or taken from it. */
  logged: number;
  spans: Span[];
}

export const useRun = create<Run>(() => ({
  held: false,
  fault: null,
  speed: 1,
  muted: false,
  only: null,
  inHand: false,
  making: true,
  asking: null,
  up: [],
  lastLink: null,
  now: 0,
  end: 0,
  game: 0,
  frozen: true,
  blocked: true,
  values: {},
  saves: [],
  logged: 0,
  spans: [],
}));

/** What has happened in this run. */
export const runLog = new Log();

const { getState, setState } = useRun;
let player: Player | null = null;
let last: RunState | null = null;

export const livePlayer = (): Player | null => player;

/** The flow as Live runs it: laid out for the size it shows. */
export const liveFlow = (): Flow => flowAt(useStudio.getState().flow, useSizes.getState().size);

/** Starts the run in an element. Returns what ends it. */
export function startRun(host: HTMLElement, spares: (event: KeyboardEvent) => boolean): () => void {
  const { sources } = useStudio.getState();
  forget();
  setState({ held: false, fault: null });
  const { id } = useStudio.getState().project;
  const made = new Player(host, {
    flow: liveFlow(),
    sources,
    onStep: hear,
    spares,
    takesHandFirst: true,
    veils: true,
    onFault: (error, state) => {
      const { screen } = state.overlays.at(-1) ?? state.base;
      setState({ held: true, fault: { screen, message: messageOf(error) } });
    },
    kept: useStudio.getState().played,
    onKept: (kept) => {
      keepPlayed(id, kept).catch((error: unknown) =>
        say(`What was chosen while playing is not kept: ${storageFault(error)}`),
      );
    },
  });
  player = made;
  made.speed = getState().speed;
  made.muted = getState().muted;
  made.only = getState().only;
  const stop = useStudio.subscribe((now, before) => {
    if (now.sources !== before.sources) made.show(now.sources);
    if (now.flow !== before.flow) {
      // What stopped it may be mended.
      setState({ fault: null });
      made.load(liveFlow());
    }
  });
  const stopSizes = useSizes.subscribe((now, before) => {
    if (now.size !== before.size) made.load(liveFlow());
  });
  const stopLanguage = useLanguage.subscribe(() => made.load(liveFlow()));
  return () => {
    stop();
    stopLanguage();
    stopSizes();
    made.destroy();
    player = null;
  };
}

/** States the run has gone through, to go back to: after every step that did anything, and now and then between. */
let moments: RunState[] = [];
const MOST_MOMENTS = 1500;
/** While the run is being taken back, what is told of it stays as it was. */
let turning = false;

/** What Live shows is no part of the run: one hand-over by itself. */
let asideFrom: RunState | null = null;

/** Shows a state that is no part of the run; the run waits where it is. */
export function showAside(state: RunState): void {
  if (!player) return;
  if (!asideFrom) {
    hold();
    asideFrom = player.state;
  }
  player.see(state);
}

/** Back to the run. */
export function endAside(): void {
  const state = asideFrom;
  if (!state) return;
  player?.goTo(state);
  asideFrom = null;
}

function hear(outcomes: readonly Outcome[], state: RunState): void {
  if (asideFrom) return;
  const before = last ?? state;
  last = state;
  const told = getState();
  const up = allUp(state).map((each) => each.screen);
  const changed =
    outcomes.length > 0 ||
    state.values !== told.values ||
    up.length !== told.up.length ||
    up.some((id, i) => id !== told.up[i]);
  if (!changed && Math.abs(state.now - told.now) < 90_000) return;
  const seen = {
    now: state.now,
    game: state.game,
    ...gameOf(state),
    values: state.values,
    saves: Object.keys(state.saves),
  };
  if (turning) {
    setState({ ...seen, up });
    return;
  }
  const since = moments.at(-1)?.now ?? -Infinity;
  if (changed || state.now - since > 250_000) moments = [...moments.slice(-MOST_MOMENTS), state];
  if (!changed) {
    setState({ ...seen, end: state.now });
    return;
  }
  for (const outcome of outcomes) runLog.add(outcome, before);
  const link = outcomes.filter((each) => each.did === 'link').at(-1);
  for (const outcome of outcomes)
    if (outcome.did === 'address') say(`Here the player would be asked whether to open ${outcome.url}.`);
  setState({
    ...seen,
    // An edit while the run has been taken back leaves what came later where it is.
    end: told.held && outcomes.length === 0 ? Math.max(told.end, state.now) : state.now,
    up,
    logged: runLog.changes,
    spans: spansOf(told.spans, state),
    ...(link ? { lastLink: link.link } : {}),
  });
  if (link) glow(link.link);
  const what = told.making && !told.asking ? deadEnd(outcomes) : null;
  if (what) ask(what, before);
}

/** The first thing in a step that leads nowhere, or comes up without being made. */
function deadEnd(outcomes: readonly Outcome[]): Asked | null {
  for (const outcome of outcomes) {
    if (outcome.did === 'nowhere') return outcome.what;
    if (outcome.did === 'up' && gapName(outcome.screen) !== null)
      return { kind: 'gap', screen: outcome.screen };
  }
  return null;
}

/** Takes the run back or forth to a moment; what came later is forgotten only when it goes on from there. */
function turnTo(state: RunState, pass = 0): void {
  if (!player) return;
  endAside();
  hold();
  turning = true;
  player.goTo(state);
  if (pass > 0) player.pass(pass);
  turning = false;
}

/** The state the run was in at a time, in microseconds, as the project is now. */
export function turnBackTo(time: number): void {
  const found = [...moments].reverse().find((each) => each.now <= time) ?? moments[0];
  if (found) turnTo(found, Math.max(0, Math.round(time - found.now)));
}

/** What is told of the run ends where it has been taken back to. */
function goOnFromHere(): void {
  const { now, end, spans } = getState();
  if (now >= end) return;
  runLog.cut(now);
  moments = moments.filter((each) => each.now <= now);
  setState({
    end: now,
    logged: runLog.changes,
    spans: spans
      .filter((span) => span.from <= now)
      .map((span) => (span.until !== null && span.until > now ? { ...span, until: null } : span)),
  });
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

/** What a dead end had before it: an answer is given again from there. */
let beforeAsking: RunState | null = null;

/** A press that bubbles up to here from a step is asked about once the step is over. */
function ask(what: Asked, before: RunState): void {
  beforeAsking = before;
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
  endAside();
  goOnFromHere();
  player?.letGo();
  setState({ held: false, asking: null, fault: null });
}

export const toggleHold = (): void => (getState().held ? letGo() : hold());

export function setSpeed(speed: number): void {
  if (player) player.speed = speed;
  setState({ speed });
}

/** What is told of a run that is over. */
const FORGOTTEN = { spans: [], lastLink: null, now: 0, end: 0, game: 0, asking: null };

function forget(): void {
  moments = [];
  last = null;
  runLog.clear();
  setState({ ...FORGOTTEN, logged: runLog.changes });
}

export function restart(): void {
  endAside();
  forget();
  player?.restart();
  letGo();
}

/** Brings a screen up, at rest and held; one that is up already is only held. */
export function showHeld(screen: Id): void {
  if (!player) return;
  endAside();
  if (!getState().up.includes(screen)) {
    forget();
    player.beginAt(screen, true);
  }
  hold();
}

/** Plays a conversation from one of its steps, on its screen. */
export function playLine(screen: Id, line: { conversation: Id; key: string }): void {
  endAside();
  forget();
  player?.beginAt(screen, true, line);
  letGo();
}

/** Plays from a screen. */
export function startAt(screen: Id): void {
  endAside();
  forget();
  player?.beginAt(screen, false);
  letGo();
}

export function give(input: Input): void {
  endAside();
  if (getState().held) letGo();
  player?.give(input);
}

/** To just before an entry, as long as that is remembered. */
export function goBackTo({ before }: Entry): void {
  if (before) turnTo(before);
}

/** Goes on to the next moment at which anything happens of itself, and stays held there. */
export function stepOn(): boolean {
  if (!player) return false;
  endAside();
  hold();
  goOnFromHere();
  return player.passToDue();
}

/** Sets a value by hand; the run stays held or goes on as it was. */
export function setByHand(value: Id, to: Scalar): void {
  goOnFromHere();
  player?.give({ type: 'value', value, to, byHand: true });
  player?.paint();
}

export function setMuted(muted: boolean): void {
  if (player) player.muted = muted;
  setState({ muted });
}

/** Lets only one device play, to feel how it is with that alone. */
export function setOnly(only: Device | null): void {
  if (player) player.only = only;
  setState({ only });
}

/** Everything that was chosen and saved while playing is forgotten, and the run begins anew. */
export function forgetPlayed(): void {
  endAside();
  forget();
  player?.forget();
  letGo();
}

export function setMaking(making: boolean): void {
  setState({ making });
}

export const setInHand = (inHand: boolean): void => setState({ inHand });

/** Gives what led nowhere once more, now that it leads somewhere. */
export function giveAgain(what: Asked): void {
  const { device } = player?.state ?? {};
  if (what.kind === 'returned' && beforeAsking) {
    // The screen that answered has gone; it is brought back, and answers once more.
    turnTo(beforeAsking);
    letGo();
    return player?.again();
  }
  letGo();
  if (!player || what.kind === 'gap' || what.kind === 'returned') return;
  if (what.kind === 'event') return player.give({ type: 'event', event: what.event, fields: what.fields });
  if (what.kind === 'done' || what.kind === 'failed')
    return player.give({ type: what.kind, screen: what.screen });
  if (what.kind === 'input') return tap(what.code);
  const { spot } = what;
  const confirm = useStudio.getState().project.actions.find((each) => each.id === 'confirm');
  const standing =
    player.state.base.serial === spot.serial ||
    player.state.overlays.some((each) => each.serial === spot.serial);
  if ((device === 'keys' || device === 'pad') && confirm?.keys[0] && standing) return tap(confirm.keys[0]);
  const by = device === 'touch' ? 'touch' : 'pointer';
  player.give({ type: 'pointer', device: by, phase: 'down', spot });
  player.give({ type: 'pointer', device: by, phase: 'up', spot });
}

function tap(code: string): void {
  const pad = padOf(code);
  for (const phase of ['down', 'up'] as const)
    player?.give(pad === null ? { type: 'key', code, phase } : { type: 'pad', button: pad, phase });
}
