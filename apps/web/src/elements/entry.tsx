'use client';

import { ValueRow } from './rows';
import { ControlParts } from './ControlParts';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, path, put }: FieldsOf<'entry'>) {
  return <ValueRow types={['text']} element={element} path={path} make={{ type: 'text' }} put={put} />;
}

export const entry: Settings<'entry'> = { words: 'Placeholder', sounds: true, Fields, Parts: ControlParts };
