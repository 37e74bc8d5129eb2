import fc from 'fast-check';
import { compile } from '../compile';
import { screenById, type Placement, type Element, type Project } from '../model';
import { readDocument } from '../schema';
import { anyProject } from '../test/arbitrary';
import { buttonOf, link, press, projectOf, screenOf } from '../test/flows';
import { applyCommand, layoutIn, ownerById, takeElements, type Arguments, type CommandName } from '.';

const go = <N extends CommandName>(project: Project, name: N, args: Arguments<N>) =>
  applyCommand(project, name, args);

const panel = (id: string, over: Partial<Element> = {}): Element =>
  ({
    ...buttonOf(id, 300),
    type: 'panel',
    place: { x: { at: 'start', offset: 200, size: '40%' }, y: { at: 'end', offset: 80, size: 400 } },
    ...over,
  }) as Element;
const project = projectOf(
  [
    screenOf('s', {
      elements: [panel('p'), buttonOf('a', 100), buttonOf('b', 220), { ...buttonOf('in', 10), parent: 'p' }],
    }),
    screenOf('t', { elements: [] }),
  ],
  [link('s', press('a'), 'go', 't'), link('s', press('b'), 'back')],
);
const rects = (of: Project, screen = 's') => layoutIn(of, ownerById(of, screen)!);

function hangsInRing(elements: readonly Element[], element: Element): boolean {
  return (['x', 'y'] as const).some((axis) => {
    const seen = new Set<string>();
    for (let at: Element | undefined = element; at;) {
      if (seen.has(at.id)) return true;
      seen.add(at.id);
      const placement: Placement = at.place[axis];
      const to: string | undefined = placement.at === 'stretch' ? undefined : placement.to;
      at = elements.find((other) => other.id === to);
    }
    return false;
  });
}

test('put into another parent or taken out, an element stays where it is on screen', () => {
  fc.assert(
    fc.property(anyProject, fc.nat(100), fc.boolean(), (any, n, out) => {
      const pairs = any.screens.flatMap((screen) => {
        const panels = screen.elements.filter((other) => other.type === 'panel' && !other.arrange);
        return screen.elements.flatMap((element) =>
          panels
            .filter((holder) => holder !== element && holder.parent !== element.id)
            .map((holder) => ({ screen, element, holder })),
        );
      });
      fc.pre(pairs.length > 0);
      const { screen, element, holder } = pairs[n % pairs.length]!;
      const rect = rects(any, screen.id).get(element.id)!;
      const { min, max } = { ...element.place.x, ...element.place.y };
      fc.pre(min === undefined && max === undefined && rect.width > 0 && rect.height > 0);
      // In a ring of things that hang on one another, which of them stands first is a matter of their order.
      fc.pre(!hangsInRing(screen.elements, element));
      const room = rects(any, screen.id).get(holder.id)!;
      fc.pre(room.width > 1 && room.height > 1);
      const parent = out ? null : holder.id;
      const { project: next } = go(any, 'place elements', {
        screen: screen.id,
        elements: [element.id],
        parent,
        before: null,
      });
      const now = rects(next, screen.id).get(element.id)!;
      // Percentages are kept to a hundredth, of frames up to some thousand pixels.
      for (const key of ['x', 'y', 'width', 'height'] as const)
        expect(Math.abs(now[key] - rect[key])).toBeLessThan(0.6);
    }),
    // Few random screens have both a panel and something to put into it.
    { numRuns: 60, maxSkipsPerRun: 3000 },
  );
});

test('nothing can be put into itself or what it holds', () => {
  expect(
    go(project, 'place elements', { screen: 's', elements: ['p'], parent: 'in', before: null }).edit,
  ).toBeNull();
});

test('what hung on an element that goes stays where it was', () => {
  const hung = {
    ...buttonOf('h', 100),
    place: { x: { at: 'end' as const, to: 'a', offset: 24, size: 90 }, y: buttonOf('a', 1).place.y },
  };
  const { project: with_, made } = go(project, 'add element', { screen: 's', element: hung });
  const before = rects(with_).get(made!)!;
  const { project: after } = go(with_, 'delete elements', { screen: 's', elements: ['a'] });
  expect(rects(after).get(made!)).toEqual(before);
  expect(after.links.map((link) => link.trigger)).toEqual([press('b')]);
});

