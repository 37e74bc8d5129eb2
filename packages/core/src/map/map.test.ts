import fc from 'fast-check';
import { applyCommand, type Arguments, type CommandName } from '../edit';
import type { Element, Project } from '../model';
import { anyProject } from '../test/arbitrary';
import { anyEdit } from '../test/edits';
import { buttonOf, down, event, lighthouse, link, press, projectOf, screenOf, show } from '../test/flows';
import { areaAt, CARD, cellKey, inMapOrder, leadsTo, planGrid, planMap, sameMap } from '.';

const rows = (project = lighthouse()) => new Map(planMap(project).cards.map((card) => [card.id, card.steps]));

test('rows are steps from the start', () => {
  expect(Object.fromEntries(rows())).toEqual({ title: 0, watch: 1, opts: 1, pause: 2, out: 2, found: 2 });
});

test('what nothing leads to stands in a row of its own, without a number', () => {
  const project = lighthouse();
  project.links = project.links.filter((link) => link.from !== 'watch');
  const plan = planMap(project);
  expect(
    plan.cards
      .filter((card) => card.steps === null)
      .map((card) => card.id)
      .sort(),
  ).toEqual(['found', 'out', 'pause']);
  expect(plan.rows.at(-1)!.steps).toBeNull();
});

test('a gap has a card, once', () => {
  const project = lighthouse();
  for (const id of ['x', 'y']) project.links.push({ ...project.links[0]!, id, to: { gap: 'Slots' } });
  expect(planMap(project).cards.filter((card) => card.gap)).toMatchObject([{ name: 'Slots', steps: 1 }]);
});

test('any project: every screen has one card, in its band, and every link begins at its label and ends on its card', () => {
  fc.assert(
    fc.property(anyProject, (project) => {
      const plan = planMap(project);
      expect(
        plan.cards
          .filter((card) => !card.gap)
          .map((card) => card.id)
          .sort(),
      ).toEqual(project.screens.map((screen) => screen.id).sort());
      for (const card of plan.cards) {
        const band = plan.bands.find((other) => other.layer === card.layer)!;
        expect(card.x).toBeGreaterThanOrEqual(band.x);
        expect(card.x + CARD.width).toBeLessThanOrEqual(band.x + band.width);
      }
      const byId = new Map(plan.cards.map((card) => [card.id, card]));
      for (const { path, label, to, stub, from } of plan.lines) {
        expect(path.length === 0).toBe(stub !== null);
        if (stub !== null) continue;
        expect(from).not.toBe(to);
        const [start, end] = [path[0]!, path.at(-1)!];
        expect(start.x >= label.x && start.x <= label.x + label.width).toBe(true);
        expect(start.y >= label.y && start.y <= label.y + label.height).toBe(true);
        const card = byId.get(to)!;
        expect(end).toEqual({ x: card.x + CARD.width / 2, y: card.y });
      }
    }),
    { numRuns: 150 },
  );
});

const linkOf = ({ links }: Project, element: string) =>
  links.find(({ trigger }) => 'element' in trigger && trigger.element === element)!.id;

test('a line begins at the control that sets it off', () => {
  const project = lighthouse();
  const plan = planMap(project);
  const card = plan.cards.find((mapCard) => mapCard.id === 'title')!;
  const leads = (element: string) =>
    plan.lines.find(({ links }) => links.includes(linkOf(project, element)))!.lead[0]!;
  expect(leads('begin').y).toBeLessThan(leads('options').y);
  expect(leads('begin').x).toBeCloseTo(card.x + ((960 + 140) / 1920) * CARD.width);
});

test('links with the same ends share a line, unless a control of their own sets them off', () => {
  const project = lighthouse();
  project.links.push(
    link('watch', down('back'), 'open', 'pause'),
    link('title', press('options'), 'go', 'watch'),
  );
  const lines = planMap(project).lines;
  expect(
    lines.filter((line) => line.from === 'watch' && line.to === 'pause').map((line) => line.links.length),
  ).toEqual([2]);
  expect(lines.filter((line) => line.from === 'title' && line.to === 'watch')).toHaveLength(2);
});

test('going back and staying draw no line; a notice shown does, dashed', () => {
  const project = lighthouse();
  expect(leadsTo(link('opts', down('back'), 'back'))).toEqual([]);
  expect(leadsTo(link('watch', down('next'), 'go', 'out', { effects: [show('found')] }))).toEqual([
    'out',
    'found',
  ]);
  const lines = planMap(project).lines;
  expect(lines.filter((line) => line.dashed).map((line) => line.to)).toEqual(['found']);
});

