'use client';

import type { Device } from '@tavu/core/run';
import { usesTilt } from '@tavu/core/model';
import { setOnly, useRun } from '../run';
import { useStudio } from '../store';
import { Select } from '../ui';
import { Pad } from './Pad';
import { TiltPlate } from './TiltPlate';

/** What plays: any device or one alone, a drawn pad, and a plate to tilt where tilting has a use. */
export function InputPanel() {
  const tilts = useStudio((studio) => usesTilt(studio.project));
  return (
    <div className="min-h-0 flex-1 space-y-2 overflow-auto px-3.5 py-1">
      <PlayedBy />
      <Pad />
      {tilts && <TiltPlate />}
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
