import { ellipse as drawn, ovalPath } from '../../drawing';
import { boxLook } from '../../style';
import type { Of, Play } from '../play';

export const ellipse: Play<Of<'ellipse'>> = {
  paint: (element, { project, rect }) => drawn(element.id, rect, boxLook(project, element.box)),
  holds: (element) => element,
  outline: (_, rect) => ovalPath(rect),
};
