import { compile } from '../packages/core/src/compile';
import { begin, step, type Input } from '../packages/core/src/run';
import { lighthouse } from '../packages/core/src/test/flows';

/** The same small flow twice: run by the engine, and by a switch somebody might have written by hand. */

const WALK: Input[] = (
  [
    ['Enter'],
    ['Escape'],
    ['ArrowDown'],
    ['Enter'],
    ['Backspace'],
    ['Escape'],
    ['Escape'],
    ['ArrowDown'],
    ['ArrowDown'],
    ['Enter'],
  ] as const
).flatMap(([code]): Input[] => [
  { type: 'key', code, phase: 'down' },
  { type: 'key', code, phase: 'up' },
]);

interface Hand {
  base: 'title' | 'watch' | 'out';
  over: ('pause' | 'opts')[];
  focus: Record<string, number>;
}

const COUNT: Record<string, number> = { title: 2, pause: 3, opts: 2, watch: 0, out: 0 };

function handWritten(state: Hand, code: string): void {
  const top = state.over.at(-1) ?? state.base;
  const open = (screen: 'pause' | 'opts'): void => {
    state.over.push(screen);
    state.focus[screen] = 0;
  };
  switch (code) {
    case 'ArrowDown':
      if (COUNT[top]) state.focus[top] = ((state.focus[top] ?? 0) + 1) % COUNT[top]!;
      return;
    case 'Escape':
      if (top === 'watch') open('pause');
      else if (top === 'pause' || top === 'opts') state.over.pop();
      return;
    case 'Backspace':
      if (top === 'opts') state.over.pop();
      return;
    case 'Enter': {
      const at = state.focus[top] ?? 0;
      if (top === 'title') {
        if (at === 0) {
          state.base = 'watch';
          state.over = [];
        } else open('opts');
      } else if (top === 'pause') {
        if (at === 0) state.over.pop();
        else if (at === 1) open('opts');
        else {
          state.base = 'title';
          state.over = [];
          state.focus.title = 0;
        }
      } else if (top === 'opts' && at === 1) state.over.pop();
    }
  }
}

/** Runs `turn` until a second has gone and gives turns a second. */
function rate(turn: () => void): number {
  for (let i = 0; i < 500; i++) turn();
  const from = performance.now();
  let turns = 0;
  while (performance.now() - from < 1000) {
    for (let i = 0; i < 50; i++) turn();
    turns += 50;
  }
  return (turns / (performance.now() - from)) * 1000;
}

export function measureEngine() {
  const flow = compile(lighthouse());
  const start = begin(flow).state;
  let state = start;
  const engine = rate(() => {
    state = start;
    for (const input of WALK) state = step(flow, state, input).state;
  });
  const hand: Hand = { base: 'title', over: [], focus: {} };
  const byHand = rate(() => {
    for (const input of WALK)
      if (input.type === 'key' && input.phase === 'down') handWritten(hand, input.code);
  });
  const frame = rate(() => {
    for (let i = 0; i < 60; i++) state = step(flow, state, { type: 'time', pass: 16_667 }).state;
  });
  // The switch has no use for a key's coming up, so both are counted in presses.
  const presses = WALK.length / 2;
  return {
    engine: engine * presses,
    inputs: engine * WALK.length,
    byHand: byHand * presses,
    frames: frame * 60,
  };
}
