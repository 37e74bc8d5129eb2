'use client';

import { TextFrameFields } from '../animation';
import type { FieldsOf, Settings } from './settings';

function Fields({ screen, element, put }: FieldsOf<'text'>) {
  return <TextFrameFields screen={screen} element={element} put={put} />;
}

export const text: Settings<'text'> = { words: 'Text', solid: true, Fields };
