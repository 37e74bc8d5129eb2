'use client';

import { BubbleSettings } from './BubbleSettings';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, put }: FieldsOf<'bubble'>) {
  return <BubbleSettings element={element} put={put} />;
}

export const bubble: Settings<'bubble'> = { words: 'Text', Fields };
