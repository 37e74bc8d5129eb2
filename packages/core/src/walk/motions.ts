import type { MadeMotion, Motion, MotionTrack, SimpleMotion } from '../model';
import { choose, type Among, id, list, orElse, own, plain, record } from './shape';

/** Where motions name motions, and elements by their names. */

const timed = { duration: plain, delay: plain, easing: plain, stagger: plain };

/** A half, or a whole motion, that is of a made one goes with it. */
const made = id('motion', { gone: 'holder' });
const simple = choose<SimpleMotion, 'name'>('name', {
  none: plain,
  fade: plain,
  slide: plain,
  grow: plain,
  blur: plain,
  made: record<Among<SimpleMotion, 'name', 'made'>>({ motion: made }),
});

const half = { leaving: simple };
export const motion = choose<Motion, 'name'>('name', {
  none: record<Among<Motion, 'name', 'none'>>(half),
  fade: record<Among<Motion, 'name', 'fade'>>({ ...timed, ...half }),
  slide: record<Among<Motion, 'name', 'slide'>>({ ...timed, by: plain, ...half }),
  grow: record<Among<Motion, 'name', 'grow'>>({ ...timed, ...half }),
  blur: record<Among<Motion, 'name', 'blur'>>({ ...timed, ...half }),
  made: record<Among<Motion, 'name', 'made'>>({ motion: made, ...half }),
});

const track = record<MotionTrack>({
  of: orElse(record<{ named: string }>({ named: id('element name') })),
  from: plain,
  to: plain,
  duration: plain,
  delay: plain,
  easing: plain,
  stagger: plain,
});
export const madeMotion = record<MadeMotion>({
  id: own('motion'),
  name: plain,
  tracks: list(track),
  leaving: list(track),
  reduced: simple,
});
