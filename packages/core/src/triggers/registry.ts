import type { Trigger, TriggerName, Id } from '../model';
import { play as press } from './press';
import { play as action } from './action';
import { play as event } from './event';
import { play as time } from './time';
import { play as every } from './every';
import { play as arrival } from './arrival';
import { play as done } from './done';
import { play as failed } from './failed';
import { play as value } from './value';
import { play as returned } from './returned';
import type { On, TriggerPlay } from './trigger';

/** Every type of trigger, as it plays. */
export const TRIGGERS: { [N in TriggerName]: TriggerPlay<On<N>> } = {
  press,
  action,
  event,
  time,
  every,
  arrival,
  done,
  failed,
  value,
  returned,
};

/** What a trigger's type says of it. */
export const triggerOf = (trigger: Trigger): TriggerPlay<Trigger> =>
  TRIGGERS[trigger.on] as TriggerPlay<Trigger>;

/** The element of its screen that sets a trigger off; null where none does. */
export const elementOf = (trigger: Trigger): Id | null => triggerOf(trigger).element?.of(trigger) ?? null;

/** The same trigger, set off by another element. */
export const withElement = (trigger: Trigger, element: Id): Trigger =>
  triggerOf(trigger).element?.put(trigger, element) ?? trigger;

/** The action that sets a trigger off; null where none does. */
export function actionOf(trigger: Trigger): Id | null {
  const type = triggerOf(trigger);
  return type.life === 'searched' && type.phase ? (type.key?.(trigger) ?? null) : null;
}

/** The time after which a trigger goes off; null where it waits for something else. */
export function timeOf(trigger: Trigger): string | null {
  const type = triggerOf(trigger);
  return type.life === 'timed' ? type.after(trigger) : null;
}
