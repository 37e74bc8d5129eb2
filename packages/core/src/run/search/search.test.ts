import {
  after,
  down,
  event,
  lighthouse,
  link,
  Play,
  press,
  projectOf,
  screenOf,
  show,
} from '../../test/flows';
import { beginAt, isBlocked } from '..';
import { compile } from '../../compile';

/** Who takes what comes in. */

const overlay = (id: string, modal: boolean, buttons: string[] = []) =>
  screenOf(id, { layer: 'overlay', modal }, buttons);

describe('a press', () => {
  const over = (modal: boolean) =>
    new Play(
      projectOf(
        [screenOf('a', {}, ['x']), overlay('o', modal), screenOf('b')],
        [
          link('a', event('o'), 'open', 'o'),
          link('a', down('menu'), 'go', 'b'),
          link('project', down('next'), 'go', 'b'),
        ],
      ),
    ).event('o');

  test('goes through an overlay that is not modal, and not through one that is', () => {
    expect(over(false).key('KeyP').up).toEqual(['b']);
    expect(over(true).key('KeyP').up).toEqual(['a', 'o']);
  });

  test('reaches links of the whole project only when nothing modal is in between', () => {
    expect(over(false).key('KeyE').up).toEqual(['b']);
    expect(over(true).key('KeyE').up).toEqual(['a', 'o']);
  });

  test('is taken by the first link of a screen that fits, in their order', () => {
    const screens = ['a', 'b', 'c'].map((id) => screenOf(id));
    const both = [link('a', down('back'), 'go', 'c'), link('a', down('menu'), 'go', 'b')];
    expect(new Play(projectOf(screens, both)).key('Escape').up).toEqual(['c']);
    expect(new Play(projectOf(screens, [...both].reverse())).key('Escape').up).toEqual(['b']);
  });

  test('of confirm is for the focused element before any link on confirm', () => {
    const links = [link('a', down('confirm'), 'go', 'c'), link('a', press('x'), 'go', 'b')];
    const screens = [screenOf('a', {}, ['x']), screenOf('b'), screenOf('c')];
    expect(new Play(projectOf(screens, links)).key('Enter').up).toEqual(['b']);
    expect(new Play(projectOf([screenOf('a'), screenOf('b'), screenOf('c')], links)).key('Enter').up).toEqual(
      ['c'],
    );
  });

  test('by pad and by key is the same action', () => {
    const play = new Play(lighthouse()).give(
      { type: 'pad', button: 13, phase: 'down' },
      { type: 'pad', button: 13, phase: 'up' },
    );
    expect([play.focus, play.state.device]).toEqual(['options', 'pad']);
  });

  test('that a link has taken is used up: its release sets off nothing', () => {
    const project = projectOf(
      [screenOf('a'), screenOf('b'), screenOf('c')],
      [
        link('a', down('menu'), 'go', 'b'),
        link('b', { on: 'action', action: 'menu', when: 'up' }, 'go', 'c'),
      ],
    );
    const play = new Play(project).key('KeyP');
    expect(play.up).toEqual(['b']);
    expect(play.key('KeyP').up).toEqual(['c']);
  });

  test('let go before its time is not a hold', () => {
    const project = projectOf(
      [screenOf('a'), screenOf('b')],
      [link('a', { on: 'action', action: 'menu', when: 'held', hold: '500 ms' }, 'go', 'b')],
    );
    expect(new Play(project).key('KeyP', 400).wait(1000).up).toEqual(['a']);
  });
});

test('an event is heard beneath a modal overlay, by the topmost that knows it', () => {
  const project = projectOf(
    [screenOf('a'), overlay('o', true), screenOf('b'), screenOf('c')],
    [
      link('a', event('open'), 'open', 'o'),
      link('a', event('hit'), 'go', 'b'),
      link('o', event('both'), 'back'),
      link('a', event('both'), 'go', 'c'),
    ],
  );
  expect(new Play(project).event('open').event('hit').up).toEqual(['b']);
  expect(new Play(project).event('open').event('both').up).toEqual(['a']);
});

test('a notice of the whole project outlasts its base; one of a screen goes with it', () => {
  const notice = (id: string) => screenOf(id, { layer: 'notice', lasts: '5 s' });
  const project = projectOf(
    [screenOf('a'), screenOf('b'), notice('own'), notice('shared')],
    [
      link('a', event('say'), 'stay', undefined, { effects: [show('own')] }),
      link('project', event('all'), 'stay', undefined, { effects: [show('shared')] }),
      link('a', event('on'), 'go', 'b'),
    ],
  );
  const play = new Play(project).event('say').event('all').wait(100);
  expect(play.notices).toEqual(['own', 'shared']);
  expect(play.event('on').notices).toEqual(['shared']);
  expect(play.wait(4899).notices).toEqual(['shared']);
  expect(play.wait(1).notices).toEqual([]);
});