describe('areas on the map', () => {
  const nested = () =>
    projectOf(
      [
        screenOf('title'),
        screenOf('watch', { area: 'night' }),
        screenOf('storm', { area: 'gale' }),
        screenOf('dawn', { area: 'night' }),
        screenOf('gauge', { layer: 'hud', area: 'night' }),
      ],
      [
        link('title', press('x'), 'go', 'watch'),
        link('night', event('g'), 'go', 'storm'),
        link('gauge', press('y'), 'go', 'dawn'),
      ],
      {
        areas: [
          { id: 'night', name: 'Night', parent: null },
          { id: 'gale', name: 'Gale', parent: 'night' },
        ],
      },
    );
  const inside = (box: { x: number; y: number; width: number; height: number }, x: number, y: number) =>
    x >= box.x && x <= box.x + box.width && y >= box.y && y <= box.y + box.height;

  test('boxes hold their own screens, those of areas within, and no others', () => {
    const plan = planMap(nested());
    const box = (id: string) => plan.areas.find((area) => area.id === id)!;
    const holds = (id: string) =>
      plan.cards
        .filter(
          (card) =>
            inside(box(id), card.x, card.y) && inside(box(id), card.x + CARD.width, card.y + CARD.height),
        )
        .map((card) => card.id)
        .sort();
    expect(holds('night')).toEqual(['dawn', 'storm', 'watch']);
    expect(holds('gale')).toEqual(['storm']);
    expect(areaAt(plan, box('gale').x + 5, box('gale').y + 5)!.id).toBe('gale');
    expect(areaAt(plan, 0, 0)).toBeNull();
  });

  test('a HUD piece stands in the row of its area’s first base, and what it leads to is reached from there', () => {
    const cards = new Map(planMap(nested()).cards.map((card) => [card.id, card]));
    expect(['watch', 'gauge', 'dawn', 'storm'].map((id) => cards.get(id)!.steps)).toEqual([1, 1, 2, 2]);
  });

  test('folded, an area is one card, and lines to what it holds lead there', () => {
    const plan = planMap(nested(), { folded: new Set(['night']) });
    expect(plan.cards.find((card) => card.id === 'night')).toMatchObject({ holds: 3, name: 'Night' });
    expect(plan.cards.map((card) => card.id)).toEqual(['title', 'night', 'gauge']);
    expect(plan.lines.map(({ from, to }) => [from, to]).sort()).toEqual([
      ['gauge', 'night'],
      ['title', 'night'],
    ]);
  });

  test('any project, folded or not: every box holds its cards and no card lies over another', () => {
    fc.assert(
      fc.property(anyProject, fc.subarray(['r0', 'r1']), (project, folded) => {
        const plan = planMap(project, { folded: new Set(folded) });
        for (const card of plan.cards)
          for (const other of plan.cards)
            if (other !== card)
              expect(
                Math.abs(other.x - card.x) >= CARD.width || Math.abs(other.y - card.y) >= CARD.height,
              ).toBe(true);
        for (const screen of project.screens) {
          const id = plan.stands.get(screen.id) ?? screen.id;
          const card = plan.cards.find((mapCard) => mapCard.id === id)!;
          expect(card).toBeDefined();
          if (screen.layer !== 'base' || !screen.area || plan.stands.has(screen.id)) continue;
          const box = plan.areas.find((area) => area.id === screen.area)!;
          expect(inside(box, card.x, card.y) && inside(box, card.x + CARD.width, card.y + CARD.height)).toBe(
            true,
          );
        }
      }),
      { numRuns: 150 },
    );
  });
});

test('a card stands where it was put in its row, and a line that would cross the map is a stub', () => {
  const screens = Array.from({ length: 12 }, (_, i) => screenOf(`s${i}`));
  const links = screens.slice(1).map((screen, i) => link(`s${i}`, event('x'), 'go', screen.id));
  const long = projectOf(screens, [...links, link('s0', event('y'), 'go', 's11')]);
  for (const [i, screen] of screens.entries()) screen.row = i;
  const stub = planMap(long).lines.find((line) => line.from === 's0' && line.to === 's11')!;
  expect(stub).toMatchObject({ stub: 's11', path: [] });
  const row = projectOf(
    [screenOf('a'), ...['b', 'c', 'd'].map((id, i) => screenOf(id, { order: 2 - i }))],
    ['b', 'c', 'd'].map((id) => link('a', event(id), 'go', id)),
  );
  expect(planMap(row).cards.map((card) => card.id)).toEqual(['a', 'd', 'c', 'b']);
});

