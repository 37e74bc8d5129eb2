import type { Effect, EffectName, Project } from '@tavu/core/model';
import { notice } from './notice';
import { send } from './send';
import { clearNotice } from './clear-notice';
import { set } from './set';
import { addRow } from './add-row';
import { changeRows } from './change-rows';
import { removeRows } from './remove-rows';
import { sound } from './sound';
import { stopSound } from './stop-sound';
import { takeBackChanges } from './take-back-changes';
import { keepChanges } from './keep-changes';
import { resetBindings } from './reset-bindings';
import { save } from './save';
import { load } from './load';
import { reset } from './reset';
import type { EffectEditor, Offer } from './editor';

/** Every type of effect, as it is picked and set up; in the order they are offered in. */
export const EFFECT_EDITORS: { [N in EffectName]: EffectEditor<N> } = {
  notice,
  send,
  'clear notice': clearNotice,
  set,
  'add row': addRow,
  'change rows': changeRows,
  'remove rows': removeRows,
  sound,
  'stop sound': stopSound,
  'take back changes': takeBackChanges,
  'keep changes': keepChanges,
  'reset bindings': resetBindings,
  save,
  load,
  reset,
};

/** How an effect is set up. */
export const editorOfEffect = (effect: Effect): EffectEditor<EffectName> =>
  EFFECT_EDITORS[effect.do] as unknown as EffectEditor<EffectName>;

/** Everything that can be done besides, of every type. */
export const effectOffers = (project: Project): Offer[] =>
  Object.values(EFFECT_EDITORS).flatMap(({ offers }) => offers(project));

/** What can be made of a new name. */
export const newEffects = (name: string): Offer[] =>
  Object.values(EFFECT_EDITORS).flatMap(({ typed }) => typed?.(name) ?? []);
