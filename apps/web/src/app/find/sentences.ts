import { byId } from '@tavu/core/model';
import { sentenceText } from '@tavu/core/words';
import { centreOnMap } from '../../panes/map';
import { chooseLink } from '../../store';
import type { Finder } from './finds';

/** The first word of a sentence that can be filled otherwise. */
export const blankOf = (link: string): HTMLElement | null =>
  document.querySelector<HTMLElement>(`[data-link="${CSS.escape(link)}"] [data-blank]`);

export const sentences: Finder = {
  list: (project) =>
    project.links.map((link) => ({
      group: 'Sentences',
      key: link.id,
      label: sentenceText(project, link),
      hint:
        (byId(project.screens).get(link.from) ?? byId(project.areas).get(link.from))?.name ?? 'Everywhere',
      onPick: () => {
        chooseLink(link.id);
        centreOnMap(link.from);
      },
      goOn: () => blankOf(link.id),
    })),
};
