import { readFileSync } from 'node:fs';
import { applyCommand } from '../edit';
import { PROJECT, type Project } from '../model';
import { largeProject } from '../starter';
import { event, link, projectOf, screenOf } from '../test/flows';
import {
  anyFlow,
  cellsOf,
  crossingsIn,
  crossingsOf,
  faultsOf,
  fewestFrom,
  numbersFrom,
  withoutGaps,
} from '../test/maps';
import { groupsOf, leadsTo, planMap, type MapPlan } from '.';

/** The map as drawn: boxes and paths, whatever made them. */

const demo = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;

/** With an order in every row, so that none is looked for. */
function anyOrdered(seed: number, size: number): Project {
  const project = anyFlow(seed, size);
  const next = numbersFrom(seed + 5000);
  return { ...project, screens: project.screens.map((screen) => ({ ...screen, order: next() })) };
}

const expectClear = (plan: MapPlan): void => {
  expect(faultsOf(plan)).toEqual([]);
  expect(crossingsOf(plan).coincide).toEqual([]);
};

test('on the demo and on flows of 30, 100 and 300 screens no link runs over a card, a label or another link', () => {
  for (const project of [demo, ...[30, 100, 300].map(largeProject)]) expectClear(planMap(project));
});

test('nor on 500 random flows, some with areas folded or every link drawn', () => {
  for (let seed = 0; seed < 500; seed++) {
    const project = (seed % 10 === 0 ? anyFlow : anyOrdered)(seed, 4 + (seed % 34));
    const every = new Set(project.screens.map(({ id }) => id));
    expectClear(planMap(project));
    if (seed % 5 === 0) expectClear(planMap(project, { unfolded: every }));
    if (seed % 5 === 1) expectClear(planMap(project, { folded: new Set(['r0', 'r2']) }));
  }
});

test('all that leads to one card ends at one place, and every control has its own label', () => {
  for (let seed = 0; seed < 40; seed++) {
    const { lines } = planMap(anyFlow(seed, 20));
    const ends = new Map<string, string>();
    for (const { to, path } of lines) {
      if (path.length === 0) continue;
      const end = JSON.stringify(path.at(-1));
      expect(ends.get(to) ?? end).toBe(end);
      ends.set(to, end);
    }
    expect(new Set(ends.values()).size).toBe(ends.size);
    expect(new Set(lines.map(({ label }) => `${label.x} ${label.y}`)).size).toBe(lines.length);
  }
});

test('no blocks of a map seen from far lie over one another, and every card and link is counted', () => {
  for (let seed = 0; seed < 200; seed++) {
    const flow = anyOrdered(seed, 4 + (seed % 34));
    // What holds everywhere leads in from no block.
    const project = { ...flow, links: [...flow.links, link(PROJECT, event('anywhere'), 'go', 's1')] };
    const plan = planMap(project);
    const groups = groupsOf(project, plan);
    expect(groups.reduce((sum, { cards }) => sum + cards.size, 0)).toBe(plan.cards.length);
    groups.forEach((a, i) => {
      for (const b of groups.slice(i + 1))
        expect(
          a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y,
        ).toBe(true);
    });
    // Counted link by link, by the names of the areas alone.
    const outermost = (id: string | undefined): string | null => {
      const area = project.areas.find((other) => other.id === id);
      return area ? (area.parent === null ? area.id : outermost(area.parent)) : null;
    };
    const keyOf = (id: string): string | undefined => {
      const card = plan.cards.find((other) => other.id === id);
      if (!card) return outermost(id) ?? undefined;
      const screen = project.screens.find((other) => other.id === id);
      return (card.layer === 'base' && outermost(screen?.area)) || card.layer;
    };
    for (const { key, into, out } of groups) {
      const ends = project.links.flatMap((one) => leadsTo(one).map((to) => [keyOf(one.from), keyOf(to)]));
      const crossing = ends.filter(([from, to]) => from !== to);
      expect([key, into]).toEqual([key, crossing.filter(([, to]) => to === key).length]);
      expect([key, out]).toEqual([key, crossing.filter(([from]) => from === key).length]);
    }
  }
});

