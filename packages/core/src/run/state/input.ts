import type { ListWrite } from '../../lists';
import type { Gesture, Id, Scalar } from '../../model';
import type { Device, Scalars, Spot } from './state';

/**
 * What a run can be given, and what the player's `clock` says then, in milliseconds since 1970 (an ECMAScript time value);
 * absent: as it last said.
 */
export type Input = Given & { clock?: number };

/** `code` is a UI Events code such as `Escape`, or `pad 9`. */
type Given =
  | {
      type: 'key';
      code: string;
      phase: 'down' | 'up';
      repeat?: boolean;
      /** Shift is held; Tab goes back along the order then. */
      shift?: boolean;
    }
  | { type: 'pad'; button: number; phase: 'down' | 'up'; repeat?: boolean }
  | {
      type: 'pointer';
      device: 'pointer' | 'touch';
      phase: 'down' | 'up' | 'move';
      spot: Spot | null;
      /** Which finger, where several may be down. Absent: the pointer. */
      finger?: number;
      /** Moved: the topmost element with a tooltip beneath it. */
      over?: Spot | null;
    }
  /** Something a pointer or finger does besides pressing what it is on. */
  | {
      type: 'gesture';
      gesture: Gesture;
      /** A swipe: what it began on. */
      spot?: Spot | null;
    }
  /** What the player takes in hand, before it is used. */
  | { type: 'in hand'; device: Device }
  /** How many degrees the device is off level: to the right, and towards whoever holds it. */
  | { type: 'tilt'; x: number; y: number }
  /** An area is scrolled by design pixels, with the pointer or a finger over it. */
  | { type: 'scroll'; device: 'pointer' | 'touch'; serial: number; area: Id; x: number; y: number }
  /**
   * What a text entry says after some typing, and what of it is selected: from `anchor` to where the caret is, in UTF-16 code
   * units. Absent: the caret is at the end.
   */
  | { type: 'text'; text: string; anchor?: number; caret?: number }
  /** From the game, with what its fields hold, by their ids. */
  | { type: 'event'; event: Id; fields?: Scalars }
  /** A value written by the game, which may write only those that say so; or by hand. */
  | { type: 'value'; value: Id; to: Scalar; byHand?: boolean }
  /** A list written by the game, which may write only those that say so; or by hand. */
  | { type: 'list'; list: Id; write: ListWrite; byHand?: boolean }
  /** The content of a screen that is up has finished, or could not be loaded. */
  | { type: 'done' | 'failed'; screen: Id }
  /** Microseconds, an integer of at least 0. */
  | { type: 'time'; pass: number };
