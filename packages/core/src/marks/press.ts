import { wholeNames } from './braces';
import { lettersOf } from './letters';
import { lasts, isInset, writtenMark, type Lasting } from './mark';
import { writtenOf, type Letter } from './read';
import { asWords, tokensOf } from './tokens';

/** A text after one press of a button of marks, and what of it is chosen then, by characters of it. */
export interface Pressed {
  text: string;
  from: number;
  to: number;
}

/** Puts something in after a place in a text, between marks and names and through none of them; the typing goes on after it. */
export function putIn(text: string, at: number, written: string): Pressed {
  let start = 0;
  let place = wholeNames(text, { from: at, to: at }).to;
  for (const { text: own, mark } of tokensOf(text)) {
    const end = start + own.length;
    if (mark && start < place && place < end) place = end;
    start = end;
  }
  const to = place + written.length;
  return { text: text.slice(0, place) + written + text.slice(place), from: to, to };
}

/** The word at a place in a text, by characters. */
function wordAt(text: string, at: number): { from: number; to: number } {
  const before = /[^\s[\]{}]*$/.exec(text.slice(0, at))![0];
  const after = /^[^\s[\]{}]*/.exec(text.slice(at))![0];
  return { from: at - before.length, to: at + after.length };
}

interface Unit extends Letter {
  /** Where it stands in the text, by characters. */
  at: number;
  /** It can be within a mark: a letter, or what stands among them like one. */
  seen: boolean;
}

/**
 * Puts the chosen words of a text within a mark; where all of them are within it already, takes them out of it. One of a
 * kind replaces another of that kind; null takes all marks off. Names in braces are not cut through.
 * @param from the first character chosen, of the text as it is written
 * @param to the character after the last; where none is chosen, it is the word there
 */
export function pressMark(text: string, from: number, to: number, mark: Lasting | null): Pressed {
  const units = unitsOf(text);
  ({ from, to } = wholeNames(text, from === to ? wordAt(text, from) : { from, to }));
  const chosen = units.filter(({ seen, at, text: own }) => seen && at < to && at + own.length > from);
  if (chosen.length === 0) return { text, from, to };
  const same = mark && writtenMark(mark);
  const has = ({ within }: Letter): boolean => within.some((other) => writtenMark(other) === same);
  const takes = chosen.every(has);
  const changed = new Map<Unit, Unit>();
  for (const unit of chosen) {
    const rest = mark === null ? [] : unit.within.filter((other) => other.mark !== mark.mark);
    changed.set(unit, { ...unit, within: mark === null || takes ? rest : [...rest, mark] });
  }
  const made = units.map((unit) => changed.get(unit) ?? unit);
  const first = units.indexOf(chosen[0]!);
  const last = units.indexOf(chosen.at(-1)!);
  const { text: written, ends } = writtenOf(tidied(made));
  return { text: written, from: ends[first]! - made[first]!.text.length, to: ends[last]! };
}

/** What has no letters of its own is within what its neighbours are, so that it opens and ends nothing. */
function tidied(units: readonly Unit[]): Letter[] {
  let within: readonly Lasting[] = [];
  return units.map((unit) => {
    if (unit.seen) within = unit.within;
    return unit.seen ? unit : { ...unit, within };
  });
}

function unitsOf(text: string): Unit[] {
  let at = 0;
  return tokensOf(text).flatMap((token): Unit[] => {
    const start = at;
    at += token.text.length;
    const { mark, within } = token;
    if (mark !== null) {
      if (mark.mark === 'end' || lasts(mark)) return [];
      return [{ text: token.text, within, at: start, seen: isInset(mark) }];
    }
    let inner = start;
    return lettersOf(token.words).map((letter) => {
      const written = asWords(letter);
      const unit = { text: written, within, at: inner, seen: true };
      // A bracket by itself is written once where nothing could take it for a mark.
      inner += text.startsWith(written, inner) ? written.length : letter.length;
      return unit;
    });
  });
}
