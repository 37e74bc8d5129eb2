import { zeroOf, type FieldType, type Id, type Scalar } from '../model';
import { asksList, check, rowFields, screenCalled } from './check';
import { why, type Why } from './complaints';
import type { BinaryOp, Node } from './parse';
import { LIST_FUNCTIONS } from './functions';
import { listCalled, scopeOfEach, type Known, type Scope } from './scope';

/** Where a running expression reads from. */
export interface EvalContext {
  value(id: Id): Scalar | undefined;
  parameter(id: Id): Scalar | undefined;
  field(id: Id): Scalar | undefined;
  /** What the row holds that is just asked about, and the one that all of it is about. */
  each(id: Id): Scalar | undefined;
  row(id: Id): Scalar | undefined;
  list(id: Id): Asked | undefined;
  isUp(screen: Id): boolean;
  isCovered(): boolean;
  cameFrom(screen: Id): boolean;
  saveExists(slot: string): boolean;
}

/** A list, as expressions ask about it. */
export interface Asked {
  state: 'waiting' | 'ready' | 'failed';
  rows: readonly { readonly held: Readonly<Record<Id, Scalar>> }[];
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
  /** The lists it asks, each once. */
  lists: readonly Id[];
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
  | { do: 'first'; list: Id; field: Id; type: FieldType }
  | { do: 'list'; ask: string; list: Id; name: string; of: Bound | null }
  | { do: 'work'; name: string; args: Bound[] };

export function compileExpression(text: string, scope: Scope): CompiledExpression {
  const { node, complaints } = check(text, scope);
  const [first] = complaints;
  const wrong: Why | null = first ? { code: first.code, params: first.params } : null;
  if (!node || wrong !== null)
    return { text, bound: null, wrong: wrong ?? why('unreadable'), reads: [], lists: [] };
  const reads: Reads = { names: new Map(), lists: new Set() };
  const bound = bind(node, scope, reads);
  return {
    text,
    bound,
    wrong: null,
    reads: [...reads.names].map(([name, known]) => ({ name, known })),
    lists: [...reads.lists],
  };
}

interface Reads {
  names: Map<string, Known>;
  lists: Set<Id>;
}

function bind(node: Node, scope: Scope, reads: Reads): Bound {
  const inner = (item: Node): Bound => bind(item, scope, reads);
  switch (node.kind) {
    case 'literal':
      return { do: 'give', value: node.value };
    case 'name': {
      const known = scope.names.get(node.name)!;
      if (known.held !== undefined) return { do: 'give', value: known.held };
      reads.names.set(node.name, known);
      return { do: 'read', what: known.what, id: known.id, name: known.name };
    }
    case 'member': {
      const known = rowFields(scope, node.of)!.get(node.name)!;
      if (node.of.kind === 'call') {
        const list = listAsked(node.of, scope, reads);
        return { do: 'first', list: list.id, field: known.id, type: known.type };
      }
      if (known.held !== undefined) return { do: 'give', value: known.held };
      reads.names.set(`row.${node.name}`, known);
      return { do: 'read', what: 'row', id: known.id, name: known.name };
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
      if (asksList(scope, node)) {
        const list = listAsked(node, scope, reads);
        const [, asked] = args;
        // What is read of each row is no name that holds one thing.
        const own = { names: new Map<string, Known>(), lists: reads.lists };
        const of = asked ? bind(asked, scopeOfEach(scope, list.fields), own) : null;
        for (const [called, known] of own.names) if (known.what !== 'each') reads.names.set(called, known);
        return { do: 'list', ask: name, list: list.id, name: list.name, of };
      }
      if (name === 'isCovered') return { do: 'isCovered' };
      if (name === 'saveExists') return { do: 'saveExists', slot: inner(args[0]!) };
      if (name !== 'isUp' && name !== 'cameFrom') return { do: 'work', name, args: args.map(inner) };
      const arg = args[0]!;
      const called = arg.kind === 'name' ? arg.name : String((arg as Node & { kind: 'literal' }).value);
      return { do: name, screen: screenCalled(scope, called)!.id };
    }
  }
}

function listAsked(node: Node & { kind: 'call' }, scope: Scope, reads: Reads) {
  const list = listCalled(scope, (node.args[0] as Node & { kind: 'name' }).name)!;
  reads.lists.add(list.id);
  return list;
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
    case 'first':
      return reading.list(bound.list)?.rows[0]?.held[bound.field] ?? zeroOf(bound.type);
    case 'list':
      return askList(bound, reading);
    case 'work':
      return number(WORK[bound.name]!(...bound.args.map((arg) => evaluateNode(arg, reading) as number)));
  }
}

/** Of no rows at all, the sum, the least and the most are 0. */
function askList({ ask, list, name, of }: Bound & { do: 'list' }, reading: EvalContext): Scalar {
  const asked = reading.list(list);
  if (!asked) throw new Failure(why('holds nothing', { name }));
  if (of === null) return LIST_STATES[ask]?.(asked) ?? asked.rows.length;
  let now: (typeof asked.rows)[number]['held'] = NO_ROW;
  const place: EvalContext = {
    value: (id) => reading.value(id),
    parameter: (id) => reading.parameter(id),
    field: (id) => reading.field(id),
    each: (id) => now[id],
    row: (id) => reading.row(id),
    list: (id) => reading.list(id),
    isUp: (id) => reading.isUp(id),
    isCovered: () => reading.isCovered(),
    cameFrom: (id) => reading.cameFrom(id),
    saveExists: (slot) => reading.saveExists(slot),
  };
  if (LIST_FUNCTIONS[ask]!.of === 'on/off') {
    let held = 0;
    for (const row of asked.rows) {
      now = row.held;
      const holds = evaluateNode(of, place) === true;
      if (holds) held++;
      if (ask === 'any' && holds) return true;
      if (ask === 'all' && !holds) return false;
    }
    return ask === 'count' ? held : ask === 'all';
  }
  let total: number | null = null;
  for (const row of asked.rows) {
    now = row.held;
    const each = evaluateNode(of, place) as number;
    total = total === null ? each : ask === 'sum' ? total + each : Math[ask as 'min' | 'max'](total, each);
  }
  return number(total ?? 0);
}

const NO_ROW: Readonly<Record<Id, Scalar>> = {};

const LIST_STATES: Record<string, (asked: Asked) => Scalar> = {
  isWaiting: ({ state }) => state === 'waiting',
  hasFailed: ({ state }) => state === 'failed',
};

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
