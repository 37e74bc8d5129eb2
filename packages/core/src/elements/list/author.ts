import type { ListElement } from '../../model';
import { boxUse, condition, id, list as listOf, record, textUse, type Part, type Walk } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

const component = id('component', { gone: 'left out' });
const shown = (walk: Walk): ListElement | undefined =>
  walk.element?.type === 'list' ? walk.element : undefined;
const field = id('field', { within: (walk) => shown(walk)?.list ?? null, gone: 'left out' });

/** Which field of the list each parameter of a row holds, where they are not called the same. */
const told: Part<NonNullable<ListElement['told']>> = (fields, walk) => {
  const row = shown(walk)?.row ?? null;
  for (const [parameter, of] of Object.entries(fields)) {
    walk.path.push(parameter);
    walk.tell({ is: 'id', of: 'parameter', id: parameter, within: row, gone: 'left out', key: true });
    walk.path.pop();
    if (of !== null) walk.into(parameter, field, of);
  }
};
const sort = listOf(
  record<NonNullable<ListElement['sort']>[number]>({
    by: id('field', { within: (walk) => shown(walk)?.list ?? null, gone: { drop: 'sort' } }),
  }),
);
/** In what rows have to be for to be shown, their fields are named by themselves. */
const filter: Part<string> = (text, walk) => {
  const list = walk.lists.get(shown(walk)?.list ?? '');
  if (!list) return condition(text, walk);
  walk.with({ asked: { ...walk.asked, rows: { each: list } } }, () => condition(text, walk));
};

export const list: Author<'list'> = {
  label: 'List',
  size: [600, 320],
  fresh: ({ text, box }) => ({
    rows: ['First', 'Second', 'Third'],
    rowHeight: 72,
    look: text('t-body'),
    box: box('b-panel'),
  }),
  references: record<Of<'list'>>({
    ...named.base,
    rows: named.each('rows'),
    look: textUse,
    box: boxUse,
    parts: named.parts('list'),
    list: id('list', { gone: 'left out' }),
    row: component,
    told,
    sort,
    filter,
    empty: component,
    waiting: component,
    failed: component,
    open: component,
  }),
};