test('the grid has a cell for every link that leads somewhere, and tells what cannot be left', () => {
  const project = lighthouse();
  project.links = project.links.filter((link) => link.from !== 'opts');
  const grid = planGrid(project);
  expect(grid.cells.get(cellKey('title', 'watch'))).toEqual([project.links[0]!.id]);
  expect(grid.from.filter((item) => item.stuck).map((item) => item.id)).toEqual(['opts']);
  expect(grid.back.get('pause')).toHaveLength(2);
});

test('any project, its areas folded or not: every link that leads to a screen stands in one cell, in the order of the map', () => {
  fc.assert(
    fc.property(anyProject, fc.subarray(['r0', 'r1']), fc.boolean(), (project, areas, linked) => {
      const order = inMapOrder(project).map(({ id }) => id);
      expect([...order].sort()).toEqual(project.screens.map(({ id }) => id).sort());
      const whole = planGrid(project);
      const grid = planGrid(project, { folded: new Set(areas), linked });
      const links = (cells: Map<string, string[]>) => [...cells.values()].flat().sort();
      expect(links(grid.cells)).toEqual(links(whole.cells));
      const [rows, columns] = [new Set(grid.from.map(({ id }) => id)), new Set(grid.to.map(({ id }) => id))];
      for (const key of grid.cells.keys()) {
        const [from, to] = key.split('\n') as [string, string];
        // Messages have no row, and what they lead to is read where they are; what is gone has none either.
        const screen = project.screens.find(({ id }) => id === from);
        if (screen && screen.layer !== 'notice') expect([from, rows.has(from)]).toEqual([from, true]);
        expect([to, columns.has(to)]).toEqual([to, true]);
      }
      expect(rows.size).toBe(grid.from.length);
      const stood = grid.from
        .filter(({ holds, id }) => holds === null && id !== 'project')
        .map(({ id }) => id);
      expect(stood).toEqual(order.filter((id) => stood.includes(id)));
      if (linked)
        for (const { id } of grid.to)
          expect([...grid.cells.keys()].some((key) => key.endsWith(`\n${id}`))).toBe(true);
    }),
    { numRuns: 100 },
  );
});

test('an edit changes the map only where the map shows it', () => {
  const project = applyCommand(lighthouse(), 'tidy map', {}).project;
  const after = <N extends CommandName>(name: N, args: Arguments<N>) =>
    applyCommand(project, name, args).project;
  const change = (element: string, to: Partial<Element>) =>
    sameMap(project, after('change element', { screen: 'title', element, change: to }));
  expect(change('begin', { opacity: 0.5 })).toBe(true);
  expect(change('begin', { name: 'Begin' })).toBe(false);
  expect(change('begin', { place: { ...buttonOf('x', 10).place } })).toBe(false);
  expect(sameMap(project, after('change screen', { screen: 'out', change: { freezes: false } }))).toBe(true);
  expect(sameMap(project, after('rename screen', { screen: 'out', name: 'Dark' }))).toBe(false);
  expect(sameMap(project, after('delete link', { link: project.links[0]!.id }))).toBe(false);
  fc.assert(
    fc.property(anyProject, anyProject, (a, b) => {
      if (sameMap(a, b)) expect(planMap(a).lines).toEqual(planMap(b).lines);
    }),
  );
});

/** Which cards stand together, by place, from left to right. */
function cells(project: Project): Map<string, string[]> {
  const found = new Map<string, string[]>();
  const areas = new Map(project.screens.map(({ id, area }) => [id, area]));
  for (const { id, layer, steps, row, gap } of planMap(project).cards) {
    if (gap) continue;
    const cell = `${layer} ${layer === 'base' ? areas.get(id) : ''} ${steps === null ? 'nowhere' : row}`;
    found.set(cell, [...(found.get(cell) ?? []), id]);
  }
  return found;
}

test('no edit but one of the order has two cards of a row change places', () => {
  fc.assert(
    fc.property(anyProject, fc.array(anyEdit, { minLength: 1, maxLength: 12 }), (project, edits) => {
      let now = project;
      for (const edit of edits) {
        const { name, args } = edit(now);
        if (name === 'tidy map' || name === 'order screens') continue;
        const before = cells(now);
        now = applyCommand(now, name, args).project;
        for (const [cell, ids] of cells(now)) {
          const stood = before.get(cell)?.filter((id) => ids.includes(id)) ?? [];
          expect([name, ids.filter((id) => stood.includes(id))]).toEqual([name, stood]);
        }
      }
    }),
  );
});
