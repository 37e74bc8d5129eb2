'use client';

import { ActionRow, TimerRow } from './rows';
import type { FieldsOf, Settings } from './settings';

function Fields({ screen, element, path, put }: FieldsOf<'button'>) {
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
      <TimerRow screen={screen} path={path} value={element.timer} put={put} />
    </>
  );
}

export const button: Settings<'button'> = { words: 'Text', sounds: true, Fields };
