import { inLanguage, inStretched, STRETCHED } from '@tavu/core/language';
import type { Id, Language, Project } from '@tavu/core/model';
import { create } from 'zustand';
import { edit, useStudio } from './store';

/** The language Live speaks: its code, the stretched stand-in, or as texts are written (null). */
export const useLanguage = create<{ code: string | null }>(() => ({ code: null }));
export const speak = (code: string | null): void => useLanguage.setState({ code });

const ONE: readonly Language[] = [{ code: 'en', name: 'English' }];
export const languagesOf = (project: Project): readonly Language[] => project.languages ?? ONE;

/** The project as it speaks now. */
export function spokenBy(project: Project, code: string | null): Project {
  if (code === STRETCHED) return inStretched(project);
  return code === null || !isOther(project, code) ? project : inLanguage(project, code);
}

const isOther = (project: Project, code: string): boolean =>
  languagesOf(project)
    .slice(1)
    .some((language) => language.code === code);

/** By what the words of an element go in other languages: what it is written on, and its own id. */
function keyOf(screen: Id, path: Id): string {
  const { flow } = useStudio.getState();
  const steps = path.split('/');
  const own = steps.pop()!;
  if (steps.length === 0) return `${screen} ${own}`;
  const placed = flow.screens.get(screen)?.byId.get(steps.join('/'));
  const owner = placed?.type === 'component' ? placed.component : screen;
  return `${owner} ${own}`;
}

/**
 * The words of an element in the language that is spoken, and what writes them down; null while that is the one they
 * are written in.
 */
export function translating(
  screen: Id,
  path: Id,
  written: string,
  /** Which of its words, where it is not those on it. */
  which?: string,
): { language: Language; text: string; put: (text: string) => void } | null {
  const { project } = useStudio.getState();
  const { code } = useLanguage.getState();
  const language =
    code === null || code === STRETCHED
      ? undefined
      : languagesOf(project)
          .slice(1)
          .find((other) => other.code === code);
  if (!language) return null;
  const key = [keyOf(screen, path), which].filter(Boolean).join(' ');
  return {
    language,
    text: project.texts?.[language.code]?.[key] ?? written,
    put: (text) =>
      void edit('translate', { language: language.code, key, text }, { key: `translate ${key}` }),
  };
}
