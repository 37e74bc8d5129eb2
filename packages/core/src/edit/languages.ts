import type { GivenText } from '../exchange';
import { foundIn, wordingsOf, type Wanted } from '../language';
import { put } from '../references';
import type { Language, Project, Translated } from '../model';
import { assign, removeWhere, type Made } from './parts';

/** Edits of the languages a project speaks, and of its texts in them. */
export const languageCommands = {
  /** The first that is added comes after English, which texts are written in until it is said otherwise. */
  'add language': (project: Project, language: Language): Made => {
    const known = project.languages ?? [{ code: 'en', name: 'English' }];
    if (known.some((other) => other.code === language.code)) return;
    project.languages = [...known, { ...language }];
  },
  'change language': (project: Project, { code, to }: { code: string; to: Language }): Made => {
    const known = project.languages ?? [{ code: 'en', name: 'English' }];
    if (to.code !== code && known.some((language) => language.code === to.code)) return;
    project.languages = known.map((language) => (language.code === code ? { ...to } : language));
    const texts = project.texts?.[code];
    if (!texts || to.code === code) return;
    delete project.texts![code];
    project.texts![to.code] = texts;
    const progress = project.translated?.[code];
    if (!progress) return;
    delete project.translated![code];
    project.translated![to.code] = progress;
  },
  /** With all that was said in it. The one texts are written in stays. */
  'delete language': (project: Project, { code }: { code: string }): Made => {
    if (!project.languages || project.languages[0]?.code === code) return;
    removeWhere(project.languages, (language) => language.code === code);
    if (project.texts) delete project.texts[code];
    if (project.translated) delete project.translated[code];
  },
  /** What a text is in another language; an empty one is not translated. */
  translate: (
    project: Project,
    { language, key, text }: { language: string; key: string; text: string },
  ): Made => {
    const { [key]: _, ...rest } = project.texts?.[language] ?? {};
    const texts = text === '' ? rest : { ...rest, [key]: text };
    project.texts = { ...project.texts, [language]: texts };
    const from = wordingsOf(project).find((wording) => wording.key === key)?.text;
    note(project, language, key, text === '' ? null : { from });
  },
  /** How far a translation is; what it was translated from is what the text is now. */
  'change translated': (
    project: Project,
    { language, key, state }: { language: string; key: string; state: Translated['state'] },
  ): Made => {
    const from = wordingsOf(project).find((wording) => wording.key === key)?.text;
    note(project, language, key, { from, ...(state === undefined ? {} : { state }) });
  },
  /** Other words in the texts of some keys, where they are found in them; what may not be changed stays. */
  'replace words': (project: Project, { keys, ...wanted }: Wanted & { keys: string[] }): Made => {
    for (const { key, refused, change } of foundIn(project, wanted))
      if (!refused && keys.includes(key)) put(project, change.path, change.value);
  },
  'note wording': (
    project: Project,
    { key, note, maxLength }: { key: string; note?: string; maxLength?: number },
  ): Made => {
    const { [key]: _, ...rest } = project.wordings ?? {};
    const now = { ...(note ? { note } : {}), ...(maxLength === undefined ? {} : { maxLength }) };
    project.wordings = Object.keys(now).length > 0 ? { ...rest, [key]: now } : rest;
  },
  /** Takes in what a translator's file says; of texts the project does not have it knows nothing. */
  'take texts': (project: Project, { language, texts }: { language: string; texts: GivenText[] }): Made => {
    const sources = new Map(wordingsOf(project).map((wording) => [wording.key, wording.text]));
    const said = { ...project.texts?.[language] };
    const known = { ...project.translated?.[language] };
    const notes = { ...project.wordings };
    for (const { key, source, target, state, note, maxLength } of texts) {
      if (!sources.has(key)) continue;
      if (target === '') {
        delete said[key];
        delete known[key];
      } else if (said[key] !== target || state !== 'initial') {
        said[key] = target;
        const from = source ?? sources.get(key);
        known[key] = { from, ...(state === 'translated' ? {} : { state }) };
      }
      if (note === null && maxLength === null) continue;
      const now = { ...notes[key] };
      if (note !== null) assign(now, { note: note === '' ? undefined : note });
      if (maxLength !== null) now.maxLength = maxLength;
      if (Object.keys(now).length > 0) notes[key] = now;
      else delete notes[key];
    }
    project.texts = { ...project.texts, [language]: said };
    project.translated = { ...project.translated, [language]: known };
    if (Object.keys(notes).length > 0 || project.wordings) project.wordings = notes;
  },
};

function note(project: Project, language: string, key: string, now: Translated | null): void {
  const { [key]: _, ...rest } = project.translated?.[language] ?? {};
  const known = now === null ? rest : { ...rest, [key]: now };
  project.translated = { ...project.translated, [language]: known };
}
