'use client';

import type { Device } from '@tavu/core/run';
import { setOnly, useRun } from '../run';
import { Select } from '../ui';
import { Pad } from './Pad';

/** What plays: any device or one alone, and a drawn pad. */
export function InputPanel() {
  return (
    <div className="min-h-0 flex-1 space-y-2 overflow-auto px-3.5 py-1">
      <PlayedBy />
      <Pad />
    </div>
  );
}

/** All four ways to play, or one of them alone. */
function PlayedBy() {
  const only = useRun((run) => run.only);
  return (
    <Select<Device | ''>
      label="Device"
      value={only ?? ''}
      options={[
        ['', 'any device'],
        ['keys', 'keys alone'],
        ['pad', 'pad alone'],
        ['pointer', 'pointer alone'],
        ['touch', 'touch alone'],
      ]}
      className={`h-6 shrink-0 border bg-sheet text-sm ${only === null ? 'border-line' : 'border-live font-semibold text-live'}`}
      onChange={(to) => setOnly(to === '' ? null : to)}
    />
  );
}
