'use client';

import { ValueRow } from './rows';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, put }: FieldsOf<'entry'>) {
  return <ValueRow types={['text']} value={element.value} onChange={(value) => put({ value })} />;
}

export const entry: Settings<'entry'> = { words: 'Words until something is typed', sounds: true, Fields };
