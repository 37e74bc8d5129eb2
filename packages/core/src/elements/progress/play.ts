import {
  box,
  cutOut,
  filledFrom,
  filledRow,
  heldBy,
  ringPath,
  shareOf,
  text,
  wordsOf,
  type Held,
  type Item,
} from '../../drawing';
import type { Rect } from '../../geometry';
import { scalarWords, type ProgressFill } from '../../model';
import { boxLook, textLook, type DrawnBox } from '../../style';
import type { Canvas, Of, Play } from '../play';

const FROM_LEFT: ProgressFill = { by: 'side', side: 'left' };

function paint(element: Of<'progress'>, { project, rect, looks }: Canvas): Item[] {
  const { fills = FROM_LEFT, loss, levels = [] } = element;
  const held = heldBy(project, element, looks.holds);
  const own = boxLook(project, element.box);
  if (fills.by === 'number') {
    const number = looks.bars[element.id]?.share ?? Number(held.scalar ?? 0);
    const ink = textLook(project, fills.look);
    return [
      ...box(element.id, rect, own),
      ...text(project, element.id, rect, running(held, number), ink, ink.stand ?? 'middle'),
    ];
  }
  const now = looks.bars[element.id] ?? { share: shareOf(held), loss: 0 };
  const level = [...levels].sort((a, b) => a.below - b.below).find(({ below }) => now.share < below);
  const bar = boxLook(project, level?.bar ?? element.bar);
  const lost = loss && now.loss > now.share ? boxLook(project, loss.box) : null;
  if (fills.by === 'row')
    return [
      ...(lost ? filledRow(rect, fills, now.loss, lost, own) : filledRow(rect, fills, 0, bar, own)),
      ...filledRow(rect, fills, now.share, bar, null),
    ];
  const part = (share: number, look: DrawnBox): Item[] =>
    fills.by === 'ring' ? ringOf(fills, rect, share, look) : filledFrom(fills.side, share, rect, look);
  return [
    ...(fills.by === 'ring' ? ringOf(fills, rect, 1, own) : box(element.id, rect, own)),
    ...(lost ? part(now.loss, lost) : []),
    ...part(now.share, bar),
  ];
}

/** As much of a ring as there is, of a picture or of a fill. */
function ringOf(
  { start, sweep, width, anticlockwise }: Extract<ProgressFill, { by: 'ring' }>,
  rect: Rect,
  share: number,
  look: DrawnBox,
): Item[] {
  const turn = sweep * share;
  const path = anticlockwise
    ? ringPath(rect, start - turn, start, width)
    : ringPath(rect, start, start + turn, width);
  if (path === '') return [];
  return cutOut(path, rect, look);
}

/** A number on its way, in the steps it goes by. */
function running({ type, scalar }: Held, now: number): string {
  if (type?.type !== 'number') return wordsOf({ type, scalar });
  const { step = 1 } = type;
  return scalarWords(type, Number((Math.round(now / step) * step).toFixed(6)));
}

export const progress: Play<Of<'progress'>> = {
  paint,
  speak: {
    role: 'progressbar',
    tell: ({ name }, { held }) => ({ share: Math.round(shareOf(held) * 100), state: wordsOf(held), name }),
  },
};
