import { box, CLEAR, ellipse, partOf, statesOf, type Item } from '../../drawing';
import { boxLook, inStates } from '../../style';
import type { Canvas, Of, Play } from '../play';
import { discOf, pushOf, toldOf } from './push';

/** How wide its knob is without a size or picture of its own, as a share of the disc. */
const KNOB = 0.46;

function paint(element: Of<'stick'>, { project, rect, looks }: Canvas): Item[] {
  const thumb = looks.thumbs[element.id];
  const states = statesOf(element.id, looks);
  const look = inStates(boxLook(project, element.box), states);
  const disc = discOf(element, rect, thumb);
  const push = thumb ? pushOf(element, rect, thumb) : { x: 0, y: 0 };
  const knob = partOf(project, element.parts?.knob, states);
  const width = knob?.width ?? disc.width * KNOB;
  const height = knob?.height ?? width;
  const radius = disc.width / 2;
  const at = {
    x: disc.x + radius * (1 + push.x) - width / 2,
    y: disc.y + radius * (1 + push.y) - height / 2,
    width,
    height,
  };
  const ink = look.border === CLEAR ? '#f3ead7' : look.border;
  const plain = { ...look, picture: undefined, gradient: undefined, fill: ink, borderWidth: 0 };
  return [
    ...(look.picture && look.picture !== 'none'
      ? box(element.id, disc, look)
      : ellipse(element.id, disc, look)),
    ...(knob ? box(null, at, knob.look) : ellipse(null, at, plain)),
  ];
}

export const stick: Play<Of<'stick'>> = { paint, pressed: true, thumb: toldOf };
