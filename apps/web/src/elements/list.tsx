'use client';

import { NumberField } from '../ui';
import { Lines } from './rows';
import { ControlParts } from './ControlParts';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, put }: FieldsOf<'list'>) {
  return (
    <>
      <Lines label="Rows, one per line" lines={element.rows} onChange={(rows) => put({ rows }, 'rows')} />
      <NumberField
        label="Row height"
        value={element.rowHeight}
        min={1}
        onChange={(rowHeight) => put({ rowHeight })}
      />
    </>
  );
}

export const list: Settings<'list'> = { Fields, Parts: ControlParts };
