import { valuesOf } from '@tavu/core/model';
import { as, type EffectEditor } from './editor';

const group = 'Back to defaults';

export const reset: EffectEditor<'reset'> = {
  offers: (project) =>
    valuesOf(project).length === 0
      ? []
      : [
          {
            key: 'reset all',
            group,
            words: 'reset every value',
            label: 'Every value',
            make: as({ do: 'reset' }),
          },
          ...[...new Set(project.values.map((value) => value.section))].map((section) => ({
            key: `reset section ${section}`,
            group,
            words: `reset ${section}`,
            label: section,
            hint: 'a section',
            make: as({ do: 'reset', section }),
          })),
          ...valuesOf(project).map(({ id, name }) => ({
            key: `reset ${id}`,
            group,
            words: `reset ${name}`,
            label: name,
            make: as({ do: 'reset', value: id }),
          })),
        ],
};
