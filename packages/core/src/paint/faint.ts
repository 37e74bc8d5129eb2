import type { CompiledScreen, Flow } from '../compile';
import { NORMAL, type Item, type PlacedLine, type RenderState, type TextItem } from '../drawing';
import { isUsed } from '../focus';
import type { Colour, Element, Id, Point, StateName } from '../model';
import { boxLook, textLook } from '../style';
import { behindText, contrast, inkOf, over, placeOutside, type Ink, type TonesOf } from './behind';
import { paintScreen } from './screen';

/** A text that does not stand out enough from what is drawn behind it. */
export interface Faint {
  element: Id;
  /** The lowest contrast found along it, and what it needs at its size, 1 to 21 (WCAG 2.2, 1.4.3). */
  ratio: number;
  needs: number;
  /** The state in which that is so; null: at rest. */
  state: StateName | null;
}

/** What text needs, and what large text does, which is from so many design pixels on, and bold from so many. */
const NEEDS = { text: 4.5, large: 3, from: 24, boldFrom: 18.66 };
/** At how many points along a line it is looked at. */
const POINTS = 7;
/** States that a player meets while something can be used; what cannot be is not asked to stand out. */
const LOOKED_AT = ['hovered', 'focused', 'pressed'] as const;

/**
 * The texts of a screen that do not stand out from what is drawn behind them, at rest and in the states of what can be used.
 * Texts on what is not known are left out, and so are those that another screen beneath may help.
 * @param said what texts with names in them say, by element
 */
export function faintTexts(
  flow: Flow,
  screen: CompiledScreen,
  said: Readonly<Record<Id, string>>,
  tones: TonesOf,
): Faint[] {
  const looked = (states: Partial<RenderState>): readonly Item[] =>
    paintScreen(flow, screen, { ...NORMAL, texts: { ...said }, ...states }).all;
  const atRest = looked({});
  return screen.elements.flatMap((element): Faint[] => {
    if (!('look' in element)) return [];
    const needs = needsOf(flow, element);
    const faces: [StateName | null, readonly Item[]][] = [
      [null, atRest],
      ...statesOf(flow, element).map(
        (state) => [state, looked(inState(element.id, state))] as [StateName, readonly Item[]],
      ),
    ];
    for (const [state, items] of faces) {
      const found = textsOf(items, element.id).map((text) => ({
        ratio: lowest(flow, items, text, tones),
        needs: needs(text.size),
      }));
      const worst = found
        .filter((each) => each.ratio < each.needs - 0.05)
        .sort((a, b) => a.ratio / a.needs - b.ratio / b.needs)[0];
      if (worst) return [{ element: element.id, ...worst, state }];
    }
    return [];
  });
}

const needsOf =
  ({ project }: Flow, { look }: Extract<Element, { look: unknown }>) =>
  (size: number): number => {
    const isBold = (textLook(project, look).weight ?? 400) >= 700;
    return size >= (isBold ? NEEDS.boldFrom : NEEDS.from) ? NEEDS.large : NEEDS.text;
  };

/** The states in which an element that can be used looks otherwise. */
function statesOf({ project }: Flow, element: Element): StateName[] {
  if (!('box' in element) || !isUsed(element)) return [];
  const own = boxLook(project, element.box);
  return LOOKED_AT.filter((state) => own[state] !== undefined);
}

function inState(id: Id, state: StateName): Partial<RenderState> {
  if (state === 'pressed') return { pressed: [id] };
  return state === 'focused' ? { focus: id } : { hovered: id };
}

/** The texts that an element draws: of several in the same place, which are outlines and shadows, the uppermost. */
function textsOf(items: readonly Item[], id: Id): TextItem[] {
  const found = new Map<string, TextItem>();
  const look = (all: readonly Item[]): void => {
    for (const item of all) {
      if (item.kind === 'group') look(item.items);
      else if (item.kind === 'text' && item.id === id)
        found.set(JSON.stringify([item.rect, item.lines.map(({ text }) => text)]), item);
    }
  };
  look(items);
  return [...found.values()];
}

function lowest(flow: Flow, items: readonly Item[], text: TextItem, tones: TonesOf): number {
  let least = Infinity;
  for (const { at, colours } of spotsOn(text)) {
    const outside = placeOutside(items, text, at);
    const behind = outside && behindText(flow.project, items, text, outside, tones);
    if (!behind) continue;
    for (const colour of colours) {
      const [r, g, b, a] = inkOf(colour);
      const ink: Ink = [r, g, b, a * behind.seen];
      // What is seen through may be dark or light: the better of the two counts.
      const ratios = [BLACK, WHITE].map((beneath) => {
        const below = over(behind.ink, beneath);
        return contrast(over(ink, below), below);
      });
      // Letters stand out from their own outline too.
      const outlined = text.outline ? contrast([r, g, b, 1], inkOf(text.outline.colour)) : 0;
      least = Math.min(least, Math.max(...ratios, outlined));
    }
  }
  return least;
}
const BLACK: Ink = [0, 0, 0, 1];
const WHITE: Ink = [255, 255, 255, 1];

/** Points along the letters of a text, each with the colours that may be seen there. */
function spotsOn(text: TextItem): { at: Point; colours: readonly Colour[] }[] {
  if (text.filled && 'picture' in text.filled) return [];
  const own = text.filled ? text.filled.gradient.stops.map(({ colour }) => colour) : [text.colour];
  const along = (x: number, y: number, width: number, size: number, colours: readonly Colour[]) =>
    Array.from({ length: POINTS }, (_, i) => ({
      // A third of a letter's size above its baseline is the middle of most letters.
      at: { x: x + (width * (i + 0.5)) / POINTS, y: y - size / 3 },
      colours,
    }));
  return text.lines.flatMap((line) => {
    if (line.text.trim() === '') return [];
    if (!line.runs) return along(startOf(line, text), line.y, line.width, text.size, own);
    return line.runs
      .filter((run) => !run.items && run.text.trim() !== '')
      .flatMap((run) => along(run.x, run.y, run.width, run.size, run.colour ? [run.colour] : own));
  });
}

const startOf = ({ x, width }: PlacedLine, { anchor }: TextItem): number =>
  x - { start: 0, middle: width / 2, end: width }[anchor];
