import { problemWords } from '../refusal';
import fc from 'fast-check';
import { isDeepStrictEqual } from 'node:util';
import { compile } from '../compile';
import { applyCommand, NO_HISTORY, record, undo, type History } from '../edit';
import type { Project } from '../model';
import { begin, validateState, reconcile, step, type Input, type RunState } from '../run';
import { readDocument, writeProject } from '../schema';
import { anyInput, anyProject } from './arbitrary';
import { anyEdit, type AnyEdit } from './edits';

/** A project that is played and edited by turns, as a designer does. */

type Stride = { input: Input } | { edit: (project: Project) => AnyEdit };

const anyStride: fc.Arbitrary<Stride> = fc.oneof(
  { arbitrary: anyInput.map((input) => ({ input })), weight: 3 },
  { arbitrary: anyEdit.map((edit) => ({ edit })), weight: 1 },
);

/** Which rules do not hold on the way, in words; empty when all do. */
function broken(first: Project, strides: readonly Stride[]): string[] {
  let project = first;
  let history: History<null> = NO_HISTORY;
  let flow = compile(project);
  let state: RunState = begin(flow).state;
  for (const [i, stride] of strides.entries()) {
    if ('input' in stride) state = step(flow, state, stride.input).state;
    else {
      const { name, args } = stride.edit(project);
      const done = applyCommand(project, name, args as never);
      if (!done.edit) continue;
      project = done.project;
      history = record(history, done.edit, { before: null, after: null, key: undefined });
      flow = compile(project, flow);
      state = reconcile(flow, state);
    }
    const found = validateState(flow, state);
    if (found.length > 0) return found.map((words) => `stride ${i}: ${words}`);
  }
  const read = readDocument(asWritten(project));
  if (!('project' in read))
    return read.problems.map((problem) => `what the edits made is not read again: ${problemWords(problem)}`);
  if (!isDeepStrictEqual(read.project, asWritten(project))) return ['it is read again as another'];
  for (let moved = undo(project, history); moved; moved = undo(project, history))
    ({ project, history } = moved);
  return isDeepStrictEqual(asWritten(project), asWritten(first))
    ? []
    : ['undone to the end it is not what it was'];
}

/** A field that is not there and one that is undefined are the same in a file. */
const asWritten = (project: Project): unknown => JSON.parse(writeProject(project));

/** Any project keeps every rule through so many inputs and edits. */
export const keepsItsRules = (strides: number) =>
  fc.property(anyProject, fc.array(anyStride, { minLength: strides, maxLength: strides }), (project, all) => {
    const found = broken(project, all);
    if (found.length > 0) throw new Error(found.join('\n'));
  });
