import type { ElementType, Id } from '@tavu/core/model';
import { create } from 'zustand';

/** How the designer looks at the screens while editing them. None of it is in the project. */
interface View {
  /** What is drawn next; after one, the pointer chooses again. */
  tool: Exclude<ElementType, 'component'> | { component: Id } | null;
  /** Changes inside a component are kept to the place it is seen at. */
  here: boolean;
  snapping: boolean;
  /** Design pixels; what keys with Shift move by, and what drags snap to. */
  grid: number;
  gridShown: boolean;
  marginShown: boolean;
  /** Frames of what is chosen, touch areas, texts that do not fit. */
  marks: boolean;
  /** Where the focus goes, as arrows. */
  arrows: boolean;
  /** The order things are read in is being clicked through: those that have been. */
  ordering: readonly Id[] | null;
  /** The reference screen, drawn faintly over the one that is edited. */
  sibling: Id | null;
  /** How strongly, 0 to 1. */
  faint: number;
}

export const useView = create<View>(() => ({
  tool: null,
  here: false,
  snapping: true,
  grid: 10,
  gridShown: false,
  marginShown: false,
  marks: true,
  arrows: false,
  ordering: null,
  sibling: null,
  faint: 0.35,
}));

export const setView = (change: Partial<View>): void => useView.setState(change);
