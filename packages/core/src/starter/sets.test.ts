import { compile } from '../compile';
import { applyCommand } from '../edit';
import { findingsOf } from '../check';
import { readProject, writeProject } from '../schema';
import { projectFromNames, SETS } from '.';

const project = projectFromNames('Game', ['Title', 'Play']);
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
