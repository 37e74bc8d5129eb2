import fc from 'fast-check';
import { buttonOf, down, event, link, Play, press, projectOf, screenOf } from '../../test/flows';
import type { Element, Masked } from '../../model';
import { transitionOf, pressMask, rehearse, tabLeaves } from '..';

const key = (code: string, phase: 'down' | 'up' = 'down', shift = false) =>
  ({ type: 'key', code, phase, shift }) as const;
const tab = (play: Play, shift = false): Play =>
  play.give(key('Tab', 'down', shift), key('Tab', 'up', shift));

describe('Tab', () => {
  const FIVE = ['a', 'b', 'c', 'd', 'e'];
  const five = (): Play => new Play(projectOf([screenOf('options', {}, FIVE)], []));

  test('forty presses go round five controls eight times, in order, and back with Shift', () => {
    const play = five();
    const order = [play.focus];
    for (let n = 0; n < 40; n++) order.push(tab(play).focus);
    expect(order).toEqual(Array.from({ length: 41 }, (_, n) => FIVE[n % 5]));
    const back = [play.focus];
    for (let n = 0; n < 40; n++) back.push(tab(play, true).focus);
    expect(back).toEqual([...order].reverse());
    expect(play.did('nowhere')).toEqual([]);
  });

  test('it leads out beyond the last and, backwards, before the first', () => {
    const play = five();
    expect([tabLeaves(play.flow, play.state, false), tabLeaves(play.flow, play.state, true)]).toEqual([
      false,
      true,
    ]);
    for (let n = 0; n < 4; n++) tab(play);
    expect([tabLeaves(play.flow, play.state, false), tabLeaves(play.flow, play.state, true)]).toEqual([
      true,
      false,
    ]);
  });

  test('bound to an action it does that alone, and where nothing can have the focus it is a key like any other', () => {
    const project = projectOf([screenOf('watch'), screenOf('bag', { layer: 'overlay' }, ['a', 'b'])], []);
    project.actions = [...project.actions, { id: 'bag', name: 'bag', keys: ['Tab'], pad: [] }];
    project.links = [link('watch', down('bag'), 'open', 'bag'), link('bag', down('bag'), 'back')];
    const play = tab(new Play(project));
    expect(play.up).toEqual(['watch', 'bag']);
    expect(tab(play).up).toEqual(['watch']);
    const bare = tab(new Play(projectOf([screenOf('watch', { kind: 'play' })], [])));
    expect(bare.did('nowhere')).toMatchObject([{ what: { kind: 'input', code: 'Tab' } }]);
  });
});

describe('no dead end', () => {
  const control = (type: string): Element =>
    ({ ...buttonOf('it', 100), type, tabs: ['One', 'Two'] }) as never;

  test.each(['slider', 'tabs', 'choice', 'switch', 'entry'])('confirm on what is a %s', (type) => {
    const play = new Play(projectOf([screenOf('options', { elements: [control(type)] })], []));
    expect(play.key('Enter').did('nowhere')).toEqual([]);
  });

  test('a key that has a use beneath the modal screen, or that the game uses by itself', () => {
    const project = projectOf(
      [screenOf('watch', { kind: 'play' }), screenOf('pause', { kind: 'pause', layer: 'overlay' }, ['go'])],
      [link('watch', down('menu'), 'open', 'pause'), link('watch', down('map'), 'stay')],
    );
    project.actions = [
      ...project.actions,
      { id: 'map', name: 'map', keys: ['KeyM'], pad: [] },
      { id: 'walk', name: 'walk', keys: ['KeyW'], pad: [], forGame: true },
    ];
    const play = new Play(project).key('KeyW').key('Escape').wait(1000).key('KeyM').key('KeyW');
    expect(play.did('nowhere')).toEqual([]);
    expect(play.key('KeyQ').did('nowhere')).toHaveLength(1);
  });
});

