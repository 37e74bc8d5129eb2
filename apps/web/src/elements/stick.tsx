'use client';

import { NumberField, SelectRow } from '../ui';
import { ControlParts } from './ControlParts';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, put }: FieldsOf<'stick'>) {
  const { floats, size, dead = 0.2, ways, tells } = element;
  return (
    <>
      <SelectRow<'stays' | 'floats'>
        label="Where it is"
        value={floats ? 'floats' : 'stays'}
        options={[
          ['stays', 'in the middle of its zone'],
          ['floats', 'where the thumb comes down'],
        ]}
        onChange={(to) => put({ floats: to === 'floats' ? true : undefined })}
      />
      <SelectRow<'free' | '4' | '8'>
        label="Goes"
        value={ways === undefined ? 'free' : (String(ways) as '4' | '8')}
        options={[
          ['free', 'any way'],
          ['8', 'eight ways'],
          ['4', 'four ways'],
        ]}
        onChange={(to) => put({ ways: to === 'free' ? undefined : (Number(to) as 4 | 8) })}
      />
      <SelectRow<'both' | 'directions' | 'axis'>
        label="Tells"
        value={tells ?? 'both'}
        options={[
          ['both', 'directions and the axis'],
          ['directions', 'directions alone'],
          ['axis', 'the axis alone'],
        ]}
        onChange={(to) => put({ tells: to === 'both' ? undefined : to })}
      />
      <div className="flex gap-1.5">
        <NumberField
          label="Wide"
          unit="px"
          value={size}
          min={1}
          max={4000}
          onChange={(to) => put({ size: to }, 'size')}
        />
        <NumberField
          label="Dead zone"
          unit="%"
          value={Math.round(dead * 100)}
          min={0}
          max={95}
          onChange={(percent) => put({ dead: Math.round(percent) / 100 }, 'dead')}
        />
      </div>
    </>
  );
}

export const stick: Settings<'stick'> = { Fields, Parts: ControlParts };
