import type { Held, Item, RenderState } from '../drawing';
import type { Rect } from '../geometry';
import type { LetterPlace } from '../lettering';
import type { Arrange, Element, ElementType, Id, Point, Project, Wraps } from '../model';

/** What a game that plays needs of a type of element: how it is drawn, used, and told to somebody who cannot see it. */
export interface Play<E = Element> {
  /** Draws one by itself, without what it holds. */
  paint: (element: E, at: Canvas) => Item[];
  /** What is told of it. Absent: nothing. */
  speak?: Speak<E>;
  /** Where its words may stand. Absent: they are cut off, or stand beside something else. */
  wordsRoom?: (element: E, rect: Rect, project: Project) => { width: number; height: number };
  /** The part of it that is drawn with the focus. Absent: it can have none. */
  focus?: (element: E, rect: Rect) => Rect;
  /** It takes presses though it cannot have the focus. */
  pressed?: true;
  /** What it does with a press by itself. */
  use?: OwnUse<E>;
  /** What it has the keyboard to itself for, once it is pressed. */
  asksFor?: 'a key' | 'words';
  /** Where words that are typed into it stand: the room for their line, and the places between its letters from where it begins. */
  typed?: (
    element: E,
    rect: Rect,
    project: Project,
    words: string,
  ) => { room: Rect; places: readonly LetterPlace[] };
  /** Its picture depends on more than its text and value: the device in use, key bindings, which tab is up. */
  changes?: true;
  /** Its words come letter by letter, wherever it stands. */
  types?: true;
  /** The web address it asks to open. */
  opens?: (element: E) => string;
  /**
   * What a finger on it tells for as long as it is down; null where a press of it is one like any other. The thumb's points
   * are in design pixels from the left and top of its place.
   */
  thumb?: (element: E, rect: Rect, thumb: { from: Point; at: Point }) => Told | null;
  /** How it treats its children. */
  holds?: (element: E) => Holds;
  /** The shape it cuts off what it holds at, as SVG path data. Absent: its rect, within its corners. */
  outline?: (element: E, rect: Rect, corner: number) => string;
}

/** An element's type, by its name. */
export type Of<T extends ElementType> = Extract<Element, { type: T }>;

/** Where and how an element is drawn. */
export interface Canvas {
  project: Project;
  rect: Rect;
  looks: RenderState;
  /** It is on a screen that never has the focus. */
  unfocused: boolean;
  /** What its text says with its names filled in. */
  said: string;
}

/** How a control is used: confirmed or pressed, or moved to the left or right. */
export type Use = 'confirm' | 'left' | 'right';

export interface OwnUse<E> {
  /** Whether it takes such a press; `bound`: it shows a value. */
  takes: (use: Use, bound: boolean) => boolean;
  /** How far a press moves a number that has no step of its own, by the length of its range. Absent: 1. */
  step?: (range: number) => number;
  /** The part of it that is pressed or dragged along, and what that does; `words` are what its value reads. */
  along?: { does: 'slides' | 'steps' | 'turns'; part: (element: E, rect: Rect, words: string) => Rect };
}

export interface Holds {
  arrange?: Arrange;
  /** Design pixels at its top that are its own. */
  head?: number;
  /** Design pixels at its right and bottom edge that are kept for scroll bars. */
  gutter?: { x?: number; y?: number };
  /** What does not fit is cut off, or can be scrolled to. */
  overflow?: 'cut' | 'scrolls';
  wraps?: Wraps;
  /** It shows one of so many at a time. */
  pages?: number;
  /** The value that says which. */
  page?: Id;
}

/** What a finger tells while it is down: actions that are held down, and how far a stick is pushed, -1 to 1 each way. */
export interface Told {
  actions: readonly Id[];
  axis?: Point;
}

/** What holds an action down tells that, wherever on it the finger is. */
export const actsFor = ({ acts }: { acts?: Id }): Told | null =>
  acts === undefined ? null : { actions: [acts] };

/** Roles as WAI-ARIA knows them, or nearly. */
export type Role =
  | 'text'
  | 'heading'
  | 'button'
  | 'link'
  | 'switch'
  | 'slider'
  | 'choice'
  | 'textbox'
  | 'tablist'
  | 'list'
  | 'progressbar';

export interface Speak<E> {
  role: Role;
  /** What is told besides its role and its words. */
  tell?: (element: E, now: Now) => Spoken;
}

/** What an element is like at the moment, for those who cannot see it. */
export interface Now {
  project: Project;
  held: Held;
  said: string;
  /** It is the first text of its screen. */
  first: boolean;
  /** Rows that a conversation puts in. */
  rows: readonly string[] | undefined;
  /** It waits for a key or for words. */
  waits: boolean;
  /** The key or pad button of its action, in words; empty where it has none. */
  code: string;
}

export interface Spoken {
  role?: Role;
  name?: string;
  /** Its state in words. */
  state?: string;
  checked?: boolean;
  /** 0 to 100. */
  share?: number;
  /** Tabs: each by its words, and which is up. */
  tabs?: { words: string[]; up: number };
}

/** All of it. */
export const WHOLE = (_element: unknown, rect: Rect): Rect => rect;
