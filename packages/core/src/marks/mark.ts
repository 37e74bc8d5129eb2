import { DURATION_PATTERN, type Duration } from '../model';

/** What marks in square brackets within a text ask for: how words look and move, how fast they come, what stands among them. */
export type Mark =
  /** From there on letters take so many times as long to come. */
  | { mark: 'pace'; times: number }
  | { mark: 'wait'; for: Duration }
  | { mark: 'bold' | 'italic' | Move }
  | { mark: 'size'; percent: number }
  /** By the name of a text style, or that of a colour of the project; a colour may be `#rrggbb` too. */
  | { mark: 'style' | 'colour'; name: string }
  /** The end of the last of these that is open. */
  | { mark: 'end' }
  /** A picture of the project, by its name, as high as its line. */
  | { mark: 'picture'; name: string }
  /** A key or pad button, by its code. */
  | { mark: 'key'; code: string };

/** How single words move. */
export type Move = (typeof MOVES)[number];
export const MOVES = ['shake', 'wave'] as const;

/** Marks that last until their end. */
export type Lasting = Extract<Mark, { mark: 'bold' | 'italic' | 'size' | 'style' | 'colour' | Move }>;

const LASTING: ReadonlySet<Mark['mark']> = new Set(['bold', 'italic', 'size', 'style', 'colour', ...MOVES]);
export const lasts = (mark: Mark): mark is Lasting => LASTING.has(mark.mark);

/** What stands among the words like one letter. */
export type Inset = Extract<Mark, { mark: 'picture' | 'key' }>;
export const isInset = (mark: Mark): mark is Inset => mark.mark === 'picture' || mark.mark === 'key';

/** The character that stands for an inset where letters are counted and measured (Unicode: object replacement). */
export const INSET = '\ufffc';

/** What one is read from, by its first word; null where what follows that word is none of it. */
type Read = (rest: string) => Mark | null;

const alone =
  (mark: Mark): Read =>
  (rest) =>
    rest === '' ? mark : null;
const named =
  (mark: 'style' | 'colour' | 'picture'): Read =>
  (name) =>
    name === '' ? null : { mark, name };

const READ: Record<string, Read> = {
  slow: alone({ mark: 'pace', times: 2 }),
  fast: alone({ mark: 'pace', times: 0.5 }),
  usual: alone({ mark: 'pace', times: 1 }),
  wait: (rest) => (DURATION_PATTERN.test(rest) ? { mark: 'wait', for: rest } : null),
  bold: alone({ mark: 'bold' }),
  italic: alone({ mark: 'italic' }),
  shake: alone({ mark: 'shake' }),
  wave: alone({ mark: 'wave' }),
  size: (rest) => {
    const percent = Number(/^(\d{1,3}) ?%$/.exec(rest)?.[1]);
    return percent >= LEAST && percent <= MOST ? { mark: 'size', percent } : null;
  },
  style: named('style'),
  colour: named('colour'),
  '/': alone({ mark: 'end' }),
  picture: named('picture'),
  key: (code) => (code === '' ? null : { mark: 'key', code }),
};
/** Sizes beside the text's own, in percent. */
const LEAST = 25;
const MOST = 400;

/** What stands between two brackets, as a mark; null where it is none. */
export function readMark(inside: string): Mark | null {
  const cut = inside.indexOf(' ');
  const [first, rest] = cut < 0 ? [inside, ''] : [inside.slice(0, cut), inside.slice(cut + 1)];
  return (Object.hasOwn(READ, first) ? READ[first]! : NONE)(rest);
}
const NONE: Read = () => null;

/** A mark as it is written: what `readMark` reads, in its brackets. */
export function writtenMark(mark: Mark): string {
  switch (mark.mark) {
    case 'pace':
      return `[${mark.times > 1 ? 'slow' : mark.times < 1 ? 'fast' : 'usual'}]`;
    case 'wait':
      return `[wait ${mark.for}]`;
    case 'size':
      return `[size ${mark.percent}%]`;
    case 'style':
    case 'colour':
    case 'picture':
      return `[${mark.mark} ${nameInMark(mark.name)}]`;
    case 'key':
      return `[key ${mark.code}]`;
    case 'end':
      return END;
    default:
      return `[${mark.mark}]`;
  }
}
export const END = '[/]';

/** A name as it can stand in a mark. */
export const nameInMark = (name: string): string => name.replace(/[[\]]/g, '').trim();

/** Whether a name in a mark is that of a thing; capitals are of no account. */
export const calls = (inMark: string, name: string): boolean =>
  nameInMark(inMark).toLowerCase() === nameInMark(name).toLowerCase();
