import type { Item } from '../drawing';
import { FAILED, rehearse, transitionOf, rehearsedAt, sampleInstance, samplePicture } from '.';
import { compile } from '../compile';
import type { Element, Loading, Project } from '../model';
import { paintRun } from '../paint';
import { after, buttonOf, down, event, link, Play, press, projectOf, screenOf } from '../test/flows';

/** Loading, what finishes by itself, and one transition by itself. */

const EVENTS: Project['events'] = [
  {
    id: 'far',
    name: 'loaded so far',
    direction: 'in',
    fields: [{ id: 'share', name: 'share', type: 'number', min: 0, max: 100 }],
  },
  { id: 'ready', name: 'ready', direction: 'in' },
  { id: 'broken', name: 'broken', direction: 'in' },
];
const loads = (loading: Loading, over: Parameters<typeof screenOf>[1] = {}) =>
  projectOf(
    [
      screenOf('load', { kind: 'loading', loading, ...over }),
      screenOf('title', { kind: 'title' }),
      screenOf('sorry'),
    ],
    [link('load', { on: 'done' }, 'go', 'title'), link('load', { on: 'failed' }, 'go', 'sorry')],
    { events: EVENTS },
  );
const far = (share: number) => ({ type: 'event' as const, event: 'far', fields: { share } });

test('pretended loading is done after its time, and not a millisecond before', () => {
  const play = new Play(loads({ by: 'pretending', lasts: '2.5 s' }));
  expect(play.wait(2499).up).toEqual(['load']);
  expect(play.wait(1).up).toEqual(['title']);
});

test('a least time holds it up; a limit that comes first makes it fail', () => {
  const slow = new Play(loads({ by: 'pretending', lasts: '1 s' }, { minTime: '3 s' }));
  expect(slow.wait(2999).up).toEqual(['load']);
  expect(slow.wait(1).up).toEqual(['title']);
  expect(new Play(loads({ by: 'pretending', lasts: '9 s', limit: '2 s' })).wait(2000).up).toEqual(['sorry']);
});

test('by events: as far as the game says, done at all of it or by an event of its own, failed by another or too late', () => {
  const told: Loading = { by: 'events', progress: 'far', done: 'ready', failed: 'broken', limit: '20 s' };
  const play = new Play(loads(told)).give(far(40));
  expect(play.state.base.progress).toBeCloseTo(0.4);
  expect(play.wait(5000).up).toEqual(['load']);
  expect(play.did('nowhere')).toEqual([]);
  expect(play.give(far(100)).wait(1).up).toEqual(['title']);
  expect(new Play(loads(told)).event('ready').wait(1).up).toEqual(['title']);
  const broken = new Play(loads(told)).event('broken');
  expect(broken.state.base.progress).toBe(FAILED);
  expect(broken.wait(1).up).toEqual(['sorry']);
  expect(new Play(loads(told)).wait(20_000).up).toEqual(['sorry']);
  // What has failed does not come about afterwards.
  expect(new Play(loads(told)).event('broken').wait(1).event('ready').wait(1).up).toEqual(['sorry']);
});

test('where failing leads nowhere it is told each time: when the limit has run out, and at each event that says so', () => {
  const told: Loading = { by: 'events', done: 'ready', failed: 'broken', limit: '2 s' };
  const project = projectOf(
    [screenOf('load', { kind: 'loading', loading: told }), screenOf('title')],
    [link('load', { on: 'done' }, 'go', 'title')],
    { events: EVENTS },
  );
  const play = new Play(project);
  const times = (): number[] => play.did('nowhere').map(({ at }) => at / 1000);
  play.wait(2000);
  expect(times()).toEqual([2000]);
  play.wait(500).event('broken').wait(1);
  expect(times()).toEqual([2000, 2500]);
  play.event('broken').wait(1);
  expect(times()).toEqual([2000, 2500, 2501]);
  expect(play.wait(5000).event('ready').wait(1).up).toEqual(['title']);
  expect(times()).toHaveLength(3);
});

test('a progress element shows how far it is', () => {
  const bar = {
    ...buttonOf('bar', 300),
    type: 'progress',
    loading: true,
    bar: { style: 'b-button' },
  } as unknown as Element;
  const project = loads({ by: 'pretending', lasts: '4 s', shape: 'linear' }, { elements: [bar] });
  const play = new Play(project);
  const wide = (): number[] => widths(paintRun(play.flow, play.state));
  play.wait(1000);
  expect(wide()).toContain(70);
  play.wait(2000);
  expect(wide()).toContain(210);
});
const widths = (items: readonly Item[]): number[] =>
  items.flatMap((item) =>
    item.kind === 'group' ? widths(item.items) : item.kind === 'box' ? [item.rect.width] : [],
  );

