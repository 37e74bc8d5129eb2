import { why, type Why } from './complaints';

/**
 * The expression language: a subset of ECMAScript expressions (ECMA-262, 13) without assignment or anything
 * that could reach outside. Read here and never given to the JavaScript engine.
 */

/** Where a node stands in its text, in UTF-16 code units. */
interface Placed {
  from: number;
  to: number;
}

export type Node = Placed &
  (
    | { kind: 'literal'; value: boolean | number | string }
    | { kind: 'name'; name: string }
    | { kind: 'unary'; op: '!' | '-' | '+'; of: Node }
    | { kind: 'binary'; op: BinaryOp; left: Node; right: Node }
    | { kind: 'either'; test: Node; then: Node; otherwise: Node }
    | { kind: 'call'; name: string; args: Node[] }
    /** What a row holds in one of its fields; `at` is where that field's name begins. */
    | { kind: 'member'; of: Node; name: string; at: number }
  );

export type BinaryOp = keyof typeof STRENGTH;

/** Something an expression says that it cannot, and where. */
export interface Complaint extends Placed, Why {
  /** What could stand there instead. */
  instead?: string;
  /** A name that nothing is called by. */
  unknown?: string;
}

export interface Token extends Placed {
  kind: 'number' | 'text' | 'name' | 'sign' | 'end';
  text: string;
}

export const LONGEST_EXPRESSION = 2000;
const DEEPEST = 60;

const STRENGTH = {
  '||': 1,
  '&&': 2,
  '==': 3,
  '!=': 3,
  '===': 3,
  '!==': 3,
  '<': 4,
  '<=': 4,
  '>': 4,
  '>=': 4,
  '+': 5,
  '-': 5,
  '*': 6,
  '/': 6,
  '%': 6,
} as const;

class Refused extends Error {
  constructor(
    readonly why: Why,
    readonly at: Placed,
  ) {
    super(why.code);
  }
}

/** Reads an expression, or says where it cannot be read and why. Never throws on any text. */
export function parse(text: string): { node: Node } | { complaint: Complaint } {
  try {
    if (text.length > LONGEST_EXPRESSION)
      throw new Refused(why('too long', { max: LONGEST_EXPRESSION, length: text.length }), {
        from: 0,
        to: text.length,
      });
    return { node: new Reader(text).whole() };
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
    return { complaint: { ...error.why, from: error.at.from, to: error.at.to } };
  }
}

const SIGNS = /===|!==|==|!=|<=|>=|&&|\|\||[-+*/%<>!?:(),.]/y;
const NAME = /[\p{L}_$][\p{L}\p{N}_$]*/uy;
const NUMBER = /\d+(?:\.\d+)?|\.\d+/y;
const TEXT = /"(?:[^"\\\n]|\\.)*"|'(?:[^'\\\n]|\\.)*'/y;
const SPACE = /\s+/y;

/** The words of an expression in order, the end last. Throws what `parse` turns into a complaint. */
function* tokens(text: string): Generator<Token, undefined> {
  let at = 0;
  const take = (pattern: RegExp): string | null => {
    pattern.lastIndex = at;
    return pattern.exec(text)?.[0] ?? null;
  };
  for (;;) {
    at += take(SPACE)?.length ?? 0;
    if (at >= text.length) break;
    let kind: Exclude<Token['kind'], 'end'> = 'text';
    let found = take(TEXT);
    if (!found) [kind, found] = ['number', take(NUMBER)];
    if (!found) [kind, found] = ['name', take(NAME)];
    if (!found) [kind, found] = ['sign', take(SIGNS)];
    if (!found) {
      const sign = String.fromCodePoint(text.codePointAt(at)!);
      throw new Refused(strange(sign), { from: at, to: at + sign.length });
    }
    yield { kind, text: found, from: at, to: at + found.length };
    at += found.length;
  }
  yield { kind: 'end', text: '', from: text.length, to: text.length };
}

function strange(sign: string): Why {
  if (sign === '"' || sign === "'") return why('open text');
  if (sign === '=') return why('one equals sign');
  if (sign === '&') return why('spelled', { as: 'and', sign: '&&' });
  if (sign === '|') return why('spelled', { as: 'or', sign: '||' });
  return why('strange sign', { sign });
}

/** The tokens of a text up to its first fault, for renaming and completing. Never throws on any text. */
export function readTokens(text: string): Token[] {
  const found: Token[] = [];
  try {
    for (const token of tokens(text)) found.push(token);
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
  }
  return found;
}

const PLAIN: Record<string, string> = { and: '&&', or: '||', not: '!', is: '==' };

