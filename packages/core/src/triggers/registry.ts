import type { Cue, CueName, Id } from '../model';
import { play as press } from './press';
import { play as action } from './action';
import { play as event } from './event';
import { play as time } from './time';
import { play as arrival } from './arrival';
import { play as done } from './done';
import { play as failed } from './failed';
import { play as value } from './value';
import { play as returned } from './returned';
import type { On, TriggerPlay } from './trigger';

/** Every type of trigger, as it plays. */
export const TRIGGERS: { [N in CueName]: TriggerPlay<On<N>> } = {
  press,
  action,
  event,
  time,
  arrival,
  done,
  failed,
  value,
  returned,
};

/** What a trigger's type says of it. */
export const triggerOf = (cue: Cue): TriggerPlay<Cue> => TRIGGERS[cue.on] as TriggerPlay<Cue>;

/** The element of its screen that sets a trigger off; null where none does. */
export const elementOf = (cue: Cue): Id | null => triggerOf(cue).element?.of(cue) ?? null;

/** The same trigger, set off by another element. */
export const withElement = (cue: Cue, element: Id): Cue => triggerOf(cue).element?.put(cue, element) ?? cue;

/** The action that sets a trigger off; null where none does. */
export function actionOf(cue: Cue): Id | null {
  const trigger = triggerOf(cue);
  return trigger.life === 'searched' && trigger.phase ? (trigger.key?.(cue) ?? null) : null;
}

/** The time after which a trigger goes off; null where it waits for something else. */
export function timeOf(cue: Cue): string | null {
  const trigger = triggerOf(cue);
  return trigger.life === 'timed' ? trigger.after(cue) : null;
}
