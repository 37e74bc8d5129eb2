import Joi from 'joi';
import { EASING_PATTERN } from '../motion';
import { CHANGES } from '../model';
import { colour, duration, FAR, id, length, list, name, oneOf, pixels, share, thing, words } from './atoms';

/** How things move. */

const easing = Joi.string().pattern(EASING_PATTERN, 'an easing such as ease-out').max(400);
const stagger = thing({ by: duration.required(), order: oneOf('order', 'place', 'distance').required() });
const timed = { duration: duration.required(), delay: duration, easing, stagger };
const simple = (more: Joi.SchemaMap) =>
  Joi.alternatives(
    thing({ name: oneOf('none').required(), ...more }),
    thing({ name: oneOf('fade').required(), ...timed, ...more }),
    thing({
      name: oneOf('slide').required(),
      from: oneOf('left', 'right', 'top', 'bottom').required(),
      by: length,
      ...timed,
      ...more,
    }),
    thing({ name: oneOf('grow').required(), scale: Joi.number().min(0).max(20), ...timed, ...more }),
    thing({ name: oneOf('blur').required(), strength: Joi.number().min(0).max(200), ...timed, ...more }),
    thing({ name: oneOf('made').required(), motion: id.required(), ...more }),
  );
const simpleMotion = simple({});
export const motion = simple({ leaving: simpleMotion });

const track = thing({
  of: Joi.alternatives(
    oneOf('screen', 'background', 'elements'),
    thing({ named: name.required() }),
  ).required(),
  change: oneOf(...CHANGES).required(),
  from: length.required(),
  to: length,
  duration: duration.required(),
  delay: duration,
  easing,
  stagger,
});
export const madeMotion = thing({
  id: id.required(),
  name: name.required(),
  tracks: list(track).required(),
  leaving: list(track),
  reduced: simpleMotion,
});

const scale = Joi.number().min(0).max(100);
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
    oneOf('arrival', 'focus', 'press', 'step'),
    thing({ event: id.required() }),
  ).required(),
  delay: duration,
  repeat: oneOf('loop', 'there and back'),
  frames: keyframes.required(),
});

const textFrame = thing({ text: words.required(), hold: duration.required() });
export const textFrames = thing({
  frames: list(textFrame).required(),
  rounds: Joi.number().integer().min(1).max(10_000),
  last: textFrame,
});

export const loading = Joi.alternatives(
  thing({ by: oneOf('pretending').required(), lasts: duration.required(), shape: easing, limit: duration }),
  thing({ by: oneOf('events').required(), progress: id, field: id, done: id, failed: id, limit: duration }),
);
