import fc from 'fast-check';
import { compile } from '../compile';
import { applyCommand } from '../edit';
import type { Rect } from '../geometry';
import type { Element, ElementType, Id, Project } from '../model';
import { anyProject } from '../test/arbitrary';
import { freshElement, projectFromNames, SETS, whereItBelongs } from '.';

type Made = Exclude<ElementType, 'component'>;

/** The project with one more, put where it belongs. */
function put(project: Project, screen: Id, type: Made): { project: Project; made: Id } {
  const { screen: own, layout } = compile(project).screens.get(screen)!;
  const element = freshElement(project, type);
  const { moves, ...where } = whereItBelongs(
    { elements: own.elements, layout, frame: project.design },
    element,
  );
  const result = applyCommand(project, 'add element', { screen, element: { ...element, ...where }, moves });
  return { project: result.project, made: result.made as Id };
}
const rects = (project: Project, screen: Id): ReadonlyMap<Id, Rect> =>
  compile(project).screens.get(screen)!.layout;
const screenCalled = (project: Project, name: string) =>
  project.screens.find((screen) => screen.name === name)!;
/** The area two have in common: of the first, what does not stick out of the second. */
const common = (a: Rect, b: Rect): number => {
  const along = (from: number, size: number, other: number, otherSize: number): number =>
    Math.max(0, size - Math.max(0, other - from) - Math.max(0, from + size - other - otherSize));
  return along(a.x, a.width, b.x, b.width) * along(a.y, a.height, b.y, b.height);
};

test('two more buttons of a pause menu go on its column, and its panel holds them', () => {
  let project = projectFromNames('Game', ['Title', 'Play', 'Pause']);
  const { id, elements } = screenCalled(project, 'Pause');
  const panel = elements.find(({ type }) => type === 'panel')!;
  const before = rects(project, id);
  const buttons = elements.filter(({ type }) => type === 'button').map((button) => before.get(button.id)!);
  const [above, last] = buttons.slice(-2);
  const gap = last!.y - above!.y;
  for (let n = 1; n <= 2; n++) {
    const added = put(project, id, 'button');
    project = added.project;
    const now = rects(project, id);
    expect(now.get(added.made)).toEqual({ ...last, y: last!.y + n * gap });
    const around = now.get(panel.id)!;
    expect(around.y).toBe(before.get(panel.id)!.y);
    expect(around.y + around.height).toBeGreaterThanOrEqual(last!.y + n * gap + last!.height + 24);
    for (const { id: other } of elements)
      if (other !== panel.id) expect(now.get(other)).toEqual(before.get(other));
  }
});

test('one that would leave the frame at the foot of its column goes to a free place, within the safe margin', () => {
  let project = projectFromNames('Game', ['Title']);
  const { id } = screenCalled(project, 'Title');
  for (let n = 0; n < 14; n++) {
    const { project: next, made } = put(project, id, 'button');
    project = next;
    const { x, y, width, height } = rects(project, id).get(made)!;
    expect([x >= 96, y >= 54, x + width <= 1824, y + height <= 1026]).toEqual([true, true, true, true]);
  }
});

const TYPES: Made[] = [
  'button',
  'text',
  'switch',
  'slider',
  'choice',
  'picture',
  'progress',
  'entry',
  'ellipse',
];

test('on any screen, what is put by itself lies in the frame, where it covers no more than in the middle or at the edges', () => {
  let moved = 0;
  fc.assert(
    fc.property(anyProject, fc.nat(20), fc.constantFrom(...TYPES), (any, n, type) => {
      const screen = any.screens[n % any.screens.length]!;
      const { project, made } = put(any, screen.id, type);
      const after = rects(project, screen.id);
      const element = project.screens
        .find(({ id }) => id === screen.id)!
        .elements.find(({ id }) => id === made)!;
      // What a column or a panel that arranges places is measured there.
      fc.pre(element.parent === null && element.place.x.at === 'centre' && !alikeOn(screen.elements, type));
      const own = after.get(made)!;
      const { width, height } = project.design;
      expect([own.x >= 0, own.y >= 0, own.x + own.width <= width, own.y + own.height <= height]).toEqual(
        Array(4).fill(true),
      );
      const others = screen.elements
        .map(({ id }) => after.get(id)!)
        .filter((other) => other.width * other.height < 0.6 * width * height);
      const taken = (rect: Rect): number => others.reduce((sum, other) => sum + common(rect, other), 0);
      // The middle, and as far out as it goes by steps of 40.
      const [x, y] = [(width - own.width) / 2, (height - own.height) / 2];
      const steps = (room: number, side: number): number =>
        Math.floor(Math.max(0, room - (side * project.design.margin) / 100) / 40) * 40;
      const [across, down] = [steps(x, width), steps(y, height)];
      for (const dx of [-across, 0, across])
        for (const dy of [-down, 0, down])
          expect(taken(own)).toBeLessThanOrEqual(taken({ ...own, x: x + dx, y: y + dy }) + 0.01);
      if (taken({ ...own, x, y }) > 0 && taken(own) === 0) moved += 1;
    }),
    { numRuns: 150, maxSkipsPerRun: 3000 },
  );
  expect(moved).toBeGreaterThan(5);
});

