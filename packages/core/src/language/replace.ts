import { quoted } from '../expression';
import { namesIn } from '../message';
import { LONGEST_NAME, type Id, type Project, type Replacement } from '../model';
import { placesOf } from '../references';

/** Words to be found in texts, and what is to stand there instead. */
export interface Wanted {
  find: string;
  put: string;
  /** In the translations into a language; null in the texts as they are written. */
  language: string | null;
  /** Only in the same small and capital letters. */
  exact: boolean;
}

/** A text in which words are found. */
export interface Found {
  /** Its key in the table of texts. */
  key: string;
  owner: Id;
  before: string;
  after: string;
  /** Nothing of the text would be left, it would be too long, or a name in braces would be another. */
  refused: boolean;
  /** How the document changes with it. */
  change: Replacement;
}

/** The most letters a text can have. */
const LONGEST_TEXT = 5000;

/** Every text in which some words stand, with what it would be; none for words of blanks. */
export function foundIn(project: Project, { find, put, language, exact }: Wanted): Found[] {
  if (find.trim() === '') return [];
  const pattern = new RegExp(find.replace(/[\\^$.*+?()[\]{}|/-]/g, '\\$&'), exact ? 'gu' : 'giu');
  return placesOf(project, { only: ['text'] }).flatMap((place): Found[] => {
    const { key, owner, text, path } = place;
    if (place.language !== language) return [];
    // What is put is taken as it is, even with signs that a pattern would read.
    const inWords = (words: string): string =>
      words.replace(pattern, (match) => (exact ? put : likeFirst(match, find, put)));
    const after = place.message ? inSaid(text, inWords) : inWords(text);
    if (after === text) return [];
    const refused = after.trim() === '' || !keepsNames(text, after, place.message);
    return [
      {
        key,
        owner,
        before: text,
        after,
        refused,
        change: { path, value: place.quoted ? quoted(after) : after },
      },
    ];
  });
}

/** Begins with a capital where what was found does and what was asked for does not, as at the start of a sentence. */
function likeFirst(match: string, find: string, put: string): string {
  const [first = ''] = match;
  const rises = first !== first.toLowerCase() && find.startsWith(first.toLowerCase());
  return rises ? put.slice(0, 1).toUpperCase() + put.slice(1) : put;
}

/** What is said in a message stands outside of braces, or in braces within those of a choice; marks of pace are not said. */
function inSaid(text: string, change: (words: string) => string): string {
  let depth = 0;
  return text
    .split(/([{}]|\[(?:slow|fast|usual|wait [^\][]{1,20})\])/)
    .map((piece) => {
      if (piece === '{') depth++;
      else if (piece === '}') depth--;
      else if (depth % 2 === 0 && !/^\[.*\]$/.test(piece)) return change(piece);
      return piece;
    })
    .join('');
}

function keepsNames(before: string, after: string, message: boolean): boolean {
  if (!message) return after.length <= LONGEST_NAME;
  return (
    after.length <= LONGEST_TEXT && namesIn(before).sort().join('\n') === namesIn(after).sort().join('\n')
  );
}
