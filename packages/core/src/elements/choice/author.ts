import type { Id } from '../../model';
import { id, record, type Part } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

const asset = id('asset', { gone: 'left out' });

/** The pictures of options: those of a value’s are named by id. */
const pictures: Part<Record<Id, Id>> = (given, walk) => {
  for (const [option, picture] of Object.entries(given)) {
    walk.path.push(option);
    if (walk.beside !== '')
      walk.tell({ is: 'id', of: 'option', id: option, within: walk.beside, gone: 'left out', key: true });
    asset(picture, walk);
    walk.path.pop();
  }
};

const fields = record<Of<'choice'>>({
  ...named.control,
  options: named.each('options'),
  pictures,
  parts: named.parts('choice'),
});

export const choice: Author<'choice'> = {
  label: 'Choice',
  size: [720, 84],
  fresh: ({ pressed }) => ({ text: 'Choice', sample: 0, options: ['One', 'Two'], ...pressed }),
  named: 'by its words',
  references: (element, walk) => walk.with({ beside: element.value ?? '' }, () => fields(element, walk)),
};
