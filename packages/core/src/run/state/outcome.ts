import { type Why } from '../../expression';
import type { ListTrouble, ListWrite } from '../../lists';
import type { Trigger, Id, Scalar } from '../../model';
import type { Scalars, Spot } from './state';

/** Why a link that was asked did not take what came. */
export type Reason =
  /** Its condition did not hold; what the names in it held. */
  | { because: 'condition'; text: string; read: [string, Scalar | undefined][] }
  | { because: 'once' }
  | { because: 'nothing to go back to' }
  | { because: 'not an overlay' }
  /** It would open something over a modal screen that lies above its source. */
  | { because: 'covered' };

export interface Passed {
  link: Id;
  reason: Reason;
}

/** What a step did, in order; `at` is the interface clock in microseconds. */
export type Outcome = { at: number } & (
  | { did: 'input'; input: string; fields?: Scalars }
  /** `passed` are links that were asked before it and did not fit. */
  | { did: 'link'; link: Id; from: Id; serial: number | null; trigger: Trigger; passed?: Passed[] }
  | { did: 'up'; screen: Id; serial: number }
  | { did: 'down'; screen: Id; serial: number }
  | { did: 'notice'; screen: Id; serial: number }
  /** A notice waits in line, was ignored since it is up, or found the line full. */
  | { did: 'in line' | 'ignored' | 'overflow'; screen: Id }
  | { did: 'send'; event: Id; fields: Scalars }
  | { did: 'sound' | 'stop sound'; asset: Id }
  /** `by` is the link; null is the game, or a hand. `wanted` was out of range. */
  | { did: 'set'; value: Id; to: Scalar; by: Id | null; wanted?: Scalar }
  /** A value that is gone, cannot hold this, or is not the game's to write. */
  | { did: 'refused'; value: Id; to: Scalar; why?: 'not by the game' }
  /** Something was done to a list, and what of it could not be taken; `rows` is how many it has then. */
  | {
      did: 'list';
      list: Id;
      what: ListWrite['do'];
      rows: number;
      by: Id | null;
      troubles?: readonly ListTrouble[];
    }
  /** Nothing was done to it. */
  | { did: 'list refused'; list: Id; why: 'gone' | 'not by the game' | 'saved games' }
  /** A field came with something of another type, and counts as nothing of its own. */
  | { did: 'misfit'; event: Id; field: Id; given: Scalar; to: Scalar }
  /** A player has pressed what an action is to be bound to; `clash` is the action that has it already. */
  | { did: 'bound'; action: Id; code: string; clash: Id | null }
  | { did: 'save'; slot: string }
  | { did: 'load'; slot: string; found: boolean }
  /** An expression of a link or screen gave nothing, and counts as false. */
  | { did: 'failed'; where: Id; text: string; why: Why }
  /** An input that no link takes and the game does not get either. */
  | { did: 'nowhere'; what: Nowhere; passed?: Passed[] }
  /** The game has it; a key that it had go down it also has come up. */
  | { did: 'to game'; code: string; phase: 'down' | 'up' }
  /** How far a stick, or the device itself, is pushed now: -1 to 1 to the right and downwards. `of` is the element, or `tilt`. */
  | { did: 'axis'; of: Id; x: number; y: number }
  | { did: 'masked'; kept: boolean }
  /** A press that was kept is lost: what it was for has gone, or a later one took its place. */
  | { did: 'dropped'; why: 'gone' | 'later' }
  /** What was waited for has not come in its time: loading, an answer, or an event of the game. */
  | { did: 'limit'; screen: Id; of: 'loading' | 'choice' | 'event' }
  /** A line that says nothing is passed over. */
  | { did: 'empty'; screen: Id; conversation: Id; key: string }
  | { did: 'wait'; link: Id; until: number }
  | { did: 'unsettled'; screen: Id }
  /** A line begins, or a choice is offered with words; `key` leads to its step. */
  | { did: 'line'; screen: Id; conversation: Id; key: string; speaker: Id | null; text: string }
  | { did: 'choice'; screen: Id; key: string; option: Id; text: string }
  /** A web address was pressed; whoever plays the flow asks before it is opened. */
  | { did: 'address'; url: string }
  | { did: 'end' }
);

export type Nowhere =
  | { kind: 'press'; spot: Spot }
  | { kind: 'input'; code: string; actions: Id[]; game: boolean }
  | { kind: 'event'; event: Id; fields: Scalars }
  | { kind: 'done'; screen: Id }
  | { kind: 'failed'; screen: Id }
  /** `screen` answered and `to`, which had opened it, has no link for that. */
  | { kind: 'returned'; screen: Id; outcome: Id; to: Id };

export type Say = (outcome: Outcome) => void;
