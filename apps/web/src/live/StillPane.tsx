'use client';

import { setPlays } from '../store';
import { Button } from '../ui';

/** In the place of Live while nothing is played: a project that stops when it runs can be mended here. */
export function StillPane() {
  return (
    <section
      aria-label="Live"
      data-pane
      tabIndex={-1}
      className="flex min-h-0 min-w-0 flex-col items-start gap-2 bg-sheet p-4"
    >
      <h2 className="font-bold">Live</h2>
      <p className="text-soft">The project is open without being played. All else can be read and changed.</p>
      <Button onClick={() => setPlays(true)}>Play it</Button>
    </section>
  );
}
