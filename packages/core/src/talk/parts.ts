import type { Element, Id, Role } from '../model';

/** The elements of a dialogue screen by what they are there for. */
export interface TalkParts {
  /** Where lines are said. */
  says: Id | null;
  name: Id | null;
  left: Id | null;
  right: Id | null;
  middle: Id | null;
  bubble: Id | null;
  choices: Id | null;
  /** The buttons of the choices, in order. */
  options: readonly Id[];
  more: Id | null;
  log: Id | null;
}

/**
 * Roles as they are given; dialogue text and a bubble are there for themselves. A bubble says lines where nothing
 * else does.
 */
export function talkParts(elements: readonly Element[]): TalkParts {
  const given = (role: Role): Id | null => elements.find((element) => element.role === role)?.id ?? null;
  const first = (type: Element['type']): Id | null =>
    elements.find((element) => element.type === type && element.role === undefined)?.id ?? null;
  const bubble = given('bubble') ?? first('bubble');
  const choices = given('choices');
  return {
    says: given('says') ?? first('spoken') ?? bubble,
    name: given('name'),
    left: given('left'),
    right: given('right'),
    middle: given('middle'),
    bubble,
    choices,
    options:
      choices === null
        ? []
        : elements
            .filter((element) => element.parent === choices && element.type === 'button')
            .map(({ id }) => id),
    more: given('more'),
    log: given('log'),
  };
}
