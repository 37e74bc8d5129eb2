export { DurationField } from './DurationField';
export { EasingField } from './EasingField';
export { HouseSheet, MotionSheet, OwnMotion, backTo } from './MotionSheet';
