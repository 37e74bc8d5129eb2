import type { RunState } from '@tavu/core/run';
import { hold, livePlayer } from './player';

/** What Live shows is no part of the run: one transition by itself. */
let asideFrom: RunState | null = null;

/** Shows a state that is no part of the run; the run waits where it is. */
export function showAside(state: RunState): void {
  const player = livePlayer();
  if (!player) return;
  if (!asideFrom) {
    hold();
    asideFrom = player.state;
  }
  player.see(state);
}

/** Back to the run. */
export function endAside(): void {
  const state = asideFrom;
  if (!state) return;
  livePlayer()?.goTo(state);
  asideFrom = null;
}

export const isAside = (): boolean => asideFrom !== null;
