'use client';

import { codeName } from '@tavu/core/keys';
import { titleCase } from '@tavu/core/model';
import { askAboutKey, useRun } from '../run';
import { Cap, Small } from '../ui';

/** Asks about the noted key, while there is one; at any other time it is the game's. */
export const isAnswerKey = (event: KeyboardEvent): boolean =>
  event.shiftKey && event.code === 'Enter' && useRun.getState().unusedKey !== null;

/** Says that the last key led nowhere. It takes nothing: the run and the keyboard stay as they are. */
export function UnusedKeyNote() {
  const noted = useRun((run) => run.unusedKey);
  if (!noted) return null;
  return (
    <span role="status" aria-label="Unused key" className="flex min-w-0 items-center gap-1.5">
      <span className="truncate">
        <b>{titleCase(codeName(noted.what.code))}</b> leads nowhere.
      </span>
      <Small onClick={() => askAboutKey()}>
        Say where <Cap>Shift</Cap> <Cap>Enter</Cap>
      </Small>
    </span>
  );
}
