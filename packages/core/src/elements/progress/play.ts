import { box, heldBy, shareOf, wordsOf, type Item } from '../../drawing';
import { boxLook } from '../../style';
import type { Canvas, Of, Play } from '../play';

function paint(element: Of<'progress'>, { project, rect, looks }: Canvas): Item[] {
  const held = heldBy(project, element, looks.holds);
  const bar = boxLook(project, element.bar);
  return [
    ...box(element.id, rect, boxLook(project, element.box)),
    ...box(null, { ...rect, width: rect.width * shareOf(held) }, bar),
  ];
}

export const progress: Play<Of<'progress'>> = {
  paint,
  speak: {
    role: 'progressbar',
    tell: ({ name }, { held }) => ({ share: Math.round(shareOf(held) * 100), state: wordsOf(held), name }),
  },
};
