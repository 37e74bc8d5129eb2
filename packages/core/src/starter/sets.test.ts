import { compile } from '../compile';
import { applyCommand } from '../edit';
import { findingsOf } from '../check';
import { readProject, writeProject } from '../schema';
import { projectFromNames, SETS, setsFor } from '.';

const german = { code: 'de', name: 'German', direction: 'ltr' };
const project = applyCommand(projectFromNames('Game', ['Title', 'Play']), 'add language', german).project;
const screen = project.screens[0]!.id;

describe.each(Object.keys(SETS))('the ready set %s', (set) => {
  const { project: now, made } = applyCommand(project, 'add set', { screen, set });
  const added = now.screens[0]!.elements.slice(project.screens[0]!.elements.length);

  test('lies within the safe margin, and each of its parts within it', () => {
    const { layout } = compile(now).screens.get(screen)!;
    const around = layout.get(made!)!;
    const { width, height, margin } = project.design;
    expect(around.x).toBeGreaterThanOrEqual((width * margin) / 100);
    expect(around.y).toBeGreaterThanOrEqual((height * margin) / 100);
    expect(around.x + around.width).toBeLessThanOrEqual(width - (width * margin) / 100);
    expect(around.y + around.height).toBeLessThanOrEqual(height - (height * margin) / 100);
    for (const { id } of added) {
      const rect = layout.get(id)!;
      expect(rect.x).toBeGreaterThanOrEqual(around.x);
      expect(rect.y).toBeGreaterThanOrEqual(around.y);
      expect(rect.x + rect.width).toBeLessThanOrEqual(around.x + around.width);
      expect(rect.y + rect.height).toBeLessThanOrEqual(around.y + around.height);
    }
  });

  test('is a valid project in which nothing is named that is not there', () => {
    expect(readProject(writeProject(now))).toMatchObject({ project: { name: 'Game' } });
    const before = findingsOf(project).map(({ code }) => code);
    const after = findingsOf(now).map(({ code }) => code);
    expect(after.filter((code) => !before.includes(code))).toEqual([]);
  });

  test('put on twice it shares its values, and calls its parts otherwise', () => {
    const twice = applyCommand(now, 'add set', { screen, set }).project;
    expect(twice.values).toEqual(now.values);
    const names = twice.screens[0]!.elements.map(({ name }) => name.toLowerCase());
    expect(new Set(names).size).toBe(names.length);
  });
});

test('a row for the language is there as soon as a second one is, and sets it', () => {
  const english = projectFromNames('Game', ['Title']);
  expect(setsFor(english).map(([set]) => set)).not.toContain('language');
  expect(applyCommand(english, 'add set', { screen, set: 'language' }).project).toBe(english);
  expect(setsFor(project).map(([set]) => set)).toContain('language');
  const { project: now, made } = applyCommand(project, 'add set', { screen, set: 'language' });
  expect(now.screens[0]!.elements.find(({ id }) => id === made)).toMatchObject({ value: 'language' });
  expect(now.values).toEqual(project.values);
});

test('a row is put under the rows of options there are, in their panel', () => {
  const rows = applyCommand(project, 'add set', { screen, set: 'options' });
  const { project: now, made } = applyCommand(rows.project, 'add set', { screen, set: 'language' });
  const { elements } = now.screens[0]!;
  const language = elements.find(({ id }) => id === made)!;
  expect(language.parent).toBe(rows.made);
  const { layout } = compile(now).screens.get(screen)!;
  const panel = layout.get(rows.made!)!;
  const above = elements.filter(({ parent, id }) => parent === rows.made && id !== made);
  const lowest = Math.max(...above.map(({ id }) => layout.get(id)!.y + layout.get(id)!.height));
  expect(layout.get(made!)!.y).toBeGreaterThan(lowest);
  expect(layout.get(made!)!.y + layout.get(made!)!.height).toBeLessThan(panel.y + panel.height);
});

test('rows of options make the settings they control', () => {
  const { project: now } = applyCommand(project, 'add set', { screen, set: 'options' });
  expect(now.values.map(({ name, life }) => [name, life])).toEqual(
    expect.arrayContaining([
      ['subtitles', 'settings'],
      ['volume', 'settings'],
      ['difficulty', 'settings'],
    ]),
  );
  const bound = now.screens[0]!.elements.flatMap((element) => ('value' in element ? [element.value] : []));
  expect(bound).toEqual(now.values.slice(-3).map(({ id }) => id));
});

test('a score says the value it made, where another of that name holds something else', () => {
  const { project: words } = applyCommand(project, 'add value', {
    name: 'score',
    type: 'text',
    default: 'low',
  });
  const { project: now, made } = applyCommand(words, 'add set', { screen, set: 'score' });
  const own = now.values.at(-1)!;
  expect(own).toMatchObject({ type: 'number', default: 0 });
  expect(own.name).toBe('score 2');
  expect(now.screens[0]!.elements.find(({ id }) => id === made)).toMatchObject({ text: 'Score {score_2}' });
});
