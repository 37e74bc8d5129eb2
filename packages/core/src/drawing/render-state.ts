import type { Rebound } from '../keys';
import type { BubbleShape, Colour, Id, Point, Scalar, StateName } from '../model';

/** Where typing goes on: words from `anchor` to the caret are selected, in UTF-16 code units. */
export interface TypingPlace {
  anchor: number;
  caret: number;
  /** How far the words are moved to the left, in design pixels. */
  moved: number;
}

/** Which elements look other than at rest, and what they hold. */
export interface RenderState {
  focus: Id | null;
  /** The focused element, whether the focus is drawn or not: scroll panels show it. */
  scrollTo: Id | null;
  /** How far an area has been scrolled by hand. */
  scrolled: { area: Id; x: number; y: number } | null;
  hovered: Id | null;
  pressed: readonly Id[];
  /** Where thumbs are on what they hold, by element: where they came down, and where they are now. */
  thumbs: Record<Id, { from: Point; at: Point }>;
  hidden: readonly Id[];
  disabled: readonly Id[];
  /** What texts with names in them say, by element. */
  texts: Record<Id, string>;
  /** How many letters of a text have been typed, by element; all of them where it is not named. */
  typed: Record<Id, number>;
  /** What bubbles look like, colours of words, and rows of lists, where a conversation says so. */
  shapes: Record<Id, BubbleShape>;
  inks: Record<Id, Colour>;
  rows: Record<Id, readonly string[]>;
  /** Pictures that a parameter or a conversation gives, by element. */
  assets: Record<Id, Id>;
  /** What controls hold, by element. */
  holds: Record<Id, Scalar>;
  /** What goes over from the look of other states, and how far, 0 to 1. */
  faces: Record<Id, { was: readonly StateName[]; p: number }>;
  /** Bars that are on their way: how much they show now, and how much of it is being lost, each 0 to 1. */
  bars: Record<Id, { share: number; loss: number }>;
  /** Whether prompts show keys, pad buttons, or neither. */
  device: 'keys' | 'pad' | 'touch';
  /** Keys and pad buttons that players have chosen, by action. */
  codes: Rebound;
  /** What has the keyboard to itself. */
  taking: { element: Id; clash: Id | null; words: TypingPlace | null } | null;
  /** Which of the different specks a moving grain shows. */
  grain: number;
  /** How far words that move have got, 0 to before `BEATS`. Null: they stand still. */
  beat: number | null;
}
export const NORMAL: RenderState = {
  focus: null,
  scrollTo: null,
  scrolled: null,
  hovered: null,
  pressed: [],
  thumbs: {},
  hidden: [],
  disabled: [],
  texts: {},
  typed: {},
  shapes: {},
  inks: {},
  rows: {},
  assets: {},
  holds: {},
  faces: {},
  bars: {},
  device: 'keys',
  codes: {},
  taking: null,
  grain: 0,
  beat: null,
};