test('a full cover stays 2.5 s and fades for 1.5 s, as one; the game has its input when that is over', () => {
  const words = { ...buttonOf('words', 400, 'Warming the lamp'), type: 'text' } as unknown as Element;
  const project = projectOf(
    [
      screenOf('load', { kind: 'loading', elements: [words] }),
      screenOf('watch', { kind: 'play', background: { colour: '#00000000' } }),
    ],
    [
      link('load', after('2.5 s'), 'go', 'watch', {
        motion: { name: 'none', leaving: { name: 'fade', duration: '1.5 s', easing: 'linear' } },
      }),
    ],
  );
  const play = new Play(project);
  const walk = (): boolean => {
    const before = play.did('to game').length;
    play.give({ type: 'key', code: 'KeyZ', phase: 'down' }, { type: 'key', code: 'KeyZ', phase: 'up' });
    return play.did('to game').length > before;
  };
  play.wait(1000);
  expect(walk()).toBe(false);
  play.wait(2250);
  const [cover] = play.state.leaving;
  expect(samplePicture(cover!, play.state.now)).toEqual({ 'screen opacity': 0.5 });
  const [drawn] = paintRun(play.flow, play.state);
  expect(drawn).toMatchObject({ kind: 'group', opacity: 0.5 });
  expect(JSON.stringify(drawn)).toContain('Warming');
  play.wait(650);
  expect(walk()).toBe(false);
  play.wait(100);
  expect(play.state.leaving).toEqual([]);
  play.wait(100);
  expect(walk()).toBe(true);
});

test('frames of 6.4 s, then a slide down of 0.6 s: half way at 6.7 s, gone at 7.0 s', () => {
  const words = {
    ...buttonOf('words', 400),
    type: 'text',
    frames: {
      frames: Array.from({ length: 6 }, (_, i) => ({ text: `Frame ${i}`, hold: '0.8 s' })),
      last: { text: 'The lamp is lit', hold: '1.6 s' },
    },
  } as unknown as Element;
  const project = projectOf(
    [screenOf('load', { elements: [words] }), screenOf('title')],
    [
      link('load', { on: 'done' }, 'go', 'title', {
        motion: {
          name: 'none',
          leaving: { name: 'slide', from: 'bottom', duration: '0.6 s', easing: 'ease-in-out' },
        },
      }),
    ],
  );
  const play = new Play(project).wait(6399);
  expect(play.up).toEqual(['load']);
  expect(JSON.stringify(paintRun(play.flow, play.state))).toContain('The lamp is lit');
  play.wait(1).wait(300);
  expect(play.up).toEqual(['title']);
  expect(samplePicture(play.state.leaving[0]!, play.state.now)['screen down']).toBeCloseTo(0.5, 9);
  expect(play.wait(299).state.leaving).toHaveLength(1);
  expect(play.wait(1).state.leaving).toEqual([]);
});

test('a blurred background under words without a leaving motion goes in one frame with them', () => {
  const project = projectOf(
    [
      screenOf('title'),
      screenOf('note', { layer: 'overlay', background: { colour: '#00000000', blur: 18 } }, ['ok']),
    ],
    [link('title', down('menu'), 'open', 'note'), link('note', press('ok'), 'back')],
  );
  const play = new Play(project).key('Escape').wait(50);
  const seen = (): string => JSON.stringify(paintRun(play.flow, play.state));
  expect(seen()).toContain('"blur":18');
  play.give({ type: 'key', code: 'Enter', phase: 'down' });
  expect(seen()).not.toContain('blur');
  expect(play.state.leaving).toEqual([]);
});

test('scrubbing, stepping back and playing show the same picture at the same time', () => {
  const project = projectOf(
    [screenOf('a', {}, ['x', 'y']), screenOf('b', {}, ['z', 'w'])],
    [
      link('a', press('x'), 'go', 'b', {
        motion: {
          name: 'slide',
          from: 'left',
          duration: '400 ms',
          easing: 'cubic-bezier(0.3, 0, 0, 1.2)',
          stagger: { by: '60 ms', order: 'distance' },
        },
        order: { overlap: '120 ms' },
      }),
    ],
  );
  const flow = compile(project);
  const rehearsal = rehearse(flow, project.links[0]!.id)!;
  const played = new Play(project).give({ type: 'key', code: 'Enter', phase: 'down' });
  let last = 0;
  for (const t of [0, 17_000, 120_000, 333_000, 401_000, 700_000]) {
    played.give({ type: 'time', pass: t - last });
    last = t;
    const scrubbed = rehearsedAt(flow, rehearsal, t);
    expect(paintRun(flow, scrubbed)).toEqual(paintRun(flow, played.state));
  }
  expect(paintRun(flow, rehearsedAt(flow, rehearsal, 120_000))).not.toEqual(paintRun(flow, played.state));
});

