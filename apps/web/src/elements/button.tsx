'use client';

import { ActionRow } from './rows';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, put }: FieldsOf<'button'>) {
  return (
    <>
      <ActionRow
        label="Shortcut"
        value={element.shortcut}
        none="none"
        onChange={(shortcut) => put({ shortcut })}
      />
      <ActionRow
        label="Holds down"
        value={element.acts}
        none="nothing: it is pressed"
        onChange={(acts) => put({ acts })}
      />
    </>
  );
}

export const button: Settings<'button'> = { words: 'Text', sounds: true, Fields };
