'use client';

import { NumberField } from '../ui';

interface Arc {
  start: number;
  sweep: number;
  width: number;
}

/** Where a part of a ring begins, how far round it goes, and how wide it is. */
export function ArcFields({ arc, onChange }: { arc: Arc; onChange: (change: Partial<Arc>) => void }) {
  return (
    <div className="flex gap-1.5">
      <NumberField
        label="Starts at"
        unit="°"
        value={arc.start}
        min={-360}
        max={360}
        onChange={(start) => onChange({ start })}
      />
      <NumberField
        label="Goes round"
        unit="°"
        value={arc.sweep}
        min={0}
        max={360}
        onChange={(sweep) => onChange({ sweep })}
      />
      <NumberField
        label="Ring width"
        unit="px"
        value={arc.width}
        min={0}
        max={4000}
        onChange={(width) => onChange({ width })}
      />
    </div>
  );
}
