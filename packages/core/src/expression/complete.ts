import { identifierOf, titleCase, type FieldType } from '../model';
import { FUNCTIONS } from './functions';
import { quoted, readTokens } from './parse';
import type { Scope } from './scope';

/** Something that could be written where the caret stands. */
export interface Completion {
  /** Replaces the text from `from` to `to`. */
  write: string;
  from: number;
  to: number;
  label: string;
  hint: string;
}

const TYPE_WORDS: Record<FieldType['type'], string> = {
  'on/off': 'on/off',
  number: 'number',
  choice: 'choice',
  text: 'text',
  picture: 'picture',
};

/** What could stand at the caret, those that begin with the letters before it first. */
export function complete(text: string, caret: number, scope: Scope): Completion[] {
  const tokens = readTokens(text);
  const here = tokens.find((token) => token.kind === 'name' && token.from < caret && token.to >= caret);
  const from = here?.from ?? caret;
  const typed = text.slice(from, caret).toLowerCase();
  const before = tokens.filter((token) => token.to <= from && token.kind !== 'end');
  const found: Completion[] = [];
  const offer = (write: string, label: string, hint: string): void => {
    if (label.toLowerCase().includes(typed) || write.toLowerCase().includes(typed))
      found.push({ write, from, to: here?.to ?? caret, label, hint });
  };
  const [call, open] = before.slice(-2);
  if (open?.text === '(' && /^(isUp|cameFrom)$/.test(call?.text ?? '')) {
    const names = new Set([...scope.screens.values()].map((screen) => screen.name));
    for (const name of names) offer(identifierOf(name), name, 'screen');
    return sorted(found, typed);
  }
  const compared = /^[=!]==?$/.test(before.at(-1)?.text ?? '') ? before.at(-2)?.text : undefined;
  const type = compared === undefined ? undefined : scope.names.get(compared)?.type;
  if (type?.type === 'choice')
    for (const option of type.options) offer(quoted(option.id), option.label, 'option');
  if (type?.type === 'on/off') {
    offer('true', type.on ?? 'On', 'on');
    offer('false', type.off ?? 'Off', 'off');
  }
  for (const [name, known] of scope.names)
    offer(
      name,
      known.name,
      `${known.what === 'value' ? '' : `${titleCase(known.what)}, `}${TYPE_WORDS[known.type.type]}`,
    );
  for (const [name, { shape, words }] of Object.entries(FUNCTIONS))
    offer(shape.endsWith('()') ? `${name}()` : `${name}(`, shape, words);
  return sorted(found, typed);
}

const sorted = (found: Completion[], typed: string): Completion[] =>
  [...found].sort(
    (a, b) =>
      Number(b.label.toLowerCase().startsWith(typed)) - Number(a.label.toLowerCase().startsWith(typed)),
  );
