import type { Kind } from './check';

interface Signature {
  takes: 'numbers' | readonly (Kind | 'screen' | 'any')[];
  gives: Kind;
  /** As it is written, for help. */
  shape: string;
  /** What it gives, in a few words. */
  words: string;
}

/** Everything that can be called. */
export const FUNCTIONS: Record<string, Signature> = {
  min: { takes: 'numbers', gives: 'number', shape: 'min(a, b)', words: 'the least of them' },
  max: { takes: 'numbers', gives: 'number', shape: 'max(a, b)', words: 'the most of them' },
  clamp: {
    takes: ['number', 'number', 'number'],
    gives: 'number',
    shape: 'clamp(n, min, max)',
    words: 'n, kept between both',
  },
  round: { takes: ['number'], gives: 'number', shape: 'round(n)', words: 'the nearest whole number' },
  floor: { takes: ['number'], gives: 'number', shape: 'floor(n)', words: 'the whole number below' },
  abs: { takes: ['number'], gives: 'number', shape: 'abs(n)', words: 'n without its sign' },
  isUp: { takes: ['screen'], gives: 'on/off', shape: 'isUp(screen)', words: 'that screen is up' },
  isCovered: {
    takes: [],
    gives: 'on/off',
    shape: 'isCovered()',
    words: 'a modal screen lies over this one',
  },
  cameFrom: {
    takes: ['screen'],
    gives: 'on/off',
    shape: 'cameFrom(screen)',
    words: 'that screen led to this one',
  },
  saveExists: {
    takes: ['any'],
    gives: 'on/off',
    shape: 'saveExists(slot)',
    words: 'there is a saved game in that slot',
  },
};

interface ListSignature extends Pick<Signature, 'shape' | 'words'> {
  /** What is asked of each row. Absent: nothing. */
  of?: Kind;
  /** It can be left out. */
  optional?: true;
  /** `row`: the row itself, of which one field is asked. */
  gives: Kind | 'row';
}

/** Everything that can be asked of a list; the fields of its rows can be named in what is asked of each. */
export const LIST_FUNCTIONS: Record<string, ListSignature> = {
  count: {
    of: 'on/off',
    optional: true,
    gives: 'number',
    shape: 'count(list, condition)',
    words: 'how many rows it has, or for how many something holds',
  },
  any: { of: 'on/off', gives: 'on/off', shape: 'any(list, condition)', words: 'it holds for a row or more' },
  all: { of: 'on/off', gives: 'on/off', shape: 'all(list, condition)', words: 'it holds for every row' },
  sum: { of: 'number', gives: 'number', shape: 'sum(list, field)', words: 'all of them together' },
  min: { of: 'number', gives: 'number', shape: 'min(list, field)', words: 'the least of its rows' },
  max: { of: 'number', gives: 'number', shape: 'max(list, field)', words: 'the most of its rows' },
  first: { gives: 'row', shape: 'first(list).field', words: 'what its first row holds' },
  isWaiting: { gives: 'on/off', shape: 'isWaiting(list)', words: 'the list is not there yet' },
  hasFailed: { gives: 'on/off', shape: 'hasFailed(list)', words: 'the list could not be got' },
};
