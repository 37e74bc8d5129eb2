import type { CueName, Cue, Id, Link, LinkKind, Project } from '@tavu/core/model';
import type { Slot } from '@tavu/core/phrasing';
import type { On } from '@tavu/core/triggers';
import type { ComponentType } from 'react';
import type { Choice } from '../ui';

/** What the window needs of a type of trigger. */
export interface TriggerEditor<N extends CueName> {
  /** What there is to pick on a screen, area or component. */
  offers: (project: Project, source: Id) => readonly Offer[];
  /** What can be made of what is typed. */
  typed?: (text: string, project: Project, source: Id) => readonly Offer[];
  /** What its blanks open, besides the one that says what it is. */
  blanks?: Partial<Record<Slot, ComponentType<BlankOf<N>>>>;
  /** How it is written on a line of the map. Absent: its label alone. */
  Mark?: ComponentType<{ project: Project; cue: On<N>; label: string }>;
  /** It can be found above modal screens. */
  above?: true;
  /** What a new sentence says that begins with it. Absent: that it leads somewhere. */
  first?: LinkKind;
}

export interface BlankOf<N extends CueName> {
  link: Link;
  cue: On<N>;
  put: (cue: On<N>) => void;
  close: () => void;
}

/** One thing to pick, and the trigger it makes. */
export interface Offer extends Omit<Choice, 'onPick'> {
  make: () => Cue;
}
