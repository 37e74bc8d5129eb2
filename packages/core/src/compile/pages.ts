import type { CompiledScreen, Flow } from './index';
import type { Id, TextUse } from '../model';
import { textStyle } from '../style';
import { fontOf, layText } from '../text';
import { lettersOf, type Typed } from '../talk';

/** What of a line is seen at once: its letters from the first to before the last, and the words as they are set. */
export interface Page {
  from: number;
  to: number;
  words: string;
}

/**
 * A line parted so that each page fits the text area of its screen; one page where it fits, where there is no such
 * area, or where long lines are only pointed out.
 */
export function pagesOf(flow: Flow, screen: CompiledScreen, { letters }: Typed): Page[] {
  const words = letters.join('');
  const whole: Page[] = [{ from: 0, to: letters.length, words }];
  const { says } = screen.talkParts;
  if (flow.talk.long !== 'pages' || says === null || words === '') return whole;
  const room = wordsRoom(screen, says);
  if (!room) return whole;
  const look = textStyle(flow.project, room.use);
  const block = layText(words, look, fontOf(flow.project, look).metrics, room);
  if (block.over.down <= HAIR) return whole;
  const fitting = Math.max(1, Math.floor((room.height + HAIR) / block.step));
  const pages: Page[] = [];
  // Where the lines stand in the words: breaking drops the spaces between them.
  let at = 0;
  const spans = block.lines.map(({ text }) => {
    const start = words.indexOf(text, at);
    at = start + text.length;
    return { start, end: at };
  });
  for (let i = 0; i < spans.length; i += fitting) {
    const last = Math.min(spans.length, i + fitting) - 1;
    const page = words.slice(spans[i]!.start, spans[last]!.end);
    if (page.trim() === '') continue;
    const from = lettersOf(words.slice(0, spans[i]!.start)).length;
    pages.push({ from, to: from + lettersOf(page).length, words: page });
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
