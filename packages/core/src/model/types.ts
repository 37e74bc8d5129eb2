import type { Component, Element } from './element';
import type { Conversation, Routine, Speaker, TalkRules } from './conversation';
import type { FocusRules, Gesture, InputRules } from './input';
import type { Background, Styles } from './look';
import type { Sheet } from './sheet';
import type { Skin } from './skin';
import type { SoundRules } from './sound';
import type { Loading, MadeMotion, Motion } from './motion';
import type { ListValue } from './list';
import type { Language, Translated, WordingNote } from './language';
import type { Note, Status } from './note';

/** The project document: what a file holds, in the glossary's words. Everything here is plain JSON. */

/** Stable for the life of a thing; never shown. */
export type Id = string;

/** A number and a unit as authored: `280 ms`, `4.5 s`, `12 frames`, `90 ticks`. */
export type Duration = string;

/** Design pixels, or a percentage of the parent such as `40%`. */
export type Length = number | string;

export interface Project {
  format: number;
  id: Id;
  name: string;
  design: Design;
  rates: Rates;
  defaults: Defaults;
  /** The screen a run begins with; null while there is none. */
  start: Id | null;
  actions: Action[];
  /** Absent: as usual. */
  input?: InputRules;
  /** The first is the one texts are written in. Absent: that one alone, English. */
  languages?: Language[];
  /** Texts in the other languages, by code and by what they stand on. */
  texts?: Record<string, Record<string, string>>;
  /** How far they are, by code and by what they stand on. Absent: translated from the text as it is now. */
  translated?: Record<string, Record<string, Translated>>;
  /** What translators are told of a text, by what it stands on. */
  wordings?: Record<string, WordingNote>;
  /** Absent: only what links play. */
  sound?: SoundRules;
  events: GameEvent[];
  values: Value[];
  /** Absent: none. */
  lists?: ListValue[];
  areas: Area[];
  styles: Styles;
  /** Absent: none but its own look. */
  skins?: Skin[];
  /** Absent: none but the simple ones. */
  motions?: MadeMotion[];
  assets: Asset[];
  /** Absent: none. */
  components?: Component[];
  /** Absent: none. */
  speakers?: Speaker[];
  conversations?: Conversation[];
  routines?: Routine[];
  /** Absent: as usual. */
  talk?: TalkRules;
  screens: Screen[];
  links: Link[];
}

/** The size screens are designed at (design pixels) and the safe margin (percent of each side). */
export interface Design {
  width: number;
  height: number;
  margin: number;
  /** How the frame fills a window of another shape. Absent: with bars. */
  fits?: Fits;
  /** Sizes to look at besides the usual ones. */
  sizes?: Size[];
}

/** All of the frame with bars beside it, cut to cover, or laid out anew by the anchors. */
export type Fits = 'bars' | 'cover' | 'adapt';

export interface Size {
  name: string;
  /** Pixels. */
  width: number;
  height: number;
}

/** How many frames and ticks make a second in this project. */
export interface Rates {
  frames: number;
  ticks: number;
}

/** What every transition does unless an area, screen or link says otherwise. */
export interface Defaults {
  motion: Motion;
  /** Layers that move otherwise. */
  layers?: Partial<Record<Layer, Motion>>;
  /** When the quieter variants are played. Absent: when the player's system asks for less motion. */
  reduced?: 'always' | 'never';
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
  /** What a pointer or finger does. Absent: nothing. */
  gestures?: Gesture[];
  /** The game uses it by itself: a press of it that no link takes is no dead end. Absent: false. */
  forGame?: boolean;
}

export interface GameEvent {
  id: Id;
  name: string;
  direction: 'in' | 'out';
  /** What comes with it, by name. Absent: nothing. */
  fields?: Field[];
}

/** What a value, parameter or field can hold at one moment. A choice holds its option's id, a picture its asset's. */
export type Scalar = boolean | number | string;

/** What may stand in a value. Words for on and off are what players and designers read in place of true and false. */
export type ValueType =
  | { type: 'on/off'; on?: string; off?: string }
  | { type: 'number'; min?: number; max?: number; step?: number; unit?: string }
  | { type: 'choice'; options: Option[] }
  | { type: 'text' }
  | { type: 'picture' };

/** Parameters and fields carry the same. */
export type FieldType = ValueType;

