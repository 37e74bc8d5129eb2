import { box } from '../../drawing';
import { boxLook } from '../../style';
import type { Of, Play } from '../play';

export const panel: Play<Of<'panel'>> = {
  paint: (element, { project, rect }) => box(element.id, rect, boxLook(project, element.box)),
  holds: (element) => element,
};
