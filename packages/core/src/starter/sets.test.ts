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

  test('lies within the frame, and each of its parts within it', () => {
    const { layout } = compile(now).screens.get(screen)!;
    const around = layout.get(made!)!;
    expect([around.x >= 0, around.y >= 0]).toEqual([true, true]);
    expect([around.x + around.width <= 1920, around.y + around.height <= 1080]).toEqual([true, true]);
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
