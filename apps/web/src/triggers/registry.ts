import type { Trigger, TriggerName, Id, Project } from '@tavu/core/model';
import { press } from './press';
import { action } from './action';
import { event } from './event';
import { returned } from './returned';
import { value } from './value';
import { time } from './time';
import { everySoOften } from './every';
import { arrival } from './arrival';
import { done } from './done';
import { failed } from './failed';
import type { Offer, TriggerEditor } from './editor';

/** Every type of trigger, as it is picked and set up; in the order they are offered in. */
export const TRIGGER_EDITORS: { [N in TriggerName]: TriggerEditor<N> } = {
  press,
  action,
  event,
  returned,
  value,
  time,
  every: everySoOften,
  arrival,
  done,
  failed,
};

/** How a trigger is set up. */
export const editorOfTrigger = (trigger: Trigger): TriggerEditor<TriggerName> =>
  TRIGGER_EDITORS[trigger.on] as unknown as TriggerEditor<TriggerName>;

const all = (): TriggerEditor<TriggerName>[] =>
  Object.values(TRIGGER_EDITORS) as unknown as TriggerEditor<TriggerName>[];

/** Everything that can set a link off on a screen, area or component. */
export const triggerOffers = (project: Project, source: Id): Offer[] =>
  all().flatMap(({ offers }) => offers(project, source));

/** What can be made of what is typed. Nearly anything can name an event, so what has to be meant comes before it. */
export const typedTriggers = (text: string, project: Project, source: Id): Offer[] =>
  all()
    .reverse()
    .flatMap(({ typed }) => typed?.(text, project, source) ?? []);