test('copies have names and links of their own, and hang on one another as the originals do', () => {
  const { project: next, made } = go(project, 'duplicate elements', {
    screen: 's',
    elements: ['p', 'a', 'in'],
  });
  const { elements } = screenById(next, 's')!;
  expect(elements.slice(4).map((element) => element.name)).toEqual(['p 2', 'a 2', 'in 2']);
  expect(elements.find((element) => element.name === 'in 2')!.parent).toBe(made);
  const copy = elements.find((element) => element.name === 'a 2')!;
  expect(next.links.at(-1)).toMatchObject({ from: 's', trigger: press(copy.id), to: { screen: 't' } });
});

test('copied to another project, elements keep place, look and links, and bring what they use', () => {
  const styled = go(project, 'add box style', { ...project.styles.box[0]!, name: 'Brass' });
  const dressed = go(styled.project, 'change element', {
    screen: 's',
    element: 'a',
    change: { box: { style: styled.made! } } as Partial<Element>,
  }).project;
  const taken = takeElements(dressed, 's', ['a', 'p'])!;
  const other = projectOf([screenOf('u', { name: 'T' })], []);
  const { project: pasted, made } = go(other, 'paste elements', { screen: 'u', from: taken });
  expect(pasted.styles.box.map((boxStyle) => boxStyle.name)).toContain('Brass');
  const { elements } = screenById(pasted, 'u')!;
  expect(elements.map((element) => element.name)).toEqual(['p', 'a', 'in']);
  expect(elements[1]!.place).toEqual(buttonOf('a', 100).place);
  expect(elements[2]!.parent).toBe(made);
  // What it led to is here under its name.
  expect(pasted.links[0]).toMatchObject({ from: 'u', to: { screen: 'u' } });
  expect(readDocument(JSON.parse(JSON.stringify(pasted)))).toMatchObject({ project: { id: pasted.id } });
});

describe('components', () => {
  const made = go(project, 'make component', { screen: 's', elements: ['a', 'b'], name: 'Pair' });
  const pair = made.project.components![0]!;

  test('made of some elements, nothing moves; ways back go with it, other links stay with the screen', () => {
    const before = rects(project);
    const after = rects(made.project);
    for (const id of ['a', 'b']) expect(after.get(`${made.made}/${id}`)).toEqual(before.get(id));
    expect(made.project.links).toMatchObject([
      { from: 's', trigger: press(`${made.made}/a`), kind: 'go' },
      { from: pair.id, trigger: press('b'), kind: 'back' },
    ]);
  });

  test('dissolved again, all stands and leads as before', () => {
    const { project: back } = go(made.project, 'dissolve component', { screen: 's', element: made.made! });
    const flow = compile(back);
    const screen = flow.screens.get('s')!;
    for (const name of ['a', 'b']) {
      const element = screen.elements.find((other) => other.name === name)!;
      expect(screen.layout.get(element.id)).toEqual(rects(project).get(name));
      expect(screen.links.searched.press.get(element.id)?.length).toBe(1);
    }
  });

  test('changed here, only what differs is kept; changed back, nothing is', () => {
    const path = `${made.made}/a`;
    const change = (text: string) =>
      go(made.project, 'change element', {
        screen: 's',
        element: path,
        change: { text } as Partial<Element>,
        here: true,
      });
    const placed = (of: Project) =>
      screenById(of, 's')!.elements.find((element) => element.id === made.made) as Element & {
        changes?: unknown;
      };
    expect(placed(change('Hello').project).changes).toEqual({ a: { text: 'Hello' } });
    expect(placed(change('a').project).changes).toBeUndefined();
    const everywhere = go(made.project, 'change element', {
      screen: 's',
      element: path,
      change: { text: 'Ho' } as Partial<Element>,
    });
    expect(everywhere.project.components![0]!.elements[0]).toMatchObject({ text: 'Ho' });
  });

  test('deleted, its elements stand by themselves wherever it was', () => {
    const { project: next } = go(made.project, 'delete component', { component: pair.id });
    expect(next.components).toEqual([]);
    expect(screenById(next, 's')!.elements.some((element) => element.type === 'component')).toBe(false);
    expect(compile(next).screens.get('s')!.elements.length).toBe(5);
  });
});

