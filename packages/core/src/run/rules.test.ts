import fc from 'fast-check';
import { compile } from '../compile';
import { anyInputs, anyProject } from '../test/arbitrary';
import { link, projectOf, screenOf } from '../test/flows';
import {
  allUp,
  begin,
  faults,
  isFrozen,
  LONGEST_CHAIN,
  maskOf,
  reachable,
  reconcile,
  step,
  type Input,
  type RunState,
} from '.';

/** What holds of any run of any project, whatever it is given. */

const runs = { numRuns: 200 };

function play(
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

test('every state is valid: one base, nothing twice, focus on something', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      const flow = compile(project);
      expect(faults(flow, begin(flow).state)).toEqual([]);
      play(project, inputs, (_, after) => expect(faults(flow, after)).toEqual([]));
    }),
    runs,
  );
});

test('passing a + b equals passing a, then b', () => {
  const pass = fc.integer({ min: 0, max: 2_000_000 });
  fc.assert(
    fc.property(anyProject, anyInputs, pass, pass, (project, inputs, a, b) => {
      const { flow, state } = play(project, inputs);
      const once = step(flow, state, { type: 'time', pass: a + b });
      const first = step(flow, state, { type: 'time', pass: a });
      const then = step(flow, first.state, { type: 'time', pass: b });
      expect(then.state).toEqual(once.state);
      expect([...first.outcomes, ...then.outcomes]).toEqual(once.outcomes);
    }),
    runs,
  );
});

const FOLLOWS = new Set(['arrival', 'value', 'returned']);

test('one input sets off at most one link, besides the arrivals, answers and values that follow', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      play(project, inputs, (_before, _after, input, outcomes) => {
        if (input.type === 'time') return;
        const taken = outcomes.filter((each) => each.did === 'link' && !FOLLOWS.has(each.cue.on));
        expect(taken.length).toBeLessThanOrEqual(1);
      });
    }),
    runs,
  );
});

test('a repeat of a held key never takes a link', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      play(project, inputs, (before, _after, input, outcomes) => {
        if (
          input.type !== 'key' ||
          input.phase !== 'down' ||
          !(input.repeat || before.down.some((each) => each.code === input.code))
        )
          return;
        expect(outcomes).toEqual([]);
      });
    }),
    runs,
  );
});

test('while input is masked, no press of the player takes a link', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      play(project, inputs, (before, _after, input, outcomes) => {
        if (!/^(key|pad|pointer)$/.test(input.type) || maskOf(before) === null) return;
        expect(outcomes.some((each) => each.did === 'link')).toBe(false);
      });
    }),
    runs,
  );
});

test('the game clock runs exactly while nothing freezes it', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      const flow = compile(project);
      play(project, inputs, (before, after) => {
        const ran = after.game - before.game;
        expect(ran).toBeGreaterThanOrEqual(0);
        expect(ran).toBeLessThanOrEqual(after.now - before.now);
      });
      // Nothing that freezes is up or leaving: then it runs, whatever came before.
      const { state } = play(project, inputs);
      const frozen = [...allUp(state), ...state.leaving].some(
        (each) => flow.screens.get(each.screen)!.freezes,
      );
      if (!frozen) expect(isFrozen(flow, state)).toBe(false);
    }),
    runs,
  );
});

test('the same inputs give the same run, and a state is plain data', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, anyInputs, (project, inputs, more) => {
      const { flow, state } = play(project, inputs);
      let copy = JSON.parse(JSON.stringify(state)) as RunState;
      let own = state;
      const frozen = JSON.stringify(state);
      for (const input of more) {
        copy = step(flow, copy, input).state;
        own = step(flow, own, input).state;
      }
      expect(JSON.stringify(copy)).toBe(JSON.stringify(own));
      expect(JSON.stringify(state)).toBe(frozen);
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
      expect(faults(flow, next)).toEqual([]);
      expect(reconcile(flow, next)).toEqual(next);
      for (const input of more) {
        next = step(flow, next, input).state;
        expect(faults(flow, next)).toEqual([]);
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

test('no input sets off more than a hundred links in a chain, and one that is taken once is never taken twice', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      const once = new Set(project.links.filter((each) => each.once).map((each) => each.id));
      const seen = new Set<string>();
      play(project, inputs, (_before, _after, input, outcomes) => {
        const taken = outcomes.flatMap((each) => (each.did === 'link' ? [each.link] : []));
        if (input.type !== 'time') expect(taken.length).toBeLessThanOrEqual(LONGEST_CHAIN + 1);
        for (const id of taken.filter((each) => once.has(each))) {
          expect(seen.has(id)).toBe(false);
          seen.add(id);
        }
      });
    }),
    runs,
  );
});

test('from beneath a modal overlay no press is answered, but by a link marked to be found above it', () => {
  fc.assert(
    fc.property(anyProject, anyInputs, (project, inputs) => {
      const flow = compile(project);
      play(project, inputs, (before, _after, input, outcomes) => {
        if (!/^(key|pad|pointer)$/.test(input.type)) return;
        const [taken] = outcomes.filter((each) => each.did === 'link');
        if (taken?.did !== 'link' || taken.cue.on === 'arrival') return;
        const reached = reachable(flow, before).map((each) => each.screen);
        const modal = before.overlays.some((each) => flow.screens.get(each.screen)!.modal);
        const link = flow.links.get(taken.link)!.link;
        if (modal && !reached.includes(taken.from)) expect(link.aboveModal).toBe(true);
      });
    }),
    runs,
  );
});

test('a value that comes true fires once for as long as it stays so', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 100 }), { maxLength: 20 }), (levels) => {
      const project = projectOf(
        [screenOf('watch')],
        [
          link('watch', { on: 'value', when: 'oil < 20' }, 'stay'),
          link('project', { on: 'value', when: 'oil < 20' }, 'stay'),
        ],
        { values: [{ id: 'oil', name: 'oil', section: 'x', life: 'session', type: 'number', default: 50 }] },
      );
      const inputs = levels.map((to): Input => ({ type: 'value', value: 'oil', to }));
      let taken = 0;
      play(project, inputs, (_before, _after, _input, outcomes) => {
        taken += outcomes.filter((each) => each.did === 'link').length;
      });
      const rises = levels.filter((level, i) => level < 20 && (levels[i - 1] ?? 50) >= 20).length;
      expect(taken).toBe(2 * rises);
    }),
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
          expect(faults(flow, state)).toEqual([]);
          state = step(flow, state, input).state;
        }
      }
    }),
    { numRuns: 80 },
  );
});
