import { identifierOf, scalarWords, type FieldType, type Id, type Scalar } from '../model';
import { screenCalled } from './check';
import { parse, quoted, type BinaryOp, type Node } from './parse';
import type { Scope } from './scope';

/** How a value is compared; only numbers are more or less. */
export type Comparison = '==' | '!=' | '<' | '<=' | '>' | '>=';

/** One part of a condition, as something that can be chosen. */
export type Clause =
  | { asks: 'value'; name: string; is: Comparison; to: Scalar }
  | { asks: 'up' | 'from'; screen: Id; not: boolean }
  | { asks: 'save'; slot: string; not: boolean }
  | { asks: 'covered'; not: boolean }
  /** What choices cannot say. */
  | { asks: 'formula'; text: string };

/** A condition as parts of which all have to hold, or any. */
export interface Clauses {
  join: 'and' | 'or';
  parts: Clause[];
}

export const COMPARISONS: Record<Comparison, string> = {
  '==': 'is',
  '!=': 'is not',
  '<': 'is less than',
  '<=': 'is at most',
  '>': 'is more than',
  '>=': 'is at least',
};
const INVERSE: Record<Comparison, Comparison> = {
  '==': '!=',
  '!=': '==',
  '<': '>=',
  '>=': '<',
  '>': '<=',
  '<=': '>',
};
/** The same said from the other side. */
const TURNED: Record<Comparison, Comparison> = {
  '==': '==',
  '!=': '!=',
  '<': '>',
  '>': '<',
  '<=': '>=',
  '>=': '<=',
};

/** The slot that is meant where there is only one. */
export const FIRST_SLOT = '1';

/** A condition taken apart; null while it cannot be read. Names that are nobody's are left in a formula. */
export function clausesOf(text: string, scope: Scope): Clauses | null {
  const read = parse(text);
  if ('complaint' in read) return null;
  const { node } = read;
  const join = node.kind === 'binary' && node.op === '||' ? 'or' : 'and';
  const sign = join === 'or' ? '||' : '&&';
  const joined = (part: Node): Node[] =>
    part.kind === 'binary' && part.op === sign ? [...joined(part.left), ...joined(part.right)] : [part];
  return {
    join,
    parts: joined(node).map(
      (part) => clauseOf(part, scope) ?? { asks: 'formula', text: text.slice(part.from, part.to) },
    ),
  };
}

function clauseOf(node: Node, scope: Scope): Clause | null {
  switch (node.kind) {
    case 'name':
      return scope.names.get(node.name)?.type.type === 'on/off'
        ? { asks: 'value', name: node.name, is: '==', to: true }
        : null;
    case 'unary': {
      const inner = node.op === '!' ? clauseOf(node.of, scope) : null;
      return inner && inverse(inner);
    }
    case 'call':
      return callClause(node, scope);
    case 'binary':
      return comparison(node, scope);
    default:
      return null;
  }
}

function callClause({ name, args }: Node & { kind: 'call' }, scope: Scope): Clause | null {
  const [arg] = args;
  if (name === 'isCovered') return args.length === 0 ? { asks: 'covered', not: false } : null;
  if (!arg || args.length > 1) return null;
  if (name === 'saveExists') {
    const slot = literalOf(arg);
    return slot === undefined ? null : { asks: 'save', slot: String(slot), not: false };
  }
  const called = arg.kind === 'name' ? arg.name : arg.kind === 'literal' ? String(arg.value) : null;
  const screen = called === null ? undefined : screenCalled(scope, called);
  if (!screen || (name !== 'isUp' && name !== 'cameFrom')) return null;
  return { asks: name === 'isUp' ? 'up' : 'from', screen: screen.id, not: false };
}

function comparison({ op, left, right }: Node & { kind: 'binary' }, scope: Scope): Clause | null {
  const is = comparisonOf(op);
  if (!is) return null;
  const turned = right.kind === 'name';
  const [name, other] = turned ? [right, left] : [left, right];
  const to = literalOf(other);
  const type = name.kind === 'name' ? scope.names.get(name.name)?.type : undefined;
  if (name.kind !== 'name' || to === undefined || !type || !comparisonsOf(type).includes(is)) return null;
  if (!allows(type, to)) return null;
  // An on/off value is, or is not: *is not on* is *is off*.
  if (type.type === 'on/off') return { asks: 'value', name: name.name, is: '==', to: (is === '==') === to };
  return { asks: 'value', name: name.name, is: turned ? TURNED[is] : is, to };
}

function comparisonOf(op: BinaryOp): Comparison | null {
  const is = op === '===' ? '==' : op === '!==' ? '!=' : op;
  return Object.hasOwn(COMPARISONS, is) ? (is as Comparison) : null;
}

