import { screenById } from '@tavu/core/model';
import type { TriggerEditor } from './editor';

export const done: TriggerEditor<'done'> = {
  offers: (project, source) =>
    screenById(project, source)
      ? [
          {
            key: 'done',
            group: 'By itself',
            words: 'finished done content',
            label: 'What is on it has finished',
            hint: 'loading, talk',
            make: () => ({ on: 'done' }),
          },
        ]
      : [],
};
