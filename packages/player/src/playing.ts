import type { Device } from '@tavu/core/run';

/** How a run is played, as whoever plays it wants. */
export interface Playing {
  /** It stands still where it is. */
  held: boolean;
  /** How many times as fast as the clock. */
  speed: number;
  muted: boolean;
  /** Only this device plays; null is any. */
  only: Device | null;
}

/** The one place of these settings: in the player, or in the page around it. */
export interface PlayingStore {
  getState: () => Playing;
  setState: (change: Partial<Playing>) => void;
  /** Gives what ends it. */
  subscribe: (listener: (now: Playing, before: Playing) => void) => () => void;
}

/** A player's own place for it. */
export function ownPlaying(): PlayingStore {
  let now: Playing = { held: false, speed: 1, muted: false, only: null };
  const listeners = new Set<(now: Playing, before: Playing) => void>();
  return {
    getState: () => now,
    setState: (change) => {
      const before = now;
      now = { ...now, ...change };
      for (const listener of [...listeners]) listener(now, before);
    },
    subscribe: (listener) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
  };
}
