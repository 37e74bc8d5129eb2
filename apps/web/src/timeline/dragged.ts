import {
  timeIn,
  toMicros,
  unitOf,
  type Duration,
  type Motion,
  type Order,
  type Project,
  type SimpleMotion,
} from '@tavu/core/model';
import type { PictureBar } from '@tavu/core/run';
import { PARTS, type Row } from './rows';

/**
 * What dragging an end of a bar makes of a motion, or of the order in which two screens give way; `key` is what is
 * changed.
 */
export interface Dragged {
  change: { motion?: Motion; order?: Order };
  key: string;
}

/** The half of a motion that a picture shows, as authored. */
export const halfOf = (motion: Motion, half: PictureBar['way']): SimpleMotion =>
  half === 'leaving' && motion.leaving ? motion.leaving : motion;

function withHalf(motion: Motion, half: PictureBar['way'], to: object, key: string): Dragged {
  const now = { ...halfOf(motion, half), ...to } as SimpleMotion;
  const { leaving } = motion;
  if (half === 'leaving' && leaving) return { change: { motion: { ...motion, leaving: now } }, key };
  return { change: { motion: { ...now, ...(leaving ? { leaving } : {}) } as Motion }, key };
}

/** In the unit of the duration it replaces. */
const written = (micros: number, like: Duration, rates: Project['rates']): Duration =>
  timeIn(Math.max(0, micros), unitOf(like), rates);

/** The end of a bar is dragged to a time in microseconds: its motion takes longer, or not as long. */
export function endDragged(motion: Motion, row: Row, to: number, rates: Project['rates']): Dragged | null {
  const { way, from, until } = row.picture;
  const half = halfOf(motion, way);
  if (!('duration' in half)) return null;
  const turns = until - from - toMicros(half.duration, rates);
  const taken = row.part === null ? to - row.from - turns : to - row.from;
  const duration = written(Math.max(1000, taken), half.duration, rates);
  return withHalf(motion, way, { duration }, `${way} duration`);
}

/**
 * The beginning of a bar is dragged: elements come in turn otherwise, or the next picture before `gone`, when the
 * last has left.
 */
export function startDragged(
  motion: Motion,
  row: Row,
  to: number,
  gone: number | null,
  rates: Project['rates'],
): Dragged | null {
  const { way, parts } = row.picture;
  const half = halfOf(motion, way);
  if (row.turn !== null && row.turn > 0 && 'stagger' in half && half.stagger) {
    const first = parts.find((part) => !PARTS[part.part])!;
    const by = Math.max(0, Math.round((to - first.from) / row.turn / 1000) * 1000);
    const stagger = { ...half.stagger, by: written(by, half.stagger.by, rates) };
    return withHalf(motion, way, { stagger }, 'stagger');
  }
  if (way !== 'entering' || gone === null) return null;
  const overlap = gone - to;
  const order: Order =
    to <= 0
      ? 'together'
      : overlap <= 0
        ? 'after'
        : { overlap: written(Math.round(overlap / 1000) * 1000, '0 ms', rates) };
  return { change: { order }, key: 'order' };
}
