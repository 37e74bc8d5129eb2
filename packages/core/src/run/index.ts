export { awayOn, type Away } from './away';
export { begin, beginAt, firstState, step, type Before, type Stepped } from './step';
export { keptOf, readKept } from './keep';
export { reconcile } from './reconcile';
export { faults } from './faults';
export { nextDue } from './time';
export { isSameSpot, TOOLTIP_AFTER, tooltipOn } from './resting';
export {
  allUp,
  focusShown,
  isBlocked,
  isCovered,
  isFrozen,
  maskOf,
  pressMask,
  reachable,
  standing,
} from './derived';
export { scrollOf } from './scroll';
export { bindingsNow, codesOn, type Rebound } from './bindings';
export { takerNow, type Taking } from './taking';
export { sampleInstance, samplePicture } from './plan';
export type { Input } from './input';
export type { Nowhere, Outcome } from './outcome';
export type { Device, Instance, Leaving, Remembered, RunState, Scalars, Spot, Talking } from './state';
export {
  handOverOf,
  rehearse,
  rehearsedAt,
  type Bar,
  type HandOver,
  type PictureBar,
  type Rehearsal,
} from './rehearse';
export { FAILED } from './state';
export type { Passed, Reason } from './fit';
export { LONGEST_CHAIN } from './take';
export { LONGEST_LINE } from './notices';
export {
  beginTalk,
  goingOn,
  lay,
  lettersIn,
  pageTimes,
  talkLooks,
  typedAlone,
  typingNow,
  wordsOf,
  type TalkLooks,
} from './talk';
export { rehearseTalk, type TalkTimeline, type TimedLine } from './rehearse-talk';
export { HURRY, tabLeaves } from './search';
