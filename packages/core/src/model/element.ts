import type { Blend, BoxSide, BoxUse, Colour, Mask, PictureFit, Shadow, Slice, TextUse } from './look';
import type { BubbleShape, Role } from './conversation';
import type { FromLayer } from './layer';
import type { Direction, Wraps } from './input';
import type { Animation, Easing, Plays, TextFrames } from './motion';
import type { Note } from './note';
import type { ShapeForm } from './shape';
import type { Duration, Expression, Id, Length, Scalar } from './types';

/** What is on a screen. */

export interface ElementBase {
  id: Id;
  name: string;
  parent: Id | null;
  place: Place;
  /** Drawn over its siblings that are lifted less. Absent: 0. */
  lift?: number;
  /** Turned about its middle, in degrees, clockwise. */
  turn?: number;
  /** 0 to 1. Absent: 1. */
  opacity?: number;
  /** Absent: normal. */
  blend?: Blend;
  /** A colour laid over it and all it holds, as strong as it is opaque. */
  tint?: Colour;
  /** The shadow of it and all it holds, as one. */
  shadow?: Shadow;
  /** It and all it holds is seen only as far as this picture is opaque, over all of its place. */
  mask?: Mask;
  /** Up only while this holds. */
  shownWhen?: Expression;
  /** Can be used only while this holds. */
  enabledWhen?: Expression;
  /** It is there only for those who play by touch. Absent: for everybody. */
  only?: 'touch';
  /** A press counts so many design pixels around it too. Absent: 0. */
  reach?: number;
  /** A press on it is also one on what lies beneath. Absent: it is not. */
  through?: true;
  /** A press counts only where it is drawn: its fill, or its picture where that is not clear. Absent: all over its place. */
  exact?: true;
  /** Words shown beside it while the pointer or the focus rests on it. */
  tooltip?: string;
  /** Its role in a conversation. */
  role?: Role;
  /** Its animations while its screen is up. */
  animations?: Animation[];
  /** How it is treated while editing; a run knows nothing of it. */
  editing?: { hidden?: boolean; locked?: boolean };
  notes?: Note[];
  /** The layer of a picture file it came from. */
  layer?: FromLayer;
}

/** How an element places those it holds. */
export interface Arrange {
  by: 'row' | 'column' | 'grid';
  /** Design pixels between one and the next. */
  gap: number;
  /** Design pixels kept free on every side. */
  pad?: number;
  /** Grid: how many stand side by side. Absent: 2. */
  columns?: number;
  /** Where each stands across the row or column; `stretch` fills it. Absent: start. */
  across?: 'start' | 'centre' | 'end' | 'stretch';
  /** Where all of them stand along it. Absent: start. */
  along?: 'start' | 'centre' | 'end' | 'spread';
}

export interface PanelElement extends ElementBase, WithParts<'panel'> {
  type: 'panel';
  box: BoxUse;
  arrange?: Arrange;
  /** What does not fit is shown, cut off, or can be scrolled to. Absent: shown. */
  overflow?: 'cut' | 'scrolls';
  /** Where it scrolls: bars at its edges show how far, and can be dragged. Absent: there are none. */
  scrollBars?: true;
  /** The focus is led round within it. Absent: only as its screen says. */
  wraps?: Wraps;
}
/** A filled oval as large as its place. Its box's corners are of no account. */
export interface EllipseElement extends ElementBase {
  type: 'ellipse';
  box: BoxUse;
  /** What it holds is cut off at its outline. Absent: it is shown. */
  overflow?: 'cut';
}
/** A shape as large as its place, filled and bordered as its box says; an open one is its border alone. */
export interface ShapeElement extends ElementBase {
  type: 'shape';
  box: BoxUse;
  form: ShapeForm;
  /** What it holds is cut off at its outline. Absent: it is shown. */
  overflow?: 'cut';
}
export interface PictureElement extends ElementBase {
  type: 'picture';
  asset: Id | null;
  /** A parameter of the screen, or a value, that says which picture, in place of its own. */
  from?: Id;
  fit: PictureFit;
  /** Corners and edges that keep their size: how far in they reach, in the picture's own pixels. */
  slice?: Slice;
  /** Its frames, one after another. Absent: the cells its picture is cut into. */
  pictures?: Id[];
  /** Absent: it shows its first frame, or what its value says. */
  plays?: Plays;
  /** A number, choice or switch that says which frame is shown, counted from 0. */
  value?: Id;
}
/** What can show how long it is until a sentence of its screen is due: its texts name that as `{remaining}`. */
interface ShowsTime {
  /** The link whose time it shows. Absent: none. */
  timer?: Id;
}
export interface TextElement extends ElementBase, ShowsTime {
  type: 'text';
  text: string;
  /** In place of its words: what it goes through. */
  frames?: TextFrames;
  look: TextUse;
}

