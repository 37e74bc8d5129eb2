'use client';

import { UNITS, type Rates, type Unit } from '@tavu/core/model';
import { edit, useStudio, setUnit, useUnits } from '../store';
import { Field, SelectRow, readNumber } from '../ui';

const UNIT_WORDS: Record<Unit, string> = {
  s: 'seconds',
  ms: 'milliseconds',
  frames: 'frames',
  ticks: 'ticks',
};

/** How many frames and ticks a second holds, and the unit that times are read in. */
export function Times() {
  const rates = useStudio((studio) => studio.project.rates);
  const unit = useUnits((units) => units.unit);
  const rate = (label: string, key: keyof Rates) => (
    <Field
      label={label}
      value={String(rates[key])}
      read={(text) => readNumber(text, 1, 1000)}
      onChange={(to) => edit('change rates', { [key]: to })}
    />
  );
  return (
    <section aria-label="Times" className="space-y-2">
      <h3 className="font-bold">Times</h3>
      <div className="grid grid-cols-2 gap-2">
        {rate('Frames a second', 'frames')}
        {rate('Ticks a second', 'ticks')}
      </div>
      <SelectRow<Unit>
        label="Times are shown in"
        value={unit}
        options={UNITS.map((value) => [value, UNIT_WORDS[value]] as const)}
        onChange={setUnit}
      />
      <p className="text-sm text-soft">A time you write keeps the unit you write it in.</p>
    </section>
  );
}
