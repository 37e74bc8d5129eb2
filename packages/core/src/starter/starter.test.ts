import fc from 'fast-check';
import { findingsOf } from '../check';
import { compile } from '../compile';
import { applyCommand } from '../edit';
import { KINDS, type Kind, type Layer, type Link, type Project } from '../model';
import { begin, validateState } from '../run';
import { readDocument, writeProject } from '../schema';
import { Play } from '../test/flows';
import { isConfirm, largeProject, projectFromNames, USUAL_SCREENS } from '.';

const usual = USUAL_SCREENS.filter(({ ticked }) => ticked).map((screen) => screen.name);
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
    fc.constantFrom(...usual, 'HUD', 'Score', 'Confirm', 'Logo', 'Help', 'Credits', 'Radio'),
    fc.string({ minLength: 1, maxLength: 20 }),
  );
  fc.assert(
    fc.property(fc.array(name, { maxLength: 12 }), (list) => {
      const project = projectFromNames('Any', list);
      expect(readDocument(project)).toEqual({ project });
      const play = new Play(project).wait(8000).key('Enter').wait(2000);
      expect(validateState(compile(project), play.state)).toEqual([]);
      const said = project.screens.map((screen) => screen.name.toLowerCase());
      expect(new Set(said).size).toBe(said.length);
    }),
    { numRuns: 80 },
  );
});

test('every button of a new project leads somewhere', () => {
  const project = projectFromNames('My game', [...usual, 'Logo', 'Credits', 'Help']);
  const linked = new Set(
    project.links.flatMap(({ trigger }) => (trigger.on === 'press' ? [trigger.element] : [])),
  );
  const buttons = project.screens.flatMap((screen) =>
    screen.elements.filter((element) => element.type === 'button'),
  );
  expect(buttons.filter((button) => !linked.has(button.id)).map((button) => button.name)).toEqual([]);
});

test.each(['from the list of a new project', 'added to one that stands'])(
  'a HUD piece is up in play and over no other screen: %s',
  (way) => {
    const project =
      way === 'added to one that stands'
        ? applyCommand(projectFromNames('My game', usual), 'add screen', {
            name: 'Score',
            kind: 'custom',
            layer: 'hud',
          }).project
        : projectFromNames('My game', [...usual, 'Score']);
    const hud = project.screens.find(({ name }) => name === 'Score')!;
    expect(hud).toMatchObject({ layer: 'hud', background: { colour: '#00000000' } });
    expect(hud.elements.map(({ type }) => type)).toEqual(['text']);
    expect(project.links.filter(({ from }) => from === hud.id)).toEqual([]);
    const play = new Play(project).wait(3500);
    const shows = (): [string[], boolean] => [
      names(play),
      play.state.huds.some(({ screen }) => screen === hud.id),
    ];
    expect(shows()).toEqual([['Title'], false]);
    play.key('Enter').wait(600);
    expect(shows()).toEqual([['Play'], true]);
    play.key('Escape').wait(600);
    expect(shows()).toEqual([['Play', 'Pause'], true]);
    play.key('ArrowDown').key('ArrowDown').key('Enter').wait(600);
    expect(shows()).toEqual([['Title'], false]);
  },
);

test('a second HUD piece joins the area of the first, in another corner', () => {
  const project = projectFromNames('My game', [...usual, 'HUD', 'Score']);
  expect(project.areas.map(({ name }) => name)).toEqual(['In play']);
  const places = project.screens
    .filter(({ layer }) => layer === 'hud')
    .map(({ elements }) => elements[0]!.place);
  expect(places).toHaveLength(2);
  expect(places[0]).not.toEqual(places[1]);
});

describe('asking first', () => {
  const begun = () => projectFromNames('My game', usual);
  const codes = (project: Project) => findingsOf(project).map(({ code }) => code);
  const quit = (project: Project): Link => project.links.find(({ kind }) => kind === 'end')!;

  test('what was done at once happens after Yes, and not after No', () => {
    const { project, made } = applyCommand(begun(), 'ask first', { link: quit(begun()).id });
    expect(made).toBeUndefined();
    const asking = begun();
    const asked = applyCommand(asking, 'ask first', { link: quit(asking).id });
    expect(readDocument(asked.project)).toEqual({ project: asked.project });
    expect(codes(asked.project)).toEqual(codes(asking));
    const confirm = asked.project.screens.find(({ id }) => id === asked.made)!;
    expect(project.screens).toHaveLength(usual.length);
    const play = new Play(asked.project).wait(3500);
    const press = (...keys: string[]): void => {
      for (const key of keys) play.key(key).wait(600);
    };
    press('ArrowUp', 'Enter');
    expect(names(play)).toEqual(['Title', confirm.name]);
    // No has the focus first.
    press('Enter');
    expect(names(play)).toEqual(['Title']);
    expect(play.state.ended).toBe(false);
    press('Enter', 'ArrowUp', 'Enter');
    expect(play.state.ended).toBe(true);
  });

  test('a second question of the same screen is another; other screens share the first', () => {
    let project = begun();
    const ask = (from: string, at: number): void => {
      const screen = project.screens.find(({ name }) => name === from)!;
      const presses = project.links.filter((link) => link.from === screen.id && link.trigger.on === 'press');
      project = applyCommand(project, 'ask first', { link: presses[at]!.id }).project;
    };
    const confirms = (): number => project.screens.filter(isConfirm).length;
    ask('Title', 0);
    ask('Pause', 0);
    expect(confirms()).toBe(1);
    ask('Title', 1);
    expect(confirms()).toBe(2);
  });

  test('Confirm in a list of names is a question, and brings no event', () => {
    const project = projectFromNames('My game', [...usual, 'Confirm']);
    expect(isConfirm(project.screens.find(({ name }) => name === 'Confirm'))).toBe(true);
    expect(project.events.map(({ name }) => name)).not.toContain('confirm');
    expect(codes(project)).toEqual(codes(begun()));
  });
});

