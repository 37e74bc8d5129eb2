import { SETS } from '@tavu/core/starter';
import { addSet, useStudio } from '../../store';
import { editingLayer } from '../../ui';
import type { Finder } from './finds';

/** Ready sets, for the screen that is chosen. */
export const sets: Finder = {
  list: (project) => {
    const { screen } = useStudio.getState().chosen;
    const found = project.screens.find(({ id }) => id === screen);
    if (!found) return [];
    return Object.entries(SETS).map(([set, { label, words }]) => ({
      group: 'To do',
      key: `put ${set}`,
      label: `Put on: ${label}`,
      hint: `on ${found.name}`,
      words,
      onPick: () => addSet(found.id, set),
      goOn: editingLayer,
    }));
  },
};