test('one more link moves no card out of its row or its place in it', () => {
  for (let seed = 0; seed < 60; seed++) {
    const { project } = applyCommand(anyFlow(seed, 6 + (seed % 20)), 'tidy map', {});
    const next = numbersFrom(seed + 1000);
    const some = (): string => project.screens[Math.floor(next() * project.screens.length)]!.id;
    const rows = (plan: MapPlan) =>
      plan.rows.map((_, row) => plan.cards.filter((card) => card.row === row).map(({ id }) => id));
    const before = planMap(project);
    const { id: _, ...more } = link(some(), event('more'), 'go', some());
    const placed = new Set(project.screens.filter(({ row }) => row !== undefined).map(({ id }) => id));
    const after = planMap(applyCommand(project, 'add link', more).project);
    // What nothing led to before may be reached now, and takes its row then.
    const kept = (plan: MapPlan) =>
      rows(plan)
        .map((row) => row.filter((id) => placed.has(id)))
        .filter((row) => row.length > 0);
    expect(kept(after)).toEqual(kept(before));
  }
});

test('a row whose cards are by now another number of steps away is marked until the map is tidied', () => {
  const { project } = applyCommand(largeProject(30), 'tidy map', {});
  expect(planMap(project).rows.some(({ old }) => old)).toBe(false);
  const { id: _, ...shortcut } = link('s-title', event('shortcut'), 'go', 's-1-4');
  const shorter = applyCommand(project, 'add link', shortcut).project;
  const row = project.screens.find(({ id }) => id === 's-1-4')!.row;
  expect(
    planMap(shorter)
      .rows.filter(({ old }) => old)
      .map(({ steps }) => steps),
  ).toContain(row);
  const tidied = applyCommand(shorter, 'tidy map', {}).project;
  expect(planMap(tidied).rows.some(({ old }) => old)).toBe(false);
});

test('links back to a hub are named at their labels until it is unfolded; the link down to it is drawn', () => {
  const screens = ['start', 'hub', ...'abcdefg'].map((id) => screenOf(id));
  const links = [
    link('start', event('in'), 'go', 'hub'),
    ...[...'abcdefg'].flatMap((id) => [
      link('hub', event(id), 'go', id),
      link(id, event('home'), 'go', 'hub'),
    ]),
  ];
  const project = projectOf(screens, links);
  const into = (plan: MapPlan) => plan.lines.filter(({ to }) => to === 'hub');
  const quiet = planMap(project);
  expect(
    into(quiet)
      .filter(({ stub }) => stub === null)
      .map(({ from }) => from),
  ).toEqual(['start']);
  expect(into(quiet).filter(({ stub }) => stub === 'hub')).toHaveLength(7);
  expect(quiet.cards.find(({ id }) => id === 'hub')!.joined).toBe(7);
  const asked = planMap(project, { unfolded: new Set(['hub']) });
  expect(into(asked).every(({ stub }) => stub === null)).toBe(true);
  expectClear(asked);
});

/** Every order of a list, as places. */
const orders = (n: number): number[][] =>
  n <= 1
    ? [[...Array(n).keys()]]
    : orders(n - 1).flatMap((rest) =>
        Array.from({ length: n }, (_, i) => [...rest.slice(0, i), n - 1, ...rest.slice(i)]),
      );

test('links cross hardly more often than in the best of all orders', () => {
  let [all, fewest, flows] = [0, 0, 0];
  for (let seed = 0; flows < 24; seed++) {
    const project = withoutGaps(anyFlow(seed, 7 + (seed % 5)));
    const plan = planMap(project);
    const cells = cellsOf(project, plan);
    const every = cells.reduce((product, cell) => product * orders(Math.min(6, cell.length)).length, 1);
    if (every < 2 || every > 200) continue;
    flows++;
    let tried: Map<string, number>[] = [new Map()];
    for (const cell of cells)
      tried = tried.flatMap((map) =>
        orders(cell.length).map(
          (order) => new Map([...map, ...cell.map((id, i): [string, number] => [id, order[i]!])]),
        ),
      );
    const best = Math.min(...tried.map((order) => crossingsIn(project, order)));
    const { crossings } = crossingsOf(plan);
    expect([seed, crossings]).toEqual([seed, Math.min(crossings, Math.max(best + 1, 1.15 * best))]);
    all += crossings;
    fewest += best;
  }
  expect(all).toBeLessThanOrEqual(1.15 * fewest);
});

test('and hardly more often than from random orders improved by swaps', () => {
  let [all, fewest] = [0, 0];
  for (let seed = 0; seed < 5; seed++) {
    const project = withoutGaps(anyFlow(seed + 700, 22));
    const best = fewestFrom(project, 3, numbersFrom(seed));
    all += crossingsOf(planMap(project)).crossings;
    fewest += best;
  }
  expect(all).toBeLessThanOrEqual(1.15 * fewest);
});
