'use client';

import { Field } from '../ui';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, put }: FieldsOf<'address'>) {
  return (
    <Field
      label="Leads to"
      value={element.url}
      read={(text) =>
        /^https?:\/\/[^\s]+$/.test(text.trim())
          ? { ok: text.trim() }
          : { error: 'Write a web address that begins with https://.' }
      }
      onChange={(url) => put({ url })}
    />
  );
}

export const address: Settings<'address'> = { words: 'Text', Fields };
