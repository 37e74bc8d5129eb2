import { box, group, CLEAR, inset, type Item } from '../../drawing';
import { boxLook } from '../../style';
import type { Canvas, Of, Play } from '../play';
import { paintPicture } from '../picture/picture';

function paint(element: Of<'portrait'>, { project, rect, looks }: Canvas): Item[] {
  const look = boxLook(project, element.box);
  const inner = paintPicture(project, element, inset(rect, edges(look.borderWidth)), looks);
  const clip = { ...rect, corner: look.corner };
  const middle = { angle: 0, x: rect.x + rect.width / 2, y: rect.y, flipped: true };
  return [
    ...box(null, rect, { ...look, border: CLEAR, borderWidth: 0 }),
    group([element.flipped ? group([inner], { turn: middle }) : inner], { clip }),
    ...box(element.id, rect, {
      ...look,
      fill: CLEAR,
      gradient: undefined,
      shadow: undefined,
      outline: undefined,
    }),
  ];
}

const edges = (by: number) => ({ top: by, right: by, bottom: by, left: by });

export const portrait: Play<Of<'portrait'>> = { paint };