class Reader {
  readonly #tokens: Generator<Token, undefined>;
  #now: Token;
  #depth = 0;

  constructor(text: string) {
    this.#tokens = tokens(text);
    this.#now = this.#tokens.next().value!;
  }

  whole(): Node {
    if (this.#ended()) throw new Refused(why('empty'), this.#now);
    const node = this.#either();
    if (!this.#ended()) throw this.#unexpected();
    return node;
  }

  #ended(): boolean {
    return this.#now.kind === 'end';
  }

  #next(): Token {
    const token = this.#now;
    if (token.kind !== 'end') this.#now = this.#tokens.next().value!;
    return token;
  }

  #is(sign: string): boolean {
    return this.#now.kind === 'sign' && this.#now.text === sign;
  }

  #unexpected(): Refused {
    const { text, kind } = this.#now;
    if (kind === 'end') return new Refused(why('unfinished'), this.#now);
    const plain = PLAIN[text.toLowerCase()];
    if (plain) return new Refused(why('spelled', { as: text, sign: plain }), this.#now);
    return new Refused(why('misplaced', { text }), this.#now);
  }

  #expect(sign: string, missing: Why): Token {
    if (!this.#is(sign))
      throw this.#now.kind === 'end' ? new Refused(missing, this.#now) : this.#unexpected();
    return this.#next();
  }

  #either(): Node {
    if (++this.#depth > DEEPEST) throw new Refused(why('too deep'), this.#now);
    const test = this.#binary(1);
    let node = test;
    if (this.#is('?')) {
      this.#next();
      const then = this.#either();
      this.#expect(':', why('half a choice'));
      const otherwise = this.#either();
      node = { kind: 'either', test, then, otherwise, from: test.from, to: otherwise.to };
    }
    this.#depth--;
    return node;
  }

  #binary(min: number): Node {
    let left = this.#unary();
    for (;;) {
      const op = this.#now.text as BinaryOp;
      const strength = this.#now.kind === 'sign' && op in STRENGTH ? STRENGTH[op] : 0;
      if (strength < min) return left;
      this.#next();
      const right = this.#binary(strength + 1);
      left = { kind: 'binary', op, left, right, from: left.from, to: right.to };
    }
  }

  #unary(): Node {
    const { text, from } = this.#now;
    if (!this.#is('!') && !this.#is('-') && !this.#is('+')) return this.#member();
    if (++this.#depth > DEEPEST) throw new Refused(why('too deep'), this.#now);
    this.#next();
    const of = this.#unary();
    this.#depth--;
    return { kind: 'unary', op: text as '!', of, from, to: of.to };
  }

  /** Something, or what it holds in one of its fields. */
  #member(): Node {
    let node = this.#single();
    while (this.#is('.')) {
      this.#next();
      const { kind, text, from, to } = this.#now;
      if (kind !== 'name')
        throw kind === 'end' ? new Refused(why('no field'), this.#now) : this.#unexpected();
      this.#next();
      node = { kind: 'member', of: node, name: text, at: from, from: node.from, to };
    }
    return node;
  }

  #single(): Node {
    if (this.#is('(')) {
      const open = this.#next();
      const inner = this.#either();
      const close = this.#expect(')', why('open bracket'));
      return { ...inner, from: open.from, to: close.to };
    }
    if (this.#now.kind === 'sign' || this.#now.kind === 'end') throw this.#unexpected();
    const { kind, text, from, to } = this.#next();
    if (kind === 'number') return { kind: 'literal', value: Number(text), from, to };
    if (kind === 'text') return { kind: 'literal', value: unquoted(text), from, to };
    if (text === 'true' || text === 'false') return { kind: 'literal', value: text === 'true', from, to };
    if (!this.#is('(')) return { kind: 'name', name: text, from, to };
    this.#next();
    const args: Node[] = [];
    while (!this.#is(')')) {
      if (args.length > 0) this.#expect(',', why('open bracket'));
      args.push(this.#either());
    }
    return { kind: 'call', name: text, args, from, to: this.#next().to };
  }
}

/** The escapes of ECMA-262, 12.9.4, that `quoted` writes and people type. */
const ESCAPES: Record<string, string> = { n: '\n', t: '\t', r: '\r', b: '\b', f: '\f', v: '\v' };

const unquoted = (text: string): string =>
  text
    .slice(1, -1)
    .replace(/\\(?:u([\da-fA-F]{4})|(.))/g, (_, code: string | undefined, sign: string) =>
      code === undefined ? (ESCAPES[sign] ?? sign) : String.fromCharCode(parseInt(code, 16)),
    );

/** A text as it is written in an expression. */
export const quoted = (text: string): string => JSON.stringify(text);
