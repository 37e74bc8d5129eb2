import type { Rect } from '../geometry';
import { laySaid, type LetteredBlock, type LetteredLine, type LetteredRun } from '../lettering';
import { asWords, lettersOf } from '../marks';
import { withId, type Align, type Id, type Project, type Stand, type TextLook } from '../model';
import { FIGURES, letterStarts, type Face, type LaidRun } from '../text';
import { framed, pictured } from './fitted';
import { group, type Anchor, type Item, type PlacedLine, type PlacedRun, type TextItem } from './items';
import { soft } from './shapes';

/** Plain words laid into a box: nothing in them is taken for a mark. */
export const text = (
  project: Project,
  id: Id,
  rect: Rect,
  words: string,
  look: TextLook,
  stand?: Stand,
): Item[] => lettered(project, id, rect, asWords(words), look, stand, () => []);

/** Draws what stands among words, its left edge at `x` and its middle at `y`; `size` is that of the letters about it. */
export type Insets = (
  inset: NonNullable<LetteredRun['inset']>,
  at: { x: number; y: number; width: number; size: number },
) => Item[];

const ANCHORS: Record<Align, Anchor> = { start: 'start', centre: 'middle', end: 'end' };
const BEFORE = { start: 0, middle: 0.5, end: 1 } as const;

/** A text laid into its box; each line's baseline stands as CSS line boxes put it. */
export function lettered(
  project: Project,
  id: Id,
  rect: Rect,
  said: string,
  look: TextLook,
  stand: Stand = look.stand ?? 'top',
  insets: Insets,
): Item[] {
  if (said === '') return [];
  const block = laySaid(project, said, look, rect);
  const { face, slanted, heavier } = block.face;
  const letters = look.letters ?? 0;
  const free = rect.height - block.height;
  const top = rect.y + (stand === 'top' ? 0 : stand === 'middle' ? free / 2 : free);
  const anchor = ANCHORS[look.align];
  // The room after the last letter of a line is no part of it.
  const x = rect.x + { start: 0, middle: rect.width / 2 + letters / 2, end: rect.width + letters }[anchor];
  const count = { moving: 0 };
  const lines = block.lines.map((line): PlacedLine => {
    const y = top + line.top + baselineIn(line, block.face);
    const placed = { text: line.text, width: line.width, x, y };
    if (!inRuns(line, look)) return placed;
    const from = rect.x + (rect.width - line.width) * BEFORE[anchor];
    return { ...placed, runs: runsOf(line, block, look, { x: from, y }, insets, count) };
  });
  const item: TextItem = {
    kind: 'text',
    id,
    rect,
    lines,
    face,
    size: block.size,
    colour: look.colour,
    anchor,
    letters,
    ...(slanted ? { slanted } : {}),
    ...(heavier ? { heavier: block.size * HEAVIER } : {}),
    ...filledBy(project, look, { ...rect, y: top, height: block.height }),
  };
  // One stroke cannot be both an outline and a wider letter, so the outline is drawn beneath like a further one.
  const apart = [item, ...lines.flatMap(({ runs = [] }) => runs)].some((part) => part.heavier);
  if (look.outline && !apart) item.outline = look.outline;
  return [...beneath(item, look, apart), item];
}

/** How much wider strokes are made where a face has no bold one, beside the size of the letters. */
const HEAVIER = 0.035;

/** How far beneath the top of a line its letters stand. */
function baselineIn({ high, size }: LetteredLine, { metrics }: Face): number {
  const scale = size / metrics.unitsPerEm;
  return (high - (metrics.ascender - metrics.descender) * scale) / 2 + metrics.ascender * scale;
}

function filledBy(
  project: Project,
  { gradient, picture }: TextLook,
  rect: Rect,
): Pick<TextItem, 'filled'> | object {
  const asset = withId(project.assets, picture);
  if (asset) return { filled: { picture: pictured(null, asset, rect, 'cover') } };
  return gradient && gradient.stops.length > 0 ? { filled: { gradient } } : {};
}

/** Shadows, the last at the bottom, and over them further outlines, the outermost at the bottom. */
function beneath(
  item: TextItem,
  { outline, outlines: further = [], shadow, shadows = [] }: TextLook,
  apart: boolean,
): Item[] {
  const { filled: _, outline: _own, ...bare } = { ...item, lines: item.lines.map(plainLine) };
  const outlines = apart && outline ? [outline, ...further] : further;
  let width = apart ? 0 : (outline?.width ?? 0);
  const edges = outlines.map(({ colour, width: own }): TextItem => {
    width += own;
    return { ...bare, colour, outline: { colour, width } };
  });
  const all = [...(shadow ? [shadow] : []), ...shadows];
  // A shadow has the shape of the letters with all their outlines.
  const outermost = width > 0 ? { width } : null;
  const shades = all.map(({ x, y, blur, colour }): Item => {
    const shape = outermost && outlines.length > 0 ? { outline: { ...outermost, colour } } : {};
    return group([soft(blur, [{ ...bare, colour, ...shape }])], { x, y });
  });
  return [...shades.reverse(), ...edges.reverse()];
}

