import { typedOut, bubblePath, inset, text, type Item } from '../../drawing';
import { boxLook, textLook } from '../../style';
import type { Canvas, Of, Play } from '../play';

function paint(drawn: Of<'bubble'>, { project, rect, looks, said }: Canvas): Item[] {
  const shape = looks.shapes[drawn.id];
  const element = shape === undefined ? drawn : { ...drawn, shape };
  const look = boxLook(project, element.box);
  const ink = textLook(project, element.look);
  const { fill, gradient, border, borderWidth, corner } = look;
  return [
    {
      kind: 'path',
      id: element.id,
      path: bubblePath(rect, corner, element),
      fill,
      border,
      borderWidth,
      ...(gradient ? { gradient } : {}),
      ...(element.shape === 'whisper' ? { dashed: true as const } : {}),
    },
    ...typedOut(
      text(
        project,
        element.id,
        inset(rect, element.area),
        said,
        look.ink ? { ...ink, colour: look.ink } : ink,
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
