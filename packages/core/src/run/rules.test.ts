import fc from 'fast-check';
import { compile } from '../compile';
import { anyInputs, anyProject } from '../test/arbitrary';
import type { Project } from '../model';
import { down, event, link, Play, press, projectOf, screenOf, show } from '../test/flows';
import { begin, validateState, LONGEST_CHAIN, maskOf, reachable, step, type Input, type RunState } from '.';
import { runs, play, pass, addsUp } from '../test/any-runs';

/** What holds of any run of any project, whatever it is given. */

/** What a screen of a project does to the game's clock, told from the document alone. */
function freezes(project: Project, id: string): boolean {
  const screen = project.screens.find((other) => other.id === id);
  if (!screen) return true;
  if (screen.layer === 'notice' || screen.layer === 'hud') return false;
  if (screen.freezes !== undefined) return screen.freezes;
  for (let area = project.areas.find((other) => other.id === screen.area); area;) {
    if (area.freezes !== undefined) return area.freezes;
    const { parent } = area;
    area = project.areas.find((other) => other.id === parent);
  }
  return screen.kind !== 'play';
}

/** What must hold of a run state, told from the project and the state alone. */
function broken(project: Project, state: RunState): string[] {
  const found: string[] = [];
  const of = (id: string) => project.screens.find((screen) => screen.id === id);
  const layers = [
    ['base', [state.base]],
    ['overlay', state.overlays],
    ['notice', state.notices],
    ['hud', state.huds],
  ] as const;
  for (const [layer, list] of layers)
    for (const { screen } of list)
      if (screen.startsWith('gap:') ? layer !== 'base' && layer !== 'overlay' : of(screen)?.layer !== layer)
        found.push(`${screen} is no ${layer}`);
  const alone = [state.base, ...state.overlays, ...state.huds].map((instance) => instance.screen);
  if (new Set(alone).size < alone.length) found.push('a screen is up twice');
  const trail = [...state.trail.map((entry) => entry.screen), state.base.screen];
  if (new Set(trail).size < trail.length) found.push('a screen is in the trail twice');
  for (const { focus, layer } of [...state.notices, ...state.huds])
    if (focus !== null) found.push(`a ${layer} has the focus`);
  for (const { screen, focus } of [state.base, ...state.overlays]) {
    const root = focus?.split('/')[0];
    if (root !== undefined && of(screen) && !of(screen)!.elements.some((element) => element.id === root))
      found.push(`${focus} has the focus and is not on ${screen}`);
  }
  for (const value of project.values) {
    const held = state.values[value.id];
    const fits =
      value.type === 'number'
        ? typeof held === 'number' && held >= (value.min ?? -Infinity) && held <= (value.max ?? Infinity)
        : value.type === 'on/off'
          ? typeof held === 'boolean'
          : value.type === 'choice'
            ? value.options.some((option) => option.id === held)
            : typeof held === 'string';
    if (!fits) found.push(`${value.id} holds what it cannot`);
  }
  // The player's language is a value where there is one to choose.
  const codes = project.languages?.map(({ code }) => code) ?? [];
  const own = codes.length > 1 ? [String(state.values['language'])] : [];
  if (!own.every((code) => codes.includes(code))) found.push('a language that is not spoken');
  const count = project.values.length + own.length;
  if (Object.keys(state.values).length !== count) found.push('a value too many or too few');
  const serials = [state.base, ...state.overlays, ...state.notices, ...state.huds].map(
    (instance) => instance.serial,
  );
  if (new Set(serials).size < serials.length) found.push('a serial number is used twice');
  return found;
}

test('what must hold holds in every state, by the project and the state alone', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      expect(broken(project, begin(compile(project)).state)).toEqual([]);
      play(project, inputs, (_, after) => expect(broken(project, after)).toEqual([]));
    }),
    runs,
  );
});

