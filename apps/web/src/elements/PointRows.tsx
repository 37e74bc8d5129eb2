'use client';

import { turnedPoint, withPoint, withPointAfter } from '@tavu/core/drawing';
import type { ShapeLine } from '@tavu/core/model';
import { Plus, Trash2 } from 'lucide-react';
import { Check, Group, IconButton, NumberField } from '../ui';

/** More rows than this are no help: points are then moved where they are seen. */
const MOST_ROWS = 40;
/** So many are seen at once. */
const FEW = 6;

/** The points of a shape, one a row: where each is, whether the line turns smoothly there, and whether it is closed. */
export function PointRows({
  lines,
  onChange,
}: {
  lines: readonly ShapeLine[];
  /** Changes with the same key, one after another, are one step. */
  onChange: (lines: ShapeLine[], key: string) => void;
}) {
  const count = lines.reduce((sum, { points }) => sum + points.length, 0);
  const several = lines.length > 1;
  return (
    <Group title="Points" unfolded={count <= FEW}>
      <p className="text-sm text-soft">
        {count} points. Drag them in Live while held, or set them here; arrow keys move one that has the
        keyboard.
      </p>
      {lines.map((line, i) => (
        <div key={i} role="group" aria-label={`Line ${i + 1}`} className="space-y-1">
          <Check
            on={!line.open}
            onChange={(closed) => {
              const { open: _, ...rest } = line;
              onChange(
                lines.map((each, n) => (n === i ? (closed ? rest : { ...rest, open: true }) : each)),
                `line ${i}`,
              );
            }}
          >
            {several ? `Line ${i + 1} is closed` : 'Closed'}
          </Check>
          {count <= MOST_ROWS &&
            line.points.map((point, n) => (
              <div key={n} role="group" aria-label={`Point ${n + 1}`} className="flex items-end gap-1">
                {(['x', 'y'] as const).map((axis) => (
                  <NumberField
                    key={axis}
                    label={axis === 'x' ? 'Across' : 'Down'}
                    unit="%"
                    value={point[axis] * 100}
                    min={-1000}
                    max={1000}
                    onChange={(to) =>
                      onChange(
                        withPoint(lines, i, n, { ...point, [axis]: to / 100 }),
                        `point ${i} ${n} ${axis}`,
                      )
                    }
                    className="w-16"
                  />
                ))}
                <Check
                  className="mb-1.5"
                  on={point.before !== undefined || point.after !== undefined}
                  onChange={(smooth) =>
                    onChange(withPoint(lines, i, n, turnedPoint(line, n, smooth)), `point ${i} ${n} smooth`)
                  }
                >
                  Smooth
                </Check>
                <span className="grow" />
                <IconButton
                  name={`Add a point after point ${n + 1}`}
                  onClick={() => onChange(withPointAfter(lines, i, n), `point ${i} ${n} add`)}
                >
                  <Plus size={13} />
                </IconButton>
                <IconButton
                  name={`Take point ${n + 1} out`}
                  disabled={count <= 2}
                  onClick={() => onChange(withPoint(lines, i, n, null), `point ${i} ${n} out`)}
                >
                  <Trash2 size={13} />
                </IconButton>
              </div>
            ))}
        </div>
      ))}
    </Group>
  );
}
