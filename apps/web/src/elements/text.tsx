'use client';

import { TextFrameFields } from '../animation';
import { TimerRow } from './rows';
import type { FieldsOf, Settings } from './settings';

function Fields({ screen, element, path, put }: FieldsOf<'text'>) {
  return (
    <>
      <TextFrameFields screen={screen} element={element} put={put} />
      <TimerRow screen={screen} path={path} value={element.timer} put={put} />
    </>
  );
}

export const text: Settings<'text'> = { words: 'Text', solid: true, Fields };
