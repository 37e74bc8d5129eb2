import type { Effect, EffectName } from '../model';
import { byAuthor, plain, type Part } from '../walk';
import { author as notice } from './notice';
import { author as clearNotice } from './clear-notice';
import { author as send } from './send';
import { author as set } from './set';
import { author as reset } from './reset';
import { author as sound } from './sound';
import { author as stopSound } from './stop-sound';
import { author as save } from './save';
import { author as load } from './load';
import { author as keepChanges } from './keep-changes';
import { author as takeBackChanges } from './take-back-changes';
import { author as resetBindings } from './reset-bindings';
import type { Do, EffectAuthor, Phrase } from './effect';

export { toScreen } from './named';
export type { EffectAuthor, Phrase };

/** Every type of effect, as it is edited. */
export const EFFECT_AUTHORS: { [N in EffectName]: EffectAuthor<Do<N>> } = {
  notice,
  'clear notice': clearNotice,
  send,
  set,
  reset,
  sound,
  'stop sound': stopSound,
  save,
  load,
  'keep changes': keepChanges,
  'take back changes': takeBackChanges,
  'reset bindings': resetBindings,
};

/** What an effect's type says of it to an editor. */
export const authorOfEffect = (effect: Effect): EffectAuthor<Effect> =>
  EFFECT_AUTHORS[effect.do] as unknown as EffectAuthor<Effect>;

/** Where effects name things and ask. */
export const effectReferences: Part<Effect> = byAuthor<Effect>(authorOfEffect, { after: plain });
