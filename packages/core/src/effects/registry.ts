import type { Effect, EffectName, Id } from '../model';
import { play as notice } from './notice';
import { play as clearNotice } from './clear-notice';
import { play as send } from './send';
import { play as set } from './set';
import { play as reset } from './reset';
import { play as addRow } from './add-row';
import { play as changeRows } from './change-rows';
import { play as removeRows } from './remove-rows';
import { play as sound } from './sound';
import { play as stopSound } from './stop-sound';
import { play as save } from './save';
import { play as load } from './load';
import { play as keepChanges } from './keep-changes';
import { play as takeBackChanges } from './take-back-changes';
import { play as resetBindings } from './reset-bindings';
import type { Do, EffectPlay } from './effect';

/** Every type of effect, as it plays. */
export const EFFECTS: { [N in EffectName]: EffectPlay<Do<N>> } = {
  notice,
  'clear notice': clearNotice,
  send,
  set,
  reset,
  'add row': addRow,
  'change rows': changeRows,
  'remove rows': removeRows,
  sound,
  'stop sound': stopSound,
  save,
  load,
  'keep changes': keepChanges,
  'take back changes': takeBackChanges,
  'reset bindings': resetBindings,
};

/** What an effect's type says of it. */
export const effectOf = (effect: Effect): EffectPlay<Effect> => EFFECTS[effect.do] as EffectPlay<Effect>;

/** The screen an effect brings up; null where it brings none. */
export const showsOf = (effect: Effect): Id | null => effectOf(effect).shows?.(effect) ?? null;
