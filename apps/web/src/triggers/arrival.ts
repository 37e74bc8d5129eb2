import { screenById } from '@tavu/core/model';
import type { TriggerEditor } from './editor';

export const arrival: TriggerEditor<'arrival'> = {
  offers: (project, source) =>
    screenById(project, source)
      ? [
          {
            key: 'arrival',
            group: 'By itself',
            words: 'on arrival at once',
            label: 'On arrival',
            make: () => ({ on: 'arrival' }),
          },
        ]
      : [],
};
