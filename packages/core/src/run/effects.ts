import type { CompiledEffect, CompiledLink } from '../compile';
import type { Id, Scalar } from '../model';
import { topmost, type Step } from './chain';
import { clearNotice, showNotice } from './notices';
import { argumentsOf, giveOf, type Place } from './reading';
import type { Instance, Later, Scalars } from './state';
import { load, resetValues, save, setValue, takeBack } from './values';

/** A link's effects, in order. Those that come later are given what they need now, while it is known. */
export function runEffects(step: Step, link: CompiledLink, place: Place): void {
  link.effects.forEach((compiled, effect) => {
    const args = argumentsOf(place, compiled.args, link.id);
    const gives = compiled.gives === null ? null : giveOf(place, compiled.gives, link.id);
    if (compiled.after === 0)
      return runEffect(step, { id: link.id, link }, compiled, args, gives, place.source);
    const { state } = step;
    const owner = place.source === null ? null : state.base.serial;
    const later: Later = { due: state.now + compiled.after, link: link.id, effect, args, gives, owner };
    state.later = [...state.later, later].sort((a, b) => a.due - b.due);
  });
}

/** One effect that was put off, now that it is due. */
export function runLater(step: Step, later: Later): void {
  const link = step.flow.links.get(later.link);
  const effect = link?.effects[later.effect];
  if (link && effect) runEffect(step, { id: link.id, link }, effect, later.args, later.gives, null);
}

/** One effect of a link, or of a conversation, which `by` is then the id of. */
export function runEffect(
  step: Step,
  by: { id: Id; link: CompiledLink | null },
  { effect, gives: expression }: CompiledEffect,
  args: Scalars,
  gives: Scalar | null,
  source: Instance | null,
): void {
  const { flow, state, say } = step;
  // What could not be worked out has been told; it changes nothing.
  if (expression !== null && gives === null) return;
  switch (effect.do) {
    case 'notice':
      return showNotice(step, effect.screen, args, by.link?.id ?? null, (source ?? topmost(state)).screen);
    case 'clear notice':
      return clearNotice(step, effect.screen, by.link);
    case 'send':
      return say({ at: state.now, did: 'send', event: effect.event, fields: args });
    case 'set':
      return setValue(flow, state, effect.value, gives!, by.id, say);
    case 'reset':
      return resetValues(flow, state, effect, by.id, say);
    case 'sound':
    case 'stop sound':
      return say({ at: state.now, did: effect.do, asset: effect.asset });
    case 'save':
      return save(flow, state, String(gives), say);
    case 'load':
      return load(flow, state, String(gives), say);
    case 'keep changes':
      if (source) source.found = { values: state.values, rebound: state.rebound };
      return;
    case 'take back changes':
      if (source) takeBack(flow, state, source, by.id, say);
      return;
    case 'reset bindings':
      state.rebound = {};
      return;
  }
}
