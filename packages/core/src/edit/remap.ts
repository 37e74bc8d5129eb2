import { type Id, type Project, copyOf } from '../model';
import { placesOf, put, type IdPlace, type OwnPlace, type Thing } from '../references';

/**
 * What ids of one project are called in another. Elements, parameters, fields and outcomes go by what they are part
 * of.
 */
export class Fresh {
  readonly #ids = new Map<string, Id>();

  set(of: Thing, id: Id, to: Id, within: Id | null = null): void {
    this.#ids.set(keyOf(of, id, within), to);
  }

  get(of: Thing, id: Id, within: Id | null = null): Id {
    return this.#ids.get(keyOf(of, id, within)) ?? id;
  }

  has(of: Thing, id: Id, within: Id | null = null): boolean {
    return this.#ids.has(keyOf(of, id, within));
  }
}

const OF_SOMETHING: ReadonlySet<Thing> = new Set([
  'element',
  'parameter',
  'field',
  'outcome',
  'choice',
  'step',
]);
const keyOf = (of: Thing, id: Id, within: Id | null): string =>
  JSON.stringify(OF_SOMETHING.has(of) ? [of, within, id] : [of, id]);

/** A copy of a part of a project in which everything is called as it will be elsewhere, wherever it is named. */
export function remapIds<P extends Partial<Project>>(part: P, fresh: Fresh, whole: Project): P {
  const copy = copyOf(part);
  const keys: [IdPlace, Id][] = [];
  for (const place of placesOf(whole, { only: ['id', 'own'], part })) {
    const now = calledNow(place, fresh);
    if (now === place.id) continue;
    if (place.is === 'id' && place.key) keys.push([place, now]);
    else put(copy, place.path, now);
  }
  // Keys are renamed last, and from the end, since the paths lead through the old keys.
  for (const [{ path, id }, now] of keys.reverse()) {
    const around = path.slice(0, -1);
    const held = around.reduce<unknown>((at, step) => (at as Record<string, unknown>)[step], copy) as Record<
      string,
      unknown
    >;
    put(
      copy,
      around,
      Object.fromEntries(Object.entries(held).map(([key, value]) => [key === id ? now : key, value])),
    );
  }
  return copy;
}

function calledNow({ of, id, within }: IdPlace | OwnPlace, fresh: Fresh): Id {
  if (of === 'source') {
    const source = (['screen', 'area', 'component'] as const).find((value) => fresh.has(value, id));
    return source ? fresh.get(source, id) : id;
  }
  if (of !== 'element') return fresh.get(of, id, within);
  // Only the first is of this owner; what is within a placed component is called as it is there.
  const [first, ...rest] = id.split('/');
  return [fresh.get('element', first!, within), ...rest].join('/');
}

/** A part of a project, and the project to look things up in. */
interface Part {
  part: Partial<Project>;
  whole: Project;
}

/** Takes along what the texts of a copy are in other languages, and what translators are told of them. */
export function carryTexts(into: Project, from: Part, copy: Part): void {
  const textsOf = ({ part, whole }: Part) => placesOf(whole, { part, only: ['text'], untranslated: true });
  const { texts, translated, wordings } = from.whole;
  const now = textsOf(copy);
  textsOf(from).forEach(({ key: before }, i) => {
    const key = now[i]!.key;
    for (const { code } of into.languages?.slice(1) ?? []) {
      const text = texts?.[code]?.[before];
      if (text === undefined || into.texts?.[code]?.[key] !== undefined) continue;
      ((into.texts ??= {})[code] ??= {})[key] = text;
      const known = translated?.[code]?.[before];
      if (known) ((into.translated ??= {})[code] ??= {})[key] = { ...known };
    }
    const note = wordings?.[before];
    if (note && into.wordings?.[key] === undefined) (into.wordings ??= {})[key] = { ...note };
  });
}
