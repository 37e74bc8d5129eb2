import { readFileSync } from 'node:fs';
import { findingsOfTalk, findingsOf } from '../packages/core/src/check';
import { compile } from '../packages/core/src/compile';
import { applyCommand } from '../packages/core/src/edit';
import { readScript } from '../packages/core/src/exchange';
import { planMap } from '../packages/core/src/map';
import { anyFlow, crossingsOf, fewestFrom, numbersFrom, withoutGaps } from '../packages/core/src/test/maps';
import type { Project } from '../packages/core/src/model';
import { paintRun, paintStill } from '../packages/core/src/paint';
import { begin, beginAt, reconcile, rehearseTalk, step } from '../packages/core/src/run';
import { readDocument } from '../packages/core/src/schema';
import { largeProject } from '../packages/core/src/starter';

const ms = (times: number, work: () => void): number => {
  work();
  const from = performance.now();
  for (let i = 0; i < times; i++) work();
  return (performance.now() - from) / times;
};

/** What opening and an edit cost with three hundred screens. */
export function measureLarge() {
  const { project } = applyCommand(largeProject(300), 'tidy map', {});
  // After a first edit every row has an order.
  const linked = applyCommand(project, 'add link', {
    from: 's-title',
    trigger: { on: 'arrival' },
    kind: 'go',
    to: { screen: 's-1-0' },
    effects: [],
  }).project;
  const flow = compile(project);
  const { state } = begin(flow);
  const element = project.screens[40]!.elements[0]!;
  return {
    read: ms(3, () => readDocument(project)),
    compile: ms(5, () => compile(project)),
    map: ms(5, () => planMap(project)),
    mapAfter: ms(20, () => planMap(linked)),
    edit: ms(20, () => {
      const change = { opacity: Math.random() };
      const edited = applyCommand(project, 'change element', {
        screen: project.screens[40]!.id,
        element: element.id,
        change,
      }).project;
      const next = compile(edited, flow);
      paintRun(next, reconcile(next, state));
    }),
    troubles: ms(3, () => findingsOf(project)),
    rename: slowRename(),
  };
}

/** A value renamed from name to name at six hundred screens; the time in milliseconds that only one in twenty takes longer. */
function slowRename(): number {
  let project = largeProject(600);
  const times = Array.from({ length: 40 }, (_, i) => {
    const from = performance.now();
    ({ project } = applyCommand(project, 'rename value', { value: 'v-oil', name: `oil ${i}` }));
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return times[Math.floor(times.length * 0.95)]!;
}

/** A conversation of a thousand lines: one letter typed and what follows, all of it checked, searched, timed, and played. */
export function measureTalk() {
  const demo = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;
  const text = Array.from(
    { length: 1000 },
    (_, i) => `${i % 2 ? 'TOBIAS' : 'INES'}: Line ${i}, as long as lines are here.`,
  );
  const { steps } = readScript(text.join('\n'), demo.speakers);
  const project: Project = {
    ...demo,
    conversations: [{ id: 'c-long', name: 'Long', screen: 's-radio', steps }],
  };
  const flow = compile(project);
  const begun = beginAt(flow, 's-radio', true, {}, { conversation: 'c-long', key: steps[500]!.id }).state;
  const { state } = step(flow, begun, { type: 'time', pass: 300_000 });
  let n = 0;
  const read = ms(3, () => readScript(text.join('\n'), demo.speakers));
  return {
    read,
    edit: ms(30, () => {
      const change = { text: `Typed ${n++}` } as never;
      const edited = applyCommand(project, 'change step', {
        owner: 'c-long',
        step: steps[500]!.id,
        change,
      }).project;
      const next = compile(edited, flow);
      paintRun(next, reconcile(next, state));
    }),
    check: ms(5, () => findingsOfTalk(flow, project.conversations![0]!)),
    timed: ms(3, () => rehearseTalk(project, project.conversations![0]!)),
    frame: ms(200, () => {
      const now = step(flow, state, { type: 'time', pass: 16_667 * (n++ % 60) }).state;
      paintRun(flow, now);
    }),
  };
}

/** What a change of a component costs that is placed on nine screens: edited, compiled, and all nine drawn. */
export function measureComponent(): number {
  const demo = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;
  const [component] = demo.components!;
  const place = demo.screens.flatMap((screen) =>
    screen.elements.filter((each) => each.type === 'component' && each.component === component!.id),
  )[0]!;
  const project = demo.screens
    .slice(0, 9)
    .reduce(
      (now, screen) =>
        applyCommand(now, 'add element', { screen: screen.id, element: { ...place, parent: null } }).project,
      demo,
    );
  const flow = compile(project);
  return ms(20, () => {
    const edited = applyCommand(project, 'change element', {
      screen: component!.id,
      element: component!.elements[0]!.id,
      change: { opacity: Math.random() },
    }).project;
    const next = compile(edited, flow);
    for (const { id } of edited.screens.slice(0, 9)) paintStill(next, next.screens.get(id)!, false);
  });
}

/** What an edit costs, over the demo. */
export function measureCore() {
  const project = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;
  const flow = compile(project);
  const { state } = begin(flow);
  const edited = applyCommand(project, 'rename screen', { screen: 's-title', name: 'Front' }).project;
  return {
    read: ms(10, () => readDocument(project)),
    compile: ms(50, () => compile(project)),
    recompile: ms(50, () => compile(edited, flow)),
    map: ms(20, () => planMap(project)),
    paint: ms(500, () => paintRun(flow, state)),
  };
}

/** How often links of maps cross, beside the fewest from six random orders made better; 30 flows of some thirty screens. */
export function measureCrossings(): { drawn: number; fewest: number } {
  let [drawn, fewest] = [0, 0];
  for (let seed = 0; seed < 30; seed++) {
    const project = withoutGaps(anyFlow(seed + 2000, 24 + (seed % 12)));
    drawn += crossingsOf(planMap(project)).crossings;
    fewest += fewestFrom(project, 6, numbersFrom(seed));
  }
  return { drawn, fewest };
}
