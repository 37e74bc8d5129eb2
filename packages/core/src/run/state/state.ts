import type { TypingPlace } from '../../drawing';
import type { Rebound } from '../../keys';
import type { Kept } from '../../lists';
import type { Id, Layer, Masked, Point, Scalar } from '../../model';
import type { Half, Sample } from '../../motion';
import type { Listings } from './lists';
import type { BarRun, FaceRun } from './on-the-way';

/**
 * Everything a run is at one instant: plain data that can be kept, compared and played on from. Times are integer
 * microseconds.
 */
export interface RunState {
  /** What decides all that is left to chance. */
  seed: number;
  /** How often a line has come that says something else each time, by conversation and step. */
  said: Readonly<Record<string, number>>;
  /** Interface clock. */
  now: number;
  /** Game clock: stands still while anything that freezes it is up or still leaving. */
  game: number;
  /** The serial number the next instance gets. */
  serial: number;
  base: Instance;
  /** Bottom to top. */
  overlays: Instance[];
  notices: Instance[];
  /** Up by rule: brought up and taken away at the end of every step. */
  huds: Instance[];
  /** What every value of the project holds. */
  values: Scalars;
  /** Values that something has set; all others follow their defaults, also when those change. */
  chosen: readonly Id[];
  /** What players have bound otherwise than the project. */
  rebound: Rebound;
  /** What the player's clock said with the last input, in milliseconds since 1970; null where none has said. */
  clock: number | null;
  /** What lists hold that something has written to; all others hold what they do at first. */
  lists: Listings;
  /** Saved games by slot. */
  saves: Readonly<Record<string, SavedGame>>;
  /** How far screens have loaded that are not up yet, where the game has said so. */
  ahead: Readonly<Record<Id, number>>;
  /** Links that are taken once, and have been. */
  once: readonly Id[];
  /** Value triggers that held when last looked at: `serial:link`, or the link alone for areas and the project. */
  heldConditions: readonly string[];
  /** Notices that wait for their like to go. */
  noticeQueue: readonly QueuedNotice[];
  /** Effects that come later. */
  scheduledEffects: readonly ScheduledEffect[];
  /** What has been said in this run, the last of it. */
  log: readonly Remembered[];
  /** Expressions that have failed, each told once. */
  failed: readonly string[];
  /** Pictures of screens that are no longer up and have not finished leaving. */
  leaving: readonly Leaving[];
  trail: readonly TrailEntry[];
  /** Focus kept by screens that remember it. */
  remembered: Readonly<Record<Id, Id>>;
  device: Device;
  /** What the pointer is over, and what it went down on. */
  hover: Spot | null;
  pressed: Spot | null;
  /** Other fingers that are down, and those that hold a stick or what stands for an action. */
  touches: readonly Touch[];
  /** Degrees the device is off level: to the right, and towards whoever holds it. Null while it is not told. */
  tilt: Point | null;
  /** How far the game was last told that sticks, and the device, are pushed; by element, or `tilt`. */
  axes: Readonly<Record<Id, Point>>;
  /** The element with a tooltip that the pointer is over. */
  over: Spot | null;
  /** What the pointer or the focus rests on, where anything that is up has a tooltip. */
  resting: Resting | null;
  /** What has the keyboard to itself. */
  inputCapture: InputCapture | null;
  /** The last press that came while input was masked and held. */
  pending: Pending | null;
  /** Keys and buttons that are down. */
  down: readonly Down[];
  /** Presses that some link waits for while they are held. */
  holding: readonly Holding[];
  ended: boolean;
}

/** A line that was said. */
export interface Remembered {
  speaker: Id | null;
  text: string;
}

/** How far a conversation on something that is up has come. Plain data. */
export interface Talking {
  conversation: Id;
  /** The key of the step it is at, or was at when it was over; null before the first. */
  key: string | null;
  /** Where that stands among its steps; before the first, one before it. */
  at: number;
  /** Which part of a long line, counted from 0. */
  page: number;
  /** How much of the step's time had passed when a player asked for all of the line at once; null when none has. */
  full: number | null;
  /** Which of all that a line may say it says: 0 is its own words. */
  wording: number;
  /** The event it waits for has come. */
  heard: boolean;
  /** What is held down so that lines go by fast. */
  fast: string | null;
  over: boolean;
  /** Its screen is looked at, and it has not begun: everything on it is there. */
  still: boolean;
  /** The music it has asked for. */
  music: Id | 'none' | null;
  /** Sounds it has begun. */
  sounds: readonly Id[];
}

export type Scalars = Readonly<Record<Id, Scalar>>;

