import { valuesOf } from '@tavu/core/model';
import { give, livePlayer } from '../../run';
import { showPane } from '../arrangement';
import { paneTab } from '../commands';
import type { Find, Finder } from './finds';

export const values: Finder = {
  list: (project) =>
    valuesOf(project).map(({ id, name, section }) => ({
      group: 'Values',
      key: id,
      label: name,
      hint: section,
      onPick: () => showPane('values'),
      goOn: paneTab,
    })),
};

export const events: Finder = {
  list: (project) =>
    project.events.flatMap(({ id, name, direction, fields }): Find[] => [
      {
        group: 'Events',
        key: id,
        label: name,
        hint: direction === 'in' ? 'the game says' : 'the game is told',
        onPick: () => showPane('events'),
        goOn: paneTab,
      },
      ...(direction === 'in' && !fields?.length
        ? [
            {
              group: 'To do',
              key: `say ${id}`,
              label: `The game says ${name}`,
              hint: 'event, now',
              onPick: () => give({ type: 'event', event: id }),
              goOn: () => livePlayer()?.host,
            },
          ]
        : []),
    ]),
};