/** What can be pressed, with words on a box. */
interface Pressable extends ElementBase {
  text: string;
  look: TextUse;
  box: BoxUse;
  /** Heard when it is pressed, in place of the usual. */
  sound?: Id;
}
export interface ButtonElement extends Pressable, ShowsTime {
  type: 'button';
  /** An action that presses it. On a notice or HUD piece, which have no focus, it is shown beside the text. */
  shortcut?: Id;
  /** An action that is down for as long as it is held, as if it were that action's key. */
  acts?: Id;
}

/** A control shows a value of the project and sets it; without one it shows what is written here. */
interface Control extends Pressable {
  value?: Id;
  /** Shown while it has no value. */
  sample?: Scalar;
}
/** How a part of a control looks, and how large it is in design pixels where not as large as its picture. */
export type PartUse = BoxUse & { width?: number; height?: number };

/** The parts of controls that can look otherwise than the control by itself draws them, from back to front. */
export const PARTS = {
  panel: ['scrollTrack', 'scrollThumb'],
  slider: ['track', 'filled', 'thumb'],
  switch: ['track', 'knob'],
  choice: ['left', 'right'],
  tabs: ['strip', 'mark'],
  list: ['row'],
  entry: ['selection', 'caret'],
  stick: ['knob'],
} as const;
export type PartName = (typeof PARTS)[keyof typeof PARTS][number];

interface WithParts<T extends keyof typeof PARTS> {
  parts?: Partial<Record<(typeof PARTS)[T][number], PartUse>>;
}

/** Its name, and its state in words. */
export interface SwitchElement extends Control, WithParts<'switch'> {
  type: 'switch';
}
/** Without a value, from `min` to `max`. */
export interface SliderElement extends Control, WithParts<'slider'> {
  type: 'slider';
  min?: number;
  max?: number;
}
export interface ChoiceElement extends Control, WithParts<'choice'> {
  type: 'choice';
  /** What there is to choose while it has no value. */
  options?: string[];
  /** The pictures of options, by their ids; by their numbers, counted from 0, where they have none. */
  pictures?: Record<Id, Id>;
  /** Where the picture of an option is beside its words; `alone`: these are only told. Absent: to their left. */
  pictured?: 'above' | 'alone';
}
/** The key or pad button of an action, which a player can set. */
export interface BindingElement extends Pressable {
  type: 'binding';
  action: Id | null;
  device: 'keys' | 'pad';
  /** What happens with one that another action has: it is refused, or the two change places. */
  clash?: 'swap';
}
/** Words to type. */
export interface EntryElement extends Control, WithParts<'entry'> {
  type: 'entry';
}
export interface TabsElement extends Pressable, WithParts<'tabs'> {
  type: 'tabs';
  /** One word a tab; the element it holds at the same place is shown with it. */
  tabs: string[];
  /** How high the row of tabs is, in design pixels. */
  bar: number;
  /** A choice or number that says which tab is up, counted from 0. */
  value?: Id;
}
/** Rows that are written here, or those of a list of the project. */
export interface ListElement extends ElementBase, WithParts<'list'> {
  type: 'list';
  rows: string[];
  /** Design pixels. */
  rowHeight: number;
  /** The list it shows. */
  list?: Id;
  /** The component that each of its rows is. Its parameters hold the fields of their names. */
  row?: Id;
  /** The fields that parameters hold which have another name; null is none. By the ids of parameters. */
  told?: Record<Id, Id | null>;
  /** Rows follow one another to the right. Absent: downwards. */
  across?: true;
  /** How many rows stand side by side. Absent: 1. */
  columns?: number;
  /** Design pixels between rows. Absent: 0. */
  gap?: number;
  /** Up to three fields that rows are in order of; those that are alike stay as they came. */
  sort?: { by: Id; down?: true }[];
  /** Only rows for which this holds. */
  filter?: Expression;
  /** Components: what stands in place of rows while there are none, while they are waited for, and once they could not be got. */
  empty?: Id;
  waiting?: Id;
  failed?: Id;
  /** Component: a place that is not taken; as many as the list could still hold. */
  open?: Id;
  look: TextUse;
  box: BoxUse;
}
export interface ProgressElement extends ElementBase, ShowsTime {
  type: 'progress';
  value?: Id;
  /** Shows how far its screen has loaded. */
  loading?: true;
  /** 0 to 1, while it has no value. */
  sample?: number;
  box: BoxUse;
  /** The part that is done. */
  bar: BoxUse;
  /** Absent: from the left. */
  fills?: ProgressFill;
  /** A change is followed over so long. Absent: it is shown at once. */
  eases?: Duration;
  /** How that change is spread over its time. Absent: evenly. */
  easing?: Easing;
  /** A part behind the filled one that stays for a while when that shrinks, and then follows it. */
  loss?: { box: BoxUse; after: Duration; over: Duration };
  /** How the filled part looks below a share of the whole, 0 to 1; the lowest that applies counts. */
  levels?: { below: number; bar: BoxUse }[];
}
/** What shows how much there is. */
export type ProgressFill =
  | { by: 'side'; side: BoxSide }
  /** Degrees, clockwise from the top: where it begins, and how far round it goes when full. `width` in design pixels. */
  | { by: 'ring'; start: number; sweep: number; width: number; anticlockwise?: true }
  /** So many things side by side, each as the filled part looks and, where it is not there, as the box does. */
  | { by: 'row'; count: number; gap: number; steps: 'whole' | 'half' | 'any'; upright?: true }
  /** The number itself, running to what it is. */
  | { by: 'number'; look: TextUse };
