import { FORMAT } from '../model';

type Json = Record<string, unknown>;

/**
 * What turns a document of one format into one of the next, by the format that it is for. A format not named here
 * only lacked what may be absent.
 */
const STEPS: Readonly<Record<number, (document: Json) => Json>> = {
  1: (document) => ({ values: [], areas: [], ...document }),
  7: renamed,
};

/**
 * A document of an older format as one of this format, with the same meaning.
 * @param document parsed JSON that is not checked yet; it stays as it is
 * @param format the document's own format, from 1 to this one
 */
export function migrate(document: Json, format: number): Json {
  let now = document;
  for (let at = format; at < FORMAT; at++) now = STEPS[at]?.(now) ?? now;
  return format < FORMAT ? { ...now, format: FORMAT } : now;
}

/** Format 8 calls things as the trade does: triggers, defaults, HUD, min and max. */
function renamed(document: Json): Json {
  const { house, screens, links, wordings, ...rest } = document;
  return {
    ...(bounded(rest) as Json),
    ...('house' in document ? { defaults: bounded(defaultsOf(house)) } : {}),
    ...('screens' in document ? { screens: listOf(screens, screenOf) } : {}),
    ...('links' in document
      ? { links: listOf(links, (link) => bounded(keyed(link, { cue: 'trigger' })) as Json) }
      : {}),
    ...('wordings' in document
      ? { wordings: mapOf(wordings, (note) => keyed(note, { most: 'maxLength' })) }
      : {}),
  };
}

function defaultsOf(house: unknown): unknown {
  if (!isRecord(house) || !isRecord(house.layers)) return house;
  return { ...house, layers: keyed(house.layers, { companion: 'hud' }) };
}

function screenOf(screen: Json): Json {
  const layer = screen.layer === 'companion' ? { layer: 'hud' } : {};
  return bounded({ ...keyed(screen, { least: 'minTime' }), ...layer }) as Json;
}

/** What is keyed by ids or letters, or is not the project's own. */
const NOT_FIELDS = new Set(['texts', 'translated', 'args', 'next', 'face', 'bytes']);
const BOUNDS = { least: 'min', most: 'max' };

/** With `min` and `max` wherever a range is. */
function bounded(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(bounded);
  if (!isRecord(value)) return value;
  return Object.fromEntries(
    Object.entries(keyed(value, BOUNDS)).map(([key, inner]) => {
      if (NOT_FIELDS.has(key)) return [key, inner];
      return [key, key === 'changes' ? mapOf(inner, (change) => bounded(change) as Json) : bounded(inner)];
    }),
  );
}

const isRecord = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const keyed = (record: Json, names: Readonly<Record<string, string>>): Json =>
  Object.fromEntries(
    Object.entries(record).map(([key, value]) => [Object.hasOwn(names, key) ? names[key]! : key, value]),
  );

const mapOf = (value: unknown, change: (inner: Json) => Json): unknown =>
  isRecord(value)
    ? Object.fromEntries(
        Object.entries(value).map(([key, inner]) => [key, isRecord(inner) ? change(inner) : inner]),
      )
    : value;

const listOf = (value: unknown, change: (item: Json) => Json): unknown =>
  Array.isArray(value) ? value.map((item: unknown) => (isRecord(item) ? change(item) : item)) : value;
