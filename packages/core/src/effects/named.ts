import { knownFields, parse, scopeOfEach, type Scope } from '../expression';
import {
  type Arguments,
  type Expression,
  type Field,
  type Id,
  type ListValue,
  type Parameter,
  withId,
} from '../model';
import type { Piece } from '../phrasing';
import { conditionPiece, GONE } from '../phrasing';
import { condition, id, type Part, type Walk } from '../walk';
import type { EffectAuthor, Phrase } from './effect';

/** Where effects of several types name things and ask. */

const gone = { drop: 'effects' } as const;

export const screen = id('screen', { gone });
export const asset = id('asset', { gone });
export const event = id('event', { gone, use: 'sets' });
export const value = id('value', { use: 'sets' });
export const section = id('section', { use: 'sets' });
export const slot: Part<Expression> = (text, walk) => walk.expression(text, null);
export const toValue: Part<Expression> = (text, walk) =>
  walk.expression(text, walk.values.get(walk.beside) ?? null);

export const list = id('list', { use: 'sets' });

/** What rows have to be for: their fields are named by themselves. */
export const ofRow: Part<Expression> = (text, walk) => inRows(walk, () => condition(text, walk));

function inRows(walk: Walk, go: () => void): void {
  const each = walk.lists.get(walk.beside);
  if (!each) return go();
  walk.with({ asked: { ...walk.asked, rows: { ...walk.asked.rows, each } } }, go);
}

/** What is given to the fields of a row that comes. */
export const toRow: Part<Arguments> = (args, walk) => {
  const found = walk.lists.get(walk.beside);
  given(walk, args, { of: 'field', within: walk.beside, takes: found?.fields, name: found?.name ?? '' });
};

/** What is given to the fields of rows there are, which can be named by themselves. */
export const toRows: Part<Arguments> = (args, walk) => inRows(walk, () => toRow(args, walk));

/** A scope in which the fields of a list's rows are named by themselves. */
export const inRow = ({ scope }: Phrase, found: ListValue | undefined): Scope =>
  found ? scopeOfEach(scope, knownFields(found, 'each')) : scope;

/** Which rows it is about, as a blank: those for which something holds, or every one. */
export const rowsWhere = (
  phrase: Phrase,
  found: ListValue | undefined,
  where: Expression | undefined,
): Piece[] => {
  const at = { effect: phrase.index };
  if (where === undefined) return [{ blank: 'where', words: 'every row', ...at }];
  return [{ words: 'rows where ' }, { ...conditionPiece('where', where, inRow(phrase, found)), ...at }];
};

/** How the rows are put otherwise that an effect is about. */
export const where = <E extends { list: Id; where?: Expression }>(): NonNullable<
  EffectAuthor<E>['where']
> => ({
  list: ({ list }) => list,
  of: ({ where }) => where,
  put: ({ where: _, ...effect }, to) => (to === undefined ? effect : { ...effect, where: to }) as E,
});

/** What is given to parameters or fields, by their ids. Where it is words and nothing else, players read them. */
function given(
  walk: Walk,
  args: Arguments,
  to: { of: 'parameter' | 'field'; within: Id; takes?: readonly (Parameter | Field)[]; name: string },
): void {
  const taken = to.takes?.map(({ id }) => id).filter((value) => value in args) ?? [];
  for (const value of new Set([...taken, ...Object.keys(args)])) {
    const text = args[value]!;
    const type = withId(to.takes, value);
    walk.path.push(value);
    walk.tell({ is: 'id', of: to.of, id: value, within: to.within, gone: 'left out', key: true });
    walk.expression(text, type ?? null, type && { to: type.name, of: to.name });
    if (to.of === 'parameter' && type?.type === 'text') {
      const read = parse(text);
      if ('node' in read && read.node.kind === 'literal' && typeof read.node.value === 'string')
        walk.text(read.node.value, `${walk.key} ${value}`, false, true);
    }
    walk.path.pop();
  }
}

/** What the parameters of a screen are given. */
export const toScreen: Part<Arguments> = (args, walk) => {
  const { beside: within } = walk;
  const found = walk.screens.get(within);
  given(walk, args, { of: 'parameter', within, takes: found?.parameters, name: found?.name ?? '' });
};

/** What comes with an event. */
export const toEvent: Part<Arguments> = (args, walk) => {
  const { beside: within } = walk;
  const found = walk.events.get(within);
  given(walk, args, { of: 'field', within, takes: found?.fields, name: found?.name ?? '' });
};

/** What an effect is done to, as a blank. */
export const noun = ({ index }: Phrase, found: string | undefined): Piece => ({
  blank: 'effect',
  effect: index,
  words: found ?? GONE,
  gone: found === undefined,
});

/** An effect that is a word or two and no more, as a blank. */
export const whole = ({ index }: Phrase, words: string): Piece => ({ blank: 'effect', effect: index, words });
