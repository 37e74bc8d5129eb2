import { compile } from '../compile';
import { applyCommand } from '../edit';
import { after, down, event, lighthouse, link, Play, press, projectOf, screenOf, show } from '../test/flows';
import { validateState, isBlocked, isFrozen, maskOf, reconcile } from '.';

const slide = {
  defaults: {
    motion: { name: 'slide' as const, from: 'left' as const, duration: '280 ms' },
    order: 'after' as const,
    masked: 'ignored' as const,
  },
};

test.each([10, 100, 2000])('Esc held for %d ms opens pause or closes it, never both', (ms) => {
  const play = new Play(lighthouse()).key('Enter');
  expect(play.up).toEqual(['watch']);
  for (let i = 0; i < 20; i++) {
    play.give({ type: 'key', code: 'Escape', phase: 'down' });
    for (let t = 0; t < ms; t += 30)
      play.wait(Math.min(30, ms - t)).give({ type: 'key', code: 'Escape', phase: 'down', repeat: true });
    play.give({ type: 'key', code: 'Escape', phase: 'up' }).wait(50);
    expect(play.up).toEqual(i % 2 === 0 ? ['watch', 'pause'] : ['watch']);
  }
  expect(play.did('up').filter((outcome) => 'screen' in outcome && outcome.screen === 'pause')).toHaveLength(
    10,
  );
  expect(
    play.did('down').filter((outcome) => 'screen' in outcome && outcome.screen === 'pause'),
  ).toHaveLength(10);
});

test('options goes back to where it was opened from, with the focus where it was', () => {
  const play = new Play(lighthouse()).key('ArrowDown').key('Enter');
  expect(play.up).toEqual(['title', 'opts']);
  play.key('Backspace');
  expect([play.up, play.focus]).toEqual([['title'], 'options']);
  play.key('ArrowUp').key('Enter').key('Escape').key('ArrowDown').key('Enter');
  expect(play.up).toEqual(['watch', 'pause', 'opts']);
  play.key('Backspace');
  expect([play.up, play.focus]).toEqual([['watch', 'pause'], 'settings']);
  play.key('Escape');
  expect(play.up).toEqual(['watch']);
});

test('pausing freezes and blocks the game; leaving from there leaves neither behind', () => {
  const play = new Play(lighthouse(slide)).wait(1000).key('Enter').wait(1000);
  expect([isFrozen(play.flow, play.state), isBlocked(play.flow, play.state)]).toEqual([false, false]);
  play.key('Escape').wait(1000);
  const { game } = play.state;
  expect([isFrozen(play.flow, play.state), isBlocked(play.flow, play.state)]).toEqual([true, true]);
  play.wait(5000).key('KeyZ');
  expect(play.state.game).toBe(game);
  expect(play.did('to game')).toEqual([]);
  play.key('ArrowUp').key('Enter').wait(1000);
  expect(play.up).toEqual(['title']);
  play.key('Enter', 0).wait(279);
  expect(isFrozen(play.flow, play.state)).toBe(true);
  play.wait(1);
  expect([isFrozen(play.flow, play.state), isBlocked(play.flow, play.state)]).toEqual([false, false]);
  play.wait(1000).key('KeyZ');
  expect(play.did('to game')).toMatchObject([{ phase: 'down' }, { phase: 'up' }]);
});

test('lamp out holds for 2.5 s and goes back to the title, which starts the trail afresh', () => {
  const play = new Play(lighthouse()).key('Enter').event('gone');
  expect(play.up).toEqual(['out']);
  play.wait(2499);
  expect(play.up).toEqual(['out']);
  play.wait(1);
  expect([play.up, play.state.trail]).toEqual([['title'], []]);
});

test('a notice shows for its time, starts over when set off again, and goes with its base', () => {
  const play = new Play(lighthouse()).key('Enter').event('oil').wait(600).event('oil').wait(1599);
  expect(play.notices).toEqual(['found']);
  play.wait(1);
  expect(play.notices).toEqual([]);
  play.event('oil').wait(100).event('gone');
  expect([play.up, play.notices]).toEqual([['out'], []]);
});

test('a notice waits under a modal overlay', () => {
  const play = new Play(lighthouse()).key('Enter').event('oil').wait(600).key('Escape').wait(5000);
  expect(play.notices).toEqual(['found']);
  play.key('Escape').wait(1100);
  expect(play.notices).toEqual([]);
});

