import type { Rect } from '../geometry';
import type { Id } from '../model';
import type { InOut, OpenTrack } from './in-out';
import { halfOf, keyOf, NO_MOTION, reversed, type Half, type Track } from './sample';

/** The elements that lie on a screen itself, in drawing order. */
export interface Placed {
  id: Id;
  name: string;
  rect: Rect;
}

/** The entering half for a screen that holds these; those with a stagger count from `point`. */
export const enteringHalf = (halves: InOut, elements: readonly Placed[], point: Point | null): Half =>
  settled(halves.entering, elements, point);

/** The leaving half: its own, else the entering half backwards. */
export function leavingHalf(
  { entering, leaving }: InOut,
  elements: readonly Placed[],
  point: Point | null,
): Half {
  const { tracks, backwards } = leaving ?? { tracks: entering, backwards: true };
  const half = settled(tracks, elements, point);
  return backwards ? reversed(half) : half;
}

interface Point {
  x: number;
  y: number;
}

/** Halves of the motions that move screens whole are the same for all of them. */
const kept = new WeakMap<readonly OpenTrack[], Half>();

function settled(tracks: readonly OpenTrack[], elements: readonly Placed[], point: Point | null): Half {
  if (tracks.length === 0) return NO_MOTION;
  const known = kept.get(tracks);
  if (known) return known;
  const half = halfOf(tracks.flatMap((track) => tracksOf(track, elements, point)));
  if (tracks.every(({ of }) => of !== 'elements' && typeof of === 'string')) kept.set(tracks, half);
  return half;
}

function tracksOf(track: OpenTrack, elements: readonly Placed[], point: Point | null): Track[] {
  const { of, property, from, to, delay, duration, easing, stagger } = track;
  const move = (part: string, later = 0): Track => ({
    key: keyOf(part, property),
    from,
    to,
    delay: delay + later,
    duration,
    easing,
  });
  if (typeof of !== 'string')
    return elements.filter(({ name }) => name === of.named).map(({ id }) => move(id));
  if (of !== 'elements') return [move(of)];
  const order = stagger ? inTurn(elements, stagger.order, point) : elements;
  return order.map(({ id }, i) => move(id, stagger ? i * stagger.by : 0));
}

function inTurn(elements: readonly Placed[], order: string, point: Point | null): readonly Placed[] {
  if (order === 'order') return elements;
  if (order === 'place' || !point)
    return [...elements].sort((a, b) => a.rect.y - b.rect.y || a.rect.x - b.rect.x);
  const far = ({ rect }: Placed): number =>
    Math.hypot(rect.x + rect.width / 2 - point.x, rect.y + rect.height / 2 - point.y);
  return [...elements].sort((a, b) => far(a) - far(b));
}
