import { applyCommand } from '@tavu/core/edit';
import { compile } from '@tavu/core/compile';
import { projectFromNames } from '@tavu/core/starter';
import { flowAt, frameAt, sizesOf, USUAL_SIZES } from './sizes';

const project = projectFromNames('My game', ['Title', 'Play']);
const adapting = { ...project, design: { ...project.design, fits: 'adapt' as const } };
const phone = USUAL_SIZES.find((size) => size.name === 'Phone, upright')!;

test('only where the anchors decide is a size a frame of its own', () => {
  expect(frameAt(project, phone)).toEqual({ width: 1920, height: 1080 });
  expect(frameAt(adapting, phone)).toEqual({ width: 390, height: 844 });
  expect(frameAt(adapting, null)).toEqual({ width: 1920, height: 1080 });
});

test('the design’s own size is not listed twice, the project’s own sizes are', () => {
  const own = { name: 'Kiosk', width: 1280, height: 720 };
  const all = sizesOf({ ...project, design: { ...project.design, sizes: [own] } });
  expect(all.some(({ width, height }) => width === 1920 && height === 1080)).toBe(false);
  expect(all.at(-1)).toBe(own);
});

test('a flow at a size is made once, and after an edit only what it touched is made anew', () => {
  const flow = compile(adapting);
  const small = flowAt(flow, phone);
  expect(small.frame).toEqual({ width: 390, height: 844 });
  expect(flowAt(flow, phone)).toBe(small);
  expect(flowAt(flow, null)).toBe(flow);
  const [title, play] = adapting.screens;
  const edited = applyCommand(adapting, 'change element', {
    screen: title!.id,
    element: title!.elements[0]!.id,
    change: { opacity: 0.5 },
  }).project;
  const next = flowAt(compile(edited, flow), phone);
  expect(next).not.toBe(small);
  expect(next.screens.get(play!.id)).toBe(small.screens.get(play!.id));
  expect(next.screens.get(title!.id)).not.toBe(small.screens.get(title!.id));
});