test('a notice shown on the way belongs to where the way leads', () => {
  const project = projectOf(
    [screenOf('a'), screenOf('b'), screenOf('n', { layer: 'notice', lasts: '1 s' })],
    [link('a', event('on'), 'go', 'b', { effects: [show('n')] }), link('b', event('off'), 'go', 'a')],
  );
  const play = new Play(project).event('on').wait(500);
  expect([play.up, play.notices]).toEqual([['b'], ['n']]);
  expect(play.event('off').notices).toEqual([]);
});

test('a notice is taken away by name', () => {
  const project = projectOf(
    [screenOf('a'), screenOf('n', { layer: 'notice', lasts: '9 s' })],
    [
      link('a', event('say'), 'stay', undefined, { effects: [show('n')] }),
      link('a', event('hush'), 'stay', undefined, { effects: [{ do: 'clear notice', screen: 'n' }] }),
    ],
  );
  expect(new Play(project).event('say').event('hush').notices).toEqual([]);
});

test('timers due together go off in the order they were started', () => {
  const project = projectOf(
    [screenOf('a'), overlay('o', false), screenOf('b'), screenOf('c')],
    [
      link('a', after('1 s'), 'go', 'b'),
      link('a', event('open'), 'open', 'o'),
      link('o', after('400 ms'), 'go', 'c'),
    ],
  );
  const play = new Play(project).wait(600).event('open').wait(400);
  expect(play.did('link').map((outcome) => outcome.did === 'link' && outcome.from)).toEqual(['a', 'a']);
  expect(play.up).toEqual(['b']);
});

test('timers of no length that set one another off stop with words', () => {
  const project = projectOf(
    [screenOf('a'), screenOf('b')],
    [link('a', after('0 ms'), 'go', 'b'), link('b', after('0 ms'), 'go', 'a')],
  );
  const play = new Play(project).wait(1);
  expect(play.did('unsettled')).toHaveLength(1);
  expect(play.did('link').length).toBeLessThanOrEqual(100);
});

test('after the end nothing is heard any more', () => {
  const project = projectOf(
    [screenOf('a'), screenOf('b')],
    [link('a', event('stop'), 'end'), link('a', after('1 s'), 'go', 'b')],
  );
  const play = new Play(project).event('stop');
  const { state } = play;
  expect(play.did('end')).toHaveLength(1);
  expect(play.wait(5000).key('Enter').state).toBe(state);
});

test('the game gets what no link wants, unless a screen keeps it from it', () => {
  const play = new Play(lighthouse()).key('KeyZ');
  expect(play.did('to game')).toEqual([]);
  play.key('Enter').key('KeyZ').key('ArrowLeft');
  // What it heard go down it hears come up.
  expect(play.did('to game').map((outcome) => 'phase' in outcome && [outcome.code, outcome.phase])).toEqual([
    ['KeyZ', 'down'],
    ['KeyZ', 'up'],
    ['ArrowLeft', 'down'],
    ['ArrowLeft', 'up'],
  ]);
  // Directions lead nowhere without its being a dead end.
  expect(play.did('nowhere')).toHaveLength(2);
});

test('a screen that gives the game back at once does so before it has finished leaving', () => {
  const fade = {
    motion: { name: 'fade' as const, duration: '300 ms' },
    order: 'after' as const,
    masked: 'ignored' as const,
  };
  const after100 = (releases: 'settled' | 'at once') => {
    const project = lighthouse({ defaults: fade });
    Object.assign(project.screens[2]!, { releases });
    const play = new Play(project)
      .wait(1000)
      .key('Enter')
      .wait(1000)
      .key('Escape')
      .wait(1000)
      .key('Escape')
      .wait(100);
    return isBlocked(play.flow, play.state);
  };
  expect([after100('settled'), after100('at once')]).toEqual([true, false]);
});

describe('beginning at a screen', () => {
  const flow = compile(
    lighthouse({
      defaults: { motion: { name: 'fade', duration: '300 ms' }, order: 'after', masked: 'ignored' },
    }),
  );
  const up = (screen: string) => {
    const { state } = beginAt(flow, screen, true);
    return [state.base, ...state.overlays, ...state.notices].map((instance) => instance.screen);
  };

  test('a base comes by itself, anything else over the base that leads to it', () => {
    expect([up('out'), up('pause'), up('opts'), up('found'), up('nothing')]).toEqual([
      ['out'],
      ['watch', 'pause'],
      ['title', 'opts'],
      ['watch', 'found'],
      ['title'],
    ]);
  });

  test('at rest nothing moves; else it enters', () => {
    const still = beginAt(flow, 'pause', true).state;
    expect([still.leaving, still.overlays[0]!.settled]).toEqual([[], 0]);
    expect(beginAt(flow, 'pause', false).state.overlays[0]!.settled).toBe(300_000);
  });
});
