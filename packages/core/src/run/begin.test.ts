import { compile } from '../compile';
import type { GameEvent, Project } from '../model';
import { event, lighthouse, link, Play, press, projectOf, screenOf, show } from '../test/flows';
import { line, talking } from '../test/talks';
import { beginAt, firstState, step, typingNow } from '.';

/** Where a run begins, and what it says of each input it is given. */

const at = (project: Project, screen: string, atRest = true) =>
  beginAt(compile(project), screen, atRest).state;

describe('a screen is begun at', () => {
  const project = projectOf(
    [
      screenOf('title', { kind: 'title' }, ['go']),
      screenOf('watch', { kind: 'play', area: 'a-night' }, ['deep']),
      screenOf('chart', { layer: 'overlay' }, ['more']),
      screenOf('detail', { layer: 'overlay', parameters: [{ id: 'q', name: 'what', type: 'text' }] }, ['x']),
      screenOf('told', { layer: 'notice', parameters: [{ id: 'n', name: 'words', type: 'text' }] }),
      screenOf('other', { layer: 'notice' }),
      screenOf('gauge', { layer: 'hud', area: 'a-night' }, ['beside']),
      screenOf('lost', { layer: 'overlay' }),
      screenOf('stray', { layer: 'hud' }),
      screenOf('byGauge', { layer: 'overlay' }),
      screenOf('byArea', { layer: 'overlay' }),
      screenOf('byAll', { layer: 'overlay' }),
    ],
    [
      link('title', press('go'), 'go', 'watch'),
      link('watch', press('deep'), 'open', 'chart'),
      link('chart', press('more'), 'open', 'detail', { args: { q: '"rocks"' } }),
      link('watch', event('e'), 'stay', undefined, {
        effects: [show('other'), { do: 'notice', screen: 'told', args: { n: '"low water"' } }],
      }),
      link('gauge', press('beside'), 'open', 'byGauge'),
      link('a-night', event('e'), 'open', 'byArea'),
      link('project', event('e'), 'open', 'byAll'),
    ],
    { areas: [{ id: 'a-night', name: 'night', parent: null }] },
  );

  test.each([
    ['title', 'title'],
    ['watch', 'watch'],
    ['chart', 'watch'],
    ['detail', 'watch'],
    ['told', 'watch'],
    ['gauge', 'watch'],
    ['byGauge', 'watch'],
    ['byArea', 'watch'],
    ['lost', 'title'],
    ['byAll', 'title'],
    ['stray', 'title'],
    ['nowhere', 'title'],
  ])('%s stands over %s', (screen, base) => {
    expect(at(project, screen).base.screen).toBe(base);
  });

  test('with what the link that leads to it gives it', () => {
    expect(at(project, 'detail').overlays.map(({ screen, args }) => [screen, args])).toEqual([
      ['detail', { q: 'rocks' }],
    ]);
    expect(at(project, 'told').notices.map(({ screen, args }) => [screen, args])).toEqual([
      ['told', { n: 'low water' }],
    ]);
  });

  test('nothing is moving where it is looked at, and everything comes where it is played', () => {
    const moving = {
      ...project,
      defaults: { ...project.defaults, motion: { name: 'fade', duration: '400 ms' } as const },
    };
    const [still, played] = [at(moving, 'chart'), at(moving, 'chart', false)];
    expect(still.leaving).toEqual([]);
    expect([still.base, still.overlays[0]!].map((instance) => instance.settled)).toEqual([0, 0]);
    expect(played.overlays[0]!.settled).toBeGreaterThanOrEqual(400_000);
    expect([still.trail, played.trail]).toEqual([[], []]);
  });

  test('a conversation is not begun where its screen is looked at, and goes on from the line that is asked for', () => {
    const talk = talking([line('a', 'First.'), line('b', 'Second.')]);
    const flow = compile({ ...talk, screens: talk.screens.map((item) => ({ ...item, says: 'talk' })) });
    const screen = talk.conversations![0]!.screen!;
    const speaker = (state: ReturnType<typeof firstState>) =>
      [...state.overlays, state.base].find((instance) => instance.screen === screen)!;
    expect(speaker(beginAt(flow, screen, true).state).talk!.still).toBe(true);
    expect(speaker(beginAt(flow, screen, false).state).talk!.still).toBe(false);
    const begun = (key: string) => {
      const from = beginAt(flow, screen, false, {}, { conversation: 'talk', key }).state;
      const { outcomes } = step(flow, from, { type: 'time', pass: 2_000_000 });
      return outcomes.flatMap((outcome) => (outcome.did === 'line' ? [outcome.text] : []));
    };
    expect(begun('b')[0]).toBe('Second.');
    expect(begun('a')[0]).toBe('First.');
    expect(begun('gone')[0]).toBe('First.');
    // Looked at, all of a line is there.
    const looked = beginAt(flow, screen, true, {}, { conversation: 'talk', key: 'b', whole: true });
    expect(looked.outcomes).toContainEqual(expect.objectContaining({ did: 'line', text: 'Second.' }));
    expect(speaker(looked.state).talk).toMatchObject({ key: 'b', full: 0, still: false });
    expect(typingNow(flow, looked.state, speaker(looked.state))).toBeNull();
  });

  test('the first state of a flow is that of a run that has just begun, and made once', () => {
    const flow = compile(project);
    const state = firstState(flow);
    expect([state.base.screen, state.now, state.overlays]).toEqual(['title', 0, []]);
    expect(firstState(flow)).toBe(state);
    const empty = [
      state.noticeQueue,
      state.scheduledEffects,
      state.log,
      state.failed,
      state.trail,
      state.leaving,
    ];
    expect(empty.flat()).toEqual([]);
  });
});

