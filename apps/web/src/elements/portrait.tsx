'use client';

import { PictureSettings } from './PictureSettings';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, parameters, put }: FieldsOf<'portrait'>) {
  return <PictureSettings parameters={parameters} element={element} put={put} />;
}

export const portrait: Settings<'portrait'> = { Fields };
