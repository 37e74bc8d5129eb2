import { scalarWords, valueById, type FieldType, type Id, type Project, type Scalar } from '../model';

/** What a control shows: the value it is bound to, or what stands on it by itself. */
export interface Held {
  type: FieldType | null;
  scalar: Scalar | undefined;
}

type Bound = { id: Id; value?: Id; sample?: Scalar; loading?: true; timer?: Id };

/** What an element shows; `holds` are the values as they are now, by element. */
export function heldBy(project: Project, element: Bound, holds: Readonly<Record<Id, Scalar>>): Held {
  const value = valueById(project, element.value);
  if (!value || element.loading || element.timer)
    return { type: null, scalar: holds[element.id] ?? element.sample };
  return { type: value, scalar: holds[element.id] ?? value.default };
}

/** How far along its range a number is, 0 to 1; of a choice how far its option is from the first to the last; on is all. */
export function shareOf({ type, scalar }: Held, min = 0, max = 1): number {
  if (scalar === true) return 1;
  if (type?.type === 'choice') {
    const last = type.options.length - 1;
    return last > 0 ? indexOf({ type, scalar }, last + 1) / last : 0;
  }
  if (typeof scalar !== 'number' || Number.isNaN(scalar)) return 0;
  const [from, to] = type?.type === 'number' ? [type.min ?? 0, type.max ?? 100] : [min, max];
  return to > from ? Math.min(1, Math.max(0, (scalar - from) / (to - from))) : 0;
}

/** Which of some options is chosen, counted from 0. */
export function indexOf({ type, scalar }: Held, count: number): number {
  const index =
    type?.type === 'choice' ? type.options.findIndex((option) => option.id === scalar) : Number(scalar ?? 0);
  return Math.min(count - 1, Math.max(0, Number.isFinite(index) ? Math.floor(index) : 0));
}

/** What a control holds, in words. */
export function wordsOf({ type, scalar }: Held): string {
  if (type) return scalarWords(type, scalar);
  return typeof scalar === 'boolean' ? (scalar ? 'On' : 'Off') : String(scalar ?? '');
}
