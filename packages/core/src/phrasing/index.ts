import { check, conditionWords, type Scope } from '../expression';
import type { Arguments, Field, FieldType, Id, Parameter } from '../model';

/** What sentences are made of: plain words, and blanks that can be filled otherwise. */
export type Piece =
  | { words: string }
  | {
      blank: Slot;
      words: string;
      /** The index of the effect it belongs to. */
      effect?: number;
      /** The parameter or field it gives something to. */
      param?: Id;
      /** It names something that is not there, or says what cannot be. */
      gone?: boolean;
    };
export type Slot =
  | 'trigger'
  | 'when'
  | 'after'
  | 'hold'
  | 'since'
  /** What has to come true. */
  | 'awaits'
  /** What has to hold for a time to be counted. */
  | 'during'
  | 'answered'
  | 'condition'
  | 'once'
  | 'above'
  | 'effect'
  | 'later'
  /** What a value is set to, or which slot. */
  | 'gives'
  | 'given'
  /** Which rows of a list. */
  | 'where'
  | 'kind'
  | 'target'
  | 'answer'
  /** The conversation it plays. */
  | 'says'
  | 'motion';

export const CONDITION: FieldType = { type: 'on/off' };
export const GONE = 'something that is gone';

/**
 * An expression as a blank, marked where it cannot be evaluated or has another type than is wanted.
 * @param rest which effect of the link it belongs to, from 0, and which parameter it gives
 */
export function expressionPiece(
  blank: Slot,
  text: string,
  scope: Scope,
  wanted: FieldType | undefined,
  rest: { effect?: number; param?: Id } = {},
): Piece {
  return { blank, words: text, gone: check(text, scope, wanted).complaints.length > 0, ...rest };
}

/** A condition as a blank, in words as far as it is made of choices. */
export function conditionPiece(blank: Slot, text: string, scope: Scope): Piece & { blank: Slot } {
  const gone = check(text, scope, CONDITION).complaints.length > 0;
  return { blank, words: gone ? text : conditionWords(text, scope), gone };
}

/**
 * The arguments of parameters or fields, in brackets; a required one that is missing is marked.
 * @param effect which effect of the link they belong to, from 0
 * @param absent what is said of those that are not given, where that is fine
 */
export function givenPieces(
  takes: readonly (Parameter | Field)[] = [],
  args: Arguments = {},
  scope: Scope,
  effect?: number,
  absent?: string,
): Piece[] {
  const pieces: Piece[] = [];
  for (const type of takes) {
    const text = args[type.id];
    const at = { param: type.id, ...(effect === undefined ? {} : { effect }) };
    const needed = absent === undefined && !('default' in type && type.default !== undefined);
    pieces.push({ words: `${pieces.length === 0 ? ' (' : ', '}${type.name}: ` });
    if (text !== undefined) pieces.push(expressionPiece('given', text, scope, type, at));
    else
      pieces.push({
        blank: 'given',
        words: needed ? 'not said' : (absent ?? 'default'),
        gone: needed,
        ...at,
      });
  }
  return pieces.length === 0 ? [] : [...pieces, { words: ')' }];
}
