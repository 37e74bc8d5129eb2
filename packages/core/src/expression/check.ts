import { identifierOf, type FieldType } from '../model';
import { why, type Why } from './complaints';
import { FUNCTIONS, LIST_FUNCTIONS } from './functions';
import { nearest } from './near';
import { parse, type Complaint, type Node } from './parse';
import { listCalled, scopeOfEach, type Known, type KnownList, type Scope } from './scope';

/** What an expression gives. Choices and pictures are texts that can only be some. */
export type Kind = 'on/off' | 'number' | 'text';

export interface Checked {
  node: Node | null;
  /** Null when it cannot be told. */
  kind: Kind | null;
  complaints: Complaint[];
}

export const kindOf = (type: FieldType): Kind =>
  type.type === 'on/off' || type.type === 'number' ? type.type : 'text';

/** Reads an expression and checks that its names exist and its parts go together; `wanted` is what it has to give. */
export function check(text: string, scope: Scope, wanted?: FieldType): Checked {
  const read = parse(text);
  if ('complaint' in read) return { node: null, kind: null, complaints: [read.complaint] };
  const complaints: Complaint[] = [];
  const checker = new Checker(scope, complaints);
  const kind = checker.kindOf(read.node);
  if (wanted) checker.want(read.node, kind, kindOf(wanted));
  if (wanted) checker.amongOptions(wanted, read.node);
  return { node: read.node, kind, complaints };
}

class Checker {
  constructor(
    readonly scope: Scope,
    readonly complaints: Complaint[],
  ) {}

  complain(at: Node, wrong: Why, rest: Pick<Complaint, 'instead' | 'unknown'> = {}): null {
    this.complaints.push({ ...wrong, from: at.from, to: at.to, ...rest });
    return null;
  }

  want(node: Node, kind: Kind | null, wanted: Kind): void {
    if (kind !== null && kind !== wanted) this.complain(node, why('wrong kind', { wanted, kind }));
  }

  kindOf(node: Node): Kind | null {
    switch (node.kind) {
      case 'literal':
        return typeof node.value === 'boolean'
          ? 'on/off'
          : typeof node.value === 'number'
            ? 'number'
            : 'text';
      case 'name': {
        const known = this.scope.names.get(node.name);
        if (known) return kindOf(known.type);
        if (listCalled(this.scope, node.name))
          return this.complain(node, why('bare list', { name: node.name }));
        const [field] = this.scope.row?.keys() ?? [];
        if (node.name === 'row' && field !== undefined)
          return this.complain(node, why('bare row', { shape: `row.${field}` }));
        return this.unknown(node, node.name);
      }
      case 'member':
        return this.member(node);
      case 'unary':
        this.want(node.of, this.kindOf(node.of), node.op === '!' ? 'on/off' : 'number');
        return node.op === '!' ? 'on/off' : 'number';
      case 'either': {
        this.want(node.test, this.kindOf(node.test), 'on/off');
        const then = this.kindOf(node.then);
        const otherwise = this.kindOf(node.otherwise);
        if (then && otherwise && then !== otherwise)
          this.complain(node.otherwise, why('two kinds', { kind: then }));
        return then ?? otherwise;
      }
      case 'call':
        return this.call(node);
      case 'binary':
        return this.binary(node);
    }
  }

  private binary(node: Node & { kind: 'binary' }): Kind | null {
    const left = this.kindOf(node.left);
    const right = this.kindOf(node.right);
    const both = (kind: Kind, gives: Kind): Kind => {
      this.want(node.left, left, kind);
      this.want(node.right, right, kind);
      return gives;
    };
    switch (node.op) {
      case '&&':
      case '||':
        return both('on/off', 'on/off');
      case '==':
      case '!=':
      case '===':
      case '!==':
        if (left && right && left !== right) this.complain(node, why('never equal', { left, right }));
        this.option(node.left, node.right);
        this.option(node.right, node.left);
        return 'on/off';
      case '<':
      case '<=':
      case '>':
      case '>=':
        return both('number', 'on/off');
      case '+':
        if (left === 'text' || right === 'text') return 'text';
        return both('number', 'number');
      default:
        return both('number', 'number');
    }
  }

  /** A choice compared with a text that is none of its options. */
  private option(name: Node, literal: Node): void {
    const known =
      name.kind === 'name'
        ? this.scope.names.get(name.name)
        : name.kind === 'member'
          ? rowFields(this.scope, name.of)?.get(name.name)
          : undefined;
    if (known) this.amongOptions(known.type, literal);
  }

  amongOptions(type: FieldType, literal: Node): void {
    if (type.type !== 'choice' || literal.kind !== 'literal') return;
    if (type.options.some((option) => option.id === literal.value)) return;
    const options = type.options.map((option) => `"${option.id}"`).join(', ');
    this.complain(literal, why('no option', { options }));
  }

