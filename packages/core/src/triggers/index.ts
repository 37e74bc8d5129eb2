export type { Counted, Heard, Life, Moment, On, TriggerPlay } from './trigger';
export { actionOf, elementOf, timeOf, TRIGGERS, triggerOf, withElement } from './registry';
export { listInLink, scopeOfLink } from './scope';
