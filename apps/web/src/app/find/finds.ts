import type { Project } from '@tavu/core/model';

/** One thing that can be found. */
export interface Find {
  group: string;
  key: string;
  label: string;
  hint: string;
  /** Other words it is looked for by. */
  words?: string;
  onPick: () => void;
  /** Where the keyboard goes on. */
  goOn?: () => HTMLElement | null | undefined;
}

/** A sort of things that can be found in a project. */
export interface Finder {
  /** Slow: its results come a moment after the list is shown. */
  late?: true;
  list: (project: Project) => readonly Find[];
}
