import fc from 'fast-check';
import type { Again, Screen } from '../../model';
import { down, event, link, Play, press, projectOf, screenOf, show } from '../../test/flows';
import { validateState, LONGEST_LINE } from '..';

/** How messages come, wait, stack up and go. */

const project = (notice: Partial<Screen>, over: { clock?: boolean } = {}) =>
  projectOf(
    [
      screenOf('watch', { kind: 'play', area: 'night' }),
      screenOf('dusk', { kind: 'play', area: 'night' }),
      screenOf('title'),
      screenOf('pause', { kind: 'pause', layer: 'overlay' }),
      screenOf(
        'found',
        {
          layer: 'notice',
          lasts: '1.6 s',
          parameters: [{ id: 'text', name: 'text', type: 'text', default: 'Oil' }],
          ...notice,
        },
        over.clock ? [] : ['shut'],
      ),
    ],
    [
      link('watch', event('oil'), 'stay', undefined, {
        effects: [{ do: 'notice', screen: 'found', args: { text: 'said' } }],
      }),
      link('project', event('any'), 'stay', undefined, { effects: [show('found')] }),
      link('night', event('area'), 'stay', undefined, { effects: [show('found')] }),
      link('watch', event('dusk'), 'go', 'dusk'),
      link('watch', event('title'), 'go', 'title'),
      link('dusk', event('title'), 'go', 'title'),
      link('watch', down('menu'), 'open', 'pause'),
      link('pause', down('menu'), 'back'),
      link('found', press('shut'), 'back'),
    ],
    {
      areas: [{ id: 'night', name: 'Night', parent: null }],
      events: [
        { id: 'oil', name: 'oil', direction: 'in', fields: [{ id: 'said', name: 'said', type: 'text' }] },
        { id: 'over', name: 'over', direction: 'in' },
      ],
    },
  );

const say = (play: Play, said: string) => play.give({ type: 'event', event: 'oil', fields: { said } });
/** When each notice came and went, in milliseconds. */
const times = (play: Play, did: 'notice' | 'down') =>
  play.outcomes
    .filter((outcome) => outcome.did === did && outcome.screen === 'found')
    .map((outcome) => outcome.at / 1000);

test.each<[string, Again, number[]]>([
  ['starts over', 'over', [2200]],
  ['waits in line', 'line', [1600, 3200]],
  ['is ignored', 'ignore', [1600]],
  ['stacks up to two', { stack: 2 }, [1600, 2200]],
])('set off twice, 0.6 s apart, it %s', (_words, again, ends) => {
  const play = new Play(project({ again }));
  say(play, 'one').wait(600);
  say(play, 'two').wait(5000);
  expect(times(play, 'down')).toEqual(ends);
});

test('started over it says the new words; in line each says its own; on a stack they stand apart', () => {
  const texts = (again: Again) => {
    const play = new Play(project({ again }));
    say(play, 'one').wait(600);
    say(play, 'two');
    const first = play.state.notices.map((notice) => notice.args.text);
    play.wait(1100);
    return [first, play.state.notices.map((notice) => notice.args.text)];
  };
  expect(texts('over')).toEqual([['two'], ['two']]);
  expect(texts('line')).toEqual([['one'], ['two']]);
  expect(texts({ stack: 2 })).toEqual([['one', 'two'], ['two']]);
  const play = new Play(project({ again: { stack: 2 } }));
  for (const value of ['one', 'two', 'three']) say(play, value).wait(100);
  expect(play.state.notices.map((notice) => [notice.args.text, notice.slot])).toEqual([
    ['two', 1],
    ['three', 0],
  ]);
});

test('a line that is full loses what comes, and says so', () => {
  const play = new Play(project({ again: 'line' }));
  for (let n = 0; n < LONGEST_LINE + 3; n++) say(play, `${n}`);
  expect(play.state.noticeQueue).toHaveLength(LONGEST_LINE);
  expect(play.did('overflow')).toHaveLength(2);
  play.wait(60_000);
  expect(times(play, 'down')).toHaveLength(LONGEST_LINE + 1);
});

test('it stays until an event, until dismissed, or until it is replaced', () => {
  const waits = (until: Screen['until']) => say(new Play(project({ until })), 'a').wait(100_000);
  expect(waits({ event: 'over' }).notices).toEqual(['found']);
  expect(waits({ event: 'over' }).event('over').notices).toEqual([]);
  const objective = say(waits('replaced'), 'b');
  expect(objective.state.notices.map((notice) => notice.args.text)).toEqual(['b']);
  const shown = waits('dismissed');
  const spot = { serial: shown.state.notices[0]!.serial, element: 'shut' };
  shown.give({ type: 'pointer', device: 'touch', phase: 'down', spot });
  shown.give({ type: 'pointer', device: 'touch', phase: 'up', spot });
  expect([shown.notices, shown.up]).toEqual([[], ['watch']]);
});

