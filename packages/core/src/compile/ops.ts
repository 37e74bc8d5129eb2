import type { CompiledEffect } from './index';
import type { CompiledExpression } from '../expression';
import type { TextPart } from '../message';
import type { BubbleShape, Conversation, Id, Side } from '../model';

/** A conversation made ready to be played: its steps one after another, routines and branches laid out among them. */
export interface CompiledTalk {
  conversation: Conversation;
  ops: readonly Op[];
  /** Where each step begins, by its key. */
  at: ReadonlyMap<string, number>;
  /** Elements that some step shows: they are away while none does. */
  shows: ReadonlySet<string>;
  /** What could not be laid out. */
  troubles: readonly TalkTrouble[];
}

/** A step that could not be laid out, by its key; the codes are those of checks. */
export type TalkTrouble = { key: string } & (
  | { code: 'call/gone'; params: { what: 'place' | 'conversation' | 'routine' | 'speaker' } }
  | { code: 'call/itself'; params: { name: string } }
  | { code: 'call/untold'; params: { name: string; what: string } }
  | { code: 'call/unknown-face'; params: { speaker: string; face: string } }
  | { code: 'call/too-long'; params: { max: number } }
);

/** What an element shows while a step is on: its own picture, or another. */
export type Shown = ReadonlyMap<string, Id | null>;

export interface Spoken {
  speaker: Id | null;
  /** The picture of the face. */
  face: Id | null;
  side: Side;
  bubble: BubbleShape | null;
  parts: readonly TextPart[];
}

export interface CompiledOption {
  id: Id;
  parts: readonly TextPart[];
  when: CompiledExpression | null;
  to: number;
}

export type Op = {
  /** The ids of the steps that lead to it, outermost first. */
  key: string;
  /** The step itself. */
  step: Id;
  shown: Shown;
  hidden: ReadonlySet<string>;
} & (
  | ({
      op: 'line';
      letter: number | null;
      goes: 'itself' | 'confirmed' | null;
      /** What it may say in place of its own words. */
      others: readonly (readonly TextPart[])[];
      shuffled: boolean;
    } & Spoken)
  | { op: 'pause'; lasts: number }
  | ({
      op: 'choice';
      options: readonly CompiledOption[];
      limit: number;
      otherwise: Id | null;
      after: number;
    } & Spoken)
  | { op: 'effect'; effect: CompiledEffect }
  | { op: 'music'; asset: Id | 'none' }
  | { op: 'move'; element: string; animation: Id; waits: boolean }
  | { op: 'wait'; event: Id; limit: number; heard: number; late: number }
  | { op: 'jump'; to: number; when: CompiledExpression | null }
  | { op: 'end'; outcome: Id | null }
);
/** A line once for all that it may say. */
export const wordingsOf = (op: OpOf<'line'>): OpOf<'line'>[] => [
  op,
  ...op.others.map((parts) => ({ ...op, parts })),
];

/** The lines that a step comes to: itself, or those of the routine it calls. */
export function linesUnder({ ops, at }: CompiledTalk, key: string): OpOf<'line' | 'choice'>[] {
  const found: OpOf<'line' | 'choice'>[] = [];
  for (let i = at.get(key) ?? ops.length; i < ops.length; i++) {
    const op = ops[i]!;
    if (op.key !== key && !op.key.startsWith(`${key} `)) break;
    if (op.op === 'line' || (op.op === 'choice' && op.key === key)) found.push(op);
    if (op.op === 'choice' && op.key === key) break;
  }
  return found;
}

export type OpOf<N extends Op['op']> = Extract<Op, { op: N }>;
