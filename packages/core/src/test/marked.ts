import fc from 'fast-check';
import { INSET } from '../marks';

/** A text with marks as it is written, and each of its letters with the marks it is within, as they are written. */
export interface Marked {
  text: string;
  letters: { letter: string; within: string[] }[];
}

const LASTING = ['[bold]', '[italic]', '[shake]', '[wave]', '[size 150%]', '[colour Brass]', '[style Body]'];
const PACE = ['[slow]', '[usual]', '[wait 0.2 s]'];

const words = fc.array(fc.constantFrom('a', 'b', ' ', 'é', '👩‍🚀', '[', ']', '1', ','), {
  minLength: 1,
  maxLength: 6,
});

type Node =
  | { is: 'words'; letters: string[] }
  | { is: 'alone'; text: string; inset: boolean }
  | { is: 'in'; mark: string; nodes: Node[] };

const nodes = fc.letrec<{ list: Node[]; node: Node }>((tie) => ({
  list: fc.array(tie('node'), { maxLength: 4 }),
  node: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    words.map((letters): Node => ({ is: 'words', letters })),
    fc.constantFrom(...PACE).map((text): Node => ({ is: 'alone', text, inset: false })),
    fc.constantFrom('[picture Lamp]', '[key KeyE]').map((text): Node => ({ is: 'alone', text, inset: true })),
    fc
      .tuple(fc.constantFrom(...LASTING), tie('list'))
      .map(([mark, held]): Node => ({ is: 'in', mark, nodes: held })),
  ),
})).list;

/** Any text with marks in it, well ended, and what it has to be read as. */
export const marked: fc.Arbitrary<Marked> = nodes.map((list) => {
  const letters: Marked['letters'] = [];
  const written = (node: Node, within: string[]): string => {
    if (node.is === 'in')
      return `${node.mark}${node.nodes.map((inner) => written(inner, [...within, node.mark])).join('')}[/]`;
    if (node.is === 'alone') {
      if (node.inset) letters.push({ letter: INSET, within });
      return node.text;
    }
    letters.push(...node.letters.map((letter) => ({ letter, within })));
    return node.letters.map((letter) => (letter === '[' ? '[[' : letter)).join('');
  };
  return { text: list.map((node) => written(node, [])).join(''), letters };
});
