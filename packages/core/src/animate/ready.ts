import type { Animation } from '../model';

export type ReadyName = 'turn' | 'pulse' | 'bob' | 'nudge' | 'flicker';
export const READY_WORDS: Readonly<Record<ReadyName, string>> = {
  turn: 'turn round',
  pulse: 'pulse',
  bob: 'bob',
  nudge: 'nudge',
  flicker: 'flicker',
};

/** Loops ready to be put on an element. Each is at its end as it was at its beginning. */
export const READY: Readonly<Record<ReadyName, Omit<Animation, 'id'> & Required<Pick<Animation, 'repeat'>>>> =
  {
    turn: {
      on: 'arrival',
      repeat: 'loop',
      frames: [
        { at: '0 s', turn: 0 },
        { at: '12 s', turn: 360 },
      ],
    },
    pulse: {
      on: 'arrival',
      repeat: 'there and back',
      frames: [
        { at: '0 s', opacity: 1, easing: 'ease-in-out' },
        { at: '0.9 s', opacity: 0.55 },
      ],
    },
    bob: {
      on: 'arrival',
      repeat: 'there and back',
      frames: [
        { at: '0 s', y: 0, easing: 'ease-in-out' },
        { at: '1.6 s', y: -12 },
      ],
    },
    nudge: {
      on: 'arrival',
      repeat: 'there and back',
      frames: [
        { at: '0 s', x: 0, easing: 'ease-in-out' },
        { at: '0.5 s', x: -14 },
      ],
    },
    flicker: {
      on: 'arrival',
      repeat: 'loop',
      frames: [
        { at: '0 ms', opacity: 1, easing: 'ease-in-out' },
        { at: '700 ms', opacity: 0.82, easing: 'ease-in-out' },
        { at: '1300 ms', opacity: 0.96, easing: 'ease-in-out' },
        { at: '2100 ms', opacity: 0.74, easing: 'ease-in-out' },
        { at: '2800 ms', opacity: 1 },
      ],
    },
  };
