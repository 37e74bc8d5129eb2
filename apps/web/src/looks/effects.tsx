'use client';

import type { Gradient, Outline, Shadow } from '@tavu/core/model';
import { NumberField } from '../ui/NumberField';
import { Small } from '../ui/parts';
import { ColourField } from './ColourField';
import { Switched } from './parts';

/** What can be laid over a fill or round a shape: each is there or not. */

export function GradientFields({
  value,
  fill,
  onChange,
}: {
  value: Gradient | undefined;
  fill: string;
  onChange: (value: Gradient | undefined) => void;
}) {
  return (
    <div className="min-w-0 flex-1 space-y-1">
      <Switched
        label="Gradient"
        on={value !== undefined}
        onChange={(on) =>
          onChange(
            on
              ? {
                  angle: 180,
                  stops: [
                    { at: 0, colour: fill.startsWith('#') ? fill.slice(0, 7) : fill },
                    { at: 1, colour: '#00000000' },
                  ],
                }
              : undefined,
          )
        }
      />
      {value && (
        <>
          <NumberField
            label="Angle, degrees: 0 is up, 90 to the right"
            value={value.angle}
            least={-360}
            most={360}
            onChange={(angle) => onChange({ ...value, angle })}
          />
          {value.stops.map((stop, i) => {
            const put = (change: Partial<typeof stop>): void =>
              onChange({
                ...value,
                stops: value.stops.map((each, n) => (n === i ? { ...each, ...change } : each)),
              });
            return (
              <div key={i} className="flex items-end gap-1.5">
                <NumberField
                  label="At, percent"
                  value={stop.at * 100}
                  least={0}
                  most={100}
                  onChange={(percent) => put({ at: percent / 100 })}
                  className="w-20"
                />
                <ColourField label="Colour" value={stop.colour} onChange={(colour) => put({ colour })} />
                {value.stops.length > 2 && (
                  <Small onClick={() => onChange({ ...value, stops: value.stops.filter((_, n) => n !== i) })}>
                    out
                  </Small>
                )}
              </div>
            );
          })}
          {value.stops.length < 8 && (
            <Small
              onClick={() => onChange({ ...value, stops: [...value.stops, { at: 1, colour: '#000000' }] })}
            >
              One more colour
            </Small>
          )}
        </>
      )}
    </div>
  );
}

export function ShadowFields({
  value,
  onChange,
}: {
  value: Shadow | undefined;
  onChange: (value: Shadow | undefined) => void;
}) {
  return (
    <div className="min-w-0 flex-1 space-y-1">
      <Switched
        label="Shadow"
        on={value !== undefined}
        onChange={(on) => onChange(on ? { x: 0, y: 8, blur: 16, colour: '#00000080' } : undefined)}
      />
      {value && (
        <div className="flex flex-wrap items-end gap-1.5">
          <NumberField
            label="Across"
            value={value.x}
            onChange={(x) => onChange({ ...value, x })}
            className="w-14"
          />
          <NumberField
            label="Down"
            value={value.y}
            onChange={(y) => onChange({ ...value, y })}
            className="w-14"
          />
          <NumberField
            label="Soft"
            value={value.blur}
            least={0}
            most={1000}
            onChange={(blur) => onChange({ ...value, blur })}
            className="w-14"
          />
          <ColourField
            label="Colour"
            value={value.colour}
            onChange={(colour) => onChange({ ...value, colour })}
          />
        </div>
      )}
    </div>
  );
}

export function OutlineFields({
  value,
  onChange,
}: {
  value: Outline | undefined;
  onChange: (value: Outline | undefined) => void;
}) {
  return (
    <div className="min-w-0 flex-1 space-y-1">
      <Switched
        label="Outline"
        on={value !== undefined}
        onChange={(on) => onChange(on ? { width: 3, colour: '#000000' } : undefined)}
      />
      {value && (
        <div className="flex items-end gap-1.5">
          <NumberField
            label="Wide"
            value={value.width}
            least={0}
            most={500}
            onChange={(width) => onChange({ ...value, width })}
            className="w-16"
          />
          <ColourField
            label="Colour"
            value={value.colour}
            onChange={(colour) => onChange({ ...value, colour })}
          />
        </div>
      )}
    </div>
  );
}
