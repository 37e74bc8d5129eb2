import type { BoxUse, ProgressFill, TextUse } from '../../model';
import { boxUse, list, plain, record, id as idOf, textUse, type Part } from '../../walk';
import type { Author } from '../authoring';
import * as named from '../named';
import type { Of } from '../play';

export const progress: Author<'progress'> = {
  label: 'Progress',
  size: [600, 28],
  fresh: ({ box }) => ({
    sample: 0.6,
    box: box('b-panel'),
    bar: { ...box('b-button'), fill: '#f0c25a', borderWidth: 0 },
  }),
  references: record<Of<'progress'>>({
    ...named.base,
    value: idOf('value'),
    timer: named.timer,
    box: boxUse,
    bar: boxUse,
    fills: record<{ look: TextUse }>({ look: textUse }) as Part<ProgressFill>,
    eases: plain,
    easing: plain,
    loss: record<NonNullable<Of<'progress'>['loss']>>({ box: boxUse, after: plain, over: plain }),
    levels: list(record<{ below: number; bar: BoxUse }>({ bar: boxUse })),
  }),
};
