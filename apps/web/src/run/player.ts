import type { Flow } from '@tavu/core/compile';
import type { Player } from '@tavu/player';
import { useStudio } from '../store';
import { flowAt, useSizes } from './sizes';
import { useRun } from './state';

/** The one player of the window, once Live has started it. */

let player: Player | null = null;

export const livePlayer = (): Player | null => player;

export function setPlayer(made: Player | null): void {
  player = made;
}

/** The flow as Live runs it: laid out for the size it shows. */
export const liveFlow = (): Flow => flowAt(useStudio.getState().flow, useSizes.getState().size);

/** The run stands still at this instant. */
export function hold(): void {
  if (!player || player.held) return;
  player.hold();
  useRun.setState({ now: player.state.now });
}