test('a button on it is pressed by its action, without ever having the focus', () => {
  const shortcut = project({ until: 'dismissed' });
  const button = shortcut.screens.at(-1)!.elements[0]!;
  if (button.type === 'button') button.shortcut = 'next';
  const play = say(new Play(shortcut), 'a');
  expect(play.state.notices[0]!.focus).toBeNull();
  expect(play.key('KeyE').notices).toEqual([]);
});

test('it waits under a modal overlay unless set otherwise, or lying above everything', () => {
  const ends = (notice: Partial<Screen>) => {
    const play = say(new Play(project(notice)), 'a')
      .key('Escape')
      .wait(3000)
      .key('Escape')
      .wait(5000);
    return times(play, 'down')[0]! < 3000;
  };
  expect(ends({})).toBe(false);
  expect(ends({ covered: 'counts' })).toBe(true);
  expect(ends({ above: 'everything' })).toBe(true);
});

test('on the game’s clock its time stands still with that', () => {
  const play = say(new Play(project({ clock: 'game', covered: 'counts' })), 'a')
    .key('Escape')
    .wait(9000);
  expect(play.notices).toEqual(['found']);
  expect(play.key('Escape').wait(1700).notices).toEqual([]);
});

test('it goes with the screen, the area or the project that set it off, or as it is set', () => {
  const left = (name: string, scope?: Screen['scope']) => {
    const play = new Play(project({ until: 'replaced', ...(scope ? { scope } : {}) })).event(name);
    return [play.event('dusk').notices.length, play.event('title').notices.length];
  };
  expect(left('oil')).toEqual([0, 0]);
  expect(left('area')).toEqual([1, 0]);
  expect(left('any')).toEqual([1, 1]);
  expect(left('oil', 'area')).toEqual([1, 0]);
  expect(left('any', 'screen')).toEqual([0, 0]);
  expect(left('oil', 'project')).toEqual([1, 1]);
});

test('however often it is set off: never more up than it may be, all that waits is shown in turn, and each for its time', () => {
  const agains = fc.constantFrom<Again>('over', 'line', 'ignore', { stack: 1 }, { stack: 3 });
  fc.assert(
    fc.property(agains, fc.array(fc.integer({ min: 0, max: 2000 }), { maxLength: 14 }), (again, gaps) => {
      const play = new Play(project({ again }));
      const max = typeof again === 'object' ? again.stack : 1;
      for (const gap of gaps) {
        say(play, 'x');
        expect(play.state.notices.length).toBeLessThanOrEqual(max);
        expect(validateState(play.flow, play.state)).toEqual([]);
        play.wait(gap);
      }
      play.wait(60_000);
      expect([play.notices, play.state.noticeQueue]).toEqual([[], []]);
      if (again !== 'line') return;
      const [came, went] = [times(play, 'notice'), times(play, 'down')];
      expect(came.length).toBe(gaps.length - play.did('overflow').length);
      came.forEach((at, i) => expect(went[i]! - at).toBe(1600));
    }),
    { numRuns: 150 },
  );
});

test('each sort of notice waits in a line of its own, and one that is ignored is told by name', () => {
  const sort = (id: string, again: 'line' | 'ignore') =>
    screenOf(id, { layer: 'notice', lasts: '60 s', again });
  const project = projectOf(
    [screenOf('watch', { kind: 'play' }), sort('a', 'line'), sort('b', 'line'), sort('c', 'ignore')],
    ['a', 'b', 'c'].map((id) => link('watch', event(id), 'stay', undefined, { effects: [show(id)] })),
  );
  const play = new Play(project).event('b');
  for (let n = 0; n < LONGEST_LINE + 2; n++) play.event('a');
  const waiting = (id: string) => play.state.noticeQueue.filter((notice) => notice.screen === id).length;
  expect([waiting('a'), waiting('b')]).toEqual([LONGEST_LINE, 0]);
  expect(play.did('overflow')).toMatchObject([{ screen: 'a' }]);
  play.event('b').event('b');
  expect([waiting('a'), waiting('b')]).toEqual([LONGEST_LINE, 2]);
  expect(play.event('c').event('c').did('ignored')).toMatchObject([{ screen: 'c' }]);
});
