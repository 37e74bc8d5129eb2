import { screenById } from '@tavu/core/model';
import type { TriggerEditor } from './editor';

export const failed: TriggerEditor<'failed'> = {
  offers: (project, source) =>
    screenById(project, source)
      ? [
          {
            key: 'failed',
            group: 'By itself',
            words: 'failed loading',
            label: 'What it loads has failed',
            hint: 'loading',
            make: () => ({ on: 'failed' }),
          },
        ]
      : [],
};
