'use client';

import type { Dashes, Gradient, Outline, Shadow } from '@tavu/core/model';
import type { ReactNode } from 'react';
import { NumberField, Small } from '../ui';
import { ColourField } from '../fields';
import { Switched } from './parts';

/** What can be laid over a fill or round a shape: each is there or not. */

/** Something that is there or not, with its settings while it is. */
function Effect<T extends object>({
  label,
  value,
  fresh,
  onChange,
  children,
}: {
  label: string;
  value: T | undefined;
  fresh: T;
  onChange: (value: T | undefined) => void;
  children: (value: T, put: (change: Partial<T>) => void) => ReactNode;
}) {
  return (
    <div className="min-w-0 flex-1 space-y-1">
      <Switched label={label} on={value !== undefined} onChange={(on) => onChange(on ? fresh : undefined)} />
      {value && children(value, (change) => onChange({ ...value, ...change }))}
    </div>
  );
}

export function ShadowFields({
  label = 'Shadow',
  ...props
}: {
  label?: string;
  value: Shadow | undefined;
  onChange: (value: Shadow | undefined) => void;
}) {
  return (
    <Effect label={label} fresh={{ x: 0, y: 8, blur: 16, colour: '#00000080' }} {...props}>
      {({ x, y, blur, colour }, put) => (
        <div className="flex flex-wrap items-end gap-1.5">
          <NumberField label="X" unit="px" value={x} onChange={(to) => put({ x: to })} className="w-14" />
          <NumberField label="Y" unit="px" value={y} onChange={(to) => put({ y: to })} className="w-14" />
          <NumberField
            label="Blur"
            unit="px"
            value={blur}
            min={0}
            max={1000}
            onChange={(to) => put({ blur: to })}
            className="w-14"
          />
          <ColourField label="Colour" value={colour} onChange={(to) => put({ colour: to })} />
        </div>
      )}
    </Effect>
  );
}

export function OutlineFields({
  label = 'Outline',
  ...props
}: {
  label?: string;
  value: Outline | undefined;
  onChange: (value: Outline | undefined) => void;
}) {
  return (
    <Effect label={label} fresh={{ width: 3, colour: '#000000' }} {...props}>
      {({ width, colour }, put) => (
        <div className="flex items-end gap-1.5">
          <NumberField
            label="Width"
            unit="px"
            value={width}
            min={0}
            max={500}
            onChange={(to) => put({ width: to })}
            className="w-16"
          />
          <ColourField label="Colour" value={colour} onChange={(to) => put({ colour: to })} />
        </div>
      )}
    </Effect>
  );
}

export function DashFields(props: {
  value: Dashes | undefined;
  onChange: (value: Dashes | undefined) => void;
}) {
  return (
    <Effect label="Dashed border" fresh={{ dash: 16, gap: 10 }} {...props}>
      {({ dash, gap }, put) => (
        <div className="flex items-end gap-1.5">
          <NumberField
            label="Dash"
            unit="px"
            value={dash}
            min={0.1}
            max={2000}
            onChange={(to) => put({ dash: to })}
            className="w-16"
          />
          <NumberField
            label="Gap"
            unit="px"
            value={gap}
            min={0.1}
            max={2000}
            onChange={(to) => put({ gap: to })}
            className="w-16"
          />
        </div>
      )}
    </Effect>
  );
}

export function GradientFields({
  fill,
  to = '#00000000',
  ...props
}: {
  value: Gradient | undefined;
  /** The colours a new one begins and ends with. */
  fill: string;
  to?: string;
  onChange: (value: Gradient | undefined) => void;
}) {
  const from = fill.startsWith('#') ? fill.slice(0, 7) : fill;
  const fresh: Gradient = {
    angle: 180,
    stops: [
      { at: 0, colour: from },
      { at: 1, colour: to },
    ],
  };
  return (
    <Effect label="Gradient" fresh={fresh} {...props}>
      {({ angle, stops }, put) => (
        <>
          <NumberField
            label="Angle, 0° is up"
            unit="°"
            value={angle}
            min={-360}
            max={360}
            onChange={(to) => put({ angle: to })}
          />
          {stops.map((stop, i) => {
            const change = (to: Partial<typeof stop>): void =>
              put({ stops: stops.map((item, n) => (n === i ? { ...item, ...to } : item)) });
            return (
              <div key={i} className="flex items-end gap-1.5">
                <NumberField
                  label="Position"
                  unit="%"
                  value={stop.at * 100}
                  min={0}
                  max={100}
                  onChange={(percent) => change({ at: percent / 100 })}
                  className="w-20"
                />
                <ColourField label="Colour" value={stop.colour} onChange={(colour) => change({ colour })} />
                {stops.length > 2 && (
                  <Small onClick={() => put({ stops: stops.filter((_, n) => n !== i) })}>remove</Small>
                )}
              </div>
            );
          })}
          {stops.length < 8 && (
            <Small onClick={() => put({ stops: [...stops, { at: 1, colour: '#000000' }] })}>
              Add a colour
            </Small>
          )}
        </>
      )}
    </Effect>
  );
}
