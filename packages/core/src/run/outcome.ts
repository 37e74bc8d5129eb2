import type { Cue, Id } from '../model';
import type { Spot } from './state';

/** What a step did, in order; `at` is the interface clock in microseconds. */
export type Outcome = { at: number } & (
  | { did: 'input'; input: string }
  | { did: 'link'; link: Id; from: Id; serial: number | null; cue: Cue }
  | { did: 'up'; screen: Id; serial: number }
  | { did: 'down'; screen: Id; serial: number }
  | { did: 'notice'; screen: Id; serial: number }
  | { did: 'send'; event: Id }
  /** An input that no link takes and the game does not get either. */
  | { did: 'nowhere'; what: Nowhere }
  /** The game has it. */
  | { did: 'to game'; code: string }
  | { did: 'masked'; kept: boolean }
  | { did: 'wait'; link: Id; until: number }
  | { did: 'unsettled'; screen: Id }
  | { did: 'end' }
);

export type Nowhere =
  | { kind: 'press'; spot: Spot }
  | { kind: 'input'; code: string; actions: Id[]; game: boolean }
  | { kind: 'event'; event: Id };

export type Say = (outcome: Outcome) => void;
