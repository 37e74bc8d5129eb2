import type { Trigger, TriggerName, Id, Project } from '../model';
import { byAuthor, type Part } from '../walk';
import { author as press } from './press';
import { author as action } from './action';
import { author as event } from './event';
import { author as time } from './time';
import { author as every } from './every';
import { author as arrival } from './arrival';
import { author as done } from './done';
import { author as failed } from './failed';
import { author as value } from './value';
import { author as returned } from './returned';
import type { On, TriggerAuthor } from './trigger';

export { WHEN_WORDS } from './action';
export { SINCE_WORDS } from './time';
export type { TriggerAuthor };

/** Every type of trigger, as it is edited. */
export const TRIGGER_AUTHORS: { [N in TriggerName]: TriggerAuthor<On<N>> } = {
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

/** What a trigger's type says of it to an editor. */
export const authorOfTrigger = (trigger: Trigger): TriggerAuthor<Trigger> =>
  TRIGGER_AUTHORS[trigger.on] as unknown as TriggerAuthor<Trigger>;

/** A trigger in two or three words, for a line on the map. */
export const triggerLabel = (project: Project, from: Id, trigger: Trigger): string =>
  authorOfTrigger(trigger).label(trigger, project, from);

/** Where triggers name things and ask. */
export const triggerReferences: Part<Trigger> = byAuthor<Trigger>(authorOfTrigger);
