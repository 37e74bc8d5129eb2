export { BEZIERS, bezierOf, ease, EASING_PATTERN, EASINGS, readEasing, type Bezier } from './easing';
export { compileMotion, isQuiet, madeOf, REDUCED, STILL, usualEasing, type InOut, type Way } from './in-out';
export { isException, movesOddly, ruleAround, ruleFor, type MotionRule } from './rule';
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
