'use client';

import { NumberField } from '../ui';
import { ValueRow } from './rows';
import { ControlParts } from './ControlParts';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, path, put }: FieldsOf<'slider'>) {
  return (
    <>
      <ValueRow
        types={['number']}
        element={element}
        path={path}
        make={{
          type: 'number',
          min: element.min ?? 0,
          max: element.max ?? 1,
          default: Number(element.sample ?? element.min ?? 0),
        }}
        put={put}
      />
      {element.value === undefined && (
        <div className="flex gap-1.5">
          <NumberField
            label="Sample"
            value={Number(element.sample ?? 0)}
            onChange={(sample) => put({ sample })}
          />
          <NumberField label="Min" value={element.min ?? 0} onChange={(min) => put({ min })} />
          <NumberField label="Max" value={element.max ?? 1} onChange={(max) => put({ max })} />
        </div>
      )}
    </>
  );
}

export const slider: Settings<'slider'> = { words: 'Text', sounds: true, Fields, Parts: ControlParts };