  /** What a row holds in a field: `row.name`, or `first(list).name`. */
  private member(node: Node & { kind: 'member' }): Kind | null {
    const fields = rowFields(this.scope, node.of);
    if (!fields) {
      if (node.of.kind === 'name' && node.of.name === 'row' && !this.scope.names.has('row'))
        return this.complain(node.of, why('no row'));
      if (node.of.kind !== 'call' || node.of.name !== 'first' || this.listOf(node.of)) {
        this.complain(node.of, why('no fields'));
      }
      return null;
    }
    const known = fields.get(node.name);
    if (known) return kindOf(known.type);
    const near = nearest(node.name, fields.keys());
    return this.complain(
      { ...node, from: node.at },
      why('unknown field', { name: node.name, near, fields: [...fields.keys()].join(', ') }),
      near ? { instead: near } : {},
    );
  }

  /** The list that something is asked of; a complaint where that is none. */
  private listOf(node: Node & { kind: 'call' }): KnownList | undefined {
    const [of] = node.args;
    const found = of?.kind === 'name' ? listCalled(this.scope, of.name) : undefined;
    if (found) return found;
    const near = of?.kind === 'name' ? nearest(of.name, this.scope.lists?.keys() ?? []) : null;
    this.complain(of ?? node, why('no list', { name: node.name, near }), near ? { instead: near } : {});
    return undefined;
  }

  /** What is asked of the rows of a list. */
  private ofList(node: Node & { kind: 'call' }): Kind | null {
    const { of, optional, gives, shape } = LIST_FUNCTIONS[node.name]!;
    const { name, args } = node;
    const [least, most] = [of && !optional ? 2 : 1, of ? 2 : 1];
    if (args.length < least || args.length > most)
      return this.complain(node, why('wrong count', { name, takes: most, shape }));
    const list = this.listOf(node);
    if (!list) return gives === 'row' ? null : gives;
    const [, asked] = args;
    if (asked) {
      const inner = new Checker(scopeOfEach(this.scope, list.fields), this.complaints);
      inner.want(asked, inner.kindOf(asked), of!);
    }
    if (gives !== 'row') return gives;
    const [field = 'name'] = list.fields.keys();
    return this.complain(node, why('bare row', { shape: `first(${list.name}).${field}` }));
  }

  private call(node: Node & { kind: 'call' }): Kind | null {
    if (asksList(this.scope, node)) return this.ofList(node);
    const known = FUNCTIONS[node.name];
    if (!known) {
      const near = nearest(node.name, [...Object.keys(FUNCTIONS), ...Object.keys(LIST_FUNCTIONS)]);
      return this.complain(node, why('unknown function', { name: node.name, near }));
    }
    const { takes, gives } = known;
    if (takes === 'numbers') {
      if (node.args.length === 0) this.complain(node, why('no arguments', { name: node.name }));
      for (const arg of node.args) this.want(arg, this.kindOf(arg), 'number');
      return gives;
    }
    if (node.args.length !== takes.length) {
      const { name } = node;
      return this.complain(node, why('wrong count', { name, takes: takes.length, shape: known.shape }));
    }
    node.args.forEach((arg, i) => {
      const taken = takes[i]!;
      if (taken === 'screen') this.screen(arg);
      else if (taken === 'any') this.kindOf(arg);
      else this.want(arg, this.kindOf(arg), taken);
    });
    return gives;
  }

  private screen(node: Node): void {
    const called = node.kind === 'name' ? node.name : node.kind === 'literal' ? String(node.value) : null;
    if (called === null) return void this.complain(node, why('no screen name'));
    if (screenCalled(this.scope, called)) return;
    const near = nearest(
      called,
      [...this.scope.screens.values()].map((screen) => screen.name),
    );
    this.complain(
      node,
      why('unknown screen', { name: called, near }),
      near ? { instead: identifierOf(near) } : {},
    );
  }

  private unknown(node: Node, name: string): null {
    const near = nearest(name, [...this.scope.names.keys(), ...(this.scope.lists?.keys() ?? [])]);
    return this.complain(node, why('unknown name', { name, near }), {
      unknown: name,
      ...(near ? { instead: near } : {}),
    });
  }
}

/** Whether a call is one that is asked of a list. `min` and `max` can be asked of numbers too. */
export function asksList(scope: Scope, { name, args: [first] }: Node & { kind: 'call' }): boolean {
  if (!Object.hasOwn(LIST_FUNCTIONS, name)) return false;
  if (!Object.hasOwn(FUNCTIONS, name)) return true;
  return first?.kind === 'name' && listCalled(scope, first.name) !== undefined;
}

/** The fields that can be named after what gives a row: `row`, or the first of a list. */
export function rowFields(scope: Scope, of: Node): ReadonlyMap<string, Known> | undefined {
  if (of.kind === 'name') return of.name === 'row' && !scope.names.has('row') ? scope.row : undefined;
  if (of.kind !== 'call' || of.name !== 'first' || of.args.length !== 1) return undefined;
  const [list] = of.args;
  return list?.kind === 'name' ? listCalled(scope, list.name)?.fields : undefined;
}

export const screenCalled = (scope: Scope, called: string): { id: string; name: string } | undefined =>
  scope.screens.get(called) ?? scope.screens.get(called.toLowerCase());