export interface PortraitElement extends ElementBase {
  type: 'portrait';
  asset: Id | null;
  from?: Id;
  fit: PictureFit;
  box: BoxUse;
  /** Mirrored, to face the other way. */
  flipped?: boolean;
}
export interface BubbleElement extends ElementBase {
  type: 'bubble';
  shape: BubbleShape;
  text: string;
  look: TextUse;
  box: BoxUse;
  /** Where its words may stand: design pixels in from each edge. */
  area: Slice;
  /** Which side the tail is on, and how far along it, 0 to 1. Absent: no tail. */
  tail?: { side: 'left' | 'right' | 'top' | 'bottom'; at: number };
}
/** The words of a dialogue, as they are said. */
export interface SpokenElement extends ElementBase {
  type: 'spoken';
  text: string;
  look: TextUse;
}
/** The key or pad button of an action, and what it does. */
export interface PromptElement extends ElementBase {
  type: 'prompt';
  action: Id | null;
  text: string;
  look: TextUse;
  box: BoxUse;
}
/** A web address to follow. */
export interface AddressElement extends ElementBase {
  type: 'address';
  text: string;
  url: string;
  look: TextUse;
}
/** Takes presses and has no picture. */
export interface TouchElement extends ElementBase {
  type: 'touch';
  /** An action that is down for as long as it is held. */
  acts?: Id;
  /** Actions of swipes that begin on it, in place of those of swipes anywhere. */
  swipes?: Partial<Record<Direction, Id>>;
}
/** A stick for the thumb. Its place is the zone that a thumb can come down in. */
export interface StickElement extends ElementBase, WithParts<'stick'> {
  type: 'stick';
  /** What it stands on: a disc in the middle of its place. */
  box: BoxUse;
  /** How wide that is, in design pixels; never wider than its place. */
  size: number;
  /** It comes to where the thumb comes down. Absent: it stays where it is. */
  floats?: true;
  /** How far it goes before it counts, 0 to 1 of its own radius. Absent: 0.2. */
  dead?: number;
  /** In how many directions it goes. Absent: in all. */
  ways?: 4 | 8;
  /** What it tells: the actions up, down, left and right, or how far it is pushed. Absent: both. */
  tells?: 'directions' | 'axis';
}
/** A component put here. */
export interface PlacedElement extends ElementBase {
  type: 'component';
  component: Id;
  /** What its parameters hold here, by their ids; others hold their defaults. */
  args?: Record<Id, Scalar>;
  /** What is otherwise here, by the ids of the elements in it. */
  changes?: Record<Id, Record<string, unknown>>;
}

export type Element =
  | PanelElement
  | EllipseElement
  | ShapeElement
  | TextElement
  | ButtonElement
  | PictureElement
  | SwitchElement
  | SliderElement
  | ChoiceElement
  | EntryElement
  | BindingElement
  | TabsElement
  | ListElement
  | ProgressElement
  | PortraitElement
  | BubbleElement
  | SpokenElement
  | PromptElement
  | AddressElement
  | TouchElement
  | StickElement
  | PlacedElement;
export type ElementType = Element['type'];

/** Where an element is, on each axis. */
export interface Place {
  x: Placement;
  y: Placement;
}
/**
 * One axis of a place. `start`, `centre` and `end` put the element's own reference point (`own`, 0 to 1) `offset` away
 * from that point of the parent, inwards for `end`. With `to`, from that point of a sibling, outwards for `start`.
 * `stretch` keeps `offset` from the parent's start and `far` from its end. `min` and `max` bound the size.
 */
export type Placement =
  | ({ at: 'start' | 'centre' | 'end'; offset: Length; size: Length; own?: number; to?: Id } & Bounds)
  | ({ at: 'stretch'; offset: Length; far: Length } & Bounds);

interface Bounds {
  min?: number;
  max?: number;
}

/** A reusable group of elements. Placed, it is as large as its place says; by itself it has this size. */
export interface Component {
  id: Id;
  name: string;
  /** Design pixels. */
  width: number;
  height: number;
  parameters: ComponentParameter[];
  elements: Element[];
}
/** What a place can say otherwise. Texts inside name it as `{label}`. */
export type ComponentParameter = { id: Id; name: string } & (
  | { type: 'text'; default: string }
  | { type: 'picture'; default: Id | '' }
  | { type: 'on/off'; default: boolean }
);