describe('each input is told as it came', () => {
  const events: GameEvent[] = [
    { id: 'calm', name: 'calm', direction: 'in' },
    { id: 'storm', name: 'storm', direction: 'in', fields: [{ id: 'f', name: 'force', type: 'number' }] },
  ];
  const play = () => new Play(lighthouse({ events }));
  const told = (run: Play) => run.did('input').map(({ at: _, did: __, ...rest }) => rest);

  test('keys once, however long they are held; buttons, gestures, the pointer, what has finished', () => {
    const key = (phase: 'down' | 'up', repeat = false) =>
      ({ type: 'key', code: 'KeyX', phase, repeat }) as const;
    const run = play().give(key('down'), key('down', true), key('down'), key('up'), key('down'));
    run.give({ type: 'pad', button: 3, phase: 'down' }, { type: 'gesture', gesture: 'swipe left' });
    run.give({ type: 'pointer', device: 'touch', phase: 'down', spot: null });
    run.give({ type: 'done', screen: 'title' }, { type: 'failed', screen: 'title' });
    run.give({ type: 'done', screen: 'watch' });
    expect(told(run)).toEqual(
      ['KeyX', 'KeyX', 'pad 3', 'swipe left', 'touch', 'done title', 'failed title'].map((input) => ({
        input,
      })),
    );
  });

  test('what has finished and what has failed lead on each by its own sentence', () => {
    const loads = projectOf(
      [screenOf('load', { kind: 'loading' }), screenOf('well'), screenOf('ill')],
      [link('load', { on: 'done' }, 'go', 'well'), link('load', { on: 'failed' }, 'go', 'ill')],
    );
    const led = (type: 'done' | 'failed') => new Play(loads).give({ type, screen: 'load' }).up;
    expect([led('done'), led('failed')]).toEqual([['well'], ['ill']]);
  });

  test('an event with its own fields, fitted, and not with those of another', () => {
    const run = play().give(
      { type: 'event', event: 'calm', fields: { f: 4 } },
      { type: 'event', event: 'storm', fields: { f: 8, g: 1 } },
      { type: 'event', event: 'storm' },
      { type: 'event', event: 'storm', fields: { f: 'many' } },
      { type: 'event', event: 'unknown', fields: { f: 1 } },
    );
    expect(told(run)).toEqual([
      { input: 'event calm', fields: {} },
      { input: 'event storm', fields: { f: 8 } },
      { input: 'event storm', fields: { f: 0 } },
      { input: 'event storm', fields: { f: 0 } },
      { input: 'event unknown', fields: {} },
    ]);
    expect(run.did('misfit')).toMatchObject([{ event: 'storm', field: 'f', given: 'many', to: 0 }]);
  });
});
