import type { Id } from '@tavu/core/model';
import { create } from 'zustand';

/** The skin that Live wears; null is the project's own look. Shared looks are then changed in it. */
export const useSkin = create<{ worn: Id | null }>(() => ({ worn: null }));
export const wear = (worn: Id | null): void => useSkin.setState({ worn });