test('back returns along the trail with the focus and the overlays that were open; no screen is in it twice', () => {
  const screens = ['a', 'b', 'c'].map((id) => screenOf(id, {}, [`${id}1`, `${id}2`]));
  const over = screenOf('over', { layer: 'overlay', modal: false }, ['o1', 'o2']);
  const links = [
    link('a', press('a2'), 'go', 'b'),
    link('b', event('over'), 'open', 'over'),
    link('b', event('c'), 'go', 'c'),
    link('c', event('a'), 'go', 'a'),
    link('c', down('back'), 'back'),
    link('b', down('back'), 'back'),
  ];
  const play = new Play(projectOf([...screens, over], links))
    .key('ArrowDown')
    .key('Enter')
    .event('over')
    .key('ArrowDown')
    .event('c');
  expect([play.up, play.state.trail.map((entry) => entry.screen)]).toEqual([['c'], ['a', 'b']]);
  play.key('Backspace');
  expect([play.up, play.focus]).toEqual([['b', 'over'], 'o2']);
  play.event('c').event('a');
  expect([play.up, play.state.trail]).toEqual([['a'], []]);
});

test('back with nothing to return to does not fit, and the search goes on', () => {
  const project = projectOf(
    [screenOf('a'), screenOf('b')],
    [link('a', down('back'), 'back'), link('project', down('back'), 'go', 'b')],
  );
  expect(new Play(project).key('Backspace').up).toEqual(['b']);
});

test('opening what is up closes what lies above it and starts it afresh; swap makes way', () => {
  const overlays = ['x', 'y', 'z'].map((id) => screenOf(id, { layer: 'overlay' }));
  const links = [
    link('a', event('x'), 'open', 'x'),
    link('x', event('y'), 'open', 'y'),
    link('y', event('x again'), 'open', 'x'),
    link('y', event('z'), 'swap', 'z'),
    link('a', event('z'), 'swap', 'z'),
    link('z', event('none'), 'clear'),
  ];
  const play = new Play(projectOf([screenOf('a'), ...overlays], links)).event('z');
  expect(play.up).toEqual(['a']);
  play.event('x').event('y');
  expect(play.up).toEqual(['a', 'x', 'y']);
  const { serial } = play.state.overlays[0]!;
  play.event('x again');
  expect([play.up, play.state.overlays[0]!.serial > serial]).toEqual([['a', 'x'], true]);
  play.event('y').event('z');
  expect(play.up).toEqual(['a', 'x', 'z']);
  expect(play.event('none').up).toEqual(['a']);
});

test('arrivals follow at once; a chain that does not settle stops with words', () => {
  const project = projectOf(
    [screenOf('a'), screenOf('b'), screenOf('c')],
    [
      link('a', event('on'), 'go', 'b'),
      link('b', { on: 'arrival' }, 'go', 'c'),
      link('c', event('ring'), 'go', 'a'),
    ],
  );
  const play = new Play(project).event('on');
  expect(play.up).toEqual(['c']);
  project.links.push(link('c', { on: 'arrival' }, 'go', 'b'));
  const ring = new Play(project).event('on');
  expect(ring.did('unsettled')).toHaveLength(1);
  expect(validateState(ring.flow, ring.state)).toEqual([]);
});

test('effects come in order, before the change', () => {
  const project = projectOf(
    [screenOf('a'), screenOf('b'), screenOf('n', { layer: 'notice' })],
    [
      link('a', event('on'), 'go', 'b', {
        effects: [{ do: 'send', event: 'first' }, show('n'), { do: 'send', event: 'last' }],
      }),
    ],
  );
  const play = new Play(project).event('on');
  expect(play.outcomes.slice(2).map((outcome) => outcome.did)).toEqual([
    'link',
    'send',
    'notice',
    'send',
    'down',
    'up',
  ]);
  expect(play.notices).toEqual(['n']);
});

test('timers count from taken, shown or settled, on either clock, covered or not', () => {
  const project = lighthouse(slide);
  project.screens.push(screenOf('end', {}));
  const from = project.links.length;
  const time = (trigger: ReturnType<typeof after>, pauseFor: number): number => {
    project.links.length = from;
    project.links.push(link('watch', trigger, 'go', 'end'));
    const play = new Play(project).wait(1000).key('Enter', 0);
    const at = play.state.now;
    play.wait(600).key('Escape', 0).wait(pauseFor).key('Escape', 0).wait(5000);
    const went = play.did('up').find((outcome) => 'screen' in outcome && outcome.screen === 'end');
    return went ? (went.at - at) / 1000 : NaN;
  };
  expect(time(after('2 s'), 300)).toBe(2000);
  expect(time(after('2 s', { since: 'shown' }), 300)).toBe(2280);
  expect(time(after('2 s', { since: 'settled' }), 300)).toBe(2560);
  expect(time(after('2 s', { covered: 'waits' }), 300)).toBe(2300);
  // Frozen while the title leaves (280), while paused (300) and while pause leaves (280).
  expect(time(after('2 s', { clock: 'game' }), 300)).toBe(2000 + 280 + 300 + 280);
  expect(time(after('90 ticks'), 300)).toBe(4500);
});

