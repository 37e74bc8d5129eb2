'use client';

import { SelectRow } from '../ui';
import { ActionRow } from './rows';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, put }: FieldsOf<'binding'>) {
  return (
    <>
      <ActionRow
        label="Key of"
        value={element.action ?? undefined}
        none="nothing yet"
        onChange={(action) => put({ action: action ?? null })}
      />
      <SelectRow<'keys' | 'pad'>
        label="On"
        value={element.device}
        options={[
          ['keys', 'the keyboard'],
          ['pad', 'a pad'],
        ]}
        onChange={(device) => put({ device })}
      />
      <SelectRow<'refuse' | 'swap'>
        label="A key already in use"
        value={element.clash ?? 'refuse'}
        options={[
          ['refuse', 'refused'],
          ['swap', 'swapped'],
        ]}
        onChange={(clash) => put({ clash: clash === 'swap' ? 'swap' : undefined })}
      />
    </>
  );
}

export const binding: Settings<'binding'> = { words: 'Text', sounds: true, Fields };