test('the chart is the engine’s own plan: what leaves, what comes, what is masked, frozen and heard', () => {
  const project = projectOf(
    [screenOf('title', { kind: 'title' }, ['begin']), screenOf('watch', { kind: 'play' }, ['a', 'b'])],
    [
      link('title', press('begin'), 'go', 'watch', {
        motion: { name: 'fade', duration: '200 ms', stagger: { by: '50 ms', order: 'order' } },
        effects: [{ do: 'sound', asset: 'i-bell' }],
      }),
    ],
  );
  const flow = compile(project);
  const rehearsal = rehearse(flow, project.links[0]!.id)!;
  const plan = transitionOf(flow, rehearsal);
  expect(plan.pictures.map(({ screen, way, from, until }) => [screen, way, from, until])).toEqual([
    ['title', 'leaving', 0, 200_000],
    ['watch', 'entering', 200_000, 450_000],
  ]);
  const comes = plan.pictures[1]!;
  expect(comes.parts.map(({ part, from, until }) => [part, from, until])).toEqual([
    ['a', 200_000, 400_000],
    ['background', 200_000, 400_000],
    ['b', 250_000, 450_000],
  ]);
  expect(plan).toMatchObject({
    masked: { from: 0, until: 450_000, how: 'ignored' },
    frozen: [{ from: 0, until: 200_000 }],
    sounds: [{ at: 0, asset: 'i-bell' }],
    length: 450_000,
  });
  // The bars are where the pictures are.
  const at = rehearsedAt(flow, rehearsal, 300_000);
  expect(sampleInstance(at.base, at.now)!['b opacity']).toBeGreaterThan(0);
  expect(sampleInstance(at.base, at.now)!['b opacity']).toBeLessThan(
    sampleInstance(at.base, at.now)!['a opacity']!,
  );
});

test('every link can be rehearsed, whatever it waits for', () => {
  const project = projectOf(
    [screenOf('a', {}, ['x']), screenOf('b', {}, ['y']), screenOf('over', { layer: 'overlay' }, ['z'])],
    [
      link('a', press('x'), 'go', 'b', { when: '1 > 2' }),
      link('b', press('y'), 'back'),
      link('a', event('g'), 'open', 'over'),
      link('over', press('z'), 'back'),
      link('project', down('menu'), 'go', 'b'),
      link('b', after('1 s'), 'end'),
    ],
  );
  const flow = compile(project);
  for (const link of project.links) {
    const rehearsal = rehearse(flow, link.id)!;
    expect(rehearsal.outcomes.some((outcome) => outcome.did === 'link')).toBe(true);
    expect(transitionOf(flow, rehearsal).length).toBe(rehearsal.length);
  }
  expect(rehearse(flow, 'gone')).toBeNull();
  expect(rehearse(flow, project.links[1]!.id)!.state.base.screen).toBe('a');
});

test('animations begin by their triggers, and those of the focus end with it', () => {
  const moves = (on: 'focus' | 'press' | { event: string }) => ({
    animations: [
      {
        id: 'm',
        on,
        frames: [
          { at: '0 s', x: 0 },
          { at: '1 s', x: 100, easing: 'linear' },
        ],
      },
    ],
  });
  const project = projectOf(
    [
      screenOf('a', {
        elements: [
          { ...buttonOf('f', 100), ...moves('focus') },
          { ...buttonOf('p', 200), ...moves('press') },
          { ...buttonOf('e', 300), ...moves({ event: 'g' }) },
        ] as Element[],
      }),
    ],
    [link('a', press('p'), 'stay'), link('a', event('g'), 'stay')],
    { events: [{ id: 'g', name: 'g', direction: 'in' }] },
  );
  const play = new Play(project).wait(100);
  expect(Object.keys(play.state.base.animationStarts)).toEqual(['f m']);
  play.key('ArrowDown').wait(500);
  expect(Object.keys(play.state.base.animationStarts)).toEqual([]);
  play.key('Enter').event('g').wait(500);
  const { animationStarts } = play.state.base;
  expect(Object.keys(animationStarts).sort()).toEqual(['e m', 'p m']);
  const drawn = paintRun(play.flow, play.state);
  expect(JSON.stringify(drawn)).toMatch(/"x":5\d/);
});
