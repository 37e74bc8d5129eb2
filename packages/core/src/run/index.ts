export { begin, beginAt, step, type Stepped } from './step';
export { reconcile } from './reconcile';
export { faults } from './faults';
export { nextDue } from './time';
export { allUp, focusShown, isBlocked, isCovered, isFrozen, maskOf, reachable, standing } from './derived';
export { sampleInstance, samplePicture } from './plan';
export type { Input } from './input';
export type { Nowhere, Outcome } from './outcome';
export type { Device, Instance, Leaving, RunState, Spot } from './state';
