import fc from 'fast-check';
import { compile } from '../compile';
import { begin, step } from '../run';
import { anyInputs, anyProject } from '../test/arbitrary';
import { lighthouse, Play } from '../test/flows';
import { hitTest, paintRun, paintStill, svgFrame, svgText, toSvg, type Item } from '.';

const sources = { asset: (id: string) => `asset:${id}`, family: (face: string) => face };

test('the same state always gives the same picture, whoever compiled it and when', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      const flow = compile(project);
      const state = inputs.reduce((now, input) => step(flow, now, input).state, begin(flow).state);
      const again = JSON.parse(JSON.stringify(state)) as typeof state;
      expect(paintRun(compile(project), again)).toEqual(paintRun(flow, state));
    }),
    { numRuns: 120 },
  );
});

test('whatever texts say, the picture is well-formed and holds them as text', () => {
  fc.assert(
    fc.property(anyProject, (project) => {
      const flow = compile(project);
      for (const screen of flow.screens.values()) {
        const svg = svgText(svgFrame(1920, 1080, toSvg(paintStill(flow, screen, true), sources)));
        expect(svg).not.toMatch(/<(?!\/?(svg|g|rect|text|image)[ />])/);
        expect(svg).not.toMatch(/&(?!(amp|lt|gt|quot);)/);
      }
    }),
    { numRuns: 120 },
  );
});

const groups = (items: Item[]) =>
  items.map((item) => (item.kind === 'group' ? { x: item.x, y: item.y, opacity: item.opacity } : null));

test('half way through a linear slide from the left the leaving picture is half out; then the next comes', () => {
  const project = lighthouse({
    house: {
      motion: { name: 'slide', from: 'left', duration: '280 ms', easing: 'linear' },
      order: 'after',
      masked: 'ignored',
    },
  });
  const play = new Play(project).wait(1000).key('Enter', 0).wait(140);
  expect(groups(paintRun(play.flow, play.state))).toEqual([{ x: -960, y: 0, opacity: 1 }]);
  play.wait(280);
  expect(groups(paintRun(play.flow, play.state))).toEqual([{ x: -960, y: 0, opacity: 1 }]);
  expect(play.state.leaving).toEqual([]);
  play.wait(140);
  expect(groups(paintRun(play.flow, play.state))).toEqual([{ x: 0, y: 0, opacity: 1 }]);
});

test('a fade takes a screen as one group', () => {
  const project = lighthouse({
    house: {
      motion: { name: 'fade', duration: '200 ms', easing: 'linear' },
      order: 'together',
      masked: 'ignored',
    },
  });
  const play = new Play(project).wait(1000).key('Enter', 0).wait(50);
  expect(groups(paintRun(play.flow, play.state)).map((each) => each!.opacity)).toEqual([0.75, 0.25]);
});

test('a press lands on the topmost button there, and a modal overlay keeps it from what is beneath', () => {
  const play = new Play(lighthouse());
  expect(hitTest(play.flow, play.state, 960, 236)).toEqual({ serial: 1, element: 'begin' });
  expect(hitTest(play.flow, play.state, 10, 10)).toEqual({ serial: 1, element: null });
  play.key('ArrowDown').key('Enter');
  const { serial } = play.state.overlays[0]!;
  expect(hitTest(play.flow, play.state, 960, 236)).toEqual({ serial, element: 'sound' });
  expect(hitTest(play.flow, play.state, 960, 700)).toEqual({ serial, element: null });
});

test('focus is told by a ring, and only while keys or pad are in hand', () => {
  const rings = (items: Item[]): number =>
    items.reduce(
      (n, each) => n + (each.kind === 'ring' ? 1 : each.kind === 'group' ? rings(each.items) : 0),
      0,
    );
  const play = new Play(lighthouse());
  expect(rings(paintRun(play.flow, play.state))).toBe(1);
  play.give({ type: 'pointer', device: 'touch', phase: 'down', spot: null });
  expect(rings(paintRun(play.flow, play.state))).toBe(0);
});
