import type { CompiledEffect, CompiledLink } from '../../compile';
import { effectOf, type Game } from '../../effects';
import type { ListedRow, ListWrite } from '../../lists';
import type { Id, Scalar } from '../../model';
import { topmost, type Step } from './chain';
import { clearNotice, showNotice } from './notices';
import {
  argumentsOf,
  giveOf,
  holds,
  type Instance,
  type ScheduledEffect,
  listingOf,
  load,
  type EvalScope,
  resetValues,
  save,
  type Scalars,
  setValue,
  takeBack,
  writeList,
} from '../state';

/** A link's effects, in order. Those that come later are given what they need now, while it is known. */
export function runEffects(step: Step, link: CompiledLink, place: EvalScope): void {
  link.effects.forEach((compiled, effect) => {
    const args = argumentsOf(place, compiled.args, link.id);
    const gives = compiled.gives === null ? null : giveOf(place, compiled.gives, link.id);
    if (compiled.after === 0)
      return runEffect(step, { id: link.id, link, place }, compiled, args, gives, place.source);
    const { state } = step;
    const owner = place.source === null ? null : state.base.serial;
    const later: ScheduledEffect = {
      due: state.now + compiled.after,
      link: link.id,
      effect,
      args,
      gives,
      fields: place.fields,
      row: place.row ?? null,
      owner,
    };
    state.scheduledEffects = [...state.scheduledEffects, later].sort((a, b) => a.due - b.due);
  });
}

/** One effect that was put off, now that it is due. */
export function runLater(step: Step, later: ScheduledEffect): void {
  const link = step.flow.links.get(later.link);
  const effect = link?.effects[later.effect];
  if (!link || !effect) return;
  const { flow, state, say } = step;
  const place: EvalScope = { flow, state, say, source: null, fields: later.fields, row: later.row };
  runEffect(step, { id: link.id, link, place }, effect, later.args, later.gives, null);
}

/** What an effect is done for: a link, or a conversation. */
interface By {
  id: Id;
  link: CompiledLink | null;
  /** Where its expressions read. */
  place: EvalScope;
}

/** One effect of a link, or of a conversation, which `by` is then the id of. */
export function runEffect(
  step: Step,
  by: By,
  { effect, gives: expression, rows }: CompiledEffect,
  args: Scalars,
  gives: Scalar | null,
  source: Instance | null,
): void {
  // An expression that failed has been logged; the effect changes nothing.
  if (expression !== null && gives === null) return;
  effectOf(effect).run(effect, new ThisGame(step, by, args, gives, source, rows));
}

/**
 * What an effect can do to this run. A class, since an object literal would make all its functions anew for each
 * effect.
 */
class ThisGame implements Game {
  constructor(
    private readonly step: Step,
    private readonly by: By,
    private readonly args: Scalars,
    private readonly gives: Scalar | null,
    private readonly source: Instance | null,
    private readonly rows: CompiledEffect['rows'],
  ) {}

  show(screen: Id): void {
    const { step, by, args, source } = this;
    showNotice(step, screen, args, by.link?.id ?? null, (source ?? topmost(step.state)).screen);
  }
  takeAway(screen: Id): void {
    clearNotice(this.step, screen, this.by.link);
  }
  send(event: Id): void {
    const { state, say } = this.step;
    say({ at: state.now, did: 'send', event, fields: this.args });
  }
  set(value: Id): void {
    const { flow, state, say } = this.step;
    setValue(flow, state, value, this.gives!, this.by.id, say);
  }
  addRow(list: Id): void {
    this.#write(list, { do: 'put', rows: [this.args] });
  }
  changeRows(): void {
    const { list, args } = this.rows!;
    const rows = this.#about().map(({ key, held }) => ({
      key,
      given: argumentsOf({ ...this.by.place, each: held }, args, this.by.id),
    }));
    this.#write(list, { do: 'change', rows });
  }
  removeRows(): void {
    this.#write(this.rows!.list, { do: 'remove', keys: this.#about().map(({ key }) => key) });
  }
  /** The rows for which its condition holds. */
  #about(): readonly ListedRow[] {
    const { list, where } = this.rows!;
    const { flow, state } = this.step;
    const all = listingOf(flow, state, list)?.rows ?? [];
    const { place, id } = this.by;
    return where === null ? all : all.filter(({ held }) => holds({ ...place, each: held }, where, id));
  }
  #write(list: Id, what: ListWrite): void {
    const { flow, state, say } = this.step;
    writeList(flow, state, list, what, this.by.id, say);
  }
  reset(which: { value?: Id; section?: string }): void {
    const { flow, state, say } = this.step;
    resetValues(flow, state, which, this.by.id, say);
  }
  play(asset: Id): void {
    const { state, say } = this.step;
    say({ at: state.now, did: 'sound', asset });
  }
  stop(asset: Id): void {
    const { state, say } = this.step;
    say({ at: state.now, did: 'stop sound', asset });
  }
  save(): void {
    const { flow, state, say } = this.step;
    save(flow, state, String(this.gives), say);
  }
  load(): void {
    const { flow, state, say } = this.step;
    load(flow, state, String(this.gives), say);
  }
  keepChanges(): void {
    const { values, chosen, rebound } = this.step.state;
    if (this.source) this.source.baseline = { values, chosen, rebound };
  }
  takeBackChanges(): void {
    const { flow, state, say } = this.step;
    if (this.source) takeBack(flow, state, this.source, this.by.id, say);
  }
  resetBindings(): void {
    this.step.state.rebound = {};
  }
}
