import { referencesOf } from '../elements/author';
import type { Element } from '../model';
import { list, type Part } from '../walk';

/** The elements of the screen or component the walk is in. */
export const elements: Part<readonly Element[]> = (all, walk) => {
  const { holder } = walk;
  list<Element>((one, at) =>
    at.with(
      {
        on: one.id,
        element: one,
        key: `${holder} ${one.id}`,
        ...('timer' in one ? { around: { ...at.around, timer: one.timer } } : {}),
      },
      () => referencesOf(one.type)(one as never, at),
    ),
  )(all, walk);
};