test('an action can be taken when it comes up, or when it has been held', () => {
  const project = projectOf(
    [screenOf('a'), screenOf('up'), screenOf('held')],
    [
      link('a', { on: 'action', action: 'menu', when: 'up' }, 'go', 'up'),
      link('a', { on: 'action', action: 'menu', when: 'held', hold: '500 ms' }, 'go', 'held'),
    ],
  );
  expect(new Play(project).key('KeyP', 499).up).toEqual(['up']);
  expect(new Play(project).key('KeyP', 500).up).toEqual(['held']);
});

test('a gap runs as a stand-in with its name and a way back; made, it becomes the screen', () => {
  const project = lighthouse();
  project.links.push(link('title', event('slots'), 'go', undefined, { to: { gap: 'Slots' } }));
  const play = new Play(project).event('slots');
  expect(play.up).toEqual(['gap:base:Slots']);
  const made = applyCommand(project, 'add screen', { name: 'Slots' }).project;
  const base = reconcile(compile(made), play.state).base.screen;
  expect(made.screens.find((screen) => screen.id === base)?.name).toBe('Slots');
  expect(play.key('Enter').up).toEqual(['title']);
});

test('with pointer in hand the first direction only shows the focus', () => {
  const play = new Play(lighthouse()).give({
    type: 'pointer',
    device: 'pointer',
    phase: 'down',
    spot: { serial: 1, element: 'begin' },
  });
  play.key('ArrowDown');
  expect([play.focus, play.state.device]).toEqual(['begin', 'keys']);
  expect(play.key('ArrowDown').focus).toBe('options');
});

test('a click is down and up on the same element, and what lies beneath a modal gets none', () => {
  const play = new Play(lighthouse());
  const spot = (element: string, serial = play.state.base.serial) => ({ serial, element });
  const point = (phase: 'down' | 'up', at: ReturnType<typeof spot>) =>
    play.give({ type: 'pointer', device: 'pointer', phase, spot: at });
  point('down', spot('begin'));
  point('up', spot('options'));
  expect(play.up).toEqual(['title']);
  point('down', spot('options'));
  point('up', spot('options'));
  expect(play.up).toEqual(['title', 'opts']);
  point('down', spot('begin'));
  point('up', spot('begin'));
  expect(play.up).toEqual(['title', 'opts']);
});

test('what leads nowhere is said: a button, a key, an event', () => {
  const project = projectOf([screenOf('a', {}, ['lonely'])], []);
  const play = new Play(project).key('Enter').key('KeyM').event('who');
  expect(play.did('nowhere').map((outcome) => 'what' in outcome && outcome.what.kind)).toEqual([
    'press',
    'input',
    'event',
  ]);
});

describe('an edit while running', () => {
  const running = () => new Play(lighthouse()).key('Enter').event('gone').wait(1000);

  test('a changed duration keeps the time that has run', () => {
    const play = running();
    const project = lighthouse();
    project.links = play.flow.project.links.map((link) =>
      link.from === 'out' ? { ...link, trigger: after('4 s') } : link,
    );
    play.flow = compile(project, play.flow);
    play.state = reconcile(play.flow, play.state);
    play.wait(2999);
    expect(play.up).toEqual(['out']);
    expect(play.wait(1).up).toEqual(['title']);
  });

  test('a deleted base gives way to the trail, else to the start', () => {
    const play = running();
    const project = {
      ...play.flow.project,
      screens: play.flow.project.screens.filter((screen) => screen.id !== 'out'),
    };
    const state = reconcile(compile(project), play.state);
    expect(state.base.screen).toBe('watch');
    const bare = { ...project, screens: [project.screens[0]!] };
    expect(reconcile(compile(bare), state).base.screen).toBe('title');
    expect(reconcile(compile({ ...bare, screens: [] }), state).base.screen).toBe('gap:base:First screen');
  });
});

test('two base screens are never up, and none is masked for ever', () => {
  const play = new Play(lighthouse(slide))
    .wait(1000)
    .key('Enter')
    .event('gone')
    .wait(100)
    .key('Escape')
    .wait(9000);
  expect(play.up).toEqual(['title']);
  expect(maskOf(play.state)).toBeNull();
});
