'use client';

import type { Cue, Id } from '@tavu/core/model';
import { Picker } from '../ui/Picker';
import { useCueChoices } from './cueChoices';

/** Everything that can set a link off, to pick from or type. */
export function CuePicker({ source, onPick }: { source: Id; onPick: (cue: Cue) => void }) {
  const { choices, typed } = useCueChoices(source, onPick);
  return (
    <Picker
      label="What sets it off"
      placeholder="A button, a key, an event, a time"
      choices={choices}
      typed={typed}
    />
  );
}
