import { typedOut, bubbleFace, bubblePath, inset, saidText, type Item } from '../../drawing';
import { boxLook, inColour, textLook } from '../../style';
import type { Canvas, Of, Play } from '../play';

function paint(drawn: Of<'bubble'>, { project, rect, looks, said }: Canvas): Item[] {
  const shape = looks.shapes[drawn.id];
  const element = shape === undefined ? drawn : { ...drawn, shape };
  const look = boxLook(project, element.box);
  const ink = textLook(project, element.look);
  return [
    ...bubbleFace(
      element.id,
      bubblePath(rect, look.corner, element),
      rect,
      look,
      element.shape === 'whisper',
    ),
    ...typedOut(
      saidText(
        project,
        element.id,
        inset(rect, element.area),
        said,
        look.ink ? inColour(ink, look.ink) : ink,
        ink.stand ?? 'middle',
      ),
      element.id,
      looks,
    ),
  ];
}

export const bubble: Play<Of<'bubble'>> = {
  paint,
  speak: { role: 'text' },
  wordsRoom: (element, rect) => inset(rect, element.area),
};
