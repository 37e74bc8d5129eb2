import { isPressed } from '@tavu/core/elements/author';
import { showsList } from '@tavu/core/lists';
import { byId } from '@tavu/core/model';
import { sentenceText } from '@tavu/core/words';
import { centreOnMap } from '../../panes/map';
import { newSentenceIn, whenPressed } from '../../sentences';
import { chooseLink, useStudio } from '../../store';
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

/** What can begin a sentence: the press of what is chosen, and anything else on its screen. */
export const newSentences: Finder = {
  list: () => {
    const { chosen, flow } = useStudio.getState();
    const screen = flow.screens.get(chosen.screen ?? '');
    if (!screen) return [];
    const element = screen.byId.get(chosen.element ?? '');
    const begin = {
      group: 'To do',
      hint: `a new sentence of ${screen.screen.name}`,
      words: 'link go to open',
    };
    return [
      ...(element && (isPressed(element.type) || showsList(element))
        ? [
            {
              ...begin,
              key: 'when pressed',
              label: `When ${showsList(element) ? 'a row of ' : ''}${element.name} is pressed …`,
              onPick: () => whenPressed(screen.id, element.id),
            },
          ]
        : []),
      { ...begin, key: 'when', label: 'When …', onPick: () => undefined, goOn: newSentenceIn },
    ];
  },
};
