import { identifierOf, LONGEST_NAME, readName, type FieldType, type Option } from '@tavu/core/model';

/** What is typed into the blanks of values, types and fields: made fit to keep, or refused in words. */

/** A type as it is first made. */
export function newType(type: FieldType['type']): FieldType {
  if (type !== 'choice') return { type } as FieldType;
  return {
    type,
    options: [
      { id: 'one', label: 'One' },
      { id: 'two', label: 'Two' },
    ],
  };
}

/** Names are told apart by what expressions call them. */
export function readValueName(
  text: string,
  others: readonly { name: string }[],
): ReturnType<typeof readName> {
  const read = readName(
    text,
    others.map((other) => other.name),
  );
  if ('error' in read) return read;
  const called = identifierOf(read.ok);
  const same = others.find((other) => identifierOf(other.name) === called);
  return same ? { error: `In conditions it would be called ${called}, like “${same.name}”.` } : read;
}

/** A number as it is typed, from `min` to `max` where there are such; else what is wrong with it. */
export function readNumber(
  text: string,
  { min, max }: { min?: number; max?: number } = {},
): { ok: number } | { error: string } {
  const n = Number(text.trim().replace(',', '.'));
  if (text.trim() === '' || !Number.isFinite(n)) return { error: 'Write a number.' };
  if (min !== undefined && n < min) return { error: `It can be ${min} at least.` };
  if (max !== undefined && n > max) return { error: `It can be ${max} at most.` };
  if (Math.abs(n) > 1e9) return { error: 'It can be a thousand million at most.' };
  return { ok: n };
}

const LONGEST_TEXT = 2000;

export const readText = (text: string): { ok: string } | { error: string } =>
  text.length > LONGEST_TEXT
    ? { error: `A text can have ${LONGEST_TEXT} characters; this has ${text.length}.` }
    : { ok: text };

export const readWord = (text: string): { ok: string } | { error: string } =>
  text.trim() === ''
    ? { error: 'Write a word.' }
    : text.trim().length > LONGEST_NAME
      ? { error: `A word can have ${LONGEST_NAME} characters.` }
      : { ok: text.trim() };

/** Options keep what expressions call them, as long as their label or their place stays. */
export function readOptions(text: string, before: readonly Option[]): { ok: Option[] } | { error: string } {
  const labels = text.split(',').map((label) => label.trim());
  if (labels.some((label) => label === ''))
    return { error: 'There is nothing between two commas. Write an option there.' };
  if (labels.length < 2) return { error: 'A choice has at least two options.' };
  if (labels.length > 100) return { error: 'A choice can have 100 options.' };
  if (labels.some((label) => label.length > LONGEST_NAME))
    return { error: `An option can have ${LONGEST_NAME} characters.` };
  const said = labels.map((label) => label.toLowerCase());
  const twice = labels.find((_, i) => said.indexOf(said[i]!) < i);
  if (twice !== undefined) return { error: `“${twice}” is there twice.` };
  const seen = new Set<string>();
  const options: Option[] = [];
  for (const [i, label] of labels.entries()) {
    const known = before.find((option) => option.label === label);
    const same =
      labels.length === before.length && !labels.includes(before[i]!.label) ? before[i] : undefined;
    const id = (known ?? same)?.id ?? identifierOf(label).toLowerCase();
    if (seen.has(id)) return { error: `“${label}” is there twice.` };
    seen.add(id);
    options.push({ id, label });
  }
  return { ok: options };
}
