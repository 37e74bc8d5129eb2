import { timerMicros, type Easing, type Id, type Loading, type Project, withId } from '../model';
import { ease } from '../motion';

export interface CompiledLoading {
  by: Loading['by'];
  /** Simulated loading: microseconds until it is done. */
  lasts: number;
  shape: Easing;
  progress: Id | null;
  field: Id | null;
  /** The field's values at 0 % and at 100 %. */
  range: readonly [number, number];
  done: Id | null;
  failed: Id | null;
  /** Microseconds; Infinity without one. */
  limit: number;
}

export function compileLoading(
  loading: Loading,
  { rates, events }: Pick<Project, 'rates' | 'events'>,
): CompiledLoading {
  const told = loading.by === 'events' ? loading : null;
  const event = withId(events, told?.progress);
  const numbers = event?.fields?.filter((other) => other.type === 'number') ?? [];
  const field = withId(numbers, told?.field) ?? numbers[0];
  return {
    by: loading.by,
    lasts: loading.by === 'pretending' ? timerMicros(loading.lasts, rates) : Infinity,
    shape: (loading.by === 'pretending' ? loading.shape : undefined) ?? 'ease-out',
    progress: told?.progress ?? null,
    field: field?.id ?? null,
    range: field?.type === 'number' ? [field.min ?? 0, field.max ?? 1] : [0, 1],
    done: told?.done ?? null,
    failed: told?.failed ?? null,
    limit: loading.limit === undefined ? Infinity : timerMicros(loading.limit, rates),
  };
}

/** How far it is, 0 to 1, `elapsed` microseconds after its screen was shown; `told` is what the game has said. */
export function progressAt(loading: CompiledLoading, elapsed: number, told: number): number {
  if (loading.by === 'events') return told;
  if (elapsed >= loading.lasts) return 1;
  return Math.min(1, Math.max(0, ease(loading.shape, elapsed / loading.lasts)));
}
