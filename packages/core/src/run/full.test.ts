import { compile } from '../compile';
import type { Link, Project, Screen, Value } from '../model';
import { after, down, event, link, Play, press, projectOf, screenOf, show } from '../test/flows';
import { begin, beginAt, faults, reconcile, step } from '.';

/** Areas, companions, answers, conditions and values, as a designer would put them to work. */

const oil: Value = {
  id: 'oil',
  name: 'oil',
  section: 'Lamp',
  life: 'session',
  type: 'number',
  least: 0,
  most: 100,
  default: 40,
};
const lit: Value = {
  id: 'lit',
  name: 'lit',
  section: 'Lamp',
  life: 'progress',
  type: 'on/off',
  default: false,
};

/** The watch in an area, with a pause button beside it, pause, a confirm asked from two places, and a popup. */
function season(over: Partial<Project> = {}, links: Link[] = []): Project {
  const companion = (id: string, shownWhen?: string, buttons: string[] = []): Screen =>
    screenOf(id, { layer: 'companion', area: 'play', ...(shownWhen ? { shownWhen } : {}) }, buttons);
  return projectOf(
    [
      screenOf('title', { kind: 'title' }, ['start', 'quit']),
      screenOf('watch', { kind: 'play', area: 'play' }),
      screenOf('storm', { kind: 'play', area: 'play' }),
      screenOf('pause', { kind: 'pause', layer: 'overlay' }, ['resume', 'leave']),
      screenOf(
        'confirm',
        {
          layer: 'overlay',
          parameters: [{ id: 'q', name: 'question', type: 'text' }],
          outcomes: [
            { id: 'yes', name: 'yes' },
            { id: 'no', name: 'no' },
          ],
        },
        ['ok', 'cancel'],
      ),
      screenOf('lost', { layer: 'overlay', kind: 'popup' }, ['fine']),
      companion('gauge', 'oil > 0'),
      companion('button', '!isUp(pause)', ['menu']),
    ],
    [
      link('title', press('start'), 'go', 'watch'),
      link('title', press('quit'), 'open', 'confirm', { args: { q: '"Quit?"' } }),
      link('title', { on: 'returned', screen: 'confirm', outcome: 'yes' }, 'end'),
      link('button', press('menu'), 'open', 'pause'),
      link('watch', down('menu'), 'open', 'pause'),
      link('watch', event('storm'), 'go', 'storm'),
      link('pause', press('resume'), 'back'),
      link('pause', press('leave'), 'open', 'confirm', { args: { q: '"Leave with " + oil + " left?"' } }),
      link('pause', { on: 'returned', screen: 'confirm', outcome: 'yes' }, 'go', 'title'),
      link('confirm', press('ok'), 'back', undefined, { outcome: 'yes' }),
      link('confirm', press('cancel'), 'back', undefined, { outcome: 'no' }),
      ...links,
    ],
    { values: [oil, lit], areas: [{ id: 'play', name: 'Play', parent: null }], ...over },
  );
}

const up = (play: Play) => play.state.companions.map((each) => each.screen);
const set = (value: string, to: string | number | boolean) => ({
  type: 'value' as const,
  value,
  to,
  byHand: true,
});

