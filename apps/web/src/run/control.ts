import type { Id, Scalar } from '@tavu/core/model';
import type { Device, Input, RunState } from '@tavu/core/run';
import { endAside } from './aside';
import { forget, goOnFromHere } from './past';
import { hold, livePlayer } from './player';
import { useRun } from './state';

/** What is done with the run from around it. */

const { getState, setState } = useRun;

export function letGo(): void {
  endAside();
  goOnFromHere();
  livePlayer()?.letGo();
  setState({ asking: null, fault: null });
}

export const toggleHold = (): void => (getState().held ? letGo() : hold());

export const setSpeed = (speed: number): void => setState({ speed });

export function restart(): void {
  endAside();
  forget();
  livePlayer()?.restart();
  letGo();
}

/** Whether a screen is up with no overlay over it, so that all of it is seen. */
function isInSight({ base, overlays, notices, huds }: RunState, screen: Id): boolean {
  const top = overlays.at(-1);
  const seen = top ? [top, ...notices] : [base, ...huds, ...notices];
  return seen.some((instance) => instance.screen === screen);
}

/** Brings a screen up, at rest and held; one that is up already, with nothing over it, is only held. */
export function showHeld(screen: Id): void {
  const player = livePlayer();
  if (!player) return;
  endAside();
  if (!isInSight(player.state, screen)) {
    forget();
    player.beginAt(screen, true);
  }
  hold();
}

/** Plays a conversation from one of its steps, on its screen. */
export function playLine(screen: Id, line: { conversation: Id; key: string }): void {
  endAside();
  forget();
  livePlayer()?.beginAt(screen, true, line);
  letGo();
}

/** Plays from a screen. */
export function startAt(screen: Id): void {
  endAside();
  forget();
  livePlayer()?.beginAt(screen, false);
  letGo();
}

export function give(input: Input): void {
  endAside();
  if (getState().held) letGo();
  livePlayer()?.give(input);
}

/** Goes on to the next moment at which anything happens of itself, and stays held there. */
export function stepOn(): boolean {
  const player = livePlayer();
  if (!player) return false;
  endAside();
  hold();
  goOnFromHere();
  return player.passToDue();
}

/** Sets a value by hand; the run stays held or goes on as it was. */
export function setByHand(value: Id, to: Scalar): void {
  goOnFromHere();
  livePlayer()?.give({ type: 'value', value, to, byHand: true });
  livePlayer()?.paint();
}

export const setMuted = (muted: boolean): void => setState({ muted });

/** Lets only one device play, to feel how it is with that alone. */
export const setOnly = (only: Device | null): void => setState({ only });

/** Everything that was chosen and saved while playing is forgotten, and the run begins anew. */
export function forgetPlayed(): void {
  endAside();
  forget();
  livePlayer()?.forget();
  letGo();
}

export const setMaking = (making: boolean): void => setState({ making, unusedKey: null });

export const setInHand = (inHand: boolean): void => setState({ inHand });
