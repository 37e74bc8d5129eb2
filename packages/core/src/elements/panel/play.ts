import { box } from '../../drawing';
import { boxLook } from '../../style';
import type { Of, Play } from '../play';
import { BAR_AWAY, barWidth, hasBars } from './scroll-bar';

export const panel: Play<Of<'panel'>> = {
  paint: (element, { project, rect }) => box(element.id, rect, boxLook(project, element.box)),
  holds: (element) => {
    if (!hasBars(element)) return element;
    const room = barWidth(element) + 2 * BAR_AWAY;
    const { arrange, overflow, wraps } = element;
    return { arrange, overflow, wraps, gutter: arrange?.by === 'row' ? { y: room } : { x: room } };
  },
};
