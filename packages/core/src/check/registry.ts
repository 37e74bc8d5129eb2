import type { TalkTrouble } from '../compile';
import { calledGone, callsItself, tooLong, unknownFace } from './called';
import { clash } from './clash';
import { contrast } from './contrast';
import { empty } from './empty';
import { expression } from './expression';
import { faceless } from './faceless';
import type { Check, Finding } from './finding';
import { gap } from './gap';
import { gone } from './gone';
import { leftOut } from './left-out';
import { inParts, inPartsInLanguages, overBubble, overInLanguages } from './over-bubble';
import { overflow } from './overflow';
import { text } from './text';
import { tooFast } from './too-fast';
import { unplayable } from './unplayable';
import { untold } from './untold';
import { wideSlice } from './wide-slice';

/** Every check, by its code, in the order in which they tell of the same place. Codes are stable. */
export const CHECKS = {
  'place/gone': gone,
  'place/expression': expression,
  'text/broken': text,
  'flow/gap': gap,
  'call/untold': untold,
  'component/left-out': leftOut,
  'input/clash': clash,
  'text/overflow': overflow,
  'text/contrast': contrast,
  'picture/wide-slice': wideSlice,
  'line/unplayable': unplayable,
  'line/empty': empty,
  'line/no-face': faceless,
  'line/over-bubble': overBubble,
  'line/in-parts': inParts,
  'line/too-fast': tooFast,
  'line/over-in-languages': overInLanguages,
  'line/in-parts-in-languages': inPartsInLanguages,
  'call/gone': calledGone,
  'call/itself': callsItself,
  'call/too-long': tooLong,
  'call/unknown-face': unknownFace,
};
export type Code = keyof typeof CHECKS;

// Every finding made while conversations are compiled has its check here.
CHECKS satisfies Record<TalkTrouble['code'], unknown>;

const all = CHECKS as unknown as Record<string, Check<object>>;

/** Every check with its code, those registered later included. */
export const checks = (): [string, Check<object>][] => Object.entries(all);

/** What a finding says. */
export const findingWords = ({ code, params }: Pick<Finding, 'code' | 'params'>): string =>
  all[code]!.phrase(params);

/** The same in a word or two, where a check has those. */
export const findingMark = ({ code, params }: Pick<Finding, 'code' | 'params'>): string =>
  (all[code]!.mark ?? all[code]!.phrase)(params);

/** A finding of one check. */
export const findingOf = (code: string, params: object, where: Finding['where']): Finding => ({
  code,
  params: params as Finding['params'],
  severity: all[code]!.severity,
  where,
});
