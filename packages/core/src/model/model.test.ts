import fc from 'fast-check';
import {
  blankProject,
  bySource,
  DEFAULT_RATES,
  freeName,
  freshId,
  kindFromName,
  linksFrom,
  PROJECT,
  readDuration,
  readName,
  settled,
  toMicros,
  type Project,
} from '.';
import { anyProject } from '../test/arbitrary';
import { screenOf } from '../test/flows';

test.each([
  ['280 ms', 280_000],
  ['4.5 s', 4_500_000],
  ['90 ticks', 4_500_000],
  ['12 frames', 200_000],
  ['nonsense', 0],
])('%s is %d µs', (text, micros) => expect(toMicros(text, DEFAULT_RATES)).toBe(micros));

test.each([
  ['280', '280 ms'],
  ['4.5s', '4.5 s'],
  ['1,5 sec', '1.5 s'],
  [' 90 Ticks ', '90 ticks'],
])('a person may type %s', (typed, kept) => expect(readDuration(typed, DEFAULT_RATES)).toEqual({ ok: kept }));

test.each(['', 'soon', '-3 s', '2 hours', '99999 s', '1e9', '5 ms 3'])(
  '“%s” is refused with words',
  (typed) => {
    expect(readDuration(typed, DEFAULT_RATES)).toEqual({ error: expect.stringMatching(/\w{3}/) });
  },
);

test('what is read from typing is read back the same', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 3_000_000 }),
      fc.constantFrom('ms', 's', 'frames', 'ticks'),
      (n, unit) => {
        const read = readDuration(`${n}${unit}`, DEFAULT_RATES);
        if ('error' in read)
          return expect(toMicros(`${n} ${unit}`, DEFAULT_RATES)).toBeGreaterThan(3_600_000_000);
        expect(readDuration(read.ok, DEFAULT_RATES)).toEqual(read);
      },
    ),
  );
});

test('a free name is never taken, and a name that is free stays as it is', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom('Pause', 'pause 2', 'Pause 3', 'Title')), (taken) => {
      const name = freeName('Pause', taken);
      expect(taken.map((id) => id.toLowerCase())).not.toContain(name.toLowerCase());
      if (!taken.some((id) => id.toLowerCase() === 'pause')) expect(name).toBe('Pause');
    }),
  );
});

test('names are cleaned, or refused with words', () => {
  expect(readName('  The   watch ', [])).toEqual({ ok: 'The watch' });
  expect(readName('   ', [])).toHaveProperty('error');
  expect(readName('title', ['Title'])).toEqual({ error: '“Title” is already in use.' });
  expect(readName('x'.repeat(10_000), [])).toHaveProperty('error');
});

test.each([
  ['Loading', 'loading'],
  ['Main menu', 'title'],
  ['Paused', 'pause'],
  ['Settings', 'options'],
  ['Lamp out', 'game over'],
  ['Harbour', 'custom'],
])('%s sounds like %s', (name, kind) => expect(kindFromName(name)).toBe(kind));

test('kinds set defaults and a screen may say otherwise; a notice neither freezes nor blocks', () => {
  expect(settled(screenOf('a', { kind: 'play' }))).toEqual({
    trail: 'afresh',
    modal: false,
    freezes: false,
    blocks: false,
  });
  expect(settled(screenOf('a', { kind: 'pause', layer: 'overlay', blocks: false }))).toEqual({
    trail: 'keeps',
    modal: true,
    freezes: true,
    blocks: false,
  });
  expect(settled(screenOf('a', { layer: 'notice' }))).toMatchObject({
    freezes: false,
    blocks: false,
    modal: false,
  });
});

test('blank projects share nothing, and ids do not repeat', () => {
  const [a, b] = [blankProject('A'), blankProject('B')];
  a.actions[0]!.keys.push('KeyX');
  expect(b.actions[0]!.keys).not.toContain('KeyX');
  expect(new Set(Array.from({ length: 2000 }, () => freshId('s'))).size).toBe(2000);
});

test('links are found by what they set out from, in their order, whether they can still be written to or not', () => {
  fc.assert(
    fc.property(anyProject, (project) => {
      const frozen = { ...project, links: Object.freeze([...project.links]) as Project['links'] };
      for (const from of [...project.screens.map(({ id }) => id), PROJECT, 'nothing'])
        expect(linksFrom(frozen, from)).toEqual(project.links.filter((link) => link.from === from));
      expect([...bySource(project.links).values()].flat()).toHaveLength(project.links.length);
    }),
    { numRuns: 50 },
  );
});
