import { padOf } from '@tavu/core/keys';
import type { RunState } from '@tavu/core/run';
import { useStudio } from '../store';
import { letGo } from './control';
import { turnTo } from './past';
import { hold, livePlayer } from './player';
import { useRun, type Asked } from './state';

/** Where a press or an event leads nowhere the run stops and asks; a key that leads nowhere is only noted. */

/** What a dead end had before it: an answer is given again from there. */
let beforeAsking: RunState | null = null;

/** A press that bubbles up to here from a step is asked about once the step is over. */
export function ask(what: Asked, before: RunState): void {
  beforeAsking = before;
  queueMicrotask(() => {
    hold();
    useRun.setState({ asking: what, unusedKey: null });
  });
}

/** Asks about the key that was noted last; false when there is none. */
export function askAboutKey(): boolean {
  const { unusedKey } = useRun.getState();
  if (!unusedKey) return false;
  ask(unusedKey.what, unusedKey.before);
  return true;
}

/** Gives what led nowhere once more, now that it leads somewhere. */
export function giveAgain(what: Asked): void {
  const player = livePlayer();
  const { device } = player?.state ?? {};
  if (what.kind === 'returned' && beforeAsking) {
    // The screen that answered has gone; it is brought back, and answers once more.
    turnTo(beforeAsking);
    letGo();
    return player?.again();
  }
  letGo();
  if (!player || what.kind === 'gap' || what.kind === 'returned') return;
  if (what.kind === 'event') return player.give({ type: 'event', event: what.event, fields: what.fields });
  if (what.kind === 'done' || what.kind === 'failed')
    return player.give({ type: what.kind, screen: what.screen });
  if (what.kind === 'input') return tap(what.code);
  const { spot } = what;
  const confirm = useStudio.getState().project.actions.find((action) => action.id === 'confirm');
  const standing =
    player.state.base.serial === spot.serial ||
    player.state.overlays.some((overlay) => overlay.serial === spot.serial);
  if ((device === 'keys' || device === 'pad') && confirm?.keys[0] && standing) return tap(confirm.keys[0]);
  const by = device === 'touch' ? 'touch' : 'pointer';
  player.give({ type: 'pointer', device: by, phase: 'down', spot });
  player.give({ type: 'pointer', device: by, phase: 'up', spot });
}

function tap(code: string): void {
  const pad = padOf(code);
  for (const phase of ['down', 'up'] as const)
    livePlayer()?.give(pad === null ? { type: 'key', code, phase } : { type: 'pad', button: pad, phase });
}