/** What a saved game has kept. */
export interface SavedGame extends Kept {
  lists: Listings;
}

/** A notice that waits in line. */
export interface QueuedNotice {
  screen: Id;
  args: Scalars;
  by: Id | null;
  owner: Instance['owner'];
}

/** The rest of a link's effects: one that comes at `due` on the interface clock. */
export interface ScheduledEffect {
  due: number;
  link: Id;
  /** Its index among the link's effects. */
  effect: number;
  /** What it was given when the link was taken. */
  args: Scalars;
  gives: Scalar | null;
  /** What came with the event, and what the row held, that set it off. */
  fields: Scalars | null;
  row: Scalars | null;
  /** The base instance it goes with; null when an area or the project set it off. */
  owner: number | null;
}

export type Device = 'keys' | 'pad' | 'pointer' | 'touch';

/** An element of an instance; null for the screen itself. */
export interface Spot {
  serial: number;
  element: Id | null;
  /** On a slider, choice or tabs: how far along, 0 to 1. */
  share?: number;
  /** On what a thumb holds: design pixels from the left and top of its place, as if it were not turned. */
  at?: Point;
}

/** A finger that is down besides the one that presses, and what it came down on. Plain data. */
export interface Touch {
  finger: number;
  spot: Spot;
  /** Where it came down, and where it is: design pixels from the left and top of the element's place. */
  from: Point;
  at: Point;
}

/** One coming-up of a screen. */
export interface Instance {
  serial: number;
  screen: Id;
  layer: Layer;
  /** The link that brought it up; null at the start. */
  by: Id | null;
  /** It is up. */
  taken: number;
  /** Its entering motion starts. */
  shown: number;
  /** Entering has ended. */
  settled: number;
  half: Half;
  /** When animations of its elements that wait for a trigger began, by `element animation`. */
  animationStarts: Readonly<Record<string, number>>;
  /** The states its elements look to be in, and were in before, where going over takes its time. */
  faces: Readonly<Record<Id, FaceRun>>;
  /** How its bars have come to what they show, by element, where they take their time. */
  bars: Readonly<Record<Id, BarRun>>;
  /** How far it has loaded, 0 to 1, where the game says so; FAILED when it will not. */
  progress: number;
  /** The picture it goes on from, when it was still leaving; else null. */
  start: Sample | null;
  masked: Masked;
  focus: Id | null;
  /** How long each of its timers has run on its own clock; FIRED once it has gone off. */
  timers: Readonly<Record<Id, number>>;
  /** Links that came due before its least time, taken when that has passed. */
  deferredLinks: readonly Id[];
  /** What values and bindings were when it came up, or when they were last kept. */
  baseline: { values: Scalars; chosen: readonly Id[]; rebound: Rebound };
  /** How far an area on it has been scrolled by hand; null where the focus says. */
  scrolled: { area: Id; x: number; y: number } | null;
  /** Which of its tabs are up, where no value says so; counted from 0. */
  tabs: Readonly<Record<Id, number>>;
  /** The conversation on it; null when it has none. */
  talk: Talking | null;
  /** What it was given when it came up. */
  args: Scalars;
  /** When it was given that: words that type themselves begin then. Null: all of them are there. */
  told: number | null;
  /** Who gets its answer: the instance that opened it, the source of the link, and what the row held that it was pressed in. */
  opener: { serial: number | null; from: Id; row: Scalars | null } | null;
  /** The screen that led here. */
  cameFrom: Id | null;
  /** Notice: its place among its like where they stack up, from 0. */
  slot: number;
  /** Notice: the base instance or the area it goes with; null with nothing, NEW until its step ends. */
  owner: number | Id | null;
}

export const FIRED = -1;
export const FAILED = -1;
export const NO_STARTS: Instance['animationStarts'] = {};
export const NO_FACES: Instance['faces'] = {};
export const NO_BARS: Instance['bars'] = {};
export const NO_AXES: RunState['axes'] = {};
export const NO_TABS: Instance['tabs'] = {};

/** No instance has this serial number. */
export const NEW = 0;

/** The timer of a notice's own stay. */
export const STAY = 'stay';
/** The timers of what is on a screen: until it has finished, and until it has failed. */
export const DONE = 'done';
/** How long the step that a conversation is at has lasted. */
export const TALK = 'talk';
export const LIMIT = 'limit';

