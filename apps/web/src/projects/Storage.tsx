'use client';

import { useCallback, useEffect, useState } from 'react';
import { askToLast, roomLeft, type ProjectRow, type Room } from '../persistence';
import { notify } from '../store';
import { Button } from '../ui';
import { bytesInWords } from './bytes';

/** How much room there is, and whether the browser may clear what is kept when that gets short. */
export function Storage({ rows }: { rows: readonly ProjectRow[] | null }) {
  const [room, setRoom] = useState<Room | null>(null);
  const look = useCallback(() => void roomLeft().then(setRoom, () => setRoom(null)), []);
  useEffect(look, [look, rows]);
  if (!room) return null;
  return (
    <div role="group" aria-label="Storage" className="mt-3 text-sm text-soft">
      <p>
        {bytesInWords(room.used)} of {bytesInWords(room.max)} are in use here.{' '}
        {room.lasting
          ? 'The browser keeps them until you clear them.'
          : 'The browser may clear them when room gets short.'}
      </p>
      {!room.lasting && (
        <Button
          className="mt-1 h-6!"
          onClick={async () => {
            const agreed = await askToLast().catch(() => false);
            if (!agreed) notify('The browser did not agree. Save files of what must not be lost.');
            look();
          }}
        >
          Ask it not to
        </Button>
      )}
    </div>
  );
}
