import type { Of, Play } from '../play';
import { paintPicture } from './picture';

export const picture: Play<Of<'picture'>> = {
  paint: (element, { project, rect, looks }) => [paintPicture(project, element, rect, looks)],
};