export interface Leaving {
  serial: number;
  slot: number;
  screen: Id;
  layer: Layer;
  focus: Id | null;
  args: Scalars;
  told: number | null;
  /** When it came, how far its timers had got, and what its elements had begun. */
  shown: number;
  timers: Instance['timers'];
  animationStarts: Readonly<Record<string, number>>;
  faces: Readonly<Record<Id, FaceRun>>;
  bars: Readonly<Record<Id, BarRun>>;
  progress: number;
  /** What was said on it when it went, and for how long. */
  talk: Talking | null;
  /** The elements that were hidden when it went. */
  away: Visibility;
  /** What becomes of presses for what lies beneath, while it still keeps the game from its input. */
  masked: Masked;
  from: number;
  until: number;
  half: Half;
  /** The picture it goes on from, when its entering was cut short; else null. */
  start: Sample | null;
}

/** A key or button that is down. */
export interface Down {
  code: string;
  /** A link has used the press up. */
  used: boolean;
  /** The game got the press, so that it hears of the release. */
  game: boolean;
  /** The serial number that came next when it went down: what has that one or a later one came afterwards. */
  before: number;
}

/** A key or button held down, and when that has lasted `hold` microseconds. */
export interface Holding {
  code: string;
  action: Id;
  hold: number;
  due: number;
}

/** A base in the trail, with the overlays that were open over it. */
export interface TrailEntry extends Left {
  overlays: Left[];
}

export interface Left {
  /** The serial number it had. */
  serial: number;
  screen: Id;
  focus: Id | null;
  args: Scalars;
  opener: Instance['opener'];
  cameFrom: Id | null;
}

export type Pending =
  { code: string; device: Device; back: boolean } | { spot: Spot; device: 'pointer' | 'touch' };

/**
 * A copy that may be written to: its fields, its layers and their instances. What is readonly is shared and replaced
 * whole. Written out field by field, which is many times faster than spreading, and this is done for every input.
 */
export function fork(state: RunState): RunState {
  return {
    seed: state.seed,
    clock: state.clock,
    said: state.said,
    now: state.now,
    game: state.game,
    serial: state.serial,
    base: forkInstance(state.base),
    overlays: state.overlays.map(forkInstance),
    notices: state.notices.map(forkInstance),
    huds: state.huds.map(forkInstance),
    values: state.values,
    chosen: state.chosen,
    rebound: state.rebound,
    lists: state.lists,
    saves: state.saves,
    ahead: state.ahead,
    once: state.once,
    heldConditions: state.heldConditions,
    noticeQueue: state.noticeQueue,
    scheduledEffects: state.scheduledEffects,
    log: state.log,
    failed: state.failed,
    leaving: state.leaving,
    trail: state.trail,
    remembered: state.remembered,
    device: state.device,
    hover: state.hover,
    pressed: state.pressed,
    touches: state.touches,
    tilt: state.tilt,
    axes: state.axes,
    over: state.over,
    resting: state.resting,
    inputCapture: state.inputCapture,
    pending: state.pending,
    down: state.down,
    holding: state.holding,
    ended: state.ended,
  };
}

function forkInstance(instance: Instance): Instance {
  return {
    serial: instance.serial,
    screen: instance.screen,
    layer: instance.layer,
    by: instance.by,
    taken: instance.taken,
    shown: instance.shown,
    settled: instance.settled,
    half: instance.half,
    animationStarts: instance.animationStarts,
    faces: instance.faces,
    bars: instance.bars,
    progress: instance.progress,
    start: instance.start,
    masked: instance.masked,
    focus: instance.focus,
    timers: instance.timers,
    deferredLinks: instance.deferredLinks,
    baseline: instance.baseline,
    scrolled: instance.scrolled,
    tabs: instance.tabs,
    talk: instance.talk,
    args: instance.args,
    told: instance.told,
    opener: instance.opener,
    cameFrom: instance.cameFrom,
    slot: instance.slot,
    owner: instance.owner,
  };
}

/** Sets how long a timer of an instance has run, in microseconds. */
export function setTimer(instance: Instance, name: string, ran: number): void {
  instance.timers = { ...instance.timers, [name]: ran };
}

/** The element that the pointer, or the focus, has rested on. */
export interface Resting {
  serial: number;
  element: Id;
  by: 'pointer' | 'focus';
  /** Microseconds, on the interface clock. */
  since: number;
}

/** A text entry or a row for a key that has the keyboard to itself. */
export interface InputCapture {
  serial: number;
  element: Id;
  /** When it no longer waits for a key; Infinity while words are typed. */
  until: number;
  /** The action that already has what was pressed. */
  clash: Id | null;
  /** Where in its words typing goes on; null where a key is waited for. */
  words: TypingPlace | null;
}

/** Elements of something up that are not there now, and those that are and cannot be used; with all they hold. */
export interface Visibility {
  hidden: readonly Id[];
  disabled: readonly Id[];
}
