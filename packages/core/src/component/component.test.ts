import fc from 'fast-check';
import { compile } from '../compile';
import type { Component, Element, PlacedElement } from '../model';
import { paintStill } from '../paint';
import { begin, step } from '../run';
import { anyProject } from '../test/arbitrary';
import { buttonOf, link, press, projectOf, screenOf } from '../test/flows';
import { elementAt, expand, writtenAt } from '.';

const back: Component = {
  id: 'k',
  name: 'Back',
  width: 300,
  height: 80,
  parameters: [
    { id: 'label', name: 'label', type: 'text', default: 'Back' },
    { id: 'there', name: 'there', type: 'on/off', default: true },
  ],
  elements: [{ ...buttonOf('b', 0, '{label}'), shownWhen: 'there' }],
};
const place = (id: string, over: Partial<PlacedElement> = {}): Element => ({
  id,
  name: id,
  type: 'component',
  component: 'k',
  parent: null,
  place: { x: { at: 'start', offset: 100, size: 300 }, y: { at: 'start', offset: 50, size: 80 } },
  ...over,
});
const project = (elements: Element[], components: Component[] = [back]) =>
  projectOf(
    [screenOf('a', {}, ['go']), screenOf('s', { layer: 'overlay', elements })],
    [link('a', press('go'), 'open', 's'), link('k', press('b'), 'back')],
    { components },
  );
const words = (elements: Element[], component = back) => {
  const flow = compile(project(elements, [component]));
  return JSON.stringify(paintStill(flow, flow.screens.get('s')!, false));
};

test('what a place is told stands where the component names it, else its default', () => {
  expect(words([place('x')])).toContain('"Back"');
  const told = words([place('x', { args: { label: 'Leave' } })]);
  expect(told).toContain('"Leave"');
  expect(told).not.toContain('{label}');
});

test('what it is told it can tell a component within it', () => {
  const outer: Component = {
    ...back,
    id: 'outer',
    parameters: [{ id: 'caption', name: 'caption', type: 'text', default: 'Shore' }],
    elements: [place('inner', { args: { label: 'To the {caption}' } })],
  };
  const flow = compile(
    project([place('x', { component: 'outer', args: { caption: 'sea' } })], [back, outer]),
  );
  expect(flow.screens.get('s')!.byId.get('x/inner/b')).toMatchObject({ text: 'To the sea' });
});

test('a component’s link works wherever it is placed, with the focus and all', () => {
  const flow = compile(project([place('x')]));
  let { state } = begin(flow);
  state = step(flow, state, { type: 'key', code: 'Enter', phase: 'down' }).state;
  state = step(flow, state, { type: 'key', code: 'Enter', phase: 'up' }).state;
  expect(state.overlays.map((overlay) => [overlay.screen, overlay.focus])).toEqual([['s', 'x/b']]);
  state = step(flow, state, { type: 'key', code: 'Enter', phase: 'down' }).state;
  expect(state.overlays).toEqual([]);
});

test('a place may look otherwise, and only it', () => {
  const flow = compile(
    project([place('x', { changes: { b: { opacity: 0.5, look: { size: 20 } } } }), place('y')]),
  );
  const { byId } = flow.screens.get('s')!;
  expect(byId.get('x/b')).toMatchObject({ opacity: 0.5, look: { style: 't-button', size: 20 } });
  expect(byId.get('y/b')!.opacity).toBeUndefined();
});

test('switched off by its parameter, an element is not there', () => {
  const flow = compile(project([place('x', { args: { there: false } })]));
  const { state } = begin(flow);
  const open = step(flow, step(flow, state, { type: 'key', code: 'Enter', phase: 'down' }).state, {
    type: 'key',
    code: 'Enter',
    phase: 'up',
  }).state;
  expect(open.overlays[0]!.focus).toBeNull();
});

test('a component within itself is left out', () => {
  const circle: Component = { ...back, elements: [...back.elements, place('again')] };
  expect(expand(project([place('x')], [circle]), [place('x')]).elements.map((element) => element.id)).toEqual(
    ['x', 'x/b', 'x/again'],
  );
});

test('a change of a component makes anew only the screens it is on', () => {
  const before = project([place('x')]);
  const flow = compile(before);
  const next = compile({ ...before, components: [{ ...back, elements: [buttonOf('b', 10)] }] }, flow);
  expect(next.screens.get('a')).toBe(flow.screens.get('a'));
  expect(next.screens.get('s')).not.toBe(flow.screens.get('s'));
});

test('every element of any screen is found by its path, under its parent', () => {
  fc.assert(
    fc.property(anyProject, (any) => {
      for (const screen of any.screens)
        for (const element of expand(any, screen.elements).elements) {
          expect(elementAt(any, screen.elements, element.id)?.type).toBe(element.type);
          if (element.id.includes('/')) expect(element.parent).not.toBeNull();
        }
    }),
  );
});

test('an element is found as it is written: its place’s exceptions over it, what parameters say not yet put in', () => {
  const inner = { ...buttonOf('in', 10), text: 'To {label}' } as Element;
  const label = { id: 'p', name: 'label', type: 'text' as const, default: 'sea' };
  const component = { id: 'k', name: 'Bird', width: 100, height: 40, parameters: [label], elements: [inner] };
  const placed = {
    ...buttonOf('x', 10),
    type: 'component',
    component: 'k',
    args: { p: 'harbour' },
    changes: { in: { opacity: 0.5 } },
  } as unknown as Element;
  const screen = screenOf('s', { elements: [placed] });
  const project = projectOf([screen], [], { components: [component] });
  expect(compile(project).screens.get('s')!.byId.get('x/in')).toMatchObject({ text: 'To harbour' });
  expect(writtenAt(project, screen, 'x/in')).toEqual({
    element: { ...inner, opacity: 0.5 },
    parameters: [label],
  });
  expect(writtenAt(project, screen, 'x')).toEqual({ element: placed, parameters: [] });
  expect(writtenAt(project, screen, 'x/gone')).toBeNull();
  expect(writtenAt(project, screen, 'gone/in')).toBeNull();
});
