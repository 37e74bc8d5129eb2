'use client';

import { FrameFields } from './FrameFields';
import { PictureSettings } from './PictureSettings';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, parameters, path, put }: FieldsOf<'picture'>) {
  return (
    <>
      <PictureSettings parameters={parameters} element={element} put={put} />
      <FrameFields element={element} path={path} put={put} />
    </>
  );
}

export const picture: Settings<'picture'> = { Fields };
