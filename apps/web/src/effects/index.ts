export { EffectPicker } from './EffectPicker';
export { editorOfEffect, EFFECT_EDITORS } from './registry';
export type { EffectEditor, Offer, Put } from './editor';
