import { toMicros, type Id, type Project, type TalkRules } from '../model';

/** The project's rules for lines, in microseconds. */
export interface TalkTimes {
  letter: number;
  comma: number;
  stop: number;
  base: number;
  each: number;
  min: number;
  max: number;
  /** A number value by which reading takes longer or shorter, and what it is divided by. */
  scale: { value: Id; over: number } | null;
  /** Whether lines go on by themselves: always, never, or while a value holds. */
  auto: boolean | Id;
  /** Letters a second that can be read. */
  limit: number;
  long: 'pages' | 'marked';
}

export const USUAL_TALK = {
  letter: '40 ms',
  comma: '120 ms',
  stop: '280 ms',
  reading: { base: '0.5 s', each: '50 ms', min: '1 s', max: '12 s' },
  limit: 20,
  long: 'pages',
} as const satisfies TalkRules;

export function talkTimes({ talk = {}, rates, values }: Project): TalkTimes {
  const micros = (own: string | undefined, usual: string): number => toMicros(own ?? usual, rates);
  const reading = talk.reading ?? USUAL_TALK.reading;
  const scale = values.find((value) => value.id === talk.reading?.scale && value.type === 'number');
  return {
    letter: micros(talk.letter, USUAL_TALK.letter),
    comma: micros(talk.comma, USUAL_TALK.comma),
    stop: micros(talk.stop, USUAL_TALK.stop),
    base: toMicros(reading.base, rates),
    each: toMicros(reading.each, rates),
    min: reading.min === undefined ? 0 : toMicros(reading.min, rates),
    max: reading.max === undefined ? Infinity : toMicros(reading.max, rates),
    scale: scale?.type === 'number' ? { value: scale.id, over: scale.unit?.includes('%') ? 100 : 1 } : null,
    auto: talk.auto === undefined ? false : talk.auto === 'always' ? true : talk.auto.value,
    limit: talk.limit ?? USUAL_TALK.limit,
    long: talk.long ?? USUAL_TALK.long,
  };
}

/** How long so many letters are to stay before a line goes on by itself; `scale` is how many times as long. */
export function readingTime(letters: number, { base, each, min, max }: TalkTimes, scale = 1): number {
  return Math.round(Math.min(max, Math.max(min, base + each * letters)) * Math.max(0, scale));
}
