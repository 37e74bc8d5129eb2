import Joi from 'joi';
import { EASING_PATTERN } from '../motion';
import {
  colour,
  duration,
  FAR,
  id,
  length,
  list,
  name,
  oneBy,
  oneOf,
  pixels,
  share,
  thing,
  words,
} from './atoms';

/** How things move. */

export const easing = Joi.string().pattern(EASING_PATTERN, 'an easing such as ease-out').max(400);
const stagger = thing({ by: duration.required(), order: oneOf('order', 'place', 'distance').required() });
const timed = { duration: duration.required(), delay: duration, easing, stagger };
const simple = (more: Joi.SchemaMap) =>
  oneBy(
    'name',
    {
      none: {},
      fade: timed,
      slide: { from: oneOf('left', 'right', 'top', 'bottom').required(), by: length, ...timed },
      grow: { scale: Joi.number().min(0).max(20), ...timed },
      blur: { strength: Joi.number().min(0).max(200), ...timed },
      made: { motion: id.required() },
    },
    more,
  );
const scale = Joi.number().min(0).max(100);
const simpleMotion = simple({});
export const motion = simple({ leaving: simpleMotion });

/** What each change goes from and to: offsets are lengths, all else is a number. */
const ends = (end: Joi.Schema) => ({ from: end.required(), to: end });
// Values out of range are clamped when played; a percentage has a meaning for offsets only.
const number = Joi.number().min(-FAR).max(FAR);
const track = oneBy(
  'change',
  { 'across|down': ends(length), 'opacity|scale|turn|blur': ends(number) },
  {
    of: Joi.alternatives(
      oneOf('screen', 'background', 'elements'),
      thing({ named: name.required() }),
    ).required(),
    duration: duration.required(),
    delay: duration,
    easing,
    stagger,
  },
);
export const madeMotion = thing({
  id: id.required(),
  name: name.required(),
  tracks: list(track).required(),
  leaving: list(track),
  reduced: simpleMotion,
});

export const keyframes = list(
  thing({
    at: duration.required(),
    x: pixels,
    y: pixels,
    scale,
    turn: Joi.number().min(-FAR).max(FAR),
    opacity: share,
    tint: colour,
    easing,
  }),
);
export const animation = thing({
  id: id.required(),
  on: Joi.alternatives(
    oneOf('arrival', 'focus', 'press', 'step', 'loss'),
    thing({ event: id.required() }),
  ).required(),
  delay: duration,
  repeat: oneOf('loop', 'there and back'),
  frames: keyframes.required(),
});

/** Frames a second; sixty is as fast as most displays are. */
export const MAX_RATE = 60;
export const plays = thing({
  rate: Joi.number().min(0.1).max(MAX_RATE).required(),
  on: Joi.alternatives(oneOf('arrival', 'focus', 'press'), thing({ event: id.required() })).required(),
  delay: duration,
  repeat: oneOf('loop', 'there and back'),
});

const textFrame = thing({ text: words.required(), hold: duration.required() });
export const textFrames = thing({
  frames: list(textFrame).required(),
  shuffled: Joi.valid(true),
  rounds: Joi.number().integer().min(1).max(10_000),
  last: textFrame,
});

export const loading = oneBy(
  'by',
  {
    pretending: { lasts: duration.required(), shape: easing },
    events: { progress: id, field: id, done: id, failed: id },
  },
  { limit: duration },
);