describe('companions', () => {
  test('are up beside every base of their area, and go with it', () => {
    const play = new Play(season());
    expect(up(play)).toEqual([]);
    play.key('Enter');
    expect(up(play)).toEqual(['gauge', 'button']);
    const serials = play.state.companions.map((each) => each.serial);
    play.event('storm');
    expect(play.state.companions.map((each) => each.serial)).toEqual(serials);
  });

  test('stay up through overlays, but for one that hides by its condition and comes back', () => {
    const play = new Play(season()).key('Enter').key('Escape');
    expect(play.up).toEqual(['watch', 'pause']);
    expect(up(play)).toEqual(['gauge']);
    play.key('Enter');
    expect([play.up, up(play)]).toEqual([['watch'], ['gauge', 'button']]);
  });

  test('follow the values their condition reads', () => {
    const play = new Play(season()).key('Enter').give(set('oil', 0));
    expect(up(play)).toEqual(['button']);
    expect(up(play.give(set('oil', 3)))).toEqual(['gauge', 'button']);
  });

  test('are pressed with pointer, and never have the focus', () => {
    const play = new Play(season()).key('Enter');
    const button = play.state.companions.at(-1)!;
    expect(button.focus).toBeNull();
    const spot = { serial: button.serial, element: 'menu' };
    play.give({ type: 'pointer', device: 'pointer', phase: 'down', spot });
    play.give({ type: 'pointer', device: 'pointer', phase: 'up', spot });
    expect(play.up).toEqual(['watch', 'pause']);
  });

  test('ask where the game came from about the base they stand beside', () => {
    const project = season();
    project.screens.find((each) => each.id === 'gauge')!.shownWhen = 'cameFrom(title)';
    const play = new Play(project).key('Enter');
    for (let i = 0; i < 3; i++) expect(up(play.give(set('oil', i + 1)))).toEqual(['gauge', 'button']);
    // Come back to from an overlay it is still the same base; begun there, it has come from nowhere.
    expect(up(play.key('Escape').key('Enter'))).toEqual(['gauge', 'button']);
    expect(up(new Play({ ...project, start: 'watch' }))).toEqual(['button']);
  });

  test('come and go with an edit', () => {
    const play = new Play(season()).key('Enter');
    const project = season();
    project.screens.find((each) => each.id === 'gauge')!.shownWhen = 'oil > 90';
    const flow = compile(project);
    const state = reconcile(flow, play.state);
    expect(state.companions.map((each) => each.screen)).toEqual(['button']);
    expect(faults(flow, state)).toEqual([]);
  });
});

describe('one confirm, asked by several', () => {
  const asked = (play: Play) => play.state.overlays.at(-1)!.args.q;

  test('is told its question, and its answer goes to who asked', () => {
    const play = new Play(season()).key('Enter').key('Escape').key('ArrowDown').key('Enter');
    expect([play.up, asked(play)]).toEqual([['watch', 'pause', 'confirm'], 'Leave with 40 left?']);
    play.key('Enter');
    expect(play.up).toEqual(['title']);
    play.key('ArrowDown').key('Enter');
    expect([play.up, asked(play)]).toEqual([['title', 'confirm'], 'Quit?']);
    expect(play.key('Enter').state.ended).toBe(true);
  });

  test('an answer nobody waits for among others that are waited for only closes it', () => {
    const play = new Play(season()).key('Enter').key('Escape').key('ArrowDown').key('Enter');
    play.key('ArrowDown').key('Enter');
    expect(play.up).toEqual(['watch', 'pause']);
    expect(play.did('nowhere')).toEqual([]);
  });

  test('an answer is a dead end where the opener waits for none at all', () => {
    const project = season({}, [link('storm', down('next'), 'open', 'confirm', { args: { q: '"Sure?"' } })]);
    const play = new Play(project).key('Enter').event('storm').key('KeyE').key('Enter');
    expect(play.did('nowhere')).toMatchObject([
      { what: { kind: 'returned', screen: 'confirm', outcome: 'yes', to: 'storm' } },
    ]);
  });

  test('making way for another hands on who gets the answer', () => {
    const project = season({}, [link('lost', press('fine'), 'swap', 'confirm', { args: { q: '"?"' } })]);
    project.links.find((each) => each.from === 'pause' && each.kind === 'open')!.to = { screen: 'lost' };
    const play = new Play(project).key('Enter').key('Escape').key('ArrowDown').key('Enter').key('Enter');
    expect(play.up).toEqual(['watch', 'pause', 'confirm']);
    expect(play.key('Enter').up).toEqual(['title']);
  });

  test('goes back along the trail with its answer, to the overlay that had asked', () => {
    const project = season({}, [
      link('pause', down('next'), 'go', 'storm'),
      link('storm', down('back'), 'back', undefined, { outcome: 'x' }),
      link('pause', { on: 'returned', screen: 'storm' }, 'stay', undefined, {
        effects: [{ do: 'set', value: 'oil', to: '7' }],
      }),
    ]);
    project.screens.find((each) => each.id === 'storm')!.outcomes = [{ id: 'x', name: 'x' }];
    project.screens.find((each) => each.id === 'watch')!.trail = 'keeps';
    project.screens.find((each) => each.id === 'storm')!.trail = 'keeps';
    const play = new Play(project).key('Enter').key('Escape').key('KeyE');
    expect(play.up).toEqual(['storm']);
    play.key('Backspace');
    expect([play.up, play.state.values.oil]).toEqual([['watch', 'pause'], 7]);
  });

  test('a parameter left out is stood in for, and the run goes on', () => {
    const project = season();
    delete project.links.find((each) => each.args)!.args;
    const play = new Play(project).key('ArrowDown').key('Enter');
    expect([play.up, asked(play)]).toEqual([['title', 'confirm'], '']);
  });
});

