'use client';

import { BUBBLES, type Element } from '@tavu/core/model';
import { NumberField, SelectRow } from '../ui';
import type { Put } from '../fields';

/** A bubble's shape, its tail, and where its words may stand. */
export function BubbleSettings({ element, put }: { element: Element & { type: 'bubble' }; put: Put }) {
  const { area } = element;
  const tailed = element.shape !== 'caption';
  const tail = tailed ? element.tail : undefined;
  return (
    <>
      <SelectRow
        label="Shape"
        value={element.shape}
        options={BUBBLES.map((shape) => [shape, shape] as const)}
        onChange={(shape) => put({ shape })}
      />
      {tailed && (
        <SelectRow
          label="Tail"
          value={tail?.side ?? ''}
          options={[
            ['', 'none'],
            ['left', 'to the left'],
            ['right', 'to the right'],
            ['top', 'upwards'],
            ['bottom', 'downwards'],
          ]}
          onChange={(side: string) => put({ tail: side === '' ? undefined : { side, at: tail?.at ?? 0.5 } })}
        />
      )}
      {tail && (
        <NumberField
          label="Position along that side"
          unit="%"
          value={tail.at * 100}
          min={0}
          max={100}
          onChange={(percent) => put({ tail: { ...tail, at: percent / 100 } })}
        />
      )}
      <div className="flex gap-1.5" role="group" aria-label="Text area: inset from each edge">
        {(['top', 'right', 'bottom', 'left'] as const).map((side) => (
          <NumberField
            key={side}
            label={`In ${side}`}
            value={area[side]}
            min={0}
            onChange={(n) => put({ area: { ...area, [side]: n } })}
          />
        ))}
      </div>
    </>
  );
}
