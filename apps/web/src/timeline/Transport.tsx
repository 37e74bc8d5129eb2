'use client';

import { Pause, Play, Repeat } from 'lucide-react';
import { Choices, IconButton } from '../ui';
import type { Played } from './played';

/** Plays what a chart shows, at any speed, once or in a loop. */
export function Transport({ played, name }: { played: Played; name: string }) {
  return (
    <>
      <IconButton
        name={played.playing ? 'Stop' : name}
        onClick={() => (played.playing ? played.stop() : played.play())}
      >
        {played.playing ? <Pause size={14} /> : <Play size={14} />}
      </IconButton>
      <IconButton
        name="Loop"
        aria-pressed={played.loops}
        className={played.loops ? 'bg-chosen-wash' : ''}
        onClick={() => played.setLoops(!played.loops)}
      >
        <Repeat size={14} />
      </IconButton>
      <Choices
        label="Playback speed"
        value={played.slow ? 'slow' : 'real'}
        options={[
          { value: 'slow', text: '¼×' },
          { value: 'real', text: '1×' },
        ]}
        onChange={(to) => played.setSlow(to === 'slow')}
      />
    </>
  );
}
