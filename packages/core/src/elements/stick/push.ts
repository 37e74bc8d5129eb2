import type { Rect } from '../../geometry';
import type { Direction, Id, Point } from '../../model';
import type { Of, Told } from '../play';

/** How far a thumb pushes a stick, and what that tells. */

type Stick = Of<'stick'>;

/** Where a thumb came down, and where it is: design pixels from the left and top of the stick's place. */
export interface Thumb {
  from: Point;
  at: Point;
}

/** How far a stick goes until it counts, where it does not say: 0 to 1. */
export const USUAL_DEAD = 0.2;

/** The disc that a stick stands on: in the middle of its place, or where a thumb has come down, within its place. */
export function discOf({ size, floats }: Stick, place: Rect, thumb?: Thumb): Rect {
  const wide = Math.min(size, place.width, place.height);
  const along = (from: number | undefined, whole: number): number =>
    from === undefined || !floats ? (whole - wide) / 2 : Math.min(whole - wide, Math.max(0, from - wide / 2));
  return {
    x: place.x + along(thumb?.from.x, place.width),
    y: place.y + along(thumb?.from.y, place.height),
    width: wide,
    height: wide,
  };
}

/** How far it is pushed, as shares of its disc's radius: no further than 1, whichever way. */
export function pushOf(stick: Stick, place: Rect, thumb: Thumb): Point {
  const disc = discOf(stick, place, thumb);
  const radius = disc.width / 2;
  if (radius <= 0) return { x: 0, y: 0 };
  const x = (thumb.at.x + place.x - disc.x - radius) / radius;
  const y = (thumb.at.y + place.y - disc.y - radius) / radius;
  const far = Math.hypot(x, y);
  return far > 1 ? { x: x / far, y: y / far } : { x, y };
}

/**
 * What a push tells: nothing within the dead zone, from there on from 0 to 1, turned to the nearest of its ways. Diagonals
 * hold two directions down.
 */
export function toldOf(stick: Stick, place: Rect, thumb: Thumb): Told {
  const { dead = USUAL_DEAD, ways, tells } = stick;
  const push = pushOf(stick, place, thumb);
  const far = Math.hypot(push.x, push.y);
  const counts = far > dead && dead < 1;
  const share = counts ? (far - dead) / (1 - dead) : 0;
  const free = Math.atan2(push.y, push.x);
  const step = ways && (2 * Math.PI) / ways;
  const turn = step ? Math.round(free / step) * step : free;
  const axis = { x: rounded(Math.cos(turn) * share), y: rounded(Math.sin(turn) * share) };
  return {
    actions: counts && tells !== 'axis' ? directionsAt(turn) : [],
    ...(tells === 'directions' ? {} : { axis }),
  };
}

/** The directions within 67.5° of a turn, so that each diagonal has an eighth of the circle. */
function directionsAt(turn: number): Id[] {
  const found: Direction[] = [];
  const [x, y] = [Math.cos(turn), Math.sin(turn)];
  if (Math.abs(x) > EIGHTH) found.push(x < 0 ? 'left' : 'right');
  if (Math.abs(y) > EIGHTH) found.push(y < 0 ? 'up' : 'down');
  return found;
}
const EIGHTH = Math.sin(Math.PI / 8);

/** A hundredth is as fine as a thumb is. */
const rounded = (share: number): number => Math.round(share * 100) / 100 + 0;
