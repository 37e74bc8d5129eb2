import type { Id } from '../model';
import { asksList, rowFields } from './check';
import { parse, type Node } from './parse';
import { listCalled, scopeOfEach, type Known, type Scope } from './scope';

/** Where an expression names a field of a list's rows, in UTF-16 code units. */
export interface FieldUse {
  list: Id;
  field: Id;
  from: number;
  to: number;
}

/** The fields of rows that an expression names; none where it cannot be read. */
export function fieldUses(text: string, scope: Scope): FieldUse[] {
  const read = parse(text);
  if ('complaint' in read) return [];
  const found: FieldUse[] = [];
  const note = (known: Known | undefined, from: number, to: number): void => {
    if (known?.list !== undefined) found.push({ list: known.list, field: known.id, from, to });
  };
  const walk = (node: Node, within: Scope): void => {
    switch (node.kind) {
      case 'name':
        return note(within.names.get(node.name), node.from, node.to);
      case 'member':
        return note(rowFields(within, node.of)?.get(node.name), node.at, node.to);
      case 'unary':
        return walk(node.of, within);
      case 'either':
        return [node.test, node.then, node.otherwise].forEach((part) => walk(part, within));
      case 'binary':
        return [node.left, node.right].forEach((part) => walk(part, within));
      case 'call': {
        const [first] = node.args;
        const list =
          asksList(within, node) && first?.kind === 'name' ? listCalled(within, first.name) : undefined;
        const inner = list ? scopeOfEach(within, list.fields) : within;
        return node.args.forEach((arg) => walk(arg, inner));
      }
    }
  };
  walk(read.node, scope);
  return found;
}