describe('a key that was down before a screen came', () => {
  const project = projectOf(
    [
      screenOf('watch', { kind: 'play' }),
      screenOf('pause', { kind: 'pause', layer: 'overlay' }, ['a', 'b', 'c']),
    ],
    [
      link('watch', event('storm'), 'open', 'pause'),
      link('pause', { on: 'action', action: 'down', when: 'up' }, 'back'),
    ],
  );

  test('is no press, no repeat and no release in it, and the game hears it come up', () => {
    const play = new Play(project).give(key('ArrowDown')).event('storm').wait(2000);
    const walked = { ...key('ArrowDown'), repeat: true };
    expect(play.give(walked, walked).focus).toBe('a');
    play.give(key('ArrowDown', 'up'));
    expect(play.up).toEqual(['watch', 'pause']);
    expect(play.did('to game')).toMatchObject([
      { code: 'ArrowDown', phase: 'down' },
      { code: 'ArrowDown', phase: 'up' },
    ]);
    expect(play.give(key('ArrowDown'), walked).focus).toBe('c');
  });
});

describe('while a screen that keeps the game from its input closes', () => {
  const SLOW = { name: 'fade', duration: '400 ms' } as const;
  const made = (masked: Masked | undefined, releases?: 'at once') => {
    const project = projectOf(
      [
        screenOf('watch', { kind: 'play' }, ['lamp']),
        screenOf('pause', { kind: 'pause', layer: 'overlay', releases }, ['resume']),
        screenOf('map', { layer: 'overlay' }, ['close']),
      ],
      [
        link('watch', down('menu'), 'open', 'pause'),
        link('pause', down('menu'), 'back', undefined, { motion: SLOW, ...(masked ? { masked } : {}) }),
        link('watch', down('map'), 'open', 'map'),
        link('watch', press('lamp'), 'open', 'map'),
      ],
    );
    project.actions = [...project.actions, { id: 'map', name: 'map', keys: ['KeyM'], pad: [] }];
    return new Play(project).key('Escape').wait(1000).key('Escape', 0);
  };

  test('a press for what lies beneath is masked until it has gone', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 399 }), fc.constantFrom('KeyM', 'Enter'), (ms, code) => {
        const play = made(undefined).wait(ms).key(code, 0);
        expect(play.up).toEqual(['watch']);
        expect(play.did('masked')).toMatchObject([{ kept: false }]);
        expect(pressMask(play.flow, play.state)).toBe('ignored');
        expect(play.wait(400 - ms).up).toEqual(['watch']);
        expect(pressMask(play.flow, play.state)).toBeNull();
        expect(play.key(code).up).toEqual(['watch', 'map']);
      }),
    );
  });

  test('the closing link decides: kept until it has gone, or let through', () => {
    const kept = made('held').wait(7).key('KeyM', 0);
    expect(kept.up).toEqual(['watch']);
    expect(kept.wait(392).up).toEqual(['watch']);
    expect(kept.wait(1).up).toEqual(['watch', 'map']);
    const through = made('through').wait(7);
    expect(pressMask(through.flow, through.state)).toBeNull();
    expect(through.key('KeyM').up).toEqual(['watch', 'map']);
  });

  test('the chart of its transition says so for as long as it is there', () => {
    const { flow } = made('held');
    const closing = flow.project.links[1]!.id;
    expect(transitionOf(flow, rehearse(flow, closing)!).masked).toEqual({
      from: 0,
      until: 400_000,
      how: 'held',
    });
  });

  test('what brings it back is never masked, nor anything where input is given back at once', () => {
    expect(made(undefined).wait(7).key('Escape').up).toEqual(['watch', 'pause']);
    expect(made(undefined, 'at once').wait(7).key('KeyM').up).toEqual(['watch', 'map']);
  });

  test('a click on what lies beneath is masked too', () => {
    const play = made(undefined).wait(7);
    const spot = { serial: play.state.base.serial, element: 'lamp' };
    const click = () => {
      for (const phase of ['down', 'up'] as const)
        play.give({ type: 'pointer', device: 'pointer', phase, spot });
      return play.up;
    };
    expect(click()).toEqual(['watch']);
    play.wait(400);
    expect(click()).toEqual(['watch', 'map']);
  });
});

