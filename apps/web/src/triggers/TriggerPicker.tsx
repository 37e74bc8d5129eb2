'use client';

import type { Trigger, Id } from '@tavu/core/model';
import { useStudio } from '../store';
import { Picker, type Choice } from '../ui';
import type { Offer } from './editor';
import { triggerOffers, typedTriggers } from './registry';

/** Everything that can set a link off, to pick from or type. */
export function TriggerPicker({ source, onPick }: { source: Id; onPick: (trigger: Trigger) => void }) {
  const project = useStudio((studio) => studio.project);
  const choice = ({ make, ...offer }: Offer): Choice => ({ ...offer, onPick: () => onPick(make()) });
  return (
    <Picker
      label="What sets it off"
      placeholder="A button, a key, an event, a time"
      choices={triggerOffers(project, source).map(choice)}
      typed={(text) => typedTriggers(text, project, source).map(choice)}
    />
  );
}
