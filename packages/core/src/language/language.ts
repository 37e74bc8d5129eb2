import { quoted } from '../expression';
import { tokensOf } from '../marks';
import { withChanges, type Replacement, type Id, type Project } from '../model';
import { placesOf } from '../references';

/** One text of the project that a player reads, by a key that stays as long as the thing it stands on. */
export interface Wording {
  key: string;
  text: string;
  /** The screen, area, component, value, speaker, routine or conversation it stands on, or `project`. */
  owner: Id;
}

const ORIGINALS = { only: ['text'], untranslated: true } as const;

/** Every text a player reads, in the order of the table of texts. */
export function wordingsOf(project: Project): Wording[] {
  return placesOf(project, ORIGINALS).flatMap(({ key, text, owner }) =>
    text.trim() === '' ? [] : [{ key, text, owner }],
  );
}

/** A project whose texts are in one language; a text without a translation stays as written. */
export function inLanguage(project: Project, code: string): Project {
  return cached(project, code, () => changed(project, changesTo(project, code)));
}

/** What `inLanguage` changes, as data that goes with a project to where it is played. */
export function changesTo(project: Project, code: string): Replacement[] {
  const texts = project.texts?.[code] ?? {};
  return changesOfWords(project, (key, text) => texts[key] ?? text);
}

/**
 * A stand-in language two fifths longer, to see what will not fit: letters with marks, and a tail. Names in braces
 * and marks in brackets stay.
 */
export function inStretched(project: Project): Project {
  return cached(project, STRETCHED, () =>
    changed(
      project,
      changesOfWords(project, (_, text) => stretched(text)),
    ),
  );
}
export const STRETCHED = 'stretched';

const ACCENTED: Record<string, string> = {
  a: 'á',
  e: 'é',
  i: 'í',
  o: 'ó',
  u: 'ú',
  A: 'Á',
  E: 'É',
  I: 'Í',
  O: 'Ó',
  U: 'Ú',
};

export function stretched(text: string): string {
  if (text.trim() === '') return text;
  let depth = 0;
  let said = '';
  let length = 0;
  for (const { text: written, mark } of tokensOf(text)) {
    if (mark) {
      said += written;
      continue;
    }
    for (const letter of written) {
      if (letter === '{') depth += 1;
      if (depth === 0) length += 1;
      said += depth === 0 ? (ACCENTED[letter] ?? letter) : letter;
      if (letter === '}') depth -= 1;
    }
  }
  const more = Math.ceil(length * 0.4);
  const tail = Array.from({ length: more }, (_, i) => (i % 6 === 0 ? ' ' : '~')).join('');
  return said.endsWith('\n') ? said : said + tail;
}

const made = new WeakMap<Project, Map<string, Project>>();
function cached(project: Project, key: string, make: () => Project): Project {
  const known = made.get(project) ?? new Map<string, Project>();
  made.set(project, known);
  const found = known.get(key) ?? make();
  known.set(key, found);
  return found;
}

/** The project with some texts said otherwise; what has none of them is the same object. */
function changed(project: Project, changes: readonly Replacement[]): Project {
  const said = withChanges({ ...project }, changes);
  Object.freeze(said.values);
  return said;
}

function changesOfWords(project: Project, say: (key: string, text: string) => string): Replacement[] {
  return placesOf(project, ORIGINALS).flatMap(({ path, key, text, quoted: inQuotes }) => {
    const now = say(key, text);
    return now === text ? [] : [{ path, value: inQuotes ? quoted(now) : now }];
  });
}
