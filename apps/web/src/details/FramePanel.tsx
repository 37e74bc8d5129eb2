'use client';

import { edit, useStudio } from '../store';
import { Group, NumberField } from '../ui';

/** The size screens are designed at, and the margin that is kept free of what has to be seen. */
export function FramePanel() {
  const design = useStudio((studio) => studio.project.design);
  return (
    <Group title="Screen size">
      <div className="flex gap-1.5">
        <NumberField
          label="Width"
          unit="px"
          value={design.width}
          min={16}
          max={16384}
          onChange={(width) => edit('change design', { width: Math.round(width) })}
        />
        <NumberField
          label="Height"
          unit="px"
          value={design.height}
          min={16}
          max={16384}
          onChange={(height) => edit('change design', { height: Math.round(height) })}
        />
        <NumberField
          label="Safe margin"
          unit="%"
          value={design.margin}
          min={0}
          max={45}
          onChange={(margin) => edit('change design', { margin })}
        />
      </div>
    </Group>
  );
}
