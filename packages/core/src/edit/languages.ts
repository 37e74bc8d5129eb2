import type { Language, Project } from '../model';
import { takeOut, type Made } from './parts';

/** Edits of the languages a project speaks, and of its texts in them. */
export const languageCommands = {
  /** The first that is added comes after English, which texts are written in until it is said otherwise. */
  'add language': (project: Project, language: Language): Made => {
    const known = project.languages ?? [{ code: 'en', name: 'English' }];
    if (known.some((each) => each.code === language.code)) return;
    project.languages = [...known, { ...language }];
  },
  'change language': (project: Project, { code, to }: { code: string; to: Language }): Made => {
    const known = project.languages ?? [{ code: 'en', name: 'English' }];
    if (to.code !== code && known.some((each) => each.code === to.code)) return;
    project.languages = known.map((each) => (each.code === code ? { ...to } : each));
    const texts = project.texts?.[code];
    if (!texts || to.code === code) return;
    delete project.texts![code];
    project.texts![to.code] = texts;
  },
  /** With all that was said in it. The one texts are written in stays. */
  'delete language': (project: Project, { code }: { code: string }): Made => {
    if (!project.languages || project.languages[0]?.code === code) return;
    takeOut(project.languages, (each) => each.code === code);
    if (project.texts) delete project.texts[code];
  },
  /** What a text is in another language; an empty one is not translated. */
  translate: (
    project: Project,
    { language, key, text }: { language: string; key: string; text: string },
  ): Made => {
    const { [key]: _, ...rest } = project.texts?.[language] ?? {};
    const texts = text === '' ? rest : { ...rest, [key]: text };
    project.texts = { ...project.texts, [language]: texts };
  },
};
