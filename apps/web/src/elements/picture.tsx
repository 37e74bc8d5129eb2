'use client';

import { PictureSettings } from './PictureSettings';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, parameters, put }: FieldsOf<'picture'>) {
  return <PictureSettings parameters={parameters} element={element} put={put} />;
}

export const picture: Settings<'picture'> = { Fields };
