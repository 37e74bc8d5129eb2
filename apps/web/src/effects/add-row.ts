import { as, filledLists, type EffectEditor } from './editor';

export const addRow: EffectEditor<'add row'> = {
  offers: (project) =>
    filledLists(project).map(({ id, name }) => ({
      key: `add row ${id}`,
      group: 'Add a row to a list',
      words: `add a row to ${name}`,
      label: name,
      make: as({ do: 'add row', list: id }),
    })),
};
