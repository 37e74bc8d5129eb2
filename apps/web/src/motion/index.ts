export { DurationField } from './DurationField';
export { EasingField } from './EasingField';
export { DefaultsSheet, MotionSheet, OwnMotion, backTo } from './MotionSheet';
