import type { Animation } from '@tavu/core/model';
import { create } from 'zustand';

/** The animation that was copied last, to be put on other elements. */
export const useCopied = create<{
  copied: Omit<Animation, 'id'> | null;
  copy: (animation: Animation) => void;
}>((set) => ({
  copied: null,
  copy: ({ id: _, ...copied }) => set({ copied }),
}));
