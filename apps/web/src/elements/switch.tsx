'use client';

import { ValueRow } from './rows';
import { ControlParts } from './ControlParts';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, path, put }: FieldsOf<'switch'>) {
  return <ValueRow types={['on/off']} element={element} path={path} make={{ type: 'on/off' }} put={put} />;
}

export const toggle: Settings<'switch'> = { words: 'Text', sounds: true, Fields, Parts: ControlParts };