const alikeOn = (elements: readonly Element[], type: Made): boolean =>
  elements.some((element) => element.type === type);

test('a panel that cuts off what it holds, or scrolls to it, stays as large as it is', () => {
  let project = projectFromNames('Game', ['Pause']);
  const { id, elements } = screenCalled(project, 'Pause');
  const panel = elements.find(({ type }) => type === 'panel')!;
  project = applyCommand(project, 'change element', {
    screen: id,
    element: panel.id,
    change: { overflow: 'scrolls' },
  }).project;
  const before = rects(project, id).get(panel.id);
  const { project: now } = put(project, id, 'button');
  expect(rects(now, id).get(panel.id)).toEqual(before);
});

test('on a HUD piece what is put on keeps to the edge within the safe margin, and covers nothing', () => {
  let project = projectFromNames('Game', ['Title', 'Play', 'HUD']);
  const { id } = screenCalled(project, 'HUD');
  for (const set of ['score', 'health']) {
    const { project: next, made } = applyCommand(project, 'add set', { screen: id, set });
    project = next;
    const now = rects(project, id);
    const { x, y, width } = now.get(made as Id)!;
    expect([x + width, y >= 54, y < 300]).toEqual([1920 - 96, true, true]);
    const tops = screenCalled(project, 'HUD').elements.filter(({ parent }) => parent === null);
    for (const [i, a] of tops.entries())
      for (const b of tops.slice(i + 1)) expect(common(now.get(a.id)!, now.get(b.id)!)).toBe(0);
  }
  // Nor does it cover the name of the play screen beneath.
  const [words] = screenCalled(project, 'HUD').elements;
  const [name] = screenCalled(project, 'Play').elements;
  const beneath = rects(project, screenCalled(project, 'Play').id).get(name!.id)!;
  expect(common(rects(project, id).get(words!.id)!, beneath)).toBe(0);
});

test('rows of options go on the card of their screen, above its way back; one more row makes them and the card grow', () => {
  let project = projectFromNames('Game', ['Title', 'Play', 'Options']);
  const { id, elements } = screenCalled(project, 'Options');
  const [card, heading, back] = ['panel', 'text', 'button'].map((type) =>
    elements.find((e) => e.type === type)!,
  );
  const before = rects(project, id);
  const holds = (outer: Rect, inner: Rect) => common(inner, outer) === inner.width * inner.height;
  const check = (set: Id, made: Id, more: number) => {
    const now = rects(project, id);
    const [panel, title, rows, leave] = [card!.id, heading!.id, set, back!.id].map((one) => now.get(one)!);
    for (const inner of [title, rows, leave, now.get(made)!]) expect(holds(panel!, inner!)).toBe(true);
    expect(common(title!, rows!) + common(rows!, leave!)).toBe(0);
    expect([title!.y < rows!.y, rows!.y < leave!.y]).toEqual([true, true]);
    expect(panel!.height).toBe(before.get(card!.id)!.height + more);
    expect(panel!.y).toBe(before.get(card!.id)!.y - more / 2);
    expect(holds(rows!, now.get(made)!)).toBe(true);
  };
  const added = applyCommand(project, 'add set', { screen: id, set: 'options' });
  project = added.project;
  const set = added.made as Id;
  const last = screenCalled(project, 'Options').elements.at(-1)!;
  const rows = rects(project, id).get(set)!.height;
  check(set, last.id, rows + 24);
  const { project: next, made } = put(project, id, 'choice');
  project = next;
  expect(screenCalled(project, 'Options').elements.at(-1)!.parent).toBe(set);
  check(set, made, rows + 24 + 108);
});

test('whatever is put on a card one after the other, what lies on it stays on it, and it stays in the frame', () => {
  let opened = 0;
  const more = fc.constantFrom('button', 'switch', 'slider', 'choice', 'menu', 'options');
  fc.assert(
    fc.property(
      fc.constantFrom('Options', 'Pause'),
      fc.array(more, { minLength: 1, maxLength: 5 }),
      (name, all) => {
        let project = projectFromNames('Game', ['Title', 'Play', 'Pause', 'Options']);
        const { id, elements } = screenCalled(project, name);
        const card = elements.find(({ type }) => type === 'panel')!.id;
        const onCard = (): Id[] => {
          const now = rects(project, id);
          const around = now.get(card)!;
          return screenCalled(project, name)
            .elements.filter((element) => element.id !== card)
            .map((element) => element.id)
            .filter(
              (one) => common(now.get(one)!, around) >= now.get(one)!.width * now.get(one)!.height - 0.01,
            );
        };
        for (const one of all) {
          const [before, { height }] = [onCard(), rects(project, id).get(card)!];
          project =
            one in SETS
              ? applyCommand(project, 'add set', { screen: id, set: one }).project
              : put(project, id, one as Made).project;
          const is = rects(project, id).get(card)!;
          if (is.height > height) opened++;
          expect(onCard()).toEqual(expect.arrayContaining(before));
          expect([is.y >= 0, is.y + is.height <= 1080]).toEqual([true, true]);
        }
      },
    ),
  );
  expect(opened).toBeGreaterThan(50);
});
