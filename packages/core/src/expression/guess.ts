import type { FieldType } from '../model';
import { FUNCTIONS } from './functions';
import { readTokens, type Token } from './parse';

export type GuessedType = 'on/off' | 'number' | 'text';

const ARITHMETIC = new Set(['<', '>', '<=', '>=', '+', '-', '*', '/', '%']);
const EQUALITY = new Set(['==', '!=', 'is']);

/**
 * The type that a name without a value most likely has, from how an expression uses it: what it is compared with, or
 * counted with, or what the whole expression has to give where it stands alone.
 * @param wanted what the expression has to give; absent for anything
 */
export function guessType(text: string, name: string, wanted?: FieldType): GuessedType {
  const tokens = readTokens(text);
  const at = tokens.findIndex((token) => token.kind === 'name' && token.text === name);
  const [before, after] = [tokens[at - 1], tokens[at + 1]];
  if (at < 0) return 'number';
  if (ARITHMETIC.has(before?.text ?? '') || ARITHMETIC.has(after?.text ?? '')) return 'number';
  if (EQUALITY.has(after?.text ?? '')) return typeOfOperand(tokens[at + 2]);
  if (EQUALITY.has(before?.text ?? '')) return typeOfOperand(tokens[at - 2]);
  if (isArgument(tokens, at)) return 'number';
  const alone = tokens.filter(({ kind }) => kind !== 'end').length === 1;
  if (alone && wanted?.type === 'number') return 'number';
  if (alone && wanted && wanted.type !== 'on/off') return 'text';
  return 'on/off';
}

function typeOfOperand(operand: Token | undefined): GuessedType {
  if (operand?.kind === 'text') return 'text';
  return operand?.text === 'true' || operand?.text === 'false' ? 'on/off' : 'number';
}

/** Whether a token stands in the brackets of a function of numbers. */
function isArgument(tokens: readonly Token[], at: number): boolean {
  const before = tokens.slice(0, at).map(({ text }) => text);
  const [open, closed] = [before.lastIndexOf('('), before.lastIndexOf(')')];
  const takes = Object.hasOwn(FUNCTIONS, before[open - 1] ?? '') ? FUNCTIONS[before[open - 1]!]!.takes : [];
  return open > closed && (takes === 'numbers' || takes[0] === 'number');
}
