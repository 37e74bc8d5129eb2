import { labelOf } from '@tavu/core/elements/author';
import { screenById } from '@tavu/core/model';
import { setsFor } from '@tavu/core/starter';
import { addElement, addSet, TOOLS, useStudio } from '../../store';
import { editingLayer } from '../../ui';
import type { Find, Finder } from './finds';

/** What can be put on the screen that is chosen: ready sets, elements, components. */
export const putOn: Finder = {
  list: (project) => {
    const screen = screenById(project, useStudio.getState().chosen.screen ?? '');
    if (!screen) return [];
    const put = (key: string, label: string, words: string, onPick: () => void): Find => ({
      group: 'To do',
      key: `put ${key}`,
      label: `Put on: ${label}`,
      hint: `on ${screen.name}`,
      words,
      onPick,
      goOn: editingLayer,
    });
    return [
      ...setsFor(project).map(([set, { label, words }]) =>
        put(`set ${set}`, label, words, () => addSet(screen.id, set)),
      ),
      ...TOOLS.map(([type, key]) => put(type, labelOf(type), key, () => addElement(screen.id, type))),
      ...(project.components ?? []).map(({ id, name }) =>
        put(id, name, 'component', () => addElement(screen.id, { component: id })),
      ),
    ];
  },
};
