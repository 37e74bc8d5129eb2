import type { Id, Scalar } from '../model';
import { check, screenCalled } from './check';
import { why, type Why } from './complaints';
import type { BinaryOp, Node } from './parse';
import type { Known, Scope } from './scope';

/** Where a running expression reads from. */
export interface EvalContext {
  value(id: Id): Scalar | undefined;
  parameter(id: Id): Scalar | undefined;
  field(id: Id): Scalar | undefined;
  isUp(screen: Id): boolean;
  isCovered(): boolean;
  cameFrom(screen: Id): boolean;
  saveExists(slot: string): boolean;
}

/** An expression that gave nothing, and why. */
export class Failure extends Error {
  constructor(readonly why: Why) {
    super(why.code);
  }
}

/** An expression made ready to run: its names are found. Plain data. */
export interface CompiledExpression {
  text: string;
  /** Null when it cannot be run, for what `wrong` says. */
  bound: Bound | null;
  wrong: Why | null;
  /** The names it reads, each once, to tell what they were. */
  reads: { name: string; known: Known }[];
}

type Bound =
  | { do: 'give'; value: Scalar }
  | { do: 'read'; what: Known['what']; id: Id; name: string }
  | { do: 'not'; of: Bound }
  | { do: 'sign'; by: 1 | -1; of: Bound }
  | { do: 'either'; test: Bound; then: Bound; otherwise: Bound }
  | { do: 'binary'; op: BinaryOp; left: Bound; right: Bound }
  | { do: 'isUp' | 'cameFrom'; screen: Id }
  | { do: 'isCovered' }
  | { do: 'saveExists'; slot: Bound }
  | { do: 'work'; name: string; args: Bound[] };

export function compileExpression(text: string, scope: Scope): CompiledExpression {
  const { node, complaints } = check(text, scope);
  const [first] = complaints;
  const wrong: Why | null = first ? { code: first.code, params: first.params } : null;
  if (!node || wrong !== null) return { text, bound: null, wrong: wrong ?? why('unreadable'), reads: [] };
  const reads = new Map<string, Known>();
  const bound = bind(node, scope, reads);
  return { text, bound, wrong: null, reads: [...reads].map(([name, known]) => ({ name, known })) };
}

function bind(node: Node, scope: Scope, reads: Map<string, Known>): Bound {
  const inner = (item: Node): Bound => bind(item, scope, reads);
  switch (node.kind) {
    case 'literal':
      return { do: 'give', value: node.value };
    case 'name': {
      const known = scope.names.get(node.name)!;
      reads.set(node.name, known);
      return { do: 'read', what: known.what, id: known.id, name: known.name };
    }
    case 'unary':
      if (node.op === '!') return { do: 'not', of: inner(node.of) };
      return { do: 'sign', by: node.op === '-' ? -1 : 1, of: inner(node.of) };
    case 'either':
      return {
        do: 'either',
        test: inner(node.test),
        then: inner(node.then),
        otherwise: inner(node.otherwise),
      };
    case 'binary':
      return { do: 'binary', op: node.op, left: inner(node.left), right: inner(node.right) };
    case 'call': {
      const { name, args } = node;
      if (name === 'isCovered') return { do: 'isCovered' };
      if (name === 'saveExists') return { do: 'saveExists', slot: inner(args[0]!) };
      if (name !== 'isUp' && name !== 'cameFrom') return { do: 'work', name, args: args.map(inner) };
      const arg = args[0]!;
      const called = arg.kind === 'name' ? arg.name : String((arg as Node & { kind: 'literal' }).value);
      return { do: name, screen: screenCalled(scope, called)!.id };
    }
  }
}

/** What an expression gives now. Throws a Failure when it cannot give anything. */
export function evaluate({ bound, wrong }: CompiledExpression, reading: EvalContext): Scalar {
  if (bound === null) throw new Failure(wrong ?? why('unreadable'));
  return evaluateNode(bound, reading);
}

function evaluateNode(bound: Bound, reading: EvalContext): Scalar {
  switch (bound.do) {
    case 'give':
      return bound.value;
    case 'read': {
      const found = reading[bound.what](bound.id);
      if (found === undefined) throw new Failure(why('holds nothing', { name: bound.name }));
      return found;
    }
    case 'not':
      return evaluateNode(bound.of, reading) !== true;
    case 'sign':
      return number(bound.by * (evaluateNode(bound.of, reading) as number));
    case 'either':
      return evaluateNode(evaluateNode(bound.test, reading) === true ? bound.then : bound.otherwise, reading);
    case 'binary':
      return binary(bound.op, bound.left, bound.right, reading);
    case 'isUp':
    case 'cameFrom':
      return reading[bound.do](bound.screen);
    case 'isCovered':
      return reading.isCovered();
    case 'saveExists':
      return reading.saveExists(String(evaluateNode(bound.slot, reading)));
    case 'work':
      return number(WORK[bound.name]!(...bound.args.map((arg) => evaluateNode(arg, reading) as number)));
  }
}

function binary(op: BinaryOp, left: Bound, right: Bound, reading: EvalContext): Scalar {
  const a = evaluateNode(left, reading);
  if (op === '&&') return a === true && evaluateNode(right, reading) === true;
  if (op === '||') return a === true || evaluateNode(right, reading) === true;
  const b = evaluateNode(right, reading);
  switch (op) {
    case '==':
    case '===':
      return a === b;
    case '!=':
    case '!==':
      return a !== b;
    case '<':
      return a < b;
    case '<=':
      return a <= b;
    case '>':
      return a > b;
    case '>=':
      return a >= b;
    case '+':
      return typeof a === 'number' && typeof b === 'number'
        ? number(a + b)
        : `${a}${b}`.slice(0, LONGEST_TEXT);
    case '-':
      return number((a as number) - (b as number));
    case '*':
      return number((a as number) * (b as number));
    case '/':
      return number((a as number) / (b as number));
    case '%':
      return number((a as number) % (b as number));
  }
}

/** The longest text that joining can make, so that a text that grows by itself stops. */
const LONGEST_TEXT = 20_000;

const WORK: Record<string, (...n: number[]) => number> = {
  min: Math.min,
  max: Math.max,
  clamp: (n, min, max) => Math.min(max!, Math.max(min!, n!)),
  round: (n) => Math.round(n!),
  floor: (n) => Math.floor(n!),
  abs: (n) => Math.abs(n!),
};

function number(n: number): number {
  if (!Number.isFinite(n)) throw new Failure(why('no number'));
  return n === 0 ? 0 : n;
}
