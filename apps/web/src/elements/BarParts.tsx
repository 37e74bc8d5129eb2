'use client';

import type { BoxUse, ProgressElement } from '@tavu/core/model';
import { Plus } from 'lucide-react';
import { DurationField } from '../motion';
import { Button, Group, NumberField, Small } from '../ui';
import type { Put } from '../fields';
import { Boxed } from './Boxed';

/** How the parts of a bar look: the filled one, the one that is being lost, and what it is like when there is little. */
export function BarParts({ element, put }: { element: ProgressElement; put: Put }) {
  const { bar, loss, levels = [], fills } = element;
  if (fills?.by === 'number') return null;
  const setLevels = (next: typeof levels, key?: string): void =>
    put({ levels: next.length > 0 ? next : undefined }, key);
  return (
    <>
      <Boxed
        title="Filled part"
        label="Style of the bar"
        use={bar}
        states={false}
        onChange={(to, key) => put({ bar: to }, key && `bar ${key}`)}
      />
      {levels.map((level, i) => {
        const change = (to: Partial<typeof level>, key?: string): void =>
          setLevels(
            levels.map((each, n) => (n === i ? { ...each, ...to } : each)),
            key && `level ${i} ${key}`,
          );
        return (
          <Boxed
            key={i}
            title={`Filled part below ${percent(level.below)}`}
            label="Style of the bar then"
            use={level.bar}
            states={false}
            onChange={(to: BoxUse, key) => change({ bar: to }, key)}
          >
            <div className="flex items-end gap-1.5">
              <NumberField
                label="Below"
                unit="%"
                value={level.below * 100}
                min={0}
                max={100}
                onChange={(to) => change({ below: to / 100 })}
                className="w-22"
              />
              <Small onClick={() => setLevels(levels.filter((_, n) => n !== i))}>Take it off</Small>
            </div>
          </Boxed>
        );
      })}
      {loss && (
        <Boxed
          title="Lost part"
          label="Style of the lost part"
          use={loss.box}
          states={false}
          onChange={(box, key) => put({ loss: { ...loss, box } }, key && `loss ${key}`)}
        >
          <div className="flex items-end gap-1.5">
            <DurationField
              label="Stays for"
              value={loss.after}
              onChange={(after) => put({ loss: { ...loss, after: after ?? '0 s' } })}
              className="w-22"
            />
            <DurationField
              label="Follows over"
              value={loss.over}
              onChange={(over) => put({ loss: { ...loss, over: over ?? '0 s' } })}
              className="w-22"
            />
            <Small onClick={() => put({ loss: undefined })}>Take it off</Small>
          </div>
        </Boxed>
      )}
      <Group title="More of the bar" unfolded={false}>
        <div className="flex flex-wrap gap-1.5">
          {!loss && element.value !== undefined && (
            <Button
              onClick={() =>
                put({ loss: { box: { ...bar, fill: '#c2452d' }, after: '600 ms', over: '400 ms' } })
              }
            >
              <Plus size={13} aria-hidden="true" /> Lost part
            </Button>
          )}
          <Button
            onClick={() => setLevels([...levels, { below: lower(levels), bar: { ...bar, fill: '#c2452d' } }])}
          >
            <Plus size={13} aria-hidden="true" /> Look when there is little
          </Button>
        </div>
      </Group>
    </>
  );
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** Half of the lowest there is, so that each new one is seen. */
const lower = (levels: readonly { below: number }[]): number =>
  Math.round(50 * Math.min(0.5, ...levels.map(({ below }) => below))) / 100;
