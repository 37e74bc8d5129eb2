import type { Kind } from './check';

interface Signature {
  takes: 'numbers' | readonly (Kind | 'screen' | 'any' | 'list')[];
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
  count: { takes: ['list'], gives: 'number', shape: 'count(list)', words: 'how many records it holds' },
  saveExists: {
    takes: ['any'],
    gives: 'on/off',
    shape: 'saveExists(slot)',
    words: 'there is a saved game in that slot',
  },
};