describe('a screen that is made while playing', () => {
  const link = (from: string): Omit<Link, 'id'> => ({
    from,
    trigger: { on: 'action', action: 'menu', when: 'down' },
    kind: 'go',
    effects: [],
  });
  const made = (
    project: Project,
    from: string,
    name: string,
    kind: Kind,
    layer: Layer = KINDS[kind].layer,
  ) => {
    const after = applyCommand(project, 'link to new screen', {
      link: link(from),
      name,
      kind,
      layer,
    }).project;
    const screen = after.screens.at(-1)!;
    const leads = (text: string): string | undefined => {
      const button = screen.elements.find((element) => element.type === 'button' && element.text === text);
      const found = after.links.find(
        ({ from: of, trigger }) =>
          of === screen.id && trigger.on === 'press' && trigger.element === button?.id,
      );
      return (
        found &&
        `${found.kind} ${after.screens.find(({ id }) => found.to && 'screen' in found.to && id === found.to.screen)?.name ?? ''}`.trim()
      );
    };
    const buttons = screen.elements.flatMap((element) => (element.type === 'button' ? [element.text] : []));
    return { after, screen, buttons, leads };
  };
  const id = (project: Project, name: string) => project.screens.find((screen) => screen.name === name)!.id;
  const project = projectFromNames('My game', ['Logo', 'Play', 'Options', 'Harbour']);
  const [logo, play, harbour] = ['Logo', 'Play', 'Harbour'].map((name) => id(project, name)) as [
    string,
    string,
    string,
  ];

  test('has the pieces of its kind, led to what there is', () => {
    const title = made(project, play, 'Title', 'title');
    expect(title.buttons).toEqual(['Start', 'Options', 'Quit']);
    expect(title.buttons.map(title.leads)).toEqual(['go Play', 'open Options', 'end']);
    const over = made(project, play, 'Lamp out', 'game over');
    expect([over.buttons, over.leads('Again')]).toEqual([['Again'], 'go Play']);
    const pause = made(project, play, 'Pause', 'pause');
    expect(pause.buttons.map(pause.leads)).toEqual(['back', 'open Options', undefined]);
    for (const { after } of [title, over, pause]) expect(readDocument(after)).toEqual({ project: after });
  });

  test('goes back only where there is something to go back to', () => {
    expect(made(project, harbour, 'Cellar', 'custom').buttons).toEqual(['Back']);
    expect(made(project, logo, 'Cellar', 'custom').buttons).toEqual([]);
    expect(made(project, play, 'Sea chart', 'custom', 'overlay').buttons).toEqual(['Back']);
  });

  test('beside the bases it is small, clear, in a corner of its own, with no way back', () => {
    let now = project;
    const places = new Set<string>();
    for (const name of ['Oil', 'Hour', 'Wind', 'Aim']) {
      const { after, screen, buttons } = made(now, play, name, 'custom', 'hud');
      expect([buttons, screen.background]).toEqual([[], { colour: '#00000000' }]);
      const rect = compile(after).screens.get(screen.id)!.layout.get(screen.elements[0]!.id)!;
      expect(rect.width * rect.height).toBeLessThan((1920 * 1080) / 50);
      places.add(`${rect.x} ${rect.y}`);
      now = after;
    }
    expect(places.size).toBe(4);
  });

  test('belongs to the area it was made in', () => {
    const { project: areas, made: area } = applyCommand(project, 'add area', {
      name: 'On watch',
      screens: [play],
    });
    expect(made(areas, play, 'Sea chart', 'custom', 'overlay').screen.area).toBe(area);
    expect(made(areas, area!, 'Tide', 'custom').screen.area).toBe(area);
    expect(made(areas, harbour, 'Cellar', 'custom').screen.area).toBeUndefined();
  });
});

test.each([1, 4, 40, 300])(
  'a made-up flow of %i screens is valid, runs, and all of it can be reached',
  (count) => {
    const project = largeProject(count);
    expect(project.screens.length).toBe(count);
    expect(readDocument(JSON.parse(writeProject(project)))).toEqual({ project });
    // That Escape is both the menu and the way back is told, and is nothing that is broken.
    expect(findingsOf(project).filter(({ code }) => code !== 'input/clash')).toEqual([]);
    const flow = compile(project);
    expect(validateState(flow, begin(flow).state)).toEqual([]);
    const reached = applyCommand(project, 'tidy map', {}).project.screens.filter(
      (screen) => screen.row !== undefined,
    );
    expect(project.screens.length - reached.length).toBe(0);
    expect(Math.max(...reached.map(({ row }) => row!))).toBeLessThanOrEqual(13);
  },
);