test('a colour or style that is deleted leaves what has it as it looks', () => {
  const named = go(project, 'add colour', { name: 'Sea', colour: '#123456' });
  const painted = go(named.project, 'change box style', {
    style: 'b-button',
    change: { fill: named.made!, hovered: { fill: named.made! } },
  });
  const { project: next } = go(painted.project, 'delete colour', { colour: named.made! });
  expect(next.styles.box[0]).toMatchObject({ fill: '#123456', hovered: { fill: '#123456' } });
  const { project: bare } = go(painted.project, 'delete box style', { style: 'b-button' });
  expect(screenById(bare, 's')!.elements[1]).toMatchObject({
    box: { style: 'b-panel', fill: named.made, corner: 10 },
  });
});

test('an asset that is replaced or deleted is so wherever it is used', () => {
  const asset = { id: 'i', name: 'Gull', media: 'image/png', width: 8, height: 8, bytes: 9 };
  const brought = go(project, 'add assets', { assets: [asset, { ...asset, id: 'j' }] }).project;
  expect(brought.assets.map((item) => item.name)).toEqual(['Gull', 'Gull 2']);
  const shown = go(brought, 'change screen', {
    screen: 't',
    change: { background: { colour: '#000000', picture: 'i' } },
  });
  const swapped = go(shown.project, 'replace asset', {
    asset: 'i',
    by: { ...asset, id: 'n', name: 'Tern' },
  }).project;
  expect([swapped.assets[0]!.name, screenById(swapped, 't')!.background.picture]).toEqual(['Gull', 'n']);
  const gone = go(swapped, 'delete assets', { assets: ['n'] }).project;
  expect(screenById(gone, 't')!.background).toEqual({ colour: '#000000' });
});

describe('a control is called by the words on it', () => {
  const named = (elements: Element[]) => projectOf([screenOf('s', { elements })], []);
  const write = (from: Project, element: string, ...texts: string[]): Project =>
    texts.reduce(
      (now, text) => go(now, 'change element', { screen: 's', element, change: { text } }).project,
      from,
    );
  const nameOf = (from: Project, id: string) =>
    from.screens[0]!.elements.find((item) => item.id === id)!.name;
  const start = { ...buttonOf('a', 0, 'Begin'), name: 'Begin' };

  test('letter by letter, also past a name that is taken, and by its type’s name at first', () => {
    const two = named([
      { ...buttonOf('a', 0, 'Button'), name: 'Button 2' },
      { ...buttonOf('b', 100, 'Go'), name: 'Go' },
    ]);
    const now = write(two, 'a', 'G', 'Go', 'Go o', 'Go on');
    expect([nameOf(now, 'a'), nameOf(now, 'b')]).toEqual(['Go on', 'Go']);
    expect(nameOf(write(two, 'a', 'G', 'Go'), 'a')).toBe('Go 2');
  });

  test('until it is given another; by its type where words make no name, and by words again after that', () => {
    const parted = go(named([start]), 'change element', {
      screen: 's',
      element: 'a',
      change: { name: 'The way in' },
    }).project;
    expect(nameOf(write(parted, 'a', 'Start'), 'a')).toBe('The way in');
    expect(nameOf(write(parted, 'a', ''), 'a')).toBe('The way in');
    expect(nameOf(write(named([start]), 'a', '', '  '), 'a')).toBe('Button');
    expect(nameOf(write(named([start]), 'a', '{label}'), 'a')).toBe('Button');
    expect(nameOf(write(named([start]), 'a', '{n, plural, other {x}}'), 'a')).toBe('Button');
    expect(nameOf(write(named([start]), 'a', '', 'S', 'St'), 'a')).toBe('St');
    expect(nameOf(write(named([start]), 'a', 'Lives:\n{lives}'), 'a')).toBe('Lives: lives');
  });

  test('whatever is written, names stay one of a kind and fit to keep', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ unit: 'grapheme', maxLength: 60 }), { maxLength: 6 }), (texts) => {
        const now = write(named([start, { ...buttonOf('b', 100, 'b'), name: 'B' }]), 'a', ...texts);
        const name = nameOf(now, 'a');
        expect(name.trim()).toBe(name);
        expect(name).not.toBe('');
        expect(name.length).toBeLessThanOrEqual(44);
        expect(name.toLowerCase()).not.toBe('b');
      }),
    );
  });
});
