export { barAt, fitBars, syncBars } from './bars';
export { beginOnEvent, beginPressed, syncFocusAnimations } from './animations';
export {
  allUp,
  areasOf,
  beneathOverlays,
  closingOf,
  focusHolder,
  focusSeen,
  focusShown,
  isBeneath,
  isBlocked,
  isCovered,
  isFrozen,
  liesOverAll,
  maskOf,
  pressMask,
  reachable,
  screenOf,
  standing,
} from './derived';
export type { Input } from './input';
export type { Nowhere, Outcome, Passed, Reason, Say } from './outcome';
export { isCounted, secondsLeft, setBackCounts, timeLeft } from './counts';
export { argumentsOf, giveOf, holds, holdsNow, type EvalScope } from './evaluate';
export {
  type Visibility,
  type Device,
  DONE,
  FAILED,
  FIRED,
  fork,
  type Holding,
  type Instance,
  type ScheduledEffect,
  type Leaving,
  type Left,
  LIMIT,
  NEW,
  NO_AXES,
  NO_BARS,
  NO_FACES,
  NO_TABS,
  NO_STARTS,
  type Remembered,
  type Resting,
  type RunState,
  type SavedGame,
  type Scalars,
  setTimer,
  type Spot,
  STAY,
  TALK,
  type Touch,
  type InputCapture,
  type Talking,
  type TrailEntry,
} from './state';
export { fitLists, listingOf, listsOfLife, sampleLists, writeList, type Listings } from './lists';
export { chosenValues, defaultOf, load, resetValues, save, setValue, takeBack, valuesFrom } from './values';
