'use client';

import { USUAL_LEVEL, USUAL_TILTED } from '@tavu/core/run';
import { edit, useStudio } from '../store';
import { DurationField } from '../motion';
import { Check, Group, NumberField } from '../ui';

/** How held directions repeat, and how far a stick, or the device itself, has to go. */
export function InputRules() {
  const input = useStudio((studio) => studio.project.input) ?? {};
  const share = (percent: number): number => Math.round(percent) / 100;
  return (
    <Group title="Directions" unfolded={false}>
      <div className="flex gap-1.5">
        <DurationField
          label="Repeat delay"
          value={input.repeatAfter ?? '420 ms'}
          onChange={(repeatAfter) => edit('change input', { repeatAfter })}
        />
        <DurationField
          label="Repeat interval"
          value={input.repeatEvery ?? '130 ms'}
          onChange={(repeatEvery) => edit('change input', { repeatEvery })}
        />
      </div>
      <div className="flex gap-1.5">
        <NumberField
          label="Stick threshold"
          unit="%"
          value={Math.round((input.stick ?? 0.55) * 100)}
          min={5}
          max={100}
          onChange={(percent) => edit('change input', { stick: share(percent) })}
        />
        <NumberField
          label="Stick dead zone"
          unit="%"
          value={Math.round((input.rest ?? 0.4) * 100)}
          min={0}
          max={95}
          onChange={(percent) => edit('change input', { rest: share(percent) })}
        />
      </div>
      <div className="flex gap-1.5">
        <NumberField
          label="Tilts from"
          unit="°"
          value={input.level ?? USUAL_LEVEL}
          min={0}
          max={90}
          onChange={(level) => edit('change input', { level })}
        />
        <NumberField
          label="Tilts fully at"
          unit="°"
          value={input.tilted ?? USUAL_TILTED}
          min={0}
          max={90}
          onChange={(tilted) => edit('change input', { tilted })}
        />
      </div>
      <Check
        on={input.tiltToGame ?? false}
        onChange={(on) => edit('change input', { tiltToGame: on ? true : undefined })}
      >
        The game is told how far the device is tilted
      </Check>
    </Group>
  );
}
