import { compile } from '../compile';
import type { Link, Project, Value } from '../model';
import { after, down, event, link, Play, press, projectOf, screenOf, show } from '../test/flows';
import { begin, beginAt, validateState, reconcile, step } from '.';
import { oil, lit, season, up, set } from '../test/season';

/** Areas, answers, conditions and values, as a designer would put them to work. */

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
    project.screens.find((screen) => screen.id === 'storm')!.area = 'inner';
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
      project.screens.find((screen) => screen.id === 'gauge')!.layer = 'notice';
      return new Play(project)
        .event('x')
        .outcomes.map((outcome) => outcome.did)
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
    expect([left.state.values.oil, left.state.scheduledEffects]).toEqual([40, []]);
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

describe('value triggers', () => {
  const fires = (when: string, effects: Link['effects'] = []) =>
    season({}, [link('watch', { on: 'value', when }, 'stay', undefined, { effects })]);
  const count = (play: Play) =>
    play.did('link').filter((outcome) => outcome.did === 'link' && outcome.trigger.on === 'value').length;

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
    expect(validateState(play.flow, play.state)).toEqual([]);
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
    return play.did('up').find((outcome) => outcome.did === 'up' && outcome.screen === 'loading')!.at;
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
    values: [{ ...oil, max: 50 }, { ...lit, type: 'text', default: 'dark' } as Value],
  });
  changed.screens.find((screen) => screen.id === 'confirm')!.parameters = [
    { id: 'q', name: 'question', type: 'number', default: 4 },
  ];
  const flow = compile(changed);
  const state = reconcile(flow, play.state);
  expect(state.values).toEqual({ oil: 50, lit: 'dark' });
  expect(state.overlays.at(-1)!.args).toEqual({ q: 4 });
  expect(validateState(flow, state)).toEqual([]);
  expect(reconcile(flow, state)).toEqual(state);
  const bare = compile(season({ values: [], areas: [] }));
  expect(validateState(bare, step(bare, reconcile(bare, state), { type: 'time', pass: 1000 }).state)).toEqual(
    [],
  );
});
