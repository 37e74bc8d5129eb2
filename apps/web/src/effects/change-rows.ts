import { as, filledLists, type EffectEditor } from './editor';

export const changeRows: EffectEditor<'change rows'> = {
  offers: (project) =>
    filledLists(project).map(({ id, name }) => ({
      key: `change rows ${id}`,
      group: 'Change rows of a list',
      words: `change rows of ${name}`,
      label: name,
      make: as({ do: 'change rows', list: id }),
    })),
};
