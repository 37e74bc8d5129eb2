import { fitScalar, zeroOf, type Field, type ListValue, type Row, type Scalar } from '../model';

/**
 * So many rows to look at a list with: its samples, over and over with keys of their own; of a list without samples, rows that
 * are numbered.
 */
export function madeRows(list: ListValue, count: number): Row[] {
  const { samples, fields } = list;
  const keyed = fields.find(({ id }) => id === list.key) ?? fields.find(({ type }) => type === 'text');
  return Array.from({ length: count }, (_, i): Row => {
    const like = samples[i % Math.max(1, samples.length)] ?? {};
    const round = samples.length > 0 ? Math.floor(i / samples.length) : i;
    if (!keyed || (round === 0 && like[keyed.id] !== undefined)) return { ...like };
    return {
      ...like,
      [keyed.id]: numbered(keyed, like[keyed.id], samples.length > 0 ? round + 1 : i + 1, i),
    };
  });
}

/** A key that no row before has, as far as its type has another. */
function numbered(field: Field, like: Scalar | undefined, round: number, at: number): Scalar {
  if (field.type === 'number') return fitScalar(field, at + 1) ?? at + 1;
  if (field.type === 'choice') return field.options[at % Math.max(1, field.options.length)]?.id ?? '';
  if (field.type !== 'text') return like ?? zeroOf(field);
  return `${like === undefined || like === '' ? field.name : String(like)} ${round}`;
}
