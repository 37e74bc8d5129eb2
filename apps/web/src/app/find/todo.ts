import { COMMANDS } from '../commands';
import type { Find, Finder } from './finds';

export const todo: Finder = {
  list: () =>
    Object.entries(COMMANDS).flatMap(([name, { label, hint = '', words = '', when, run, goOn }]): Find[] =>
      label === undefined || when?.() === false
        ? []
        : [
            {
              group: 'To do',
              key: `do ${name}`,
              label: typeof label === 'string' ? label : label(),
              hint,
              words,
              onPick: run,
              ...(goOn ? { goOn } : {}),
            },
          ],
    ),
};
