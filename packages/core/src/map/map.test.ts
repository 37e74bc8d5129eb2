import fc from 'fast-check';
import { anyProject } from '../test/arbitrary';
import { down, lighthouse, link, press, show } from '../test/flows';
import { CARD, leadsTo, planLines, planMap, pointOn } from '.';

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
        const whole = line.stub === null;
        if (byId.has(line.from)) expect(on(line.from, line.start)).toBe(true);
        expect(on(line.to, line.end)).toBe(whole);
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

test('links with the same ends share a line, unless a control of their own sets them off', () => {
  const project = lighthouse();
  project.links.push(
    link('watch', down('back'), 'open', 'pause'),
    link('title', press('options'), 'go', 'watch'),
  );
  const lines = planLines(project, planMap(project));
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
  const lines = planLines(project, planMap(project));
  expect(lines.filter((line) => line.dashed).map((line) => line.to)).toEqual(['found']);
});

test('labels keep apart from one another where there is room', () => {
  const project = lighthouse();
  const labels = planLines(project, planMap(project)).map((line) => line.label);
  for (const [i, a] of labels.entries())
    for (const b of labels.slice(i + 1))
      expect(Math.abs(a.x - b.x) > 4 || Math.abs(a.y - b.y) > 4).toBe(true);
});