test('a state that is damaged in any of those ways is told of by the engine’s own look too', () => {
  const damages: [string, (state: RunState) => void][] = [
    ['another screen in the base', (state) => (state.base.screen = 'nowhere')],
    ['a base over the base', (state) => state.overlays.push({ ...state.base, serial: 90 })],
    ['an overlay among the messages', (state) => state.notices.push({ ...state.overlays[0]!, serial: 91 })],
    ['a message that has the focus', (state) => (state.notices[0]!.focus = 'b0')],
    ['an overlay twice', (state) => state.overlays.push({ ...state.overlays[0]!, serial: 92 })],
    ['a serial number twice', (state) => (state.overlays[0]!.serial = state.base.serial)],
    ['a piece that does not belong', (state) => (state.huds = [])],
    ['a value beyond its range', (state) => (state.values = { ...state.values, oil: 5000 })],
    ['a value of another type', (state) => (state.values = { ...state.values, oil: 'much' })],
    ['a value that there is none of', (state) => (state.values = { ...state.values, more: 1 })],
    ['a value missing', (state) => (state.values = {})],
    [
      'the base in its own trail',
      (state) => (state.trail = [...state.trail, { ...state.trail[0]!, screen: state.base.screen }]),
    ],
    ['a focus on nothing', (state) => (state.overlays[0]!.focus = 'nothing')],
    ['a message that has outlived its screen', (state) => (state.notices[0]!.owner = 999)],
  ];
  const project = projectOf(
    [
      screenOf('title', { trail: 'keeps' }, ['start']),
      screenOf('watch', { trail: 'keeps' }, ['go']),
      screenOf('pause', { layer: 'overlay' }, ['b0']),
      screenOf('found', { layer: 'notice', lasts: '9 s' }),
      screenOf('gauge', { layer: 'hud' }),
    ],
    [
      link('title', press('start'), 'go', 'watch'),
      link('watch', event('found'), 'stay', undefined, { effects: [show('found')] }),
      link('watch', down('menu'), 'open', 'pause'),
    ],
    {
      events: [{ id: 'found', name: 'found', direction: 'in' }],
      values: [
        {
          id: 'oil',
          name: 'oil',
          section: 'x',
          life: 'session',
          type: 'number',
          min: 0,
          max: 9,
          default: 5,
        },
      ],
    },
  );
  const play = new Play(project).key('Enter').event('found').key('Escape').wait(10);
  expect([play.up, play.notices, play.state.trail.length]).toEqual([['watch', 'pause'], ['found'], 1]);
  expect(validateState(play.flow, play.state)).toEqual([]);
  for (const [name, damage] of damages) {
    const state = structuredClone(play.state);
    damage(state);
    expect([name, validateState(play.flow, state).length > 0]).toEqual([name, true]);
  }
});

test('every state is valid: one base, nothing twice, focus on something', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      const flow = compile(project);
      expect(validateState(flow, begin(flow).state)).toEqual([]);
      play(project, inputs, (_, after) => expect(validateState(flow, after)).toEqual([]));
    }),
    runs,
  );
});

test('passing a + b equals passing a, then b', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, pass, pass, (project, inputs, a, b) => {
      const { flow, state } = play(project, inputs);
      addsUp(flow, state, a, b);
    }),
    runs,
  );
});

const FOLLOWS = new Set(['arrival', 'value', 'returned']);

test('one input sets off at most one link, besides the arrivals, answers and values that follow', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      play(project, inputs, (_before, _after, input, outcomes) => {
        if (input.type === 'time') return;
        const taken = outcomes.filter(
          (outcome) => outcome.did === 'link' && !FOLLOWS.has(outcome.trigger.on),
        );
        expect(taken.length).toBeLessThanOrEqual(1);
      });
    }),
    runs,
  );
});

test('a repeat of a held key never takes a link', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      play(project, inputs, (before, _after, input, outcomes) => {
        if (
          input.type !== 'key' ||
          input.phase !== 'down' ||
          !(input.repeat || before.down.some((pressed) => pressed.code === input.code))
        )
          return;
        expect(outcomes).toEqual([]);
      });
    }),
    runs,
  );
});

test('while input is masked, no press of the player takes a link', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      play(project, inputs, (before, _after, input, outcomes) => {
        if (!/^(key|pad|pointer)$/.test(input.type) || maskOf(before) === null) return;
        expect(outcomes.some((outcome) => outcome.did === 'link')).toBe(false);
      });
    }),
    runs,
  );
});

