import { textOf, type Import } from './format';
import { freshId, type Speaker, type Step } from '../model';

/** A dialogue as plain text, `NAME: words` a line, or as a screenplay in the Fountain format. */
export interface Script {
  steps: Step[];
  /** Who speaks and is not known yet. */
  speakers: Speaker[];
}

export const scriptIn: Import<'lines'> = {
  of: 'lines',
  endings: ['.txt', '.fountain'],
  fits: () => true,
  read: (bytes, { speakers }) => readScript(textOf(bytes), speakers),
};

/** So many lines are read at most. */
const MAX_ITEMS = 5000;

/** Reads a pasted dialogue. Speakers are told apart by their names, in whatever letters; those not known are made. */
export function readScript(text: string, known: readonly Speaker[] = []): Script {
  const all = [...known];
  const speaker = (name: string): string => {
    const found = all.find((other) => other.name.toLowerCase() === name.toLowerCase());
    if (found) return found.id;
    const made: Speaker = { id: freshId('p'), name: titled(name), faces: [] };
    all.push(made);
    return made.id;
  };
  const lines = text
    .replace(/\r\n?/g, '\n')
    .replace(/\/\*[\s\S]*?\*\//g, '')
    .split('\n');
  const steps = isFountain(lines) ? fountain(lines, speaker) : plain(lines, speaker);
  return { steps: steps.slice(0, MAX_ITEMS), speakers: all.slice(known.length) };
}

/** `INES` is Ines; what is written in small letters too stays as it is. */
const titled = (name: string): string =>
  (/\p{Ll}/u.test(name)
    ? name
    : name.replace(/\p{L}+/gu, (word) => word[0]! + word.slice(1).toLowerCase())
  ).slice(0, 80);

const said = (speaker: string | null, text: string, note?: string): Step => ({
  id: freshId('s'),
  ...(note ? { note } : {}),
  step: 'line',
  speaker,
  text,
});

const NAMED = /^([\p{L}\p{N}][\p{L}\p{N} .'’-]{0,39}?)\s*(?:\(([^()]{1,80})\))?\s*:\s+(.*)$/u;

function plain(lines: readonly string[], speaker: (name: string) => string): Step[] {
  const steps: Step[] = [];
  for (const line of lines) {
    const text = line.trim();
    if (text === '') continue;
    const named = NAMED.exec(text);
    if (named) steps.push(said(speaker(named[1]!), named[3]!.trim(), named[2]?.trim()));
    else steps.push(said(null, text));
  }
  return steps;
}

const CUE = /^@?(?=.*\p{Lu})([^\p{Ll}]+?)(\s*\([^()]*\))*\s*\^?$/u;
const SCENE = /^(\.(?!\.)|(INT|EXT|EST|INT\.?\/EXT|I\/E)[. ])/i;

/** A screenplay has names by themselves in capitals, and words right under them. */
function isFountain(lines: readonly string[]): boolean {
  if (
    lines.some(
      (line) => NAMED.test(line.trim()) && !/^(title|author|credit|source|draft date|contact)/i.test(line),
    )
  )
    return false;
  return lines.some((line, i) => isCue(lines, i, line));
}

function isCue(lines: readonly string[], i: number, line: string): boolean {
  const text = line.trim();
  if (text === '' || SCENE.test(text) || text.endsWith(':')) return false;
  const named = text.startsWith('@') || CUE.test(text);
  return named && (i === 0 || lines[i - 1]!.trim() === '') && (lines[i + 1]?.trim() ?? '') !== '';
}

/**
 * Fountain: what characters say becomes lines, with parentheticals as their notes. Scene headings, transitions, actions,
 * sections, notes and the title page are not said and are left out; emphasis marks are dropped.
 */
function fountain(lines: readonly string[], speaker: (name: string) => string): Step[] {
  const steps: Step[] = [];
  for (let i = 0; i < lines.length; i++) {
    if (!isCue(lines, i, lines[i]!)) continue;
    const name = lines[i]!.trim()
      .replace(/^@/, '')
      .replace(/\^$/, '')
      .replace(/\([^()]*\)/g, '')
      .trim();
    const who = speaker(name);
    let note: string | undefined;
    let words: string[] = [];
    const flush = (): void => {
      const text = bare(words.join(' '));
      if (text !== '') steps.push(said(who, text, note));
      words = [];
      note = undefined;
    };
    for (i++; i < lines.length && lines[i]!.trim() !== ''; i++) {
      const text = lines[i]!.trim();
      const aside = /^\((.*)\)$/.exec(text);
      if (!aside) words.push(text.replace(/^~/, '').trim());
      else {
        flush();
        note = aside[1]!;
      }
    }
    flush();
  }
  return steps;
}

const bare = (text: string): string =>
  text
    .replace(/\[\[[\s\S]*?\]\]/g, '')
    .replace(/(\*{1,3}|_)(?=\S)(.+?)(?<=\S)\1/g, '$2')
    .replace(/\s+/g, ' ')
    .trim();
