'use client';

import type { BoxSide, ProgressElement, ProgressFill } from '@tavu/core/model';
import { Check, NumberField, SelectRow } from '../ui';
import { ArcFields } from './ArcFields';

type Put = (change: Partial<ProgressElement>) => void;
type Way = BoxSide | Exclude<ProgressFill['by'], 'side'>;

/** What each begins as: a ring from the top, five things in whole steps. */
const FRESH: Record<Exclude<ProgressFill['by'], 'side' | 'number'>, ProgressFill> = {
  ring: { by: 'ring', start: 0, sweep: 360, width: 24 },
  row: { by: 'row', count: 5, gap: 8, steps: 'half' },
};

/** How a bar shows how much there is: from a side, round a ring, as a row of things, as a number. */
export function FillFields({ element, text, put }: { element: ProgressElement; text: string; put: Put }) {
  const fills = element.fills ?? { by: 'side', side: 'left' };
  const change = (to: Partial<ProgressFill>): void => put({ fills: { ...fills, ...to } as ProgressFill });
  return (
    <>
      <SelectRow<Way>
        label="Fills"
        value={fills.by === 'side' ? fills.side : fills.by}
        options={[
          ['left', 'from the left'],
          ['right', 'from the right'],
          ['bottom', 'from the bottom'],
          ['top', 'from the top'],
          ['ring', 'round a ring'],
          ['row', 'a row of things'],
          ['number', 'no bar: its number'],
        ]}
        onChange={(to) => {
          if (to === 'left') put({ fills: undefined });
          else if (to === 'number') put({ fills: { by: 'number', look: { style: text, align: 'centre' } } });
          else if (to === 'ring' || to === 'row') put({ fills: FRESH[to] });
          else put({ fills: { by: 'side', side: to } });
        }}
      />
      {fills.by === 'ring' && (
        <>
          <ArcFields arc={fills} onChange={change} />
          <Check
            on={fills.anticlockwise === true}
            onChange={(on) => {
              const { anticlockwise: _, ...rest } = fills;
              put({ fills: on ? { ...rest, anticlockwise: true } : rest });
            }}
          >
            Anticlockwise
          </Check>
        </>
      )}
      {fills.by === 'row' && (
        <>
          <div className="flex gap-1.5">
            <NumberField
              label="Things"
              value={fills.count}
              min={1}
              max={100}
              onChange={(count) => change({ count: Math.round(count) })}
            />
            <NumberField
              label="Gap"
              unit="px"
              value={fills.gap}
              min={-1000}
              max={1000}
              onChange={(gap) => change({ gap })}
            />
          </div>
          <SelectRow
            label="Filled in"
            value={fills.steps}
            options={[
              ['whole', 'whole things'],
              ['half', 'halves'],
              ['any', 'any part'],
            ]}
            onChange={(steps) => change({ steps })}
          />
          <Check
            on={fills.upright === true}
            onChange={(on) => {
              const { upright: _, ...rest } = fills;
              put({ fills: on ? { ...rest, upright: true } : rest });
            }}
          >
            From the bottom up
          </Check>
        </>
      )}
    </>
  );
}
