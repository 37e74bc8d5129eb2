'use client';

import { useEffect, useState } from 'react';
import { useBusy } from './files';
import { Small } from '../ui';

/** What is waited for, for how long already, and a way to stop it; `inline` in a dialog, which lies over all else. */
export function BusyNote({ inline = false }: { inline?: boolean }) {
  const busy = useBusy((item) => item.busy);
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (!busy) return;
    const timer = setInterval(() => setNow(Date.now()), 200);
    return () => clearInterval(timer);
  }, [busy]);
  if (!busy) return null;
  const seconds = Math.max(0, now - busy.since) / 1000;
  return (
    <div
      role="status"
      aria-label="In progress"
      className={`flex items-center gap-3 rounded-md border border-line bg-sheet px-3 py-1.5 ${
        inline ? 'mt-3' : 'fixed top-14 left-1/2 z-20 max-w-[80vw] -translate-x-1/2 shadow-lg'
      }`}
    >
      <span className="min-w-0 truncate">{busy.words} …</span>
      <span aria-hidden="true" className="text-soft tabular-nums">
        {seconds.toFixed(0)} s
      </span>
      <Small onClick={busy.stop}>Stop</Small>
    </div>
  );
}
