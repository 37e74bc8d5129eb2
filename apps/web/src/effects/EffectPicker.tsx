'use client';

import { LONGEST_NAME } from '@tavu/core/model';
import { useStudio } from '../store';
import { Picker, type Choice } from '../ui';
import type { Offer, Put } from './editor';
import { effectOffers, newEffects } from './registry';

/** Everything that can be done besides, to pick from or type. */
export function EffectPicker({ put, takeOut }: { put: Put; takeOut?: () => void }) {
  const project = useStudio((studio) => studio.project);
  const choice = ({ make, ...offer }: Offer): Choice => ({ ...offer, onPick: () => make(put) });
  const choices = effectOffers(project).map(choice);
  if (takeOut)
    choices.push({
      key: 'out',
      group: 'Or',
      words: 'remove take this out',
      label: 'Take this out of the sentence',
      onPick: takeOut,
    });
  return (
    <Picker
      label="What is shown or said"
      placeholder="A message, a value, a sound, an event to the game"
      choices={choices}
      typed={(text) => newEffects(text.slice(0, LONGEST_NAME)).map(choice)}
    />
  );
}
