import type { Length } from '@tavu/core/model';

/** What is typed into number fields: sums of numbers, and percent of the parent. */

const FAR = 100_000;

/** `512+36`, `40%`, `50% - 20` (taken as percent of `room`, then back to pixels). */
export function readLength(text: string, room: number): { ok: Length } | { error: string } {
  const alone = /^\s*(-?\d+(?:[.,]\d+)?)\s*%\s*$/.exec(text);
  if (alone) return within(Number(alone[1]!.replace(',', '.')), 1000, (n) => `${n}%`);
  const sum = readSum(text, room);
  return 'error' in sum ? sum : within(sum.ok, FAR, (n) => n);
}

function within(n: number, max: number, make: (n: number) => Length): { ok: Length } | { error: string } {
  if (Math.abs(n) > max) return { error: `That is too far out; ${max} is the most.` };
  return { ok: make(Math.round(n * 100) / 100) };
}

/** Adds and subtracts, multiplies and divides, from left to right with the usual precedence. */
function readSum(text: string, room: number): { ok: number } | { error: string } {
  const error = { error: 'Write a number, a sum such as 512+36, or a percentage such as 40%.' };
  const tokens = text
    .replace(/,/g, '.')
    .replace(/px/g, '')
    .match(/\d+(?:\.\d+)?%?|[-+*/]|\S/g);
  if (!tokens) return error;
  let total = 0;
  let product: number | null = null;
  let sign = 1;
  let operator: '*' | '/' | null = null;
  let wantsNumber = true;
  for (const token of tokens) {
    if (/^\d/.test(token)) {
      if (!wantsNumber) return error;
      const n = token.endsWith('%') ? (parseFloat(token) / 100) * room : Number(token);
      product = product === null ? n : operator === '/' ? product / n : product * n;
      wantsNumber = false;
    } else if (token === '-' && wantsNumber && operator === null) sign = -sign;
    else if ((token === '*' || token === '/') && !wantsNumber) {
      operator = token;
      wantsNumber = true;
    } else if ((token === '+' || token === '-') && !wantsNumber) {
      total += sign * product!;
      product = null;
      operator = null;
      sign = token === '-' ? -1 : 1;
      wantsNumber = true;
    } else return error;
  }
  if (wantsNumber) return error;
  const result = total + sign * product!;
  return Number.isFinite(result) ? { ok: result } : { error: 'That sum has no result.' };
}

/** A number as it is typed, sums and all, from `min` to `max`; else what is wrong with it. */
export function readNumber(text: string, min: number, max: number): { ok: number } | { error: string } {
  const sum = readSum(text, 0);
  if ('error' in sum) return { error: 'Write a number.' };
  if (sum.ok < min || sum.ok > max) return { error: `Between ${min} and ${max}, please.` };
  return { ok: sum.ok };
}

/** A length by arrow key: one more or less, its unit kept. */
export function stepLength(text: string, by: number): string {
  const match = /^\s*(-?\d+(?:\.\d+)?)(\s*(?:%|px|°)?)\s*$/.exec(text);
  return match ? `${Math.round((Number(match[1]) + by) * 100) / 100}${match[2]}` : text;
}

/** What stands after a number in its field. */
export type NumberUnit = '%' | 'px' | '°';

/** A number as its field shows it: `24 px`, `40 %`, `15°`. */
export const withUnit = (n: number, unit?: NumberUnit): string =>
  unit === undefined ? String(n) : unit === '°' ? `${n}°` : `${n} ${unit}`;

/** What is typed into a field, without the unit that it shows. */
export const bare = (text: string): string => text.replace(/\s*(?:%|px|°)\s*$/, '');
