import { playOf } from '../elements';
import type { CompiledScreen, Flow } from '../compile';
import type { Element, Id, TextLook } from '../model';
import { laySaid } from '../lettering';
import { fits } from '../text';
import { stillWords } from './run';
import { textLook } from '../style';

/** A text that does not fit its box: by how much, and what would help. */
export interface Overflow {
  element: Id;
  /** Design pixels it is too wide and too high. */
  across: number;
  down: number;
  /** The largest size at which it fits, if there is one worth reading. */
  smaller: number | null;
  /** How wide the box would have to be for it to fit at its size. */
  wider: number | null;
  /** It fits once its lines may be broken. */
  wrap: boolean;
}

/** The least size that is offered as a help, in design pixels. */
const READABLE = 16;

/**
 * The texts of a screen that do not fit their boxes; `said` has the words of texts with names in them, by element. Absent: as their
 * names hold at first.
 */
export function overflowOf(
  flow: Flow,
  screen: CompiledScreen,
  said: Readonly<Record<Id, string>> = {},
): Overflow[] {
  const { elements, layout } = screen;
  const wordsOn = (element: Element & { text: string }): string => {
    const parts = screen.texts.get(element.id);
    return said[element.id] ?? (parts ? stillWords(flow, screen, parts) : element.text);
  };
  return elements.flatMap((element) => {
    if (!('text' in element) || !('look' in element)) return [];
    const box = playOf(element).wordsRoom?.(element, layout.get(element.id)!, flow.project);
    return box ? check(flow, element, wordsOn(element), box) : [];
  });
}

interface Box {
  width: number;
  height: number;
}

function check(
  { project }: Flow,
  element: Element & { text: string; look: Parameters<typeof textLook>[1] },
  words: string,
  box: Box,
): Overflow[] {
  const look = textLook(project, element.look);
  const laid = (change: Partial<TextLook>, within: Box = box) =>
    laySaid(project, words, { ...look, ...change }, within);
  const block = laid({});
  if (fits(block)) return [];
  const max = look.fit?.min ?? look.size;
  const smaller = laid({ fit: { min: READABLE, max: Math.max(READABLE, max) } });
  let wider: number | null = null;
  for (let width = box.width; width <= box.width * 3; width += Math.max(4, box.width / 50))
    if (fits(laid({}, { ...box, width }))) {
      wider = Math.ceil(width - box.width);
      break;
    }
  return [
    {
      element: element.id,
      across: block.over.across,
      down: block.over.down,
      smaller: fits(smaller) && smaller.size < max ? smaller.size : null,
      wider,
      wrap: look.wrap === 'cut' && fits(laid({ wrap: 'wrap' })),
    },
  ];
}
