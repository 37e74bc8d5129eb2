import type { Rect } from '../geometry';
import { capSize, INSET_HEIGHT, type LetteredRun } from '../lettering';
import { lettersOf } from '../marks';
import type { Id, Project, Stand, TextLook } from '../model';
import { framed } from './fitted';
import { group, type Item, type PlacedRun, type TextItem } from './items';
import { keycapItems } from './keycaps';
import type { RenderState } from './render-state';
import { CLEAR, plain } from './shapes';
import { lettered } from './text';

/** A text laid into its box, with what its marks make of it. */
export const saidText = (
  project: Project,
  id: Id,
  rect: Rect,
  words: string,
  look: TextLook,
  stand?: Stand,
): Item[] =>
  lettered(project, id, rect, words, look, stand, (inset, at) => insetItems(project, id, inset, at, look));

function insetItems(
  project: Project,
  id: Id,
  inset: NonNullable<LetteredRun['inset']>,
  { x, y, width, size }: { x: number; y: number; width: number; size: number },
  look: TextLook,
): Item[] {
  const height = size * INSET_HEIGHT;
  const rect = { x, y: y - height / 2, width, height };
  const line = { borderWidth: Math.max(1, size * 0.05), border: look.colour, corner: size * 0.16 };
  if (inset.is === 'key') {
    const { shadow: _, shadows: _more, outline: _line, outlines: _lines, gradient: _colours, ...ink } = look;
    const cap = { project, id, code: inset.code, look: { ...plain(null, rect, CLEAR), ...line }, ink };
    return keycapItems({ ...cap, ink: { ...ink, size: capSize(height), weight: 700, letters: 0 } }, rect);
  }
  // A picture that is gone leaves the room it would have had.
  if (!inset.asset) return [{ ...plain(null, rect, CLEAR), ...line }];
  const frame = inset.cell ? { asset: inset.asset, cell: inset.cell } : { asset: inset.asset };
  return framed(id, [frame], rect, 'contain');
}

/** Text of which only so many letters are there yet. Its lines stand where all of them will stand. */
export function typedItems(items: readonly Item[], letters: number): Item[] {
  return items.map((item) => {
    if (item.kind === 'group') return { ...item, items: typedItems(item.items, letters) };
    if (item.kind !== 'text') return item;
    let left = letters;
    const lines = item.lines.flatMap((line) => {
      if (left <= 0) return [];
      const all = lettersOf(line.text);
      const there = all.slice(0, left);
      const runs = line.runs && typedRuns(line.runs, left);
      // The space at which a line was wrapped counts as a letter.
      left -= all.length + 1;
      if (runs) return [{ ...line, runs }];
      const start = line.x - { start: 0, middle: line.width / 2, end: line.width }[item.anchor];
      return [{ ...line, x: start, text: there.join('') }];
    });
    return { ...item, lines, anchor: 'start' };
  });
}

function typedRuns(runs: readonly PlacedRun[], letters: number): PlacedRun[] {
  let left = letters;
  return runs.flatMap((run) => {
    const all = lettersOf(run.text);
    const there = all.slice(0, Math.max(0, left));
    left -= all.length;
    return there.length === 0 ? [] : [there.length === all.length ? run : { ...run, text: there.join('') }];
  });
}

/** Of the items of a text only as many letters as are there yet. */
export const typedOut = (items: Item[], id: Id, { typed }: RenderState): Item[] =>
  typed[id] === undefined ? items : typedItems(items, typed[id]);

/** The number of beats after which moving words are back where they were. */
export const BEATS = 36;

/** Items with the words that move where they are at a beat, 0 to before `BEATS`. */
export const beating = (items: readonly Item[], beat: number): Item[] =>
  items.map((item) => {
    if (item.kind === 'group') return { ...item, items: beating(item.items, beat) };
    return item.kind === 'text' && item.lines.some(({ runs }) => runs?.some(({ moves }) => moves))
      ? movedWords(item, beat)
      : item;
  });

const movedWords = (item: TextItem, beat: number): TextItem => ({
  ...item,
  lines: item.lines.map((line) =>
    line.runs ? { ...line, runs: line.runs.map((run) => movedRun(run, beat)) } : line,
  ),
});

function movedRun(run: PlacedRun, beat: number): PlacedRun {
  if (!run.moves) return run;
  const { x, y } = offset(run.moves, beat);
  const by = { x: x * run.size, y: y * run.size };
  const items = run.items && run.items.length > 0 ? { items: [group(run.items, by)] } : {};
  return { ...run, x: run.x + by.x, y: run.y + by.y, ...items };
}

/** How far a letter is from where it stands, beside its size. */
function offset({ move, letter }: NonNullable<PlacedRun['moves']>, beat: number): { x: number; y: number } {
  if (move === 'wave') return { x: 0, y: -0.1 * Math.sin(2 * Math.PI * (beat / BEATS - letter / 9)) };
  // Pseudo-random, so that the same beat always gives the same offset.
  const random = (of: number): number => {
    const value = Math.sin((letter + 1) * 12.9898 + beat * 78.233 + of * 37.719) * 43758.5453;
    return value - Math.floor(value) - 0.5;
  };
  return { x: 0.07 * random(1), y: 0.07 * random(2) };
}
