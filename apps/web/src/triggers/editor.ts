import type { TriggerName, Trigger, Id, Link, LinkKind, Project } from '@tavu/core/model';
import type { Slot } from '@tavu/core/phrasing';
import type { On } from '@tavu/core/triggers';
import type { ComponentType } from 'react';
import type { Choice } from '../ui';

/** What the window needs of a type of trigger. */
export interface TriggerEditor<N extends TriggerName> {
  /** What there is to pick on a screen, area or component. */
  offers: (project: Project, source: Id) => readonly Offer[];
  /** What can be made of what is typed. */
  typed?: (text: string, project: Project, source: Id) => readonly Offer[];
  /** What its blanks open, besides the one that says what it is. */
  blanks?: Partial<Record<Slot, ComponentType<BlankOf<N>>>>;
  /** How it is written on a line of the map. Absent: its label alone. */
  Mark?: ComponentType<{ project: Project; trigger: On<N>; label: string }>;
  /** It can be found above modal screens. */
  above?: true;
  /** What a new sentence says that begins with it. Absent: that it leads somewhere. */
  first?: LinkKind;
}

export interface BlankOf<N extends TriggerName> {
  link: Link;
  trigger: On<N>;
  put: (trigger: On<N>) => void;
  close: () => void;
}

/** One thing to pick, and the trigger it makes. */
export interface Offer extends Omit<Choice, 'onPick'> {
  make: () => Trigger;
}
