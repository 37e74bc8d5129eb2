import { choose } from '../../store';
import { paneTab } from '../commands';
import type { Finder } from './finds';

export const areas: Finder = {
  list: (project) =>
    project.areas.map(({ id, name }) => ({
      group: 'Areas',
      key: id,
      label: name,
      hint: 'area',
      onPick: () => choose({ area: id }),
      goOn: paneTab,
    })),
};
