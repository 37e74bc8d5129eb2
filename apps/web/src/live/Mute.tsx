'use client';

import { Volume2, VolumeX } from 'lucide-react';
import { setMuted, useRun } from '../run';
import { IconButton } from '../ui';

/** Whether the game is heard in Live. */
export function Mute() {
  const muted = useRun((run) => run.muted);
  return (
    <IconButton name={muted ? 'Unmute' : 'Mute'} aria-pressed={muted} onClick={() => setMuted(!muted)}>
      {muted ? <VolumeX size={15} /> : <Volume2 size={15} />}
    </IconButton>
  );
}
