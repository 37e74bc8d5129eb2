import { elementById, screenById, type Element } from '@tavu/core/model';
import { projectFromNames } from '@tavu/core/starter';
import { liveFlow } from '../run';
import { choose, chosenElements, edit, openInStudio, undoRedo, useStudio } from '../store/store';
import { addDrawn, addElement, TOOLS } from '../store/add';
import { editingKey, flag } from './keys';
import { chosenTops, isLocked, moved, putRects, putSize, reachedOn, roomOf } from './reach';
import { setView, useView } from '../store/view';

/** What keys, drawing and drags do to the elements of a held screen, without the page around it. */

let screen: string;
beforeEach(() => {
  openInStudio(projectFromNames('My game', ['Title', 'Pause']), new Map());
  useStudio.setState({ saving: { state: 'kept', at: 1 } });
  setView({ tool: null, here: false, grid: 10, snapping: true });
  screen = useStudio.getState().project.screens.find((screen) => screen.name === 'Title')!.id;
  choose({ screen });
});

const compiled = () => liveFlow().screens.get(screen)!;
const elements = () => screenById(useStudio.getState().project, screen)!.elements;
const element = (id: string) => elementById(screenById(useStudio.getState().project, screen), id)!;
const rect = (id: string) => compiled().layout.get(id)!;
const reached = () => reachedOn(compiled(), chosenElements(useStudio.getState().chosen));
const press = (key: string, over: Partial<KeyboardEvent> = {}): boolean =>
  editingKey(
    { key, shiftKey: false, ctrlKey: false, metaKey: false, altKey: false, ...over },
    compiled(),
    reached(),
    () => undefined,
  );
const last = (): Element => elements().at(-1)!;
const put = (type: Parameters<typeof addElement>[1]): string => {
  addElement(screen, type);
  return last().id;
};

test.each(TOOLS)('a %s is put on by its key %s, chosen, and in the frame', (type, key) => {
  expect(press(key.toLowerCase())).toBe(true);
  expect(last().type).toBe(type);
  expect(useStudio.getState().chosen.element).toBe(last().id);
  const { x, y, width, height } = rect(last().id);
  expect([x >= 0, y >= 0, x + width <= 1920, y + height <= 1080]).toEqual([true, true, true, true]);
});

test('no two tools share a key', () => {
  expect(new Set(TOOLS.map(([, key]) => key)).size).toBe(TOOLS.length);
});

test('a second of its kind stands clear of the first', () => {
  const [a, b] = [put('button'), put('button')];
  expect(rect(b).y).toBeGreaterThanOrEqual(rect(a).y + rect(a).height);
});

test('what is drawn within a panel is held by it, where it was drawn', () => {
  const panel = put('panel');
  const { x, y } = rect(panel);
  addDrawn(compiled(), 'text', { x: x + 40, y: y + 30, width: 200, height: 60 }, { x: 0, y: 0 });
  expect(last().parent).toBe(panel);
  expect(rect(last().id)).toEqual({ x: x + 40, y: y + 30, width: 200, height: 60 });
  expect(useView.getState().tool).toBeNull();
});

test('a press without a drag puts it there at its usual size', () => {
  addDrawn(compiled(), 'button', null, { x: 900, y: 200 });
  expect(rect(last().id)).toEqual({ x: 680, y: 158, width: 440, height: 84 });
});

test('arrows move by one, with Shift by the grid, with Ctrl the size; a spell of them is one step', () => {
  const id = put('panel');
  const before = rect(id);
  for (let n = 0; n < 3; n++) press('ArrowRight');
  press('ArrowDown', { shiftKey: true });
  expect(rect(id)).toEqual(moved(before, 3, 10));
  undoRedo('undo');
  expect(rect(id)).toEqual(before);
  press('ArrowRight', { ctrlKey: true, shiftKey: true });
  expect(rect(id).width).toBe(before.width + 10);
});

test('a key that belongs to nobody here is left alone', () => {
  expect(press('x')).toBe(false);
  expect(press('b', { ctrlKey: true })).toBe(false);
  expect(press('Delete')).toBe(false);
});

test('brackets go through the elements and round; Page up and down change the order', () => {
  const ids = elements().map((element) => element.id);
  choose({ screen, element: ids[0]! });
  press('[');
  expect(useStudio.getState().chosen.element).toBe(ids.at(-1));
  press(']');
  expect(useStudio.getState().chosen.element).toBe(ids[0]);
  press('PageUp');
  expect(
    elements()
      .map((element) => element.id)
      .slice(0, 2),
  ).toEqual([ids[1], ids[0]]);
  press('PageDown');
  expect(elements().map((element) => element.id)).toEqual(ids);
});

test('turned by steps of fifteen degrees, round and back', () => {
  const id = put('picture');
  press(',');
  expect(element(id).turn).toBe(345);
  press('.');
  expect(element(id).turn).toBeUndefined();
});

