import fc from 'fast-check';
import { compile } from '../compile';
import { begin, step, type Input, type RunState } from '../run';

/** Runs of random projects by random input. */

export const runs = { numRuns: 200 };

export function play(
  project: Parameters<typeof compile>[0],
  inputs: Input[],
  each?: (before: RunState, after: RunState, input: Input, did: ReturnType<typeof step>['outcomes']) => void,
) {
  const flow = compile(project);
  let state = begin(flow).state;
  for (const input of inputs) {
    const next = step(flow, state, input);
    each?.(state, next.state, input, next.outcomes);
    state = next.state;
  }
  return { flow, state };
}

export const pass = fc.integer({ min: 0, max: 2_000_000 });

/** Time passed in one go and in two leaves the same, and tells of the same. */
export function addsUp(flow: ReturnType<typeof compile>, state: RunState, a: number, b: number): void {
  const once = step(flow, state, { type: 'time', pass: a + b });
  const first = step(flow, state, { type: 'time', pass: a });
  const then = step(flow, first.state, { type: 'time', pass: b });
  expect(then.state).toEqual(once.state);
  expect([...first.outcomes, ...then.outcomes]).toEqual(once.outcomes);
}
