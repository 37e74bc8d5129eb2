import { as, filledLists, type EffectEditor } from './editor';

export const removeRows: EffectEditor<'remove rows'> = {
  offers: (project) =>
    filledLists(project).map(({ id, name }) => ({
      key: `remove rows ${id}`,
      group: 'Remove rows of a list',
      words: `remove rows of ${name} clear`,
      label: name,
      make: as({ do: 'remove rows', list: id }),
    })),
};
