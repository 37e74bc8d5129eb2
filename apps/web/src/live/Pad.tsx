'use client';

import { padName } from '@tavu/core/keys';
import { titleCase } from '@tavu/core/model';
import type { ReactNode } from 'react';
import { useStudio } from '../store';
import { give } from '../run';

/** A drawn pad: every button sends what the real one would, and says what it is bound to. */
export function Pad() {
  return (
    <div
      role="group"
      aria-label="Pad"
      className="flex items-center justify-center gap-6 rounded-full border border-line bg-mist px-6 py-1.5"
    >
      <div className="grid grid-cols-3 grid-rows-3">
        <PadButton button={12} at="col-start-2 row-start-1">
          ↑
        </PadButton>
        <PadButton button={14} at="col-start-1 row-start-2">
          ←
        </PadButton>
        <PadButton button={15} at="col-start-3 row-start-2">
          →
        </PadButton>
        <PadButton button={13} at="col-start-2 row-start-3">
          ↓
        </PadButton>
      </div>
      <div className="flex flex-col items-center gap-1">
        <div className="flex gap-1">
          <PadButton button={4} wide>
            L
          </PadButton>
          <PadButton button={5} wide>
            R
          </PadButton>
        </div>
        <PadButton button={9} wide>
          Start
        </PadButton>
      </div>
      <div className="grid grid-cols-3 grid-rows-3">
        {[3, 2, 1, 0].map((button) => (
          <PadButton key={button} button={button} at={FACE[button]!} round>
            ●
          </PadButton>
        ))}
      </div>
    </div>
  );
}

const FACE: Record<number, string> = {
  3: 'col-start-2 row-start-1',
  2: 'col-start-1 row-start-2',
  1: 'col-start-3 row-start-2',
  0: 'col-start-2 row-start-3',
};

function PadButton({
  button,
  at = '',
  wide = false,
  round = false,
  children,
}: {
  button: number;
  at?: string;
  wide?: boolean;
  round?: boolean;
  children: ReactNode;
}) {
  const actions = useStudio((studio) => studio.project.actions);
  const bound = actions
    .filter((action) => action.pad.includes(button))
    .map((action) => titleCase(action.name));
  const name = `Pad ${padName(button).replace(/^pad /, '')}${bound.length > 0 ? `: ${bound.join(', ')}` : ''}`;
  const press = (phase: 'down' | 'up'): void => give({ type: 'pad', button, phase });
  return (
    <button
      type="button"
      aria-label={name}
      title={name}
      className={`flex h-6 items-center justify-center border border-strong bg-sheet text-xs hover:bg-chosen-wash active:bg-chosen active:text-on-chosen ${wide ? 'px-2' : 'w-6'} ${round ? 'rounded-full' : 'rounded'} ${at}`}
      onPointerDown={() => press('down')}
      onPointerUp={() => press('up')}
      onKeyDown={(event) => {
        if (event.repeat || (event.key !== 'Enter' && event.key !== ' ')) return;
        press('down');
        press('up');
      }}
    >
      {children}
    </button>
  );
}
