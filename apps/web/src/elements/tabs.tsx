'use client';

import { NumberField } from '../ui';
import { ValueRow, Lines } from './rows';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, put }: FieldsOf<'tabs'>) {
  return (
    <>
      <Lines label="Tabs, a line each" lines={element.tabs} onChange={(tabs) => put({ tabs }, 'tabs')} />
      <NumberField
        label="How high their row is"
        value={element.bar}
        min={0}
        onChange={(bar) => put({ bar })}
      />
      <ValueRow types={['choice', 'number']} value={element.value} onChange={(value) => put({ value })} />
    </>
  );
}

export const tabs: Settings<'tabs'> = { sounds: true, Fields };
