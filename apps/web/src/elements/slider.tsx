'use client';

import { NumberField } from '../ui';
import { ValueRow } from './rows';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, put }: FieldsOf<'slider'>) {
  return (
    <>
      <ValueRow types={['number']} value={element.value} onChange={(value) => put({ value })} />
      {element.value === undefined && (
        <div className="flex gap-1.5">
          <NumberField
            label="Shows"
            value={Number(element.sample ?? 0)}
            onChange={(sample) => put({ sample })}
          />
          <NumberField label="From" value={element.min ?? 0} onChange={(min) => put({ min })} />
          <NumberField label="To" value={element.max ?? 1} onChange={(max) => put({ max })} />
        </div>
      )}
    </>
  );
}

export const slider: Settings<'slider'> = { words: 'Words on it', sounds: true, Fields };