describe('areas and the project', () => {
  const lost = (aboveModal: boolean) =>
    season({}, [link('project', event('lost'), 'open', 'lost', { ...(aboveModal ? { aboveModal } : {}) })]);

  test('a rule of the project opens its popup above a modal confirm when marked so, and not when not', () => {
    const asked = (project: Project) =>
      new Play(project).key('Enter').key('Escape').key('ArrowDown').key('Enter').event('lost');
    expect(asked(lost(true)).up).toEqual(['watch', 'pause', 'confirm', 'lost']);
    const play = asked(lost(false));
    expect(play.up).toEqual(['watch', 'pause', 'confirm']);
    expect(play.did('nowhere')).toMatchObject([{ passed: [{ reason: { because: 'covered' } }] }]);
    expect(new Play(lost(false)).key('Enter').event('lost').up).toEqual(['watch', 'lost']);
  });

  test('a key marked so is found above a modal screen too', () => {
    const help = (aboveModal: boolean) =>
      new Play(season({}, [link('play', down('next'), 'open', 'lost', { aboveModal })]))
        .key('Enter')
        .key('Escape')
        .key('KeyE').up;
    expect(help(true)).toEqual(['watch', 'pause', 'lost']);
    expect(help(false)).toEqual(['watch', 'pause']);
  });

  test('a rule of an area holds on its screens alone, the inner one first', () => {
    const project = season({}, [
      link('play', down('next'), 'open', 'lost'),
      link('inner', down('next'), 'go', 'title'),
    ]);
    project.areas.push({ id: 'inner', name: 'Inner', parent: 'play' });
    project.screens.find((each) => each.id === 'storm')!.area = 'inner';
    const play = new Play(project).key('KeyE');
    expect(play.up).toEqual(['title']);
    expect(play.key('Enter').key('KeyE').up).toEqual(['watch', 'lost']);
    expect(new Play(project).key('Enter').event('storm').key('KeyE').up).toEqual(['title']);
    expect(up(new Play(project).key('Enter').event('storm'))).toContain('gauge');
  });

  test('give their screens clock and motion', () => {
    const project = season({
      areas: [
        {
          id: 'play',
          name: 'Play',
          parent: null,
          freezes: true,
          motion: { name: 'fade', duration: '0.5 s' },
        },
      ],
    });
    const play = new Play(project).key('Enter').wait(600);
    expect(play.state.game).toBe(0);
    expect(play.state.base.settled - play.state.base.shown).toBe(500_000);
  });
});