describe('what the game is owed', () => {
  const VALUE = { type: 'number', name: 'Oil', section: 'Watch', life: 'session', default: 40 } as const;

  test('it writes only the values that say so', () => {
    const project = projectOf([screenOf('watch')], []);
    project.values = [
      { ...VALUE, id: 'oil', byGame: true },
      { ...VALUE, id: 'price', name: 'Price' },
    ];
    const play = new Play(project);
    for (const value of ['oil', 'price']) play.give({ type: 'value', value, to: 7 });
    expect(play.state.values).toEqual({ oil: 7, price: 40 });
    expect(play.did('refused')).toMatchObject([{ value: 'price', why: 'not by the game' }]);
    expect(play.give({ type: 'value', value: 'price', to: 7, byHand: true }).state.values.price).toBe(7);
  });

  const LOADING = { by: 'events', progress: 'read', done: 'ready', failed: 'broken' } as const;
  const loads = (ways: ('done' | 'failed')[]) => {
    const project = projectOf(
      [screenOf('title'), screenOf('load', { kind: 'loading', loading: LOADING }), screenOf('watch')],
      [
        link('title', down('menu'), 'go', 'load'),
        ...ways.map((on) => link('load', { on }, 'go', on === 'done' ? 'watch' : 'title')),
      ],
    );
    project.events = [
      { id: 'read', name: 'read', direction: 'in', fields: [{ id: 'share', name: 'share', type: 'number' }] },
      { id: 'ready', name: 'ready', direction: 'in' },
      { id: 'broken', name: 'broken', direction: 'in' },
    ];
    return new Play(project);
  };

  test('progress said before its screen is up counts when that comes, once', () => {
    const play = loads(['done']);
    play.give({ type: 'event', event: 'read', fields: { share: 0.6 } }).key('Escape');
    expect([play.up, play.state.base.progress]).toEqual([['load'], 0.6]);
    expect(play.did('nowhere')).toEqual([]);
    const early = loads(['done']).event('ready').key('Escape').wait(2000);
    expect([early.up, early.state.ahead]).toEqual([['watch'], {}]);
  });

  test('what has failed without a way on is not stuck: it can still be done', () => {
    const play = loads(['done']).key('Escape').wait(2000).event('broken').wait(2000);
    expect([play.up, play.did('nowhere').length]).toEqual([['load'], 1]);
    expect(play.event('ready').wait(2000).up).toEqual(['watch']);
    const led = loads(['done', 'failed']).key('Escape').wait(2000).event('broken').wait(2000);
    expect(led.up).toEqual(['title']);
  });

  test('a field of another type is told, and counts as nothing', () => {
    const play = loads([]).give({ type: 'event', event: 'read', fields: { share: 'half' } });
    expect(play.did('misfit')).toMatchObject([{ field: 'share', given: 'half', to: 0 }]);
    expect(
      loads([])
        .give({ type: 'event', event: 'read', fields: { share: 0.5 } })
        .did('misfit'),
    ).toEqual([]);
  });
});

describe('what the log tells', () => {
  test('why a kept press was dropped: a later one, or what it was for has gone', () => {
    const project = projectOf(
      [screenOf('title', {}, ['a', 'b']), screenOf('map', { layer: 'overlay' }, ['x'])],
      [
        link('title', down('menu'), 'open', 'map', {
          masked: 'held',
          motion: { name: 'fade', duration: '400 ms' },
        }),
        link('map', event('storm'), 'back'),
      ],
    );
    project.events = [{ id: 'storm', name: 'storm', direction: 'in' }];
    const play = new Play(project).key('Escape').wait(50).key('KeyZ').wait(50).key('KeyX', 0);
    expect(play.did('dropped')).toMatchObject([{ why: 'later' }]);
    const map = play.state.overlays.at(-1)!;
    play.give({
      type: 'pointer',
      device: 'touch',
      phase: 'down',
      spot: { serial: map.serial, element: 'x' },
    });
    play.event('storm');
    expect(play.did('dropped')).toMatchObject([{ why: 'later' }, { why: 'later' }, { why: 'gone' }]);
  });

  test('that a limit ran out', () => {
    const loading = { by: 'pretending', lasts: '9 s', limit: '2 s' } as const;
    const play = new Play(
      projectOf(
        [screenOf('load', { kind: 'loading', loading }), screenOf('title')],
        [link('load', { on: 'failed' }, 'go', 'title')],
      ),
    );
    expect(play.wait(1999).did('limit')).toEqual([]);
    expect(play.wait(5000).did('limit')).toMatchObject([{ screen: 'load', of: 'loading' }]);
  });
});
