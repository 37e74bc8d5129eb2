import type { CompiledExpression } from '../expression';
import type { FocusGraph } from '../focus';
import type { Solved } from '../geometry';
import type { TextPart } from '../message';
import type {
  Easing,
  Again,
  Area,
  Component,
  Trigger,
  TriggerName,
  Effect,
  Element,
  FieldType,
  Id,
  Layer,
  Link,
  LinkKind,
  ListElement,
  ListValue,
  Masked,
  ProgressElement,
  Project,
  Scalar,
  Screen,
  Speaker,
  Trail,
  Until,
  Value,
} from '../model';
import type { CompiledAnimation, CompiledFrames, CompiledLoading } from '../animate';
import type { InOut, Placed } from '../motion';
import type { CompiledTalk } from './ops';
import type { TalkParts, TalkTimes } from '../talk';
import type { Counted, Heard, Moment } from '../triggers';

/** A project made ready to run and paint. Never changed; remade screen by screen as the project changes. */
export interface Flow {
  project: Project;
  /** What screens are laid out in, in design pixels. */
  frame: Frame;
  /** The quieter variants are played of all that moves. */
  reduced: boolean;
  /** BCP 47: how plurals and numbers in texts are said. */
  language: string;
  /** The skin it wears; null is its own look. */
  skin: Id | null;
  /** Skins that are worn while something holds, in the order they are asked. */
  skins: readonly { id: Id; when: CompiledExpression }[];
  start: Id;
  /** The one that this is with what lists hold put in; null where none has been put in. */
  bare: Flow | null;
  /** Links by what they set out from. */
  bySource: ReadonlyMap<Id, readonly CompiledLink[]>;
  /** Every screen, stand-ins for gaps included, by id. */
  screens: Map<Id, CompiledScreen>;
  links: Map<Id, CompiledLink>;
  /** Links that hold in the whole project. */
  shared: LinkTable;
  areas: Map<Id, CompiledArea>;
  /** In the project's order, which is the order they are drawn in. */
  huds: CompiledScreen[];
  values: Map<Id, Value>;
  lists: ReadonlyMap<Id, ListValue>;
  /** Screens that load as far as the game says. */
  loadsByEvents: readonly { id: Id; loading: CompiledLoading }[];
  /** Whether any link waits for a value; else nothing needs to be looked at after a step. */
  awaitsValues: boolean;
  /** Whether any time is counted only while something holds. */
  countsDuring: boolean;
  /** Whether any link is found also beneath a modal overlay. */
  asksAbove: boolean;
  /** Actions that a key (`Escape`) or pad button (`pad 9`) is bound to, in the project's order. */
  bindings: Map<string, Id[]>;
  /** The default motion by layer. */
  defaults: Record<Layer, InOut>;
  /** Triggers of some link that an input sets off by itself: how each is listed by it. */
  hearing: readonly { on: TriggerName; hears: (input: Heard) => Id | undefined }[];
  /** Durations that some link waits for while an action is held, by action. */
  holds: Map<Id, number[]>;
  /** Conversations by id. */
  talks: ReadonlyMap<Id, CompiledTalk>;
  /** How lines are typed and how long they stay. */
  talk: TalkTimes;
  speakers: ReadonlyMap<Id, Speaker>;
}

export interface Frame {
  width: number;
  height: number;
}

export interface CompiledArea {
  area: Area;
  links: LinkTable;
}

/** Times in microseconds; 0 is at once. */
export interface CompiledBar {
  element: Id;
  part: ProgressElement;
  eases: number;
  easing: Easing;
  /** How long what is lost stays, and how long it then takes to follow. */
  after: number;
  over: number;
}

