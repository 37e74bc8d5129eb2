'use client';

import { edit, useStudio } from '../store';
import { DurationField } from '../motion';
import { Group, NumberField } from '../ui';

/** How held directions repeat, and how far a stick has to go. */
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
    </Group>
  );
}
