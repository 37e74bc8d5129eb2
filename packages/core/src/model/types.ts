/** The project document: what a file holds, in the glossary's words. Everything here is plain JSON. */

/** Stable for the life of a thing; never shown. */
export type Id = string;

/** A number and a unit as authored: `280 ms`, `4.5 s`, `12 frames`, `90 ticks`. */
export type Duration = string;

/** Design pixels, or a percentage of the parent such as `40%`. */
export type Length = number | string;

/** `#rrggbb` or `#rrggbbaa`. */
export type Colour = string;

export interface Project {
  format: number;
  id: Id;
  name: string;
  design: Design;
  rates: Rates;
  house: House;
  /** The screen a run begins with; null while there is none. */
  start: Id | null;
  actions: Action[];
  events: GameEvent[];
  styles: { text: TextStyle[]; box: BoxStyle[] };
  assets: Asset[];
  screens: Screen[];
  links: Link[];
}

/** The size screens are designed at (design pixels) and the safe margin (percent of each side). */
export interface Design {
  width: number;
  height: number;
  margin: number;
}

/** How many frames and ticks make a second in this project. */
export interface Rates {
  frames: number;
  ticks: number;
}

/** What every hand-over does unless a screen or link says otherwise. */
export interface House {
  motion: Motion;
  order: Order;
  masked: Masked;
}

export interface Action {
  id: Id;
  name: string;
  /** UI Events `code` values. */
  keys: string[];
  /** Button numbers of the W3C Gamepad standard mapping. */
  pad: number[];
}

export interface GameEvent {
  id: Id;
  name: string;
  direction: 'in' | 'out';
}

export type FontName = 'plain' | 'display';
export type Align = 'start' | 'centre' | 'end';

export interface TextLook {
  font: FontName;
  /** Design pixels. */
  size: number;
  weight: 400 | 700;
  colour: Colour;
  align: Align;
  /** Line height as a multiple of the size. */
  line: number;
}
export interface TextStyle extends TextLook {
  id: Id;
  name: string;
}

export interface BoxFace {
  fill: Colour;
  border: Colour;
  /** Colour of the text on it; absent keeps the text style's. */
  ink?: Colour;
}
export interface BoxLook extends BoxFace {
  /** Design pixels. */
  borderWidth: number;
  corner: number;
  hovered?: Partial<BoxFace>;
  focused?: Partial<BoxFace>;
  pressed?: Partial<BoxFace>;
}
export interface BoxStyle extends BoxLook {
  id: Id;
  name: string;
}

/** A shared style with this place's exceptions. */
export type TextUse = { style: Id } & Partial<TextLook>;
export type BoxUse = { style: Id } & Partial<BoxLook>;

export interface Asset {
  id: Id;
  name: string;
  /** MIME type. */
  media: string;
  /** Natural size in pixels. */
  width: number;
  height: number;
  bytes: number;
}

export type Kind =
  | 'splash'
  | 'loading'
  | 'title'
  | 'play'
  | 'pause'
  | 'options'
  | 'dialogue'
  | 'popup'
  | 'game over'
  | 'custom';
export type Layer = 'base' | 'overlay' | 'notice';
/** What a base screen does to the trail. */
export type Trail = 'keeps' | 'skipped' | 'afresh';

export interface Screen {
  id: Id;
  name: string;
  kind: Kind;
  layer: Layer;
  /** Absent: the kind's default. */
  trail?: Trail;
  /** Overlay: lets nothing beneath take a press. Absent: true. */
  modal?: boolean;
  /** Freezes the game's clock while up. Absent: the kind's default. */
  freezes?: boolean;
  /** Keeps presses from the game while up. Absent: the kind's default. */
  blocks?: boolean;
  /** When a closing screen gives clock and input back. Absent: `settled`. */
  releases?: 'settled' | 'at once';
  /** Focus on arrival is where it was left. Absent: false. */
  remembers?: boolean;
  firstFocus?: Id;
  /** Least time up: cues due earlier wait until then. */
  least?: Duration;
  /** Notice: how long it shows, from taken. */
  lasts?: Duration;
  motion?: Motion;
  background: Background;
  /** In drawing order; children follow their parent's order among themselves. */
  elements: Element[];
}

export interface Background {
  colour: Colour;
  picture?: Id;
}

interface ElementBase {
  id: Id;
  name: string;
  parent: Id | null;
  place: Place;
  /** 0 to 1. Absent: 1. */
  opacity?: number;
}
export interface PanelElement extends ElementBase {
  type: 'panel';
  box: BoxUse;
}
export interface TextElement extends ElementBase {
  type: 'text';
  text: string;
  look: TextUse;
}
export interface ButtonElement extends ElementBase {
  type: 'button';
  text: string;
  look: TextUse;
  box: BoxUse;
}
export interface PictureElement extends ElementBase {
  type: 'picture';
  asset: Id | null;
  fit: 'contain' | 'cover' | 'stretch';
}
export type Element = PanelElement | TextElement | ButtonElement | PictureElement;
export type ElementType = Element['type'];

export interface Place {
  x: Axis;
  y: Axis;
}
/**
 * One axis of a place. `start`, `centre` and `end` put the element's own reference point (`own`, 0 to 1)
 * `offset` away from that point of the parent, inwards for `end`; `stretch` keeps `offset` from the start and `far` from the end.
 */
export type Axis =
  | { at: 'start' | 'centre' | 'end'; offset: Length; size: Length; own?: number }
  | { at: 'stretch'; offset: Length; far: Length };

export type LinkKind = 'go' | 'open' | 'swap' | 'back' | 'clear' | 'stay' | 'end';

/** A screen, or the name of one that is not made yet: a gap. */
export type Target = { screen: Id } | { gap: string };

/** The source id of links that hold in the whole project. */
export const PROJECT = 'project';

export interface Link {
  id: Id;
  /** A screen's id, or `project`. */
  from: Id;
  cue: Cue;
  kind: LinkKind;
  /** Present for go, open and swap. */
  to?: Target;
  effects: Effect[];
  motion?: Motion;
  order?: Order;
  masked?: Masked;
}

export type Cue =
  | { on: 'press'; element: Id }
  | { on: 'action'; action: Id; when: 'down' | 'up' | 'held'; hold?: Duration }
  | { on: 'event'; event: Id }
  | {
      on: 'time';
      after: Duration;
      since: 'taken' | 'shown' | 'settled';
      clock: 'interface' | 'game';
      covered: 'counts' | 'waits';
    }
  | { on: 'arrival' };
export type CueName = Cue['on'];

export type Effect =
  { do: 'notice'; screen: Id } | { do: 'clear notice'; screen: Id } | { do: 'send'; event: Id };

export type Edge = 'left' | 'right' | 'top' | 'bottom';
export type Easing = 'linear' | 'ease' | 'ease-in' | 'ease-out' | 'ease-in-out';
export type Motion =
  | { name: 'none' }
  | { name: 'fade'; duration: Duration; easing?: Easing }
  | { name: 'slide'; from: Edge; duration: Duration; easing?: Easing };
export type Order = 'after' | 'together' | { overlap: Duration };
export type Masked = 'ignored' | 'held' | 'through';
