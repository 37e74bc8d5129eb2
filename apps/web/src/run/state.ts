import type { Id } from '@tavu/core/model';
import type { Nowhere, RunState } from '@tavu/core/run';
import type { Playing } from '@tavu/player';
import { create } from 'zustand';
import { Log } from './log';

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

/** A key or pad button that led nowhere, and the state there was before it. */
export interface UnusedKey {
  what: Extract<Nowhere, { kind: 'input' }>;
  before: RunState;
}

interface Run extends Playing {
  /** What stopped the run: on which screen, and what was thrown. */
  fault: { screen: Id; message: string } | null;
  /** The keyboard is with the game. */
  inHand: boolean;
  /** Stop where anything leads nowhere, and ask. */
  making: boolean;
  /** What led nowhere and is being asked about. */
  asking: Asked | null;
  /** The last key that led nowhere: only noted, since the run goes on. */
  unusedKey: UnusedKey | null;
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
  lists: RunState['lists'];
  saves: RunState['saves'];
  /** Goes up whenever something is added to the log, or taken from it. */
  logged: number;
  spans: Span[];
}

/** What is told of the run, and how it is played: the player reads that here. */
export const useRun = create<Run>(() => ({
  held: false,
  fault: null,
  speed: 1,
  muted: false,
  only: null,
  inHand: false,
  making: true,
  asking: null,
  unusedKey: null,
  up: [],
  lastLink: null,
  now: 0,
  end: 0,
  game: 0,
  frozen: true,
  blocked: true,
  values: {},
  lists: {},
  saves: {},
  logged: 0,
  spans: [],
}));

/** What has happened in this run. */
export const runLog = new Log();
