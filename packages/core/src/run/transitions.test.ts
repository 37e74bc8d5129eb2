import { paintRun } from '../paint';
import { lighthouse, link, Play, press, projectOf, screenOf } from '../test/flows';

/** One screen giving way to another: masking, motion, and what is kept meanwhile. */

const slide = {
  defaults: {
    motion: { name: 'slide' as const, from: 'left' as const, duration: '280 ms' },
    order: 'after' as const,
    masked: 'ignored' as const,
  },
};

test('a 280 ms slide: leaving 0 to 280, arriving 280 to 560, a press at 150 ignored', () => {
  const play = new Play(lighthouse(slide)).wait(1000).key('Enter', 0);
  const at = play.state.now;
  expect(play.up).toEqual(['watch']);
  expect(
    play.state.leaving.map((leaving) => [leaving.screen, leaving.from - at, leaving.until - at]),
  ).toEqual([['title', 0, 280_000]]);
  expect([play.state.base.taken - at, play.state.base.shown - at, play.state.base.settled - at]).toEqual([
    0, 280_000, 560_000,
  ]);
  play.wait(150).key('Escape', 0).wait(1000);
  expect(play.up).toEqual(['watch']);
});

test('held: the same press at 150 is handled at 560', () => {
  const held = { defaults: { ...slide.defaults, masked: 'held' as const } };
  const play = new Play(lighthouse(held)).wait(1000).key('Enter', 0);
  const at = play.state.now;
  play.wait(150).key('Escape', 0).wait(409);
  expect(play.up).toEqual(['watch']);
  play.wait(1);
  expect(play.up).toEqual(['watch', 'pause']);
  expect(play.state.overlays[0]!.taken - at).toBe(560_000);
});

test('a confirm is never held', () => {
  const play = new Play(lighthouse({ defaults: { ...slide.defaults, masked: 'held' } }))
    .wait(100)
    .key('Enter', 0)
    .wait(2000);
  expect(play.up).toEqual(['title']);
});

test('let through, the motion turns round from where it was', () => {
  const through = { defaults: { ...slide.defaults, masked: 'through' as const } };
  const play = new Play(lighthouse(through)).wait(1000).key('Enter', 0).wait(600).key('Escape', 0).wait(100);
  const before = paintRun(play.flow, play.state);
  play.key('Escape', 0);
  expect(play.up).toEqual(['watch']);
  expect(play.state.leaving[0]!.until - play.state.now).toBe(100_000);
  expect(paintRun(play.flow, play.state)).toEqual(before);
});

test('the next picture comes together with the leaving one, or overlaps it, when a link says so', () => {
  const project = lighthouse(slide);
  project.links[0]!.order = 'together';
  const together = new Play(project).wait(1000).key('Enter', 0);
  expect(together.state.base.shown).toBe(together.state.now);
  project.links[0]!.order = { overlap: '80 ms' };
  const overlap = new Play(project).wait(1000).key('Enter', 0);
  expect(overlap.state.base.shown - overlap.state.now).toBe(200_000);
});

test('a screen may have a least time shown: a press before is kept as one mark', () => {
  const project = projectOf(
    [screenOf('a', { minTime: '1 s' }, ['go']), screenOf('b')],
    [link('a', press('go'), 'go', 'b')],
  );
  const play = new Play(project).wait(200).key('Enter').key('Enter').wait(700);
  expect(play.up).toEqual(['a']);
  play.wait(100);
  expect([play.up, play.did('link').length]).toEqual([['b'], 1]);
});
