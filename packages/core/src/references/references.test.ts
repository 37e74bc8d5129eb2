import fc from 'fast-check';
import { withChanges, type Element, type Project } from '../model';
import { anyProject } from '../test/arbitrary';
import { whole } from '../test/whole';
import { eachPlace, placesOf, put, type Place } from '.';

const at = (path: Place['path']): unknown =>
  path.reduce<unknown>((held, step) => (held as Record<string, unknown> | undefined)?.[step], whole);

/**
 * Every string of a document that is one of some ids, or a path of them, and every key of a record that is, by its
 * path.
 */
function found(ids: ReadonlySet<string>, value: unknown, path: string[] = []): string[] {
  if (typeof value === 'string')
    return value.split('/').some((part) => ids.has(part)) ? [path.join(' ')] : [];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, each]) => [
    ...(ids.has(key.split('/')[0]!) ? [`${[...path, key].join(' ')} as a key`] : []),
    ...found(ids, each, [...path, key]),
  ]);
}

test('whatever is named by its id anywhere in the document is a place, and nothing else', () => {
  const ids = new Set<string>();
  const gather = (value: unknown): void => {
    if (typeof value !== 'object' || value === null) return;
    // What has an id is a thing; the ids of a project, its options and its faces are told apart otherwise.
    if (!Array.isArray(value) && 'id' in value && /^[a-z]+-/.test(String(value.id)))
      ids.add(String(value.id));
    Object.values(value).forEach(gather);
  };
  gather({ ...whole, id: '', texts: {}, translated: {} });
  const { texts: _, translated: __, wordings: ___, ...document } = whole;
  const places = placesOf(whole, { only: ['id', 'own'] }).flatMap((place) =>
    place.id.split('/').some((part) => ids.has(part))
      ? [`${place.path.join(' ')}${place.is === 'id' && place.key ? ' as a key' : ''}`]
      : [],
  );
  expect(ids.size).toBeGreaterThan(200);
  expect(places.sort()).toEqual(found(ids, document).sort());
});

test('every place holds what is told of it', () => {
  for (const place of placesOf(whole)) {
    if (place.is === 'id' && place.key) expect(place.path.at(-1)).toBe(place.id);
    else if (place.is === 'text' && place.quoted) expect(at(place.path)).toBe(JSON.stringify(place.text));
    else if (place.is === 'text' && !place.message && at(place.path) === undefined)
      expect(place.text).toMatch(/^O(n|ff)$/);
    else expect(at(place.path)).toBe('text' in place ? place.text : place.id);
  }
});

test('keys of texts are told apart, also where two elements of different screens have one id', () => {
  fc.assert(
    fc.property(anyProject, (project) => {
      const texts = placesOf(project, { only: ['text'], untranslated: true });
      const keys = new Map<string, string>();
      for (const { key, path } of texts) {
        expect(keys.get(key) ?? path.join()).toBe(path.join());
        keys.set(key, path.join());
      }
    }),
    { numRuns: 200 },
  );
});

test('a text in another language stands with the text, and names what it may name', () => {
  const element: Element = {
    ...(whole.screens[0]!.elements.find((other) => other.type === 'text') as Element),
    id: 'said',
  };
  const project: Project = {
    ...whole,
    screens: [
      { ...whole.screens[0]!, parameters: [{ id: 'q', name: 'who', type: 'text' }], elements: [element] },
    ],
    texts: { de: { [`${whole.screens[0]!.id} said`]: 'Für {who}' } },
    translated: { de: { [`${whole.screens[0]!.id} said`]: { from: 'For {who}' } } },
  };
  const german = placesOf(project, { only: ['text'] }).filter(({ language }) => language === 'de');
  expect(
    german.map(({ text, path, around }) => [text, path[0], around.parameters.map(({ name }) => name)]),
  ).toEqual([
    ['Für {who}', 'texts', ['who']],
    ['For {who}', 'translated', ['who']],
  ]);
});

test('changing some places changes nothing else, and what holds none of them is the same object', () => {
  fc.assert(
    fc.property(anyProject, fc.nat(), (project, n) => {
      const texts = placesOf(project, { only: ['text'], untranslated: true }).filter(({ quoted }) => !quoted);
      if (texts.length === 0) return;
      const place = texts[n % texts.length]!;
      const changed = withChanges(project, [{ path: place.path, value: 'Fog' }]);
      const copy = structuredClone(project);
      put(copy, place.path, 'Fog');
      expect(changed).toEqual(copy);
      project.screens.forEach((screen, i) => {
        if (place.path[0] !== 'screens' || place.path[1] !== i) expect(changed.screens[i]).toBe(screen);
      });
    }),
    { numRuns: 60 },
  );
});

test('only what is asked for is told', () => {
  const seen = new Set<string>();
  eachPlace(whole, ({ is }) => seen.add(is), { only: ['text', 'own'] });
  expect([...seen].sort()).toEqual(['own', 'text']);
});