describe('conditions and values', () => {
  const low = (when: string, over: Partial<Link> = {}) =>
    season({}, [link('watch', event('check'), 'go', 'storm', { when, ...over })]);

  test('a link is taken only where its condition holds, and says what was so when not', () => {
    const play = new Play(low('oil < 20')).key('Enter').event('check');
    expect(play.up).toEqual(['watch']);
    expect(play.did('nowhere').at(-1)).toMatchObject({
      passed: [{ reason: { because: 'condition', text: 'oil < 20', read: [['oil', 40]] } }],
    });
    expect(play.give(set('oil', 12)).event('check').up).toEqual(['storm']);
  });

  test('one that fails counts as false, is told once, and the run goes on', () => {
    for (const when of ['gone > 3', 'oil / 0 > 1', 'oil <', 'lit < 3']) {
      const play = new Play(low(when)).key('Enter').event('check').event('check');
      expect([play.up, play.did('failed').length]).toEqual([['watch'], 1]);
    }
  });

  test('only once is once in a run', () => {
    const project = season({}, [link('watch', event('x'), 'open', 'lost', { once: true })]);
    project.links.push(link('lost', press('fine'), 'back'));
    const play = new Play(project).key('Enter').event('x').key('Enter').event('x');
    expect(play.up).toEqual(['watch']);
    expect(begin(play.flow).state.once).toEqual([]);
  });

  test('an event’s fields are read by condition and effects', () => {
    const project = season(
      {
        events: [
          {
            id: 'found',
            name: 'found',
            direction: 'in',
            fields: [{ id: 'n', name: 'much', type: 'number' }],
          },
        ],
      },
      [
        link('watch', event('found'), 'stay', undefined, {
          when: 'much > 5',
          effects: [{ do: 'set', value: 'oil', to: 'oil + much' }],
        }),
      ],
    );
    const play = new Play(project).key('Enter');
    const give = (n: number) => play.give({ type: 'event', event: 'found', fields: { n } });
    give(3);
    expect(play.state.values.oil).toBe(40);
    give(30);
    expect(play.state.values.oil).toBe(70);
    give(90);
    expect(play.state.values.oil).toBe(100);
    expect(play.did('set').at(-1)).toMatchObject({ to: 100, wanted: 160 });
  });

  test('effects come in the order of the sentence', () => {
    const effects: Link['effects'] = [
      show('gauge'),
      { do: 'sound', asset: 'bell' },
      { do: 'send', event: 'lamp' },
      { do: 'set', value: 'lit', to: 'true' },
    ];
    const order = (list: Link['effects']) => {
      const project = season({ events: [{ id: 'lamp', name: 'lamp', direction: 'out' }] }, [
        link('title', event('x'), 'stay', undefined, { effects: list }),
      ]);
      project.screens.find((each) => each.id === 'gauge')!.layer = 'notice';
      return new Play(project)
        .event('x')
        .outcomes.map((each) => each.did)
        .filter((did) => /notice|sound|send|set/.test(did));
    };
    expect(order(effects)).toEqual(['notice', 'sound', 'send', 'set']);
    expect(order([...effects].reverse())).toEqual(['set', 'send', 'sound', 'notice']);
  });

  test('an effect put off comes exactly so much later, and goes with its screen', () => {
    const project = season({}, [
      link('title', event('x'), 'stay', undefined, {
        effects: [{ do: 'set', value: 'oil', to: 'oil + 1', after: '0.9 s' }],
      }),
    ]);
    const play = new Play(project).wait(200).event('x').wait(899.999);
    expect(play.state.values.oil).toBe(40);
    play.wait(0.001);
    expect(play.did('set')).toMatchObject([{ at: 1_100_000, to: 41 }]);
    const left = new Play(project).event('x').key('Enter').wait(2000);
    expect([left.state.values.oil, left.state.later]).toEqual([40, []]);
  });

  test('a saved game keeps what belongs to it, and loads it again', () => {
    const project = season({}, [
      link('title', event('save'), 'stay', undefined, { effects: [{ do: 'save', slot: '1 + 1' }] }),
      link('title', event('load'), 'stay', undefined, { effects: [{ do: 'load', slot: '2' }] }),
      link('title', event('try'), 'go', 'storm', { when: 'saveExists(2)' }),
    ]);
    const play = new Play(project).event('try').event('load');
    expect([play.up, play.did('load')]).toMatchObject([['title'], [{ found: false }]]);
    play
      .give(set('lit', true), set('oil', 5))
      .event('save')
      .give(set('lit', false), set('oil', 9))
      .event('load');
    expect(play.state.values).toEqual({ lit: true, oil: 9 });
    expect(play.event('try').up).toEqual(['storm']);
    const again = begin(play.flow, { saves: play.state.saves }).state;
    expect([again.values.lit, Object.keys(again.saves)]).toEqual([false, ['2']]);
  });

  test('reset gives back the defaults: of one, of a section, of all', () => {
    const project = (what: object) =>
      season({ values: [oil, { ...lit, section: 'Storm' }] }, [
        link('title', event('x'), 'stay', undefined, { effects: [{ do: 'reset', ...what }] }),
      ]);
    const after = (what: object) =>
      new Play(project(what)).give(set('oil', 1), set('lit', true)).event('x').state.values;
    expect(after({})).toEqual({ oil: 40, lit: false });
    expect(after({ section: 'Lamp' })).toEqual({ oil: 40, lit: true });
    expect(after({ value: 'lit' })).toEqual({ oil: 1, lit: false });
  });

  test('a run can begin at a screen with values chosen, and what its link tells it', () => {
    const flow = compile(season());
    const { state } = beginAt(flow, 'confirm', true, { values: { oil: 3 } });
    expect([state.overlays[0]!.screen, state.overlays[0]!.args.q, state.values.oil]).toEqual([
      'confirm',
      'Quit?',
      3,
    ]);
  });
});