function literalOf(node: Node): Scalar | undefined {
  if (node.kind === 'literal') return node.value;
  const isNegative = node.kind === 'unary' && node.op === '-';
  return isNegative && node.of.kind === 'literal' && typeof node.of.value === 'number'
    ? -node.of.value
    : undefined;
}

/** How a value of a type can be compared. */
export function comparisonsOf(type: FieldType): Comparison[] {
  if (type.type === 'number') return ['==', '!=', '<', '<=', '>', '>='];
  return type.type === 'on/off' ? ['=='] : ['==', '!='];
}

function allows(type: FieldType, to: Scalar): boolean {
  switch (type.type) {
    case 'on/off':
      return typeof to === 'boolean';
    case 'number':
      return typeof to === 'number';
    case 'choice':
      return type.options.some(({ id }) => id === to);
    default:
      return typeof to === 'string';
  }
}

/** The opposite of a part that is no formula. */
function inverse(clause: Clause): Clause | null {
  if (clause.asks === 'formula') return null;
  if (clause.asks !== 'value') return { ...clause, not: !clause.not };
  return typeof clause.to === 'boolean'
    ? { ...clause, to: !clause.to }
    : { ...clause, is: INVERSE[clause.is] };
}

/** The condition as an expression; empty when there are no parts. */
export function clausesText({ join, parts }: Clauses, scope: Scope): string {
  const alone = parts.length === 1;
  return parts.map((part) => clauseText(part, scope, alone)).join(join === 'and' ? ' && ' : ' || ');
}

function clauseText(clause: Clause, scope: Scope, alone: boolean): string {
  switch (clause.asks) {
    case 'value':
      if (typeof clause.to === 'boolean') return `${clause.to ? '' : '!'}${clause.name}`;
      return `${clause.name} ${clause.is} ${typeof clause.to === 'string' ? quoted(clause.to) : digits(clause.to)}`;
    case 'up':
    case 'from':
      return `${said(clause)}${clause.asks === 'up' ? 'isUp' : 'cameFrom'}(${screenNamed(clause.screen, scope)})`;
    case 'save':
      return `${said(clause)}saveExists(${quoted(clause.slot)})`;
    case 'covered':
      return `${said(clause)}isCovered()`;
    case 'formula':
      return alone || isOne(clause.text) ? clause.text : `(${clause.text})`;
  }
}

/** A number without an exponent, which expressions do not read. */
const digits = (n: number): string =>
  n.toLocaleString('en', { useGrouping: false, maximumFractionDigits: 20 });

const said = ({ not }: { not: boolean }): string => (not ? '!' : '');

/** A screen as expressions call it: by its identifier, else by its name in quotes. */
function screenNamed(id: Id, scope: Scope): string {
  const name = screenName(id, scope);
  const identifier = identifierOf(name);
  return screenCalled(scope, identifier)?.id === id ? identifier : quoted(name);
}

const screenName = (id: Id, { screens }: Scope): string =>
  [...screens.values()].find((screen) => screen.id === id)?.name ?? '';

/** Whether a formula stays together between `&&` and `||`. */
function isOne(text: string): boolean {
  const read = parse(text);
  if ('complaint' in read) return false;
  const { node } = read;
  const first = node.kind === 'either' ? node.test : node.kind === 'binary' ? node.left : null;
  const isLoose = node.kind === 'either' || (node.kind === 'binary' && /^(&&|\|\|)$/.test(node.op));
  // In brackets of its own it begins before its first part does.
  return !isLoose || first!.from > node.from;
}

/** A condition as people say it: *Pause is up and lamp oil is less than 20*. Formulas stay as they are. */
export function conditionWords(text: string, scope: Scope): string {
  const clauses = clausesOf(text, scope);
  if (!clauses) return text;
  const alone = clauses.parts.length === 1;
  return clauses.parts.map((part) => clauseWords(part, scope, alone)).join(` ${clauses.join} `);
}

function clauseWords(clause: Clause, scope: Scope, alone: boolean): string {
  switch (clause.asks) {
    case 'value': {
      const known = scope.names.get(clause.name)!;
      const to = known.type.type === 'text' ? `“${clause.to}”` : scalarWords(known.type, clause.to);
      return `${known.name} ${COMPARISONS[clause.is]} ${to}`;
    }
    case 'up':
      return `${screenName(clause.screen, scope)} ${clause.not ? 'is not up' : 'is up'}`;
    case 'from':
      return `it ${clause.not ? 'did not come' : 'came'} from ${screenName(clause.screen, scope)}`;
    case 'save': {
      const slot = clause.slot === FIRST_SLOT ? '' : ` in slot ${clause.slot}`;
      return `${clause.not ? 'no' : 'a'} save exists${slot}`;
    }
    case 'covered':
      return clause.not ? 'nothing covers it' : 'it is covered';
    case 'formula':
      return clauseText(clause, scope, alone);
  }
}
