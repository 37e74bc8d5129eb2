import { isPressed, labelOf } from '@tavu/core/elements/author';
import { showsList } from '@tavu/core/lists';
import { withoutMarks } from '@tavu/core/marks';
import { linksFrom, screenById, type Element } from '@tavu/core/model';
import { elementOf } from '@tavu/core/triggers';
import type { TriggerEditor } from './editor';

/** An element by its name, and by its words where those are others. */
function saidOn(element: Element): string {
  const words =
    'text' in element && typeof element.text === 'string' ? withoutMarks(element.text).trim() : '';
  return words === '' || words === element.name ? element.name : `${element.name} (“${words.slice(0, 40)}”)`;
}

export const press: TriggerEditor<'press'> = {
  offers: (project, source) => {
    const used = new Set(linksFrom(project, source).map(({ trigger }) => elementOf(trigger)));
    return (screenById(project, source)?.elements ?? [])
      .filter((element) => isPressed(element.type) || showsList(element))
      .map((element) => ({
        key: `press ${element.id}`,
        group: 'Pressed',
        words: `${element.name} ${'text' in element ? element.text : ''} press ${labelOf(element.type).toLowerCase()}`,
        label: showsList(element) ? `A row of ${element.name}` : saidOn(element),
        hint: used.has(element.id) ? 'leads somewhere' : 'leads nowhere yet',
        make: () => ({ on: 'press', element: element.id }),
      }));
  },
};