export interface Option {
  /** Written in expressions: a word. */
  id: Id;
  label: string;
}

/**
 * How long a value lasts: one run, as long as a saved game, or for good, as what players choose for themselves does.
 */
export type Life = 'session' | 'progress' | 'settings';

/** A named project-wide variable. */
export type Value = ValueType & {
  id: Id;
  name: string;
  section: string;
  life: Life;
  /** The game may write it. Absent: false. */
  byGame?: boolean;
  default: Scalar;
};

/** What a screen is told when it comes up; fixed while it is up. Without a default it has to be given. */
export type Parameter = FieldType & { id: Id; name: string; default?: Scalar };

export type Field = FieldType & { id: Id; name: string };

/** An expression of the project's own language, a subset of ECMAScript expressions. */
export type Expression = string;

/** What parameters or fields are given, by their ids. */
export type Arguments = Record<Id, Expression>;

/** A named set of screens and areas, with rules for all it holds. */
export interface Area {
  id: Id;
  name: string;
  parent: Id | null;
  /** Whether the game's clock stands still on its screens. Absent: as each screen's kind says. */
  freezes?: boolean;
  /** How its screens come and go, unless they say otherwise. */
  motion?: Motion;
  /** A sound that plays, over and over, while one of its bases is up. */
  music?: Id;
}

export interface Asset {
  id: Id;
  name: string;
  /** MIME type. */
  media: string;
  /** Natural size in pixels. */
  width: number;
  height: number;
  bytes: number;
  /** The same picture for finer displays: the asset that has `scale` times the pixels. */
  finer?: { scale: number; asset: Id }[];
  /** Picture: the frames it is cut into. Absent: it is one. */
  sheet?: Sheet;
  /** Picture that is clear in places: where it is not, as rows of hexadecimal digits. */
  solid?: string[];
  /** Picture: its pixels keep their edges, however large they are drawn. */
  sharp?: true;
  /** Picture that is cut into frames: the characters that these are, in order. It can be written in, as a font. */
  characters?: string;
  /** Font: what its letters measure. */
  face?: FontFace;
}

/** Measures of a font in its own units; letters of the same measure stand together. */
export interface FontFace {
  /** What it has in common with its bold and italic ones. Absent: it has none. */
  family?: string;
  /** 100 to 900 (Open Font Format, OS/2). Absent: 400. */
  weight?: number;
  italic?: true;
  unitsPerEm: number;
  ascender: number;
  descender: number;
  /** Letters by their width. */
  advances: Record<string, string>;
  /** By the first letter, and then by how much the next is moved: the letters that are. */
  kerning: Record<string, Record<string, string>>;
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
export type Layer = 'base' | 'overlay' | 'notice' | 'hud';
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
  /** Where the focus goes otherwise than by the layout. */
  focus?: FocusRules;
  /** Least time up: triggers due earlier wait until then. */
  minTime?: Duration;
  /** The area it is in. A HUD piece is up while any base of its area is; without one, always. */
  area?: Id;
  /** HUD piece: up only while this holds. */
  shownWhen?: Expression;
  parameters?: Parameter[];
  /** What it can answer when it closes. */
  outcomes?: ScreenOutcome[];
  /** Notice: how long it shows, from taken. */
  lasts?: Duration;
  /** Notice: when it goes. Absent: after its time. */
  until?: Until;
  /** Notice: what happens when it is set off while it is up. Absent: it starts over. */
  again?: Again;
  /** Notice: what it lies over. Absent: the base. */
  above?: 'base' | 'everything';
  /** Notice: the clock its time runs on. Absent: the interface's. */
  clock?: 'interface' | 'game';
  /** Notice: whether its time runs on under a modal overlay. Absent: it waits. */
  covered?: 'counts' | 'waits';
  /** Notice: what it goes with. Absent: with what set it off. */
  scope?: 'screen' | 'area' | 'project';
  /** How complete it is. Absent: draft. */
  status?: Status;
  notes?: Note[];
  /** The row of the map it stands in, and its place among those beside it there. Absent: worked out. */
  row?: number;
  order?: number;
  motion?: Motion;
  /** A sound that plays, over and over, while this base is up; `none` is silence. Absent: its area's. */
  music?: Id | 'none';
  /** How long the music before gives way to that of this base. Absent: as in the whole project. */
  musicFade?: Duration;
  /** What it loads, and how far that is. */
  loading?: Loading;
  /** The conversation it plays when nothing else is asked for. */
  says?: Id;
  background: Background;
  /** In drawing order; children follow their parent's order among themselves. */
  elements: Element[];
}

