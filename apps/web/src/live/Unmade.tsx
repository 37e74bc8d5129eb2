'use client';

import { gapName } from '@tavu/core/compile';
import type { Id } from '@tavu/core/model';
import { kindFor } from '../fields';
import { edit } from '../store';
import { Button } from '../ui';
import { letGo, livePlayer } from '../run';

/** A screen has come up that is not made yet: it can be made on the spot, and play goes on with it. */
export function Unmade({ gap }: { gap: Id }) {
  const name = gapName(gap) ?? '';
  const layer = gap.startsWith('gap:overlay:') ? 'overlay' : 'base';
  const goOn = (): void => {
    letGo();
    livePlayer()?.host.focus({ preventScroll: true });
  };
  const make = (): void => {
    edit('add screen', { name, kind: kindFor(name, layer), layer, text: name });
    goOn();
  };
  return (
    <form
      aria-label="A screen not made yet"
      className="rounded-lg border-2 border-chosen bg-sheet p-3 text-ink shadow-xl"
      onSubmit={(event) => {
        event.preventDefault();
        make();
      }}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Escape') goOn();
      }}
    >
      <p className="mb-2">
        <b>{name}</b> is not made yet.
      </p>
      <div className="flex gap-2">
        <Button type="submit" look="main" autoFocus>
          Make it, and go on
        </Button>
        <Button onClick={goOn}>Leave the gap</Button>
      </div>
    </form>
  );
}
