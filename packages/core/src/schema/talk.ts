import Joi from 'joi';
import { BUBBLES, SIDES } from '../model';
import {
  colour,
  duration,
  expression,
  id,
  list,
  MAX_ITEMS,
  name,
  oneBy,
  oneOf,
  thing,
  words,
  scalar,
} from '../fields';

/** Who speaks, what is said, and in which order. */

export const speaker = thing({
  id: id.required(),
  name: name.required(),
  colour,
  faces: list(thing({ name: name.required(), asset: id.required() })).required(),
  unseen: Joi.valid(true),
  side: oneOf(...SIDES),
  bubble: oneOf(...BUBBLES),
  blip: id,
});

export const talkRules = thing({
  letter: duration,
  comma: duration,
  stop: duration,
  reading: thing({
    base: duration.required(),
    each: duration.required(),
    min: duration,
    max: duration,
    scale: id,
  }),
  auto: Joi.alternatives(oneOf('always'), thing({ value: id.required() })),
  limit: Joi.number().min(1).max(200),
  long: oneOf('pages', 'marked'),
});

const said = {
  speaker: id.allow(null).required(),
  face: name,
  side: oneOf(...SIDES),
  bubble: oneOf(...BUBBLES),
  text: words.required(),
};
const own = { id: id.required(), note: words };
const steps = Joi.array().items(Joi.link('#step')).max(MAX_ITEMS);

/** One step of a conversation or routine, which may hold others; `effect` is what a link can also do. */
export const stepSchema = (effect: Joi.Schema) =>
  oneBy(
    'step',
    {
      line: {
        ...said,
        letter: duration,
        goes: oneOf('itself', 'confirmed'),
        others: thing({ texts: list(words).required(), shuffled: Joi.valid(true) }),
      },
      pause: { for: duration.required() },
      choice: {
        ...said,
        options: list(
          thing({ id: id.required(), text: words.required(), when: expression, steps: steps.required() }),
        ).required(),
        limit: duration,
        otherwise: id,
      },
      effect: { effect: effect.required() },
      music: { asset: id.required() },
      move: { element: name.required(), animation: id.required(), waits: Joi.valid(true) },
      wait: { event: id.required(), limit: duration, otherwise: steps },
      label: { name: name.required() },
      jump: { to: id.required(), when: expression },
      routine: { routine: id.required(), args: Joi.object().pattern(/^.{1,120}$/, scalar) },
      conversation: { conversation: id.required() },
      show: { element: name.required(), picture: id },
      hide: { element: name.required() },
      end: { outcome: id },
    },
    own,
  ).id('step');

export const conversation = thing({
  id: id.required(),
  name: name.required(),
  screen: id.allow(null).required(),
  steps: steps.required(),
});

export const routine = thing({
  id: id.required(),
  name: name.required(),
  parameters: list(
    thing({
      id: id.required(),
      name: name.required(),
      type: oneOf('text', 'speaker', 'face', 'picture').required(),
      default: words,
    }),
  ).required(),
  steps: steps.required(),
});

export const translated = Joi.object().pattern(
  /^[A-Za-z0-9-]{2,40}$/,
  Joi.object().pattern(
    /^.{1,400}$/,
    thing({ from: words, state: oneOf('initial', 'translated', 'reviewed', 'final') }),
  ),
);
export const wordings = Joi.object().pattern(
  /^.{1,400}$/,
  thing({ note: words, maxLength: Joi.number().integer().min(1).max(20_000) }),
);
