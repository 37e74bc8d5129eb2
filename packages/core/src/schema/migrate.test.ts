import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { findingsOf } from '../check';
import { compile } from '../compile';
import { FORMAT, type Project } from '../model';
import { paintRun } from '../paint';
import { begin } from '../run';
import { anyProject } from '../test/arbitrary';
import { migrate } from './migrate';
import { readDocument, readProject, writeProject } from '.';

/**
 * Saltwick Light as it was kept at each format. Nothing of format 4 was ever kept; a file of 3 has all of its fields.
 */
const PAST = [1, 2, 3, 5, 6, 7];
const pastFile = (format: number): string =>
  gunzipSync(readFileSync(`packages/core/src/test/past/format-${format}.json.gz`)).toString('utf8');

const readOf = (document: unknown): Project => {
  const read = readDocument(document);
  if ('problems' in read) throw new Error(JSON.stringify(read.problems));
  return read.project;
};

test('there is a file of every format before this one', () => {
  expect([...PAST, 4].sort((a, b) => a - b)).toEqual(Array.from({ length: FORMAT - 1 }, (_, i) => i + 1));
});

test.each(PAST)('a file of format %i is read, begins, and nothing it names is gone', (format) => {
  const text = pastFile(format);
  expect(JSON.parse(text)).toMatchObject({ format });
  const read = readProject(text);
  if ('problems' in read) throw new Error(JSON.stringify(read.problems));
  const { project } = read;
  expect(project.format).toBe(FORMAT);
  expect(readOf(JSON.parse(writeProject(project)))).toEqual(project);
  expect(findingsOf(project).filter(({ code }) => code.startsWith('gone'))).toEqual([]);
  const flow = compile(project);
  expect(paintRun(flow, begin(flow).state).length).toBeGreaterThan(0);
});

test('a file of format 3 that calls itself one of 4 is read as well', () => {
  const old = JSON.parse(pastFile(3)) as Project;
  expect(readOf({ ...old, format: 4 })).toEqual(readOf(old));
});

/** A project in the words of format 7, made of its text alone. */
function inOldWords(project: Project): unknown {
  const { defaults, ...rest } = JSON.parse(
    JSON.stringify(project)
      .replaceAll('"trigger":{', '"cue":{')
      .replaceAll('"layer":"hud"', '"layer":"companion"')
      .replaceAll('"hud":', '"companion":')
      .replaceAll('"minTime":', '"least":')
      .replaceAll('"maxLength":', '"most":')
      .replaceAll('"min":', '"least":')
      .replaceAll('"max":', '"most":'),
  ) as Record<string, unknown>;
  return { ...rest, house: defaults, format: 7 };
}

test('any project in the words of format 7 becomes the same project', () => {
  fc.assert(
    fc.property(anyProject, (project) => {
      expect(writeProject(readOf(inOldWords(project)))).toBe(writeProject(project));
    }),
  );
});

test('the old words put back give the old file, so that nothing else has changed', () => {
  const old: unknown = JSON.parse(pastFile(7));
  expect(inOldWords(readOf(old))).toEqual(old);
});

test('what is called by an id keeps it, though it is spelled like an old word', () => {
  const old = JSON.parse(pastFile(7)) as { screens: { elements: Record<string, unknown>[] }[] };
  const bounded = { x: { at: 'start', offset: 0, size: 9, least: 3 } };
  old.screens[0]!.elements[0] = {
    ...old.screens[0]!.elements[0],
    args: { least: 1 },
    changes: { most: { place: bounded } },
  };
  const { texts, screens } = migrate({ ...old, texts: { de: { least: 'cue' } } }, 7) as unknown as Project;
  expect(texts).toEqual({ de: { least: 'cue' } });
  expect(screens[0]!.elements[0]).toMatchObject({
    args: { least: 1 },
    changes: { most: { place: { x: { min: 3 } } } },
  });
});
