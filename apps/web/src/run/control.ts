import type { ListWrite } from '@tavu/core/lists';
import type { Id, Scalar } from '@tavu/core/model';
import type { Device, Input, RunState } from '@tavu/core/run';
import { endAside } from './aside';
import { forget, goOnFromHere, standApart } from './past';
import { hold, livePlayer } from './player';
import { useRun } from './state';

/** What is done with the run from around it. */

const { getState, setState } = useRun;

/** What Live shows is the run from here on. */
function goOn(): void {
  endAside();
  goOnFromHere();
}

export function letGo(): void {
  goOn();
  livePlayer()?.letGo();
  setState({ asking: null, fault: null });
}

export const toggleHold = (): void => (getState().held ? letGo() : hold());

/** How fast the game’s time goes: 1 as it is, from ¼ to 8. */
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

/**
 * Brings a screen up, at rest and held; one that is up already, with nothing over it, is only held. The run there was is
 * told of, and can be gone back to, until it goes on from here.
 */
export function showHeld(screen: Id): void {
  const player = livePlayer();
  if (!player) return;
  endAside();
  hold();
  if (!isInSight(player.state, screen)) standApart(() => player.beginAt(screen, true));
}

/** Brings a screen up where it is not seen already: one that is typed into is not typed into blindly. */
export function keepInSight(screen: Id): void {
  const player = livePlayer();
  if (player && !isInSight(player.state, screen)) showHeld(screen);
}

/** Brings a line of a conversation up on its screen, as `showHeld` does. */
export function showLine(screen: Id, line: { conversation: Id; key: string }): void {
  const player = livePlayer();
  if (!player) return;
  endAside();
  hold();
  standApart(() => player.beginAt(screen, true, { ...line, whole: true }));
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
  hold();
  goOn();
  return player.passToDue();
}

/** Sets a value by hand; the run stays held or goes on as it was. */
export function setByHand(value: Id, to: Scalar): void {
  goOn();
  livePlayer()?.give({ type: 'value', value, to, byHand: true });
  livePlayer()?.paint();
}

/** Writes to a list by hand; the run stays held or goes on as it was. */
export function writeByHand(list: Id, write: ListWrite): void {
  goOn();
  livePlayer()?.give({ type: 'list', list, write, byHand: true });
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
