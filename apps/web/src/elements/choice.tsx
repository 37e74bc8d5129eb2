'use client';

import { ValueRow, Lines } from './rows';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, put }: FieldsOf<'choice'>) {
  return (
    <>
      <ValueRow types={['choice', 'number']} value={element.value} onChange={(value) => put({ value })} />
      {element.value === undefined && (
        <Lines
          label="To choose from, a line each"
          lines={element.options ?? []}
          onChange={(options) => put({ options }, 'options')}
        />
      )}
    </>
  );
}

export const choice: Settings<'choice'> = { words: 'Words on it', sounds: true, Fields };
