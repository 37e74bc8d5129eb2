import type { Id } from '@tavu/core/model';
import { create } from 'zustand';

/** What the pointer is on, so that its links stand out: a card, or the key of one line. */
export const usePointedAt = create<{ card: Id | null; line: string | null }>(() => ({
  card: null,
  line: null,
}));

export const pointAtCard = (card: Id | null): void => usePointedAt.setState({ card });
export const pointAtLine = (line: string | null): void => usePointedAt.setState({ line });
