import fc from 'fast-check';
import { troublesOf } from '../check';
import { compile } from '../compile';
import { carryOut } from '../edit';
import { begin, faults } from '../run';
import { readDocument, writeProject } from '../schema';
import { Play } from '../test/flows';
import { largeProject, projectFromNames, USUAL_SCREENS } from '.';

const usual = USUAL_SCREENS.map((screen) => screen.name);
const names = (play: Play) => play.up.map((id) => play.flow.screens.get(id)!.screen.name);

test('the usual six run: loading, title, play, pause over it, options over both, game over', () => {
  const play = new Play(projectFromNames('My game', usual)).wait(3500);
  expect(names(play)).toEqual(['Title']);
  play.key('ArrowDown').key('Enter').wait(600);
  expect(names(play)).toEqual(['Title', 'Options']);
  play.key('Escape').wait(600).key('ArrowUp').key('Enter').wait(600);
  expect(names(play)).toEqual(['Play']);
  play.key('Escape').wait(600).key('ArrowDown').key('Enter').wait(600);
  expect(names(play)).toEqual(['Play', 'Pause', 'Options']);
  play.key('Backspace').wait(600).key('Escape').wait(600);
  expect(names(play)).toEqual(['Play']);
  play.event(play.flow.project.events[0]!.id).wait(600);
  expect(names(play)).toEqual(['Game over']);
  expect(names(play.wait(4000))).toEqual(['Title']);
});

test('any list of names gives a valid project that runs, with each name once', () => {
  const name = fc.oneof(
    fc.constantFrom(...usual, 'Logo', 'Help', 'Credits', 'Radio'),
    fc.string({ minLength: 1, maxLength: 20 }),
  );
  fc.assert(
    fc.property(fc.array(name, { maxLength: 12 }), (list) => {
      const project = projectFromNames('Any', list);
      expect(readDocument(project)).toEqual({ project });
      const play = new Play(project).wait(8000).key('Enter').wait(2000);
      expect(faults(compile(project), play.state)).toEqual([]);
      const said = project.screens.map((screen) => screen.name.toLowerCase());
      expect(new Set(said).size).toBe(said.length);
    }),
    { numRuns: 80 },
  );
});

test('every button of a new project leads somewhere', () => {
  const project = projectFromNames('My game', [...usual, 'Logo', 'Credits', 'Help']);
  const linked = new Set(project.links.flatMap(({ cue }) => (cue.on === 'press' ? [cue.element] : [])));
  const buttons = project.screens.flatMap((screen) =>
    screen.elements.filter((each) => each.type === 'button'),
  );
  expect(buttons.filter((each) => !linked.has(each.id)).map((each) => each.name)).toEqual([]);
});

test.each([1, 4, 40, 300])(
  'a made-up flow of %i screens is valid, runs, and all of it can be reached',
  (count) => {
    const project = largeProject(count);
    expect(project.screens.length).toBe(Math.max(3, count));
    expect(readDocument(JSON.parse(writeProject(project)))).toEqual({ project });
    expect(troublesOf(project)).toEqual([]);
    const flow = compile(project);
    expect(faults(flow, begin(flow).state)).toEqual([]);
    const reached = carryOut(project, 'tidy map', {}).project.screens.filter(
      (screen) => screen.row !== undefined,
    );
    // Pause is opened from coasts alone.
    expect(project.screens.length - reached.length).toBe(count < 4 ? 1 : 0);
  },
);
