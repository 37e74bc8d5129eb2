'use client';

import { useEffect, useState } from 'react';
import { Picture } from '../ui';
import type { Preview } from './preview';

/** A project's title screen in small; until it is there, the room it will take. */
export function Face({ of, load }: { of: string; load: () => Promise<Preview | null> }) {
  const [preview, setPreview] = useState<Preview | null>(null);
  useEffect(() => {
    let shown: Preview | null = null;
    let gone = false;
    load().then(
      (made) => {
        if (gone) return made?.sources.revoke();
        shown = made;
        setPreview(made);
      },
      // A project that cannot be read has no face; opening it says why.
      () => undefined,
    );
    return () => {
      gone = true;
      shown?.sources.revoke();
    };
    // A project is drawn anew when it has been written anew.
  }, [of, load]);
  return (
    <span className="block aspect-video w-24 shrink-0 overflow-hidden rounded border border-line bg-well">
      {preview && (
        <Picture
          items={preview.items}
          sources={preview.sources}
          width={preview.width}
          height={preview.height}
          className="block size-full"
        />
      )}
    </span>
  );
}