test('all are chosen at once, and only those that no other holds are moved', () => {
  const panel = put('panel');
  const { x, y } = rect(panel);
  addDrawn(compiled(), 'text', { x: x + 40, y: y + 30, width: 200, height: 60 }, { x: 0, y: 0 });
  const inner = last().id;
  choose({ screen, element: panel, also: [inner] });
  expect(chosenTops(compiled()).map((top) => top.path)).toEqual([panel]);
  press('a', { ctrlKey: true });
  expect(chosenElements(useStudio.getState().chosen)).not.toContain(inner);
});

test('hidden or locked while editing, an element is passed over by the pointer, with all it holds', () => {
  const panel = put('panel');
  const { x, y } = rect(panel);
  addDrawn(compiled(), 'text', { x: x + 40, y: y + 30, width: 200, height: 60 }, { x: 0, y: 0 });
  const inner = last().id;
  for (const what of ['hidden', 'locked'] as const) {
    flag({ id: screen }, [{ path: panel, element: element(panel) }], what);
    expect([isLocked(compiled(), panel), isLocked(compiled(), inner)]).toEqual([true, true]);
    flag({ id: screen }, [{ path: panel, element: element(panel) }], what);
    expect(element(panel).editing).toBeUndefined();
  }
});

test('brought to a rect, an element keeps its anchors and units', () => {
  const id = put('panel');
  edit('change element', {
    screen,
    element: id,
    change: {
      place: { x: { at: 'end', offset: '10%', size: '25%' }, y: { at: 'stretch', offset: 100, far: 200 } },
    },
  });
  const [one] = reachedOn(compiled(), [id]);
  putRects(compiled(), [{ reached: one!, to: { x: 1000, y: 150, width: 400, height: 700 } }]);
  expect(rect(id).x).toBeCloseTo(1000, 0);
  expect(rect(id).width).toBeCloseTo(400, 0);
  expect(element(id).place.x).toMatchObject({ at: 'end', offset: expect.stringMatching(/%$/) });
  expect(element(id).place.y).toEqual({ at: 'stretch', offset: 150, far: 230 });
});

test('the room in a panel that keeps some round what it holds is less', () => {
  const panel = put('panel');
  edit('change element', {
    screen,
    element: panel,
    change: { arrange: { by: 'column', gap: 0, pad: 30 } } as Partial<Element>,
  });
  addDrawn(
    compiled(),
    'text',
    { ...rect(panel), x: rect(panel).x + 40, y: rect(panel).y + 40, width: 100, height: 40 },
    { x: 0, y: 0 },
  );
  const inner = compiled().byId.get(last().id)!;
  expect(roomOf(compiled(), inner, 'x').size).toBe(rect(panel).width - 60);
});

test('within a component changes are for everywhere it is, or only here', () => {
  const id = put('button');
  const placed = edit('make component', { screen, elements: [id], name: 'Way' })!;
  choose({ screen, element: placed });
  press('Enter');
  const inner = `${placed}/${id}`;
  expect(useStudio.getState().chosen.element).toBe(inner);
  press('ArrowRight');
  const { components } = useStudio.getState().project;
  expect(components![0]!.elements[0]!.place.x).toMatchObject({ at: 'stretch', offset: 1, far: -1 });
  setView({ here: true });
  press('ArrowRight');
  expect(element(placed)).toMatchObject({ changes: { [id]: { place: { x: { offset: 2 } } } } });
  press('Escape');
  expect(useStudio.getState().chosen.element).toBe(placed);
});

test('an element of a component that is anchored to a sibling stays anchored to it when it is moved or resized', () => {
  const [first, second] = [put('button'), put('button')];
  const placed = edit('make component', { screen, elements: [first, second], name: 'Pair' })!;
  const path = `${placed}/${second}`;
  const y = compiled().byId.get(path)!.place.y;
  edit('change element', {
    screen,
    element: path,
    change: { place: { x: { at: 'end', to: first, offset: 10, size: 80 }, y } },
    here: false,
  });
  const written = () =>
    useStudio.getState().project.components![0]!.elements.find(({ id }) => id === second)!.place.x;
  const before = rect(path);
  putRects(compiled(), [{ reached: reachedOn(compiled(), [path])[0]!, to: moved(before, 30, 0) }]);
  expect(written()).toEqual({ at: 'end', to: first, offset: 40, size: 80 });
  putSize(compiled(), reachedOn(compiled(), [path]), 'x', 120);
  expect(written()).toEqual({ at: 'end', to: first, offset: 40, size: 120 });
  expect(rect(path)).toMatchObject({ x: before.x + 30, width: 120 });
});

test('duplicated, the copy is chosen; deleted, nothing is', () => {
  const id = put('switch');
  press('d', { ctrlKey: true });
  expect(last().name).toBe('Switch 2');
  expect(useStudio.getState().chosen.element).toBe(last().id);
  press('Delete');
  expect(last().id).toBe(id);
  expect(useStudio.getState().chosen.element).toBeNull();
});
