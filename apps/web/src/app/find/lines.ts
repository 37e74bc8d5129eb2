import { everyStep } from '@tavu/core/model';
import { openConversation } from '../../panes/lines';
import { showPane } from '../arrangement';
import type { Find, Finder } from './finds';

export const lines: Finder = {
  list: ({ conversations = [] }) =>
    conversations.flatMap(({ id, name, steps }): Find[] => {
      const go = (step: string | null) => () => {
        showPane('lines');
        openConversation(id, step);
      };
      return [
        { group: 'Conversations', key: id, label: name, hint: 'lines', onPick: go(null) },
        ...everyStep(steps).flatMap((step): Find[] =>
          'text' in step && step.text !== ''
            ? [
                {
                  group: 'Lines',
                  key: `${id} ${step.id}`,
                  label: step.text.slice(0, 120),
                  hint: name,
                  onPick: go(step.id),
                },
              ]
            : [],
        ),
      ];
    }),
};
