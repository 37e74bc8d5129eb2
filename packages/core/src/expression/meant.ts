import type { FieldType } from '../model';
import { parse, quoted, type Node } from './parse';
import { asksList, rowFields } from './check';
import { listCalled, scopeOfEach, type Scope } from './scope';

/**
 * An expression as it is meant: an option of a choice that is called by its label, whatever its capitals, is called by
 * what it is filed under. What cannot be read stays as it is.
 */
export function meant(text: string, scope: Scope, wanted?: FieldType): string {
  const read = parse(text);
  if ('complaint' in read) return text;
  const instead: { from: number; to: number; write: string }[] = [];
  const among = (type: FieldType | undefined, node: Node): void => {
    if (type?.type !== 'choice' || node.kind !== 'literal' || typeof node.value !== 'string') return;
    const { value } = node;
    if (type.options.some(({ id }) => id === value)) return;
    const option = type.options.find(({ label }) => label.toLowerCase() === value.toLowerCase());
    if (option) instead.push({ from: node.from, to: node.to, write: quoted(option.id) });
  };
  const walkIn = (scope: Scope, node: Node, gives?: FieldType): void => {
    const typeOf = (node: Node): FieldType | undefined =>
      node.kind === 'name'
        ? scope.names.get(node.name)?.type
        : node.kind === 'member'
          ? rowFields(scope, node.of)?.get(node.name)?.type
          : undefined;
    const walk = (inner: Node, given?: FieldType): void => walkIn(scope, inner, given);
    among(gives, node);
    switch (node.kind) {
      case 'unary':
        return walk(node.of);
      case 'either':
        walk(node.test);
        walk(node.then, gives);
        return walk(node.otherwise, gives);
      case 'call': {
        const [first] = node.args;
        const list =
          asksList(scope, node) && first?.kind === 'name' ? listCalled(scope, first.name) : undefined;
        const inner = list ? scopeOfEach(scope, list.fields) : scope;
        return node.args.forEach((arg) => walkIn(inner, arg));
      }
      case 'binary':
        if (/^[=!]==?$/.test(node.op)) {
          walk(node.left, typeOf(node.right));
          return walk(node.right, typeOf(node.left));
        }
        walk(node.left);
        return walk(node.right);
    }
  };
  walkIn(scope, read.node, wanted);
  return instead
    .sort((a, b) => b.from - a.from)
    .reduce((now, { from, to, write }) => now.slice(0, from) + write + now.slice(to), text);
}
