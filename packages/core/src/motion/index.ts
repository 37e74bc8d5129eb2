export { BEZIERS, bezierOf, ease, EASING_PATTERN, EASINGS, readEasing, type Bezier } from './easing';
export {
  compileMotion,
  isQuiet,
  madeOf,
  REDUCED,
  REST,
  STILL,
  usualEasing,
  type InOut,
  type HalfName,
} from './in-out';
export { isException, movesOddly, ruleAround, ruleFor, type MotionRule } from './rule';
export { reversedEasing, reversedMotion, reversedTracks } from './reverse';
export { enteringHalf, leavingHalf, type Placed } from './plan';
export {
  AT_REST,
  keyOf,
  NO_MOTION,
  restOf,
  sampleEntering,
  sampleLeaving,
  stretchHalf,
  type Half,
  type Part,
  type Property,
  type Sample,
  type Track,
} from './sample';
