import { findingsOf, findingWords } from '@tavu/core/check';
import { byId } from '@tavu/core/model';
import { centreOnMap } from '../../panes/map';
import { choose, chooseLink } from '../../store';
import type { Find, Finder } from './finds';
import { blankOf } from './sentences';

export const findings: Finder = {
  late: true,
  list: (project) =>
    findingsOf(project).flatMap((finding, i): Find[] => {
      const { link, screens = [] } = finding.where;
      const source = screens[0] ?? finding.where.source;
      const screen = byId(project.screens).get(source);
      const area = byId(project.areas).get(source);
      if (!screen && !area && !link) return [];
      return [
        {
          group: 'Findings',
          key: `finding ${i}`,
          label: findingWords(finding),
          hint: `finding, ${screen?.name ?? area?.name ?? 'everywhere'}`,
          onPick: () => {
            if (link) chooseLink(link);
            else choose(screen ? { screen: source } : { area: source });
            if (screen) centreOnMap(source);
          },
          ...(link ? { goOn: () => blankOf(link) } : {}),
        },
      ];
    }),
};
