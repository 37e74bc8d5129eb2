'use client';

import type { Arrange, Element } from '@tavu/core/model';
import { Check, NumberField, Row, Select, SelectRow } from '../ui';
import type { Put } from '../fields';

/** How a panel places what it holds. */
export function Arranging({ element, put }: { element: Element & { type: 'panel' }; put: Put }) {
  const { arrange } = element;
  const change = (to: Partial<Arrange>): void => put({ arrange: { ...arrange!, ...to } });
  return (
    <>
      <SelectRow
        label="Layout"
        value={arrange?.by ?? ''}
        options={[
          ['', 'free'],
          ['column', 'column'],
          ['row', 'row'],
          ['grid', 'grid'],
        ]}
        onChange={(by: string) =>
          put({ arrange: by === '' ? undefined : { gap: 24, ...arrange, by: by as Arrange['by'] } })
        }
      />
      {arrange && (
        <>
          <div className="flex gap-1.5">
            <NumberField label="Gap" unit="px" value={arrange.gap} onChange={(gap) => change({ gap })} />
            <NumberField
              label="Padding"
              unit="px"
              value={arrange.pad ?? 0}
              min={0}
              onChange={(pad) => change({ pad: pad === 0 ? undefined : pad })}
            />
            {arrange.by === 'grid' && (
              <NumberField
                label="Columns"
                value={arrange.columns ?? 2}
                min={1}
                max={100}
                onChange={(columns) => change({ columns: Math.round(columns) })}
              />
            )}
          </div>
          {arrange.by !== 'grid' && (
            <>
              <Row label={arrange.by === 'row' ? 'Alignment along the row' : 'Alignment along the column'}>
                <Select
                  label="Alignment along"
                  value={arrange.along ?? 'start'}
                  options={[
                    ['start', 'from the start'],
                    ['centre', 'in the middle'],
                    ['end', 'at the end'],
                    ['spread', 'spread out'],
                  ]}
                  onChange={(along) => change({ along })}
                />
              </Row>
              <SelectRow
                label="Alignment across"
                value={arrange.across ?? 'start'}
                options={[
                  ['start', 'at the start'],
                  ['centre', 'in the middle'],
                  ['end', 'at the end'],
                  ['stretch', 'filling it'],
                ]}
                onChange={(across) => change({ across })}
              />
            </>
          )}
        </>
      )}
      <SelectRow
        label="Overflow"
        value={element.overflow ?? ''}
        options={[
          ['', 'visible'],
          ['cut', 'clipped'],
          ['scrolls', 'scrolls'],
        ]}
        onChange={(overflow: string) => put({ overflow: overflow === '' ? undefined : overflow })}
      />
      {element.overflow === 'scrolls' && (
        <Check on={element.scrollBars === true} onChange={(on) => put({ scrollBars: on || undefined })}>
          With a scroll bar
        </Check>
      )}
      <SelectRow
        label="Wrap focus"
        value={element.wraps ?? ''}
        options={[
          ['', 'as on the screen'],
          ['up and down', 'up and down'],
          ['left and right', 'left and right'],
          ['both', 'both ways'],
        ]}
        onChange={(wraps: string) => put({ wraps: wraps === '' ? undefined : wraps })}
      />
    </>
  );
}
