import type { CompiledScreen, Flow } from './index';
import type { Id, TextUse } from '../model';
import { textStyle } from '../style';
import { laySaid } from '../lettering';
import { lettersOf, partOf } from '../marks';
import type { Typed } from '../talk';

/** The part of a line that is seen at once: the range of its letters, and these letters as a text with its marks. */
export interface Page {
  from: number;
  to: number;
  words: string;
}

/**
 * A line parted so that each page fits the text area of its screen; one page where it fits, where there is no such
 * area, or where long lines are only pointed out.
 */
export function pagesOf(flow: Flow, screen: CompiledScreen, { letters, text }: Typed): Page[] {
  const words = letters.join('');
  const whole: Page[] = [{ from: 0, to: letters.length, words: text }];
  const { says } = screen.talkParts;
  if (flow.talk.long !== 'pages' || says === null || words === '') return whole;
  const room = wordsRoom(screen, says);
  if (!room) return whole;
  const block = laySaid(flow.project, text, textStyle(flow.project, room.use), room);
  if (block.over.down <= HAIR) return whole;
  const pages: Page[] = [];
  // Where the lines stand in the words: breaking drops the spaces between them.
  let at = 0;
  const spans = block.lines.map(({ text: line, top, high }) => {
    const start = words.indexOf(line, at);
    at = start + line.length;
    return { start, end: at, top, bottom: top + high };
  });
  for (let i = 0; i < spans.length;) {
    const first = spans[i]!;
    const fitting = spans.slice(i).findIndex(({ bottom }) => bottom - first.top > room.height + HAIR);
    const next = fitting < 0 ? spans.length : i + Math.max(1, fitting);
    const page = words.slice(first.start, spans[next - 1]!.end);
    i = next;
    if (page.trim() === '') continue;
    const from = lettersOf(words.slice(0, first.start)).length;
    const to = from + lettersOf(page).length;
    pages.push({ from, to, words: partOf(text, from, to) });
  }
  return pages.length > 0 ? pages : whole;
}

/** Measuring and drawing agree to half a pixel. */
const HAIR = 0.5;

/** The room an element has for its text, in design pixels, and the text’s look; null for an element without text. */
export function wordsRoom(
  { byId, layout }: CompiledScreen,
  id: Id,
): { width: number; height: number; use: TextUse } | null {
  const element = byId.get(id);
  const rect = layout.get(id);
  if (!element || !rect || !('look' in element)) return null;
  const { top, right, bottom, left } = 'area' in element ? element.area : NO_EDGES;
  return {
    width: Math.max(0, rect.width - left - right),
    height: Math.max(0, rect.height - top - bottom),
    use: element.look,
  };
}
const NO_EDGES = { top: 0, right: 0, bottom: 0, left: 0 };
