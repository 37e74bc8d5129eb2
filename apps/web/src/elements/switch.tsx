'use client';

import { ValueRow } from './rows';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, put }: FieldsOf<'switch'>) {
  return <ValueRow types={['on/off']} value={element.value} onChange={(value) => put({ value })} />;
}

export const toggle: Settings<'switch'> = { words: 'Words on it', sounds: true, Fields };
