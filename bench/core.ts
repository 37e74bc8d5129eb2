import { readFileSync } from 'node:fs';
import { compile } from '../packages/core/src/compile';
import { carryOut } from '../packages/core/src/edit';
import { planLines, planMap } from '../packages/core/src/map';
import type { Project } from '../packages/core/src/model';
import { paintRun } from '../packages/core/src/paint';
import { begin } from '../packages/core/src/run';
import { readDocument } from '../packages/core/src/schema';

const ms = (times: number, work: () => void): number => {
  work();
  const from = performance.now();
  for (let i = 0; i < times; i++) work();
  return (performance.now() - from) / times;
};

/** What an edit costs, over the demo. */
export function measureCore() {
  const project = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;
  const flow = compile(project);
  const { state } = begin(flow);
  const edited = carryOut(project, 'rename screen', { screen: 's-title', name: 'Front' }).project;
  return {
    read: ms(10, () => readDocument(project)),
    compile: ms(50, () => compile(project)),
    recompile: ms(50, () => compile(edited, flow)),
    map: ms(20, () => planLines(project, planMap(project))),
    paint: ms(500, () => paintRun(flow, state)),
  };
}
