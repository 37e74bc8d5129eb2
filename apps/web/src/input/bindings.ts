import { padCode } from '@tavu/core/keys';
import type { Action, Gesture } from '@tavu/core/model';

/** One thing that sets an action off. */
export type Binding =
  { on: 'keys'; code: string } | { on: 'pad'; button: number } | { on: 'gesture'; gesture: Gesture };

export function bindingsOf({ keys, pad, gestures = [] }: Action): Binding[] {
  return [
    ...keys.map((code): Binding => ({ on: 'keys', code })),
    ...pad.map((button): Binding => ({ on: 'pad', button })),
    ...gestures.map((gesture): Binding => ({ on: 'gesture', gesture })),
  ];
}

/** What it goes by among the engine's codes. */
export function codeOf(binding: Binding): string {
  if (binding.on === 'keys') return binding.code;
  return binding.on === 'pad' ? padCode(binding.button) : binding.gesture;
}

/** The change that binds an action to one thing more; nothing when it is bound to it already. */
export function withBinding(action: Action, binding: Binding): Partial<Action> | null {
  if (bindingsOf(action).some((other) => codeOf(other) === codeOf(binding))) return null;
  if (binding.on === 'keys') return { keys: [...action.keys, binding.code] };
  if (binding.on === 'pad') return { pad: [...action.pad, binding.button] };
  return { gestures: [...(action.gestures ?? []), binding.gesture] };
}

export function withoutBinding(action: Action, binding: Binding): Partial<Action> {
  const code = codeOf(binding);
  if (binding.on === 'keys') return { keys: action.keys.filter((key) => key !== code) };
  if (binding.on === 'pad') return { pad: action.pad.filter((value) => value !== binding.button) };
  const gestures = (action.gestures ?? []).filter((gesture) => gesture !== code);
  return { gestures: gestures.length > 0 ? gestures : undefined };
}