/** A line in one colour, without what stands among its words. */
const plainLine = (line: PlacedLine): PlacedLine =>
  line.runs
    ? {
        ...line,
        runs: line.runs.map(({ colour: _, items, ...run }) => (items ? { ...run, items: [] } : run)),
      }
    : line;

/** Whether a line has to be drawn run by run or letter by letter. */
const inRuns = (line: LetteredLine, { figures, arc = 0 }: TextLook): boolean =>
  line.runs !== undefined || arc !== 0 || (figures === 'even' && FIGURES.some((n) => line.text.includes(n)));

function runsOf(
  line: LetteredLine,
  block: LetteredBlock,
  look: TextLook,
  from: { x: number; y: number },
  insets: Insets,
  count: { moving: number },
): PlacedRun[] {
  const { face } = block;
  const whole: LaidRun<LetteredRun> = {
    run: { ...face, words: line.text, font: face.metrics, times: 1 },
    words: line.text,
    x: 0,
    width: line.width,
  };
  const straight = (line.runs ?? [whole]).flatMap((laid) =>
    placed(laid, block.size, look, from, insets, count),
  );
  return look.arc ? bent(straight, look.arc, from.x + line.width / 2, line.width) : straight;
}

/** A run of a line, split into the parts that are placed separately. */
function placed(
  { run, words, x, width }: LaidRun<LetteredRun>,
  own: number,
  { letters = 0, figures, arc = 0 }: TextLook,
  from: { x: number; y: number },
  insets: Insets,
  count: { moving: number },
): PlacedRun[] {
  const size = own * run.times;
  const base: PlacedRun = {
    text: words,
    x: from.x + x,
    y: from.y,
    width,
    face: run.face,
    size,
    ...(run.colour === undefined ? {} : { colour: run.colour }),
    ...(run.slanted ? { slanted: run.slanted } : {}),
    ...(run.heavier ? { heavier: size * HEAVIER } : {}),
  };
  const moving = (part: PlacedRun): PlacedRun =>
    run.move ? { ...part, moves: { move: run.move, letter: count.moving++ } } : part;
  if (run.inset) {
    const at = { x: base.x, y: base.y - size * MIDDLE, width, size };
    return [moving({ ...base, items: insets(run.inset, at) })];
  }
  const { drawn } = run;
  if (!drawn && arc === 0 && !run.move && figures !== 'even') return [base];
  return letterStarts(lettersOf(words), run.font, size, letters).map((letter) => {
    const at = { ...base, text: letter.letter, x: base.x + letter.x, width: letter.width };
    if (drawn) return moving({ ...at, items: letterPicture(drawn, run, at) });
    return moving(FIGURES.includes(letter.letter) && figures === 'even' ? centred(at, run) : at);
  });
}

/** The middle of letters over the line they stand on, beside their size. */
const MIDDLE = 0.35;

/** A figure in the middle of the room that every figure has. */
function centred(at: PlacedRun, { font }: LetteredRun): PlacedRun {
  const own = font.figures?.[at.text];
  if (own === undefined) return at;
  const width = (own / font.unitsPerEm) * at.size;
  return { ...at, x: at.x + (at.width - width) / 2, width };
}

function letterPicture(
  { picture, cells }: NonNullable<LetteredRun['drawn']>,
  { font }: LetteredRun,
  { text: letter, x, y, size }: Pick<PlacedRun, 'text' | 'x' | 'y' | 'size'>,
): Item[] {
  const cell = cells.get(letter);
  if (!cell) return [];
  const scale = size / font.unitsPerEm;
  const top = y - font.ascender * scale;
  const rect = { x, y: top, width: cell.width * scale, height: cell.height * scale };
  return framed(null, [{ asset: picture, cell }], rect, 'stretch');
}

/** Runs along an arc of so many degrees over a width: each turned about its own middle. */
function bent(runs: readonly PlacedRun[], arc: number, middle: number, width: number): PlacedRun[] {
  const radians = (arc * Math.PI) / 180;
  const radius = width / radians;
  // Half of the arc's height, so that the line stays centred on where it was.
  const rise = (radius * (1 - Math.cos(radians / 2))) / 2;
  return runs.map((run) => {
    const angle = (run.x + run.width / 2 - middle) / radius;
    const at = { x: middle + radius * Math.sin(angle), y: run.y - rise + radius * (1 - Math.cos(angle)) };
    const half = run.width / 2;
    const turn = (angle * 180) / Math.PI;
    const moved = { x: at.x - half * Math.cos(angle), y: at.y - half * Math.sin(angle) };
    if (!run.items) return { ...run, ...moved, turn };
    const by = { x: moved.x - run.x, y: moved.y - run.y };
    const turned = group(run.items, { ...by, turn: { angle: turn, x: run.x, y: run.y } });
    return { ...run, ...moved, items: run.items.length > 0 ? [turned] : [] };
  });
}
