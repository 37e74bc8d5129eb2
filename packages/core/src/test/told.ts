import fc from 'fast-check';
import { accessOf } from '../access';
import { findingsOf, findingsOfTalks, findingsTranslated, findingWords, type Finding } from '../check';
import { compile, type Flow } from '../compile';
import { applyCommand, takeScreens, type CommandName } from '../edit';
import { assetsInUse } from '../exchange';
import { toCsv } from '../exchange/csv';
import { toXliff } from '../exchange/xliff';
import { lostIn, movesOf } from '../focus';
import { textTable } from '../language';
import { planGrid, planMap } from '../map';
import type { Project } from '../model';
import { overflowOf, paintRun, paintStill, toSvg } from '../paint';
import { placesOf } from '../references';
import { begin, validateState, reconcile, rehearseTalk, step, type Input, type RunState } from '../run';
import { readDocument, writeProject } from '../schema';
import { outcomeWords, reasonWords, sentenceText } from '../words';
import { anyInputs, anyProject } from './arbitrary';
import { anyDrawn, COMMANDS, editOf } from './edits';

/** All that the core says of a project, as text, so that two versions of the core can be held against each other. */

/** Something to be told of: a project, what is done in its run, and what is edited meanwhile. */
export interface Case {
  project: Project;
  inputs: Input[];
  edits: { name: CommandName; drawn: { n: number; m: number; text: string } }[];
}

/** The same cases for the same seed. */
export const drawCases = (seed: number, howMany: number): Case[] =>
  fc.sample(
    fc.record({
      project: anyProject,
      inputs: anyInputs,
      edits: fc.array(fc.record({ name: fc.constantFrom(...COMMANDS), drawn: anyDrawn }), { maxLength: 6 }),
    }),
    { seed, numRuns: howMany },
  );

/** Says what comes of a case, one text a thing. An exception is told as what it says. */
export function toldOf({ project, inputs, edits }: Case): [what: string, text: string][] {
  const said: [string, string][] = [];
  const say = (what: string, tell: () => unknown): void => {
    let told: unknown;
    try {
      told = tell();
    } catch (error) {
      told = `exception: ${String(error)}`;
    }
    said.push([what, typeof told === 'string' ? told : flat(told)]);
  };
  const draw = Math.random;
  Math.random = pseudo();
  try {
    sayProject(project, '', say);
    sayRun(compile(project), inputs, edits, say);
    let now = project;
    for (const [i, { name, drawn }] of edits.entries()) {
      const edit = editOf(name, now, drawn);
      const done = applyCommand(now, name, edit.args as never);
      say(`edit ${i}, ${name}`, () => done.edit);
      now = done.project;
    }
    if (edits.length > 0) sayProject(now, 'edited: ', say);
  } finally {
    Math.random = draw;
  }
  return said;
}

/** A finding as whoever reads it meets it, whatever it is made of. */
const saidAt = (finding: Finding): unknown => [finding.where, finding.severity, findingWords(finding)];

type Say = (what: string, tell: () => unknown) => void;

function sayProject(project: Project, when: string, say: Say): void {
  say(`${when}file`, () => writeProject(project));
  say(`${when}read again`, () => readDocument(JSON.parse(writeProject(project))));
  say(`${when}sentences`, () => project.links.map((link) => sentenceText(project, link)).join('\n'));
  say(`${when}places`, () => placesOf(project));
  const found = findingsOf(project);
  say(`${when}findings`, () => found.filter(({ code }) => code !== 'input/clash').map(saidAt));
  say(`${when}clashes`, () => found.filter(({ code }) => code === 'input/clash').map(saidAt));
  say(`${when}in other languages`, () =>
    (project.conversations ?? []).map((conversation) =>
      findingsTranslated(project, conversation).map(saidAt),
    ),
  );
  say(`${when}map`, () => {
    return [planMap(project), planGrid(project)];
  });
  say(`${when}assets in use`, () => [...assetsInUse(project)]);
  for (const { code } of (project.languages ?? []).slice(1)) {
    const rows = textTable(project, code);
    say(`${when}texts in ${code}`, () => [
      toCsv(rows, code),
      toXliff(project, rows, { source: 'en', target: code }),
    ]);
  }
  say(`${when}taken`, () =>
    takeScreens(
      project,
      project.screens.slice(0, 2).map(({ id }) => id),
    ),
  );
  const flow = compile(project);
  say(`${when}findings in lines`, () => [...findingsOfTalks(flow)].map(([id, all]) => [id, all.map(saidAt)]));
  say(`${when}talks`, () =>
    (project.conversations ?? []).map((conversation) => rehearseTalk(project, conversation)),
  );
  for (const [id, screen] of flow.screens) {
    say(`${when}${id} laid out`, () => [...screen.layout]);
    say(`${when}${id} led`, () => [screen.focus, movesOf(screen.focus), lostIn(screen.focus, null)]);
    say(`${when}${id} painted`, () => paintStill(flow, screen, true));
    say(`${when}${id} too large`, () => overflowOf(flow, screen));
  }
  say(`${when}first picture`, () =>
    toSvg(paintRun(flow, begin(flow).state), { asset: (id) => id, family: (face) => face }),
  );
}

function sayRun(begun: Flow, inputs: Case['inputs'], edits: Case['edits'], say: Say): void {
  let flow = begun;
  let state: RunState = begin(flow).state;
  const now = (what: string) => {
    say(`${what}: state`, () => state);
    say(`${what}: painted`, () => paintRun(flow, state));
    say(`${what}: spoken`, () => accessOf(flow, state));
    say(`${what}: faults`, () => validateState(flow, state));
  };
  now('begun');
  for (const [i, input] of inputs.entries()) {
    const what = `input ${i}, ${JSON.stringify(input)}`;
    say(what, () => {
      const stepped = step(flow, state, input);
      state = stepped.state;
      return stepped.outcomes.flatMap((outcome) => [
        outcome,
        outcomeWords(flow.project, outcome),
        ...('passed' in outcome ? outcome.passed!.map((passed) => reasonWords(flow.project, passed)) : []),
      ]);
    });
    now(what);
    const edit = edits[i];
    if (!edit || i % 4 !== 0) continue;
    say(`${what}, then ${edit.name}`, () => {
      const next = applyCommand(
        flow.project,
        edit.name,
        editOf(edit.name, flow.project, edit.drawn).args as never,
      );
      const edited = compile(next.project, flow);
      state = reconcile(edited, state);
      flow = edited;
      return [...flow.screens.keys()];
    });
    now(`${what}, then ${edit.name}`);
  }
}

/** As text, with what maps and sets hold. */
const flat = (value: unknown): string =>
  JSON.stringify(value, (_key, item: unknown) => {
    if (item instanceof Map) return [...(item as Map<unknown, unknown>)];
    if (item instanceof Set) return [...(item as Set<unknown>)];
    return item;
  }) ?? 'nothing';

/** Numbers that look random and are the same each time, after L'Ecuyer's multiplicative generators. */
function pseudo(): () => number {
  let seed = 20261129;
  return () => (seed = (seed * 48271) % 2147483647) / 2147483647;
}
