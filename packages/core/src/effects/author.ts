import { knownFields, scopeOfEach, type Scope } from '../expression';
import { listById } from '../lists';
import type { Arguments, Effect, EffectName, Field, Parameter, Project } from '../model';
import { byAuthor, plain, type Part } from '../walk';
import { author as notice } from './notice';
import { author as clearNotice } from './clear-notice';
import { author as send } from './send';
import { author as set } from './set';
import { author as reset } from './reset';
import { author as addRow } from './add-row';
import { author as changeRows } from './change-rows';
import { author as removeRows } from './remove-rows';
import { author as sound } from './sound';
import { author as stopSound } from './stop-sound';
import { author as save } from './save';
import { author as load } from './load';
import { author as keepChanges } from './keep-changes';
import { author as takeBackChanges } from './take-back-changes';
import { author as resetBindings } from './reset-bindings';
import { effectOf } from './registry';
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

/** What an effect's type says of it to an editor. */
export const authorOfEffect = (effect: Effect): EffectAuthor<Effect> =>
  EFFECT_AUTHORS[effect.do] as unknown as EffectAuthor<Effect>;

/** What an effect is given besides: to what parameters or fields, and what can be named in it. */
export function givenBy(
  project: Project,
  effect: Effect,
  scope: Scope,
): { takes: readonly (Parameter | Field)[]; args: Arguments; scope: Scope } {
  const { tells, rows } = effectOf(effect);
  const about = rows?.(effect);
  if (!about) {
    const { takes = [], args = {} } = tells?.(effect, project) ?? {};
    return { takes, args, scope };
  }
  const list = listById(project, about.list);
  return {
    takes: list?.fields ?? [],
    args: about.args ?? {},
    scope: list ? scopeOfEach(scope, knownFields(list, 'each')) : scope,
  };
}

/** Where effects name things and ask. */
export const effectReferences: Part<Effect> = byAuthor<Effect>(authorOfEffect, { after: plain });
