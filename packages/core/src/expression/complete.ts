import { identifierOf, titleCase, type FieldType } from '../model';
import { FUNCTIONS, LIST_FUNCTIONS } from './functions';
import { quoted, readTokens, type Token } from './parse';
import { listCalled, type Known, type Scope } from './scope';

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

/**
 * What could stand at the caret, those that begin with the letters before it first. Where a condition is `wanted`, what
 * people say in words comes first: that a screen is up, or is not, or that a save exists.
 */
export function complete(text: string, caret: number, scope: Scope, wanted?: FieldType): Completion[] {
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
  const fieldsOf = rowBefore(before, scope);
  if (fieldsOf) {
    for (const [name, known] of fieldsOf) offer(name, known.name, TYPE_WORDS[known.type.type]);
    return sorted(found, typed);
  }
  const within = listsAround(before);
  const asked = within.at(-1);
  if (asked && asked.comma === false && !Object.hasOwn(FUNCTIONS, asked.ask)) {
    for (const [name, list] of scope.lists ?? []) offer(name, list.name, 'list');
    return sorted(found, typed);
  }
  const [call, open] = before.slice(-2);
  if (open?.text === '(' && /^(isUp|cameFrom)$/.test(call?.text ?? '')) {
    const names = new Set([...scope.screens.values()].map((screen) => screen.name));
    const closed = tokens.find((token) => token.from >= (here?.to ?? caret))?.text === ')';
    for (const name of names) offer(`${identifierOf(name)}${closed ? '' : ')'}`, name, 'screen');
    return sorted(found, typed);
  }
  if (wanted?.type === 'on/off') found.push(...inWords(tokens, caret, scope));
  const compared = /^[=!]==?$/.test(before.at(-1)?.text ?? '') ? before.at(-2)?.text : undefined;
  const fields = new Map(
    within.flatMap(({ list, comma }) => (comma && list ? [...(listCalled(scope, list)?.fields ?? [])] : [])),
  );
  const type = compared === undefined ? undefined : (fields.get(compared) ?? scope.names.get(compared))?.type;
  if (type?.type === 'choice')
    for (const option of type.options) offer(quoted(option.id), option.label, 'option');
  if (type?.type === 'on/off') {
    offer('true', type.on ?? 'On', 'on');
    offer('false', type.off ?? 'Off', 'off');
  }
  for (const [name, known] of fields) offer(name, known.name, `Field, ${TYPE_WORDS[known.type.type]}`);
  for (const [name, known] of scope.names)
    if (!fields.has(name))
      offer(
        name,
        known.name,
        `${known.what === 'value' ? '' : `${titleCase(known.what)}, `}${TYPE_WORDS[known.type.type]}`,
      );
  for (const [name, known] of scope.row ?? [])
    if (!scope.names.has('row'))
      offer(`row.${name}`, `row.${known.name}`, `Field, ${TYPE_WORDS[known.type.type]}`);
  for (const [name, { shape, words }] of Object.entries(FUNCTIONS))
    offer(shape.endsWith('()') ? `${name}()` : `${name}(`, shape, words);
  if (scope.lists?.size) {
    for (const [name, { shape, words }] of Object.entries(LIST_FUNCTIONS)) offer(`${name}(`, shape, words);
    for (const [name, list] of scope.lists)
      if (/^(min|max)$/.test(call?.text ?? '') && open?.text === '(') offer(name, list.name, 'list');
  }
  return sorted(found, typed);
}

/** The fields of the row that a point stands behind; undefined where none does. */
function rowBefore(before: readonly Token[], scope: Scope): ReadonlyMap<string, Known> | undefined {
  if (before.at(-1)?.text !== '.') return undefined;
  const said = before.map(({ text }) => text);
  if (said.at(-2) === 'row') return scope.names.has('row') ? undefined : scope.row;
  const [first, open, list, close] = said.slice(-5, -1);
  return first === 'first' && open === '(' && close === ')' ? listCalled(scope, list!)?.fields : undefined;
}

/** The lists that are being asked about where some tokens end, from the outermost. */
function listsAround(before: readonly Token[]): { ask: string; list: string | null; comma: boolean }[] {
  const open: { ask: string; list: string | null; comma: boolean }[] = [];
  before.forEach(({ text, kind }, i) => {
    const call = before[i - 1];
    if (text === '(') open.push({ ask: call?.kind === 'name' ? call.text : '', list: null, comma: false });
    else if (text === ')') open.pop();
    const now = open.at(-1);
    if (!now) return;
    if (text === ',') now.comma = true;
    else if (kind === 'name' && call?.text === '(' && now.list === null) now.list = text;
  });
  return open.filter(({ ask }) => Object.hasOwn(LIST_FUNCTIONS, ask));
}

/**
 * Conditions as they are said: *Pause is up*, *not while Pause*, *a save exists*; what has been typed of one gives
 * way to it.
 */
function inWords(tokens: readonly Token[], caret: number, scope: Scope): Completion[] {
  const before = tokens.filter((token) => token.kind !== 'end' && token.from < caret);
  let first = before.length;
  while (first > 0 && before[first - 1]!.kind === 'name') first--;
  const said = before.slice(first);
  // A name that is compared with something is no beginning of such words.
  if (before.length > 0 && said.length === 0 && !/^(\(|!|&&|\|\|)$/.test(before.at(-1)!.text)) return [];
  const typed = said.map(({ text }) => text.toLowerCase()).join(' ');
  const [from, to] = [said[0]?.from ?? caret, Math.max(caret, said.at(-1)?.to ?? caret)];
  const found: Completion[] = [];
  const offer = (write: string, hint: string, ...ways: string[]): void => {
    if (ways.some((way) => way.toLowerCase().includes(typed)))
      found.push({ write, from, to, label: ways[0]!, hint });
  };
  if (typed === '') {
    offer('isUp(', 'a condition', 'is up …');
    offer('!isUp(', 'a condition', 'not while …');
  } else
    for (const name of new Set([...scope.screens.values()].map((screen) => screen.name))) {
      offer(`isUp(${identifierOf(name)})`, 'screen', `${name} is up`, `is up ${name}`);
      offer(`!isUp(${identifierOf(name)})`, 'screen', `not while ${name}`);
    }
  offer('saveExists("1")', 'a condition', 'a save exists');
  offer('!saveExists("1")', 'a condition', 'no save exists');
  return found;
}

const sorted = (found: Completion[], typed: string): Completion[] =>
  [...found].sort(
    (a, b) =>
      Number(b.label.toLowerCase().startsWith(typed)) - Number(a.label.toLowerCase().startsWith(typed)),
  );
