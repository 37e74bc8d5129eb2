export type { Do, EffectPlay, Game, Told } from './effect';
export { EFFECTS, effectOf, showsOf } from './registry';
