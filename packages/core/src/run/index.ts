export type { Input, Nowhere, Outcome, Passed, Reason } from './state';
export type {
  Visibility,
  Device,
  Instance,
  Leaving,
  Remembered,
  RunState,
  Scalars,
  Spot,
  InputCapture,
  Talking,
} from './state';
export {
  allUp,
  barAt,
  chosenValues,
  FAILED,
  focusHolder,
  focusSeen,
  focusShown,
  isBlocked,
  isCovered,
  isFrozen,
  listingOf,
  maskOf,
  pressMask,
  reachable,
  secondsLeft,
  standing,
  timeLeft,
} from './state';
export {
  beginTalk,
  goingOn,
  lay,
  pageTimes,
  talkLooks,
  typedAlone,
  typingNow,
  promptsFor,
  wordsOf,
  type TalkLooks,
} from './talk';
export { facesAt, visibilityOf, isSameSpot, mostOf, scrollOf, TOOLTIP_AFTER, tooltipOn } from './focus';
export { LONGEST_CHAIN, LONGEST_LINE, sampleInstance, samplePicture } from './links';
export {
  bindingsNow,
  codesOn,
  ENDS_TYPING,
  HURRY,
  swipeAction,
  tabLeaves,
  takerNow,
  USUAL_LEVEL,
  USUAL_TILTED,
  type Rebound,
} from './search';
export { begin, beginAt, firstState, step, type Before, type Stepped } from './step';
export { keptOf, readKept } from './keep';
export { skinNow } from './skin';
export { withRows, withSamples } from './rows';
export { reconcile } from './reconcile';
export { validateState } from './validate';
export { nextDue } from './time';
export {
  transitionOf,
  rehearse,
  rehearsedAt,
  type Bar,
  type Transition,
  type PictureBar,
  type Rehearsal,
} from './rehearse';
export { rehearseTalk, type TalkTimeline, type TimedLine } from './rehearse-talk';