export interface CompiledScreen {
  screen: Screen;
  id: Id;
  layer: Layer;
  /** Inner to outer. */
  areas: Id[];
  trail: Trail;
  modal: boolean;
  freezes: boolean;
  blocks: boolean;
  /** Gives clock and input back as soon as it closes, instead of when it has finished leaving. */
  atOnce: boolean;
  remembers: boolean;
  firstFocus: Id | null;
  /** Microseconds; 0 when it may go at any time. */
  minTime: number;
  /** HUD piece: null is always. */
  shownWhen: CompiledExpression | null;
  notice: CompiledNotice | null;
  /** What it takes, with what stands in for what it is not given. */
  parameters: { id: Id; type: FieldType; fallback: Scalar }[];
  /** Its own motion or its area's, if it has one. */
  motion: InOut | null;
  /** What lies on the screen itself, for motions that move it in turn. */
  placed: readonly Placed[];
  animations: readonly CompiledAnimation[];
  /** Texts that go through frames. */
  frames: {
    element: Id;
    frames: CompiledFrames;
    parts: readonly (readonly TextPart[])[];
    last: readonly TextPart[];
  }[];
  loading: CompiledLoading | null;
  /** Elements that show how far it has loaded. */
  progresses: readonly Id[];
  /** What goes over from the look of one state to that of another. */
  fading: readonly { element: Id; takes: number }[];
  /** Bars that take their time. */
  bars: readonly CompiledBar[];
  /** Microseconds from shown until what is on it has finished by itself; null when nothing does. */
  ends: number | null;
  links: LinkTable;
  /** The links it was made from: its own, then those of each component in turn. */
  sources: readonly (readonly CompiledLink[])[];
  components: readonly Component[];
  /** By path, elements inside placed components included. */
  elements: readonly Element[];
  byId: ReadonlyMap<Id, Element>;
  /** By what holds them, in the order they are drawn in. */
  tree: ReadonlyMap<Id | null, readonly Element[]>;
  /** Whether anything on it depends on values, parameters or fields. */
  names: boolean;
  /** Whether anything on it can be scrolled. */
  scrolls: boolean;
  layout: Solved;
  focus: FocusGraph;
  /** The button or linked element that a point on each element stands for. */
  pressable: Map<Id, Id>;
  /** Elements that an action presses, in order. */
  shortcuts: { element: Id; action: Id }[];
  /** Texts that name values or parameters, by element. */
  texts: Map<Id, TextPart[]>;
  /** Tooltips, by element. */
  tooltips: ReadonlyMap<Id, readonly TextPart[]>;
  /** Elements that are shown, or can be used, only sometimes. */
  conditions: { element: Id; shown: CompiledExpression | null; enabled: CompiledExpression | null }[];
  /** Elements that are there only for those who play by touch. */
  touchOnly: readonly Id[];
  /** Tabs, the value that says which is up, and what they hold, one for each tab. */
  tabs: { element: Id; count: number; value: Id | null; held: readonly Id[] }[];
  /** Controls and the values they show. */
  bound: { element: Id; value: Id }[];
  /** Lists that elements on it show, and what their rows and the pieces in place of these are made of. */
  lists: readonly CompiledList[];
  /** Bars that show how much is left of the time of a link: in seconds, or as a share of all of it. */
  timers: readonly { element: Id; link: Id; seconds: boolean }[];
  listed: readonly Component[];
  /** The rows that have been put in, by the paths of what each is made of. */
  rows: ReadonlyMap<Id, PlacedRow>;
  /** Elements whose picture a parameter or a value says. */
  pictured: readonly { element: Id; from: Id }[];
  /** The conversation it plays when nothing else is asked for. */
  says: Id | null;
  talkParts: TalkParts;
  /** Elements by the names that steps of a conversation call them by. */
  named: ReadonlyMap<string, Id>;
}

/** A list as an element shows it. */
export interface CompiledList {
  element: ListElement;
  list: Id;
  /** Rows are shown for which it holds; null is all of them. */
  filter: CompiledExpression | null;
}

/** A row of a list where it is shown. */
export interface PlacedRow {
  /** The path of the list's element, and that of the row. */
  list: Id;
  path: Id;
  /** Its key, and which of those that are shown it is, from 0. */
  key: string;
  at: number;
  count: number;
}

export interface CompiledNotice {
  /** Microseconds it shows; Infinity when it stays. */
  lasts: number;
  until: Until;
  again: Again;
  everything: boolean;
  clock: 'interface' | 'game';
  covered: 'counts' | 'waits';
  scope: Screen['scope'];
}

export interface LinkTable {
  /** In order. */
  all: CompiledLink[];
  /** By the type of trigger, and by what its links are listed by. */
  searched: Record<'press' | 'action', ByKey> & Record<string, ByKey>;
  timed: readonly CompiledLink[];
  sampled: readonly CompiledLink[];
  followed: Record<Moment, readonly CompiledLink[]>;
}
export type ByKey = ReadonlyMap<Id, readonly CompiledLink[]>;

export interface CompiledLink {
  id: Id;
  link: Link;
  /** Index in the project: the order among links. */
  index: number;
  from: Id;
  trigger: Trigger;
  /** What its trigger is listed by; empty for nothing. */
  key: Id;
  /** Searched by an action: at which part of the press. */
  phase: 'down' | 'up' | 'held' | null;
  /** Timed: how that is counted. */
  counted: Counted | null;
  /** Timed: it counts only while this holds; and whether it counts again once it has gone off. */
  during: CompiledExpression | null;
  again: boolean;
  /** Sampled: the condition that has to become true. */
  awaits: CompiledExpression | null;
  kind: LinkKind;
  /** The row of a list that it is of, by its path, and what that holds; null where it is of none. */
  inRow: { path: Id; held: Readonly<Record<Id, Scalar>> } | null;
  when: CompiledExpression | null;
  /** The screen it leads to, a stand-in for a gap; null for kinds without a target. */
  to: Id | null;
  args: Given[];
  effects: CompiledEffect[];
  /** Timed: microseconds. Held action: how long. */
  after: number;
  /** Its own motion for whichever layer, if it has one. */
  motion: Record<Layer, InOut> | null;
  /** Microseconds that arriving starts before leaving ends; Infinity for together, 0 for after. */
  overlap: number;
  masked: Masked;
  /** The conversation its target plays; null is that target's own. */
  says: Id | null;
}

export interface CompiledEffect {
  effect: Effect;
  /** Microseconds after the link is taken. */
  after: number;
  /** What a value is set to, or the slot that is saved to or loaded from. */
  gives: CompiledExpression | null;
  /** The rows of a list that it is about, and what fields of these are given. */
  rows: { list: Id; where: CompiledExpression | null; args: readonly Given[] } | null;
  /** What a notice's parameters or an event's fields are given. */
  args: Given[];
}

/** A parameter or field and what it is given: `ready` null or failing gives `fallback`. */
export interface Given {
  id: Id;
  name: string;
  type: FieldType;
  ready: CompiledExpression | null;
  fallback: Scalar;
}