export interface ScreenOutcome {
  id: Id;
  name: string;
}

/** A notice goes when its time is over; or not before it is dismissed, replaced or cleared, or an event comes. */
export type Until = 'time' | 'dismissed' | 'replaced' | { event: Id };

export type Again = 'over' | 'line' | 'ignore' | { stack: number };

export type LinkKind = 'go' | 'open' | 'swap' | 'back' | 'clear' | 'stay' | 'end';

/** A screen, or the name of one that is not made yet: a gap. */
export type Target = { screen: Id } | { gap: string };

/** The source id of links that hold in the whole project. */
export const PROJECT = 'project';
/** What a new link leads to as long as nobody has said where: a gap of this name. */
export const SOMEWHERE = 'Somewhere';

export interface Link {
  id: Id;
  /** A screen's id, an area's, or `project`. */
  from: Id;
  trigger: Trigger;
  /** Has to hold for it to be taken. */
  when?: Expression;
  /** Taken once in a run, and not again. */
  once?: boolean;
  /** Found also while a modal overlay lies above its source. */
  aboveModal?: boolean;
  kind: LinkKind;
  /** Present for go, open and swap. */
  to?: Target;
  /** What the target's parameters are given. */
  args?: Arguments;
  /** The conversation its target plays. Absent: that target's own. */
  says?: Id;
  /** Back: what the closing screen answers. */
  outcome?: Id;
  effects: Effect[];
  motion?: Motion;
  order?: Order;
  masked?: Masked;
  notes?: Note[];
}

export type Trigger =
  | { on: 'press'; element: Id }
  | { on: 'action'; action: Id; when: 'down' | 'up' | 'held'; hold?: Duration }
  | { on: 'event'; event: Id }
  | {
      on: 'time';
      after: Duration;
      since: 'taken' | 'shown' | 'settled';
      clock: 'interface' | 'game';
      covered: 'counts' | 'waits';
      /** It counts only while this holds, and afresh each time it comes to hold. Absent: always. */
      during?: Expression;
    }
  /** Again and again, each time this much later. */
  | {
      on: 'every';
      each: Duration;
      clock: 'interface' | 'game';
      covered: 'counts' | 'waits';
      during?: Expression;
    }
  | { on: 'arrival' }
  /** The screen's own content has finished. */
  | { on: 'done' }
  /** It has not loaded. */
  | { on: 'failed' }
  /** The expression goes from false to true. */
  | { on: 'value'; when: Expression }
  /** A screen that was opened from here closes; with an outcome, only when it answers that. */
  | { on: 'returned'; screen: Id; outcome?: Id };
export type TriggerName = Trigger['on'];

/** What a link also does. With `after`, that much later than the link is taken. */
export type Effect = { after?: Duration } & (
  | { do: 'notice'; screen: Id; args?: Arguments }
  | { do: 'clear notice'; screen: Id }
  | { do: 'send'; event: Id; fields?: Arguments }
  | { do: 'set'; value: Id; to: Expression }
  /** To the default: one value, a section, or all. */
  | { do: 'reset'; value?: Id; section?: string }
  /** A row comes last, with what its fields are given; one whose key is there is changed. */
  | { do: 'add row'; list: Id; args?: Arguments }
  /** Rows for which `where` holds; absent: all of them. Expressions name their fields by themselves. */
  | { do: 'change rows'; list: Id; where?: Expression; args?: Arguments }
  | { do: 'remove rows'; list: Id; where?: Expression }
  | { do: 'sound' | 'stop sound'; asset: Id }
  | { do: 'save' | 'load'; slot: Expression }
  /** Of what was changed on this screen since it came up, or since that was last kept. */
  | { do: 'keep changes' | 'take back changes' }
  /** Keys and pad buttons that players have chosen, back to those of the project. */
  | { do: 'reset bindings' }
);
export type EffectName = Effect['do'];

export type Order = 'after' | 'together' | { overlap: Duration };
export type Masked = 'ignored' | 'held' | 'through';
