'use client';

import { ActionRow } from './rows';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, put }: FieldsOf<'prompt'>) {
  return (
    <ActionRow
      label="Key of"
      value={element.action ?? undefined}
      none="nothing yet"
      onChange={(action) => put({ action: action ?? null })}
    />
  );
}

export const prompt: Settings<'prompt'> = { words: 'Text', Fields };
