import type { Project } from '@tavu/core/model';

/** One thing that can be found. */
export interface Find {
  group: string;
  key: string;
  label: string;
  hint: string;
  onPick: () => void;
  /** Where the keyboard goes on. */
  goOn?: () => HTMLElement | null | undefined;
}

/** A sort of things that can be found in a project. */
export interface Finder {
  /** It takes long: its things come a moment after the list stands. */
  late?: true;
  list: (project: Project) => readonly Find[];
}
