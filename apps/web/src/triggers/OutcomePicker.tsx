'use client';

import { LONGEST_NAME, type Id, type Screen } from '@tavu/core/model';
import { edit } from '../store';
import { Picker } from '../ui';

/** One of the answers a screen can give, or none of them; a new one is made of what is typed. */
export function OutcomePicker({
  screen,
  label,
  none,
  onPick,
}: {
  screen: Screen;
  /** How an answer is called in the list. */
  label: (name: string) => string;
  none: string;
  onPick: (outcome: Id | undefined) => void;
}) {
  const outcomes = screen.outcomes ?? [];
  return (
    <Picker
      label="Which answer"
      placeholder="Yes, no, or a new answer"
      choices={[
        ...outcomes.map(({ id, name }) => ({
          key: id,
          words: name,
          label: label(name),
          onPick: () => onPick(id),
        })),
        { key: 'any', words: 'closes nothing any', label: none, onPick: () => onPick(undefined) },
      ]}
      typed={(text) => {
        const name = text.slice(0, LONGEST_NAME);
        if (outcomes.some((outcome) => outcome.name.toLowerCase() === text.toLowerCase())) return [];
        return [
          {
            key: 'new',
            group: 'New',
            words: text,
            label: `Make the answer “${name}”`,
            onPick: () => onPick(edit('add outcome', { screen: screen.id, name })),
          },
        ];
      }}
    />
  );
}
