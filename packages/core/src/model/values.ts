import { withId } from './look-up';
import type { Language } from './language';
import type { FieldType, Id, Project, Scalar, Screen, Value } from './types';

/** What a type holds when nothing else is said. */
export function zeroOf(type: FieldType): Scalar {
  switch (type.type) {
    case 'on/off':
      return false;
    case 'number':
      return clamp(type, 0);
    case 'choice':
      return type.options[0]?.id ?? '';
    default:
      return '';
  }
}

const clamp = (type: FieldType & { type: 'number' }, n: number): number =>
  Math.min(type.max ?? Infinity, Math.max(type.min ?? -Infinity, n));

/** The scalar a type makes of any other, or null when it is of another kind. Out of range clamps. */
export function fitScalar(type: FieldType, value: unknown): Scalar | null {
  switch (type.type) {
    case 'on/off':
      return typeof value === 'boolean' ? value : null;
    case 'number':
      return typeof value === 'number' && Number.isFinite(value) ? clamp(type, value) : null;
    case 'choice':
      return type.options.some((option) => option.id === value) ? (value as string) : null;
    default:
      return typeof value === 'string' ? value : null;
  }
}

/** A scalar as players and designers read it: `On`, `40 %`, `Hard`. */
export function scalarWords(type: FieldType, value: Scalar | undefined): string {
  if (value === undefined) return '';
  switch (type.type) {
    case 'on/off':
      return value ? (type.on ?? 'On') : (type.off ?? 'Off');
    case 'number':
      return `${value}${type.unit ? ` ${type.unit}` : ''}`;
    case 'choice':
      return type.options.find((option) => option.id === value)?.label ?? String(value);
    default:
      return String(value);
  }
}

/**
 * What can be called in texts and expressions: the letters of a name that may stand in one. `lamp oil` is `lamp_oil`.
 */
export function identifierOf(name: string): string {
  const word = name
    .trim()
    .replace(/[^\p{L}\p{N}_$]+/gu, '_')
    .replace(/^_+(?=.)|_+$/gu, '');
  return /^[\p{L}_$]/u.test(word) ? word : `_${word}`;
}

/** The id of the value that is the player's language; expressions call it so, too. */
export const LANGUAGE: Id = 'language';

interface Valued {
  readonly values: readonly Value[];
  readonly languages?: readonly Language[] | undefined;
}

/**
 * The player's language as a value: a setting with the project's languages, by their codes. Null while there is only
 * one, and where the project has a value of its own by that name.
 */
export function languageValue({ values, languages = [] }: Valued): Value | null {
  if (languages.length < 2) return null;
  if (values.some(({ id, name }) => id === LANGUAGE || identifierOf(name) === LANGUAGE)) return null;
  return {
    id: LANGUAGE,
    name: LANGUAGE,
    section: 'Player',
    life: 'settings',
    type: 'choice',
    options: languages.map(({ code, name, ownName }) => ({ id: code, label: ownName ?? name })),
    default: languages[0]!.code,
  };
}

/** Every value that can be shown, set and named: the project's own, and the player's language. */
export function valuesOf({ values, languages }: Valued): readonly Value[] {
  if (!languages || !Object.isFrozen(values)) return withLanguage({ values, languages });
  const known = lists.get(values);
  if (known?.languages === languages) return known.all;
  const all = Object.freeze(withLanguage({ values, languages }));
  lists.set(values, { languages, all });
  return all;
}
/** The last made for each list of values, so that the same project has the same list. */
const lists = new WeakMap<readonly Value[], { languages: readonly Language[]; all: readonly Value[] }>();

function withLanguage(project: Valued): readonly Value[] {
  const language = languageValue(project);
  return language ? [...project.values, language] : project.values;
}

export const valueById = (project: Valued, id: Id | null | undefined): Value | undefined =>
  // Asked of every control in every frame, with a value or without.
  id === undefined || id === null ? undefined : withId(valuesOf(project), id);

/** The areas a screen or area is in, inner to outer. Stops at areas that hold themselves. */
export function areasAround(project: Project, area: Id | null | undefined): Id[] {
  const found: Id[] = [];
  let at = area ?? null;
  while (at !== null && !found.includes(at)) {
    const next = withId(project.areas, at);
    if (!next) break;
    found.push(next.id);
    at = next.parent;
  }
  return found;
}

/** Screens in an area, and in the areas within it. */
export const screensIn = (project: Project, area: Id): Screen[] =>
  project.screens.filter((screen) => areasAround(project, screen.area).includes(area));