test('the game clock runs exactly while nothing freezes it', () => {
  let [ran, stood] = [0, 0];
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      const quiet = [5_000_000, 1000, 250_000].map((value): Input => ({ type: 'time', pass: value }));
      play(project, [...inputs, ...quiet], (before, after, input, outcomes) => {
        const passed = after.now - before.now;
        expect(after.game - before.game).toBeGreaterThanOrEqual(0);
        expect(after.game - before.game).toBeLessThanOrEqual(passed);
        // While the same is up and nothing leaves, either all of the time counts or none of it.
        if (input.type !== 'time' || outcomes.length > 0 || before.leaving.length > 0 || before.ended) return;
        const frozen = [before.base, ...before.overlays].some((instance) =>
          freezes(project, instance.screen),
        );
        expect(after.game - before.game).toBe(frozen ? 0 : passed);
        if (passed > 0 && frozen) stood += 1;
        else if (passed > 0) ran += 1;
      });
    }),
    runs,
  );
  // Both came about, or nothing has been shown.
  expect(Math.min(ran, stood)).toBeGreaterThan(0);
});

test('a picture that leaves keeps the clock frozen until it has gone, or not, as its screen says', () => {
  for (const [releases, waits] of [
    ['settled', true],
    ['at once', false],
  ] as const) {
    const project = projectOf(
      [
        screenOf('watch', { kind: 'play' }),
        screenOf('pause', {
          kind: 'pause',
          layer: 'overlay',
          releases,
          motion: { name: 'fade', duration: '400 ms' },
        }),
      ],
      [link('watch', down('menu'), 'open', 'pause'), link('pause', down('menu'), 'back')],
    );
    const play = new Play(project).key('Escape').wait(1000).key('Escape');
    const game = () => play.state.game;
    const closed = game();
    play.wait(300);
    expect(game() - closed > 0).toBe(!waits);
    play.wait(200);
    const gone = game();
    expect(play.wait(100).state.game - gone).toBe(100_000);
  }
});

test('the same inputs give the same run, and a state is plain data', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, anyInputs, (project, inputs, more) => {
      const { flow, state } = play(project, inputs);
      let copy = JSON.parse(JSON.stringify(state)) as RunState;
      let own = state;
      const frozen = JSON.stringify(state);
      for (const input of more) {
        copy = step(flow, copy, input).state;
        own = step(flow, own, input).state;
      }
      expect(JSON.stringify(copy)).toBe(JSON.stringify(own));
      expect(JSON.stringify(state)).toBe(frozen);
    }),
    runs,
  );
});

test('no input sets off more than a hundred links in a chain, and one that is taken once is never taken twice', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      const once = new Set(project.links.filter((link) => link.once).map((link) => link.id));
      const seen = new Set<string>();
      play(project, inputs, (_before, _after, input, outcomes) => {
        const taken = outcomes.flatMap((outcome) => (outcome.did === 'link' ? [outcome.link] : []));
        if (input.type !== 'time') expect(taken.length).toBeLessThanOrEqual(LONGEST_CHAIN + 1);
        for (const id of taken.filter((value) => once.has(value))) {
          expect(seen.has(id)).toBe(false);
          seen.add(id);
        }
      });
    }),
    runs,
  );
});

test('from beneath a modal overlay no press is answered, but by a link marked to be found above it', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      const flow = compile(project);
      play(project, inputs, (before, _after, input, outcomes) => {
        if (!/^(key|pad|pointer)$/.test(input.type)) return;
        const [taken] = outcomes.filter((outcome) => outcome.did === 'link');
        if (taken?.did !== 'link' || taken.trigger.on === 'arrival') return;
        const reached = reachable(flow, before).map((instance) => instance.screen);
        const modal = before.overlays.some((overlay) => flow.screens.get(overlay.screen)!.modal);
        const link = flow.links.get(taken.link)!.link;
        if (modal && !reached.includes(taken.from)) expect(link.aboveModal).toBe(true);
      });
    }),
    runs,
  );
});

test('a value that comes true fires once for as long as it stays so', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 100 }), { maxLength: 20 }), (levels) => {
      const project = projectOf(
        [screenOf('watch')],
        [
          link('watch', { on: 'value', when: 'oil < 20' }, 'stay'),
          link('project', { on: 'value', when: 'oil < 20' }, 'stay'),
        ],
        { values: [{ id: 'oil', name: 'oil', section: 'x', life: 'session', type: 'number', default: 50 }] },
      );
      const inputs = levels.map((to): Input => ({ type: 'value', value: 'oil', to, byHand: true }));
      let taken = 0;
      play(project, inputs, (_before, _after, _input, outcomes) => {
        taken += outcomes.filter((outcome) => outcome.did === 'link').length;
      });
      const rises = levels.filter((level, i) => level < 20 && (levels[i - 1] ?? 50) >= 20).length;
      expect(taken).toBe(2 * rises);
    }),
  );
});
