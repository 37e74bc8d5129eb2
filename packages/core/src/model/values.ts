import { withId } from './look-up';
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

export const valueById = (project: Project, id: Id | null | undefined): Value | undefined =>
  withId(project.values, id);

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
