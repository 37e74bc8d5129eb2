import type { CompiledLink } from '../../compile';
import type { Scalar } from '../../model';
import { holds, type Instance, type Passed, type EvalScope, type Reason } from '../state';

/** A search for the one link that takes an input: where expressions read, and what was passed over on the way. */
export interface Search extends Omit<EvalScope, 'source'> {
  passed: Passed[];
}

/** Whether a link can be taken from this source now. What speaks against it is noted. */
export function fits(search: Search, link: CompiledLink, source: Instance | null, under = false): boolean {
  const reason = against(search, link, source, under);
  if (reason === null) return true;
  search.passed.push({ link: link.id, reason });
  return false;
}

function against(search: Search, link: CompiledLink, source: Instance | null, under: boolean): Reason | null {
  const { state } = search;
  if (link.kind === 'swap' && source?.layer !== 'overlay') return { because: 'not an overlay' };
  if (link.kind === 'back' && !canGoBack(search, source)) return { because: 'nothing to go back to' };
  if (under && link.kind === 'open' && !link.link.aboveModal) return { because: 'covered' };
  if (link.link.once && state.once.includes(link.id)) return { because: 'once' };
  if (link.when === null) return null;
  const { flow, say, fields } = search;
  const row = link.inRow?.held ?? search.row;
  const place: EvalScope = { flow, state, say, source, fields, row };
  if (holds(place, link.when, link.id)) return null;
  const read = link.when.reads.map(({ name, known }): [string, Scalar | undefined] => [
    name,
    known.what === 'value'
      ? state.values[known.id]
      : known.what === 'parameter'
        ? source?.args[known.id]
        : (known.what === 'row' ? row : fields)?.[known.id],
  ]);
  return { because: 'condition', text: link.when.text, read };
}

/** An overlay or notice closes itself; from elsewhere the top of what is up, or along the trail. */
function canGoBack({ state }: Search, source: Instance | null): boolean {
  if (source?.layer === 'overlay' || source?.layer === 'notice') return true;
  return (source?.layer !== 'base' && state.overlays.length > 0) || state.trail.length > 0;
}
