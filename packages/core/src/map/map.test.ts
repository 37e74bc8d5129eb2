import fc from 'fast-check';
import { anyProject } from '../test/arbitrary';
import { lighthouse } from '../test/flows';
import { CARD, planLines, planMap, pointOn } from '.';

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

test('any project: every screen has one card, in its band, none over another, and lines begin and end on cards', () => {
  fc.assert(
    fc.property(anyProject, (project) => {
      const plan = planMap(project);
      expect(
        plan.cards
          .filter((card) => !card.gap)
          .map((card) => card.id)
          .sort(),
      ).toEqual(project.screens.map((each) => each.id).sort());
      for (const card of plan.cards) {
        const band = plan.bands.find((each) => each.layer === card.layer)!;
        expect(card.x).toBeGreaterThanOrEqual(band.x);
        expect(card.x + CARD.width).toBeLessThanOrEqual(band.x + band.width);
        for (const other of plan.cards)
          if (other !== card)
            expect(
              Math.abs(other.x - card.x) >= CARD.width || Math.abs(other.y - card.y) >= CARD.height,
            ).toBe(true);
      }
      const byId = new Map(plan.cards.map((card) => [card.id, card]));
      for (const line of planLines(project, plan)) {
        const on = (id: string, { x, y }: { x: number; y: number }) => {
          const card = byId.get(id)!;
          return x >= card.x && x <= card.x + CARD.width && y >= card.y && y <= card.y + CARD.height;
        };
        expect([on(line.from, line.start), on(line.to, line.end)]).toEqual([true, true]);
        expect(pointOn(line, 0)).toEqual(line.start);
      }
    }),
    { numRuns: 150 },
  );
});

test('a line begins at the control that sets it off', () => {
  const project = lighthouse();
  const plan = planMap(project);
  const card = plan.cards.find((each) => each.id === 'title')!;
  const [begin, options] = planLines(project, plan).filter((line) => line.from === 'title');
  expect(begin!.start.y).toBeLessThan(options!.start.y);
  expect(begin!.start.x).toBeCloseTo(card.x + ((960 + 140) / 1920) * CARD.width);
});
