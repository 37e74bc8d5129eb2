import fc from 'fast-check';
import { compile } from '../compile';
import { anyInputs, anyProject } from '../test/arbitrary';
import type { Project } from '../model';
import { event, link } from '../test/flows';
import { begin, validateState, reconcile, step, type RunState } from '.';
import { runs, play, pass, addsUp } from '../test/any-runs';

test('also after an edit, whatever that adds, and after the end of a run', () => {
  fc.assert(
    fc.property(anyProject, anyProject, anyInputs, pass, pass, (project, other, inputs, a, b) => {
      const { state } = play(project, inputs);
      addsUp(compile(other), reconcile(compile(other), state), a, b);
      const ended: Project = {
        ...project,
        links: [...project.links, link('project', event('over'), 'end')],
        events: [...project.events, { id: 'over', name: 'over', direction: 'in' }],
      };
      const over = step(compile(ended), reconcile(compile(ended), state), {
        type: 'event',
        event: 'over',
      }).state;
      addsUp(compile(ended), over, a, b);
    }),
    runs,
  );
});

test('reconcile with any other project gives a valid state, and twice is once', () => {
  fc.assert(
    fc.property(anyProject, anyProject, anyInputs, anyInputs, (project, other, inputs, more) => {
      const { state } = play(project, inputs);
      const flow = compile(other);
      let next = reconcile(flow, state);
      expect(validateState(flow, next)).toEqual([]);
      expect(reconcile(flow, next)).toEqual(next);
      for (const input of more) {
        next = step(flow, next, input).state;
        expect(validateState(flow, next)).toEqual([]);
      }
    }),
    runs,
  );
});

test('reconcile with the same project changes nothing', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      const { flow, state } = play(project, inputs);
      expect(reconcile(flow, state)).toEqual(state);
    }),
    runs,
  );
});

test('compiling after an edit gives what compiling afresh gives', () => {
  fc.assert(
    fc.property(anyProject, anyProject, (project, other) => {
      expect(compile(other, compile(project))).toEqual(compile(other));
    }),
    { numRuns: 150 },
  );
});

test('edits in between: a run of one project goes on in another, and every state on the way is valid', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(anyProject, anyInputs), { minLength: 2, maxLength: 4 }), (spells) => {
      let state: RunState | null = null;
      for (const [project, inputs] of spells) {
        const flow = compile(project);
        state = state === null ? begin(flow).state : reconcile(flow, state);
        for (const input of inputs) {
          expect(validateState(flow, state)).toEqual([]);
          state = step(flow, state, input).state;
        }
      }
    }),
    { numRuns: 80 },
  );
});
