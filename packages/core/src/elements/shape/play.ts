import { lined, outlined, outlineOf, type Item } from '../../drawing';
import type { Rect } from '../../geometry';
import type { ShapeLine } from '../../model';
import { boxLook } from '../../style';
import type { Canvas, Of, Play } from '../play';

/** What of it is closed, to be filled, and what is open, to be drawn as a line. */
function parts({ form }: Of<'shape'>, rect: Rect, corner: number): { closed: string; open: string } {
  if (form.is !== 'path') return { closed: outlineOf(form, rect, corner), open: '' };
  const of = (test: (line: ShapeLine) => boolean): string =>
    outlineOf({ is: 'path', lines: form.lines.filter(test) }, rect, corner);
  return { closed: of((line) => !line.open), open: of((line) => line.open === true) };
}

function paint(element: Of<'shape'>, { project, rect }: Canvas): Item[] {
  const look = boxLook(project, element.box);
  const { closed, open } = parts(element, rect, look.corner);
  return [...outlined(element.id, rect, closed, look), ...lined(element.id, open, look)];
}

export const shape: Play<Of<'shape'>> = {
  paint,
  holds: (element) => element,
  outline: (element, rect, corner) => parts(element, rect, corner).closed,
};