describe('value cues', () => {
  const fires = (when: string, effects: Link['effects'] = []) =>
    season({}, [link('watch', { on: 'value', when }, 'stay', undefined, { effects })]);
  const count = (play: Play) =>
    play.did('link').filter((each) => each.did === 'link' && each.cue.on === 'value').length;

  test('fire when an expression becomes true, and not while it stays so', () => {
    const play = new Play(fires('oil < 20')).key('Enter').give(set('oil', 10), set('oil', 5));
    expect(count(play)).toBe(1);
    expect(count(play.give(set('oil', 50), set('oil', 10)))).toBe(2);
  });

  test('fire once on arrival where it is so already, and again when the screen comes up anew', () => {
    const play = new Play(fires('oil > 1')).key('Enter');
    expect(count(play)).toBe(1);
    expect(count(play.event('storm'))).toBe(1);
  });

  test('two that set one another off stop after a hundred with a word, and the run goes on', () => {
    const project = season({}, [
      link('watch', { on: 'value', when: 'lit' }, 'stay', undefined, {
        effects: [{ do: 'set', value: 'lit', to: 'false' }],
      }),
      link('watch', { on: 'value', when: '!lit' }, 'stay', undefined, {
        effects: [{ do: 'set', value: 'lit', to: 'true' }],
      }),
    ]);
    const play = new Play(project).key('Enter');
    expect(play.did('unsettled')).toMatchObject([{ screen: 'watch' }]);
    expect(count(play)).toBe(100);
    expect(play.key('Escape').up).toEqual(['watch', 'pause']);
    expect(faults(play.flow, play.state)).toEqual([]);
  });

  test('of areas and the project count from where those begin', () => {
    const project = season({}, [
      link('play', { on: 'value', when: 'oil > 1' }, 'stay'),
      link('project', { on: 'value', when: 'oil > 2' }, 'stay'),
    ]);
    const play = new Play(project);
    expect(count(play)).toBe(1);
    expect(count(play.key('Enter').event('storm'))).toBe(2);
    expect(count(play.give(set('oil', 0), set('oil', 50)))).toBe(4);
  });
});

test('a screen’s content that has finished takes its own link, and is a dead end without one', () => {
  const project = season({}, [link('title', { on: 'done' }, 'go', 'watch')]);
  expect(new Play(project).give({ type: 'done', screen: 'title' }).up).toEqual(['watch']);
  const other = new Play(season()).give({ type: 'done', screen: 'title' });
  expect(other.did('nowhere')).toMatchObject([{ what: { kind: 'done', screen: 'title' } }]);
});

test('90 ticks at 20 a second are 4.5 s from taken, and 4.9 s from settled with 400 ms of entering', () => {
  const warned = (since: 'taken' | 'settled') => {
    const project = projectOf(
      [
        screenOf('first'),
        screenOf('warning', { motion: { name: 'fade', duration: '400 ms' } }),
        screenOf('loading'),
      ],
      [
        link('first', event('go'), 'go', 'warning'),
        link('warning', after('90 ticks', { since }), 'go', 'loading'),
      ],
    );
    const play = new Play(project).event('go').wait(10_000);
    return play.did('up').find((each) => each.did === 'up' && each.screen === 'loading')!.at;
  };
  expect([warned('taken'), warned('settled')]).toEqual([4_500_000, 4_900_000]);
});

test('what a run holds fits a changed project: types, ranges, parameters, things gone', () => {
  const play = new Play(season())
    .key('Enter')
    .give(set('oil', 90))
    .key('Escape')
    .key('ArrowDown')
    .key('Enter');
  const changed = season({
    values: [{ ...oil, most: 50 }, { ...lit, type: 'text', default: 'dark' } as Value],
  });
  changed.screens.find((each) => each.id === 'confirm')!.parameters = [
    { id: 'q', name: 'question', type: 'number', default: 4 },
  ];
  const flow = compile(changed);
  const state = reconcile(flow, play.state);
  expect(state.values).toEqual({ oil: 50, lit: 'dark' });
  expect(state.overlays.at(-1)!.args).toEqual({ q: 4 });
  expect(faults(flow, state)).toEqual([]);
  expect(reconcile(flow, state)).toEqual(state);
  const bare = compile(season({ values: [], areas: [] }));
  expect(faults(bare, step(bare, reconcile(bare, state), { type: 'time', pass: 1000 }).state)).toEqual([]);
});
