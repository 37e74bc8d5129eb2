'use client';

import { NumberField } from '../ui';
import { ValueRow, Lines } from './rows';
import { ControlParts } from './ControlParts';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, path, put }: FieldsOf<'tabs'>) {
  return (
    <>
      <Lines label="Tabs, one per line" lines={element.tabs} onChange={(tabs) => put({ tabs }, 'tabs')} />
      <NumberField label="Tab bar height" value={element.bar} min={0} onChange={(bar) => put({ bar })} />
      <ValueRow types={['choice', 'number']} element={element} path={path} put={put} />
    </>
  );
}

export const tabs: Settings<'tabs'> = { sounds: true, Fields, Parts: ControlParts };
