import type { Check } from './finding';

/** Findings made while a conversation is compiled with all it calls; these checks look at nothing by themselves. */

const GONE = {
  place: 'The place it goes to is gone.',
  conversation: 'The conversation it goes on with is gone.',
  routine: 'Its routine is gone.',
  speaker: 'Who says it is gone.',
};

export const calledGone: Check<{ what: keyof typeof GONE }> = {
  severity: 'error',
  about: 'A step goes to, calls or is said by something that is gone.',
  phrase: ({ what }) => GONE[what],
};

export const callsItself: Check<{ name: string }> = {
  severity: 'error',
  about: 'A conversation or routine would call itself; the call is passed over.',
  phrase: ({ name }) => `${name} would call itself.`,
};

export const tooLong: Check<{ max: number }> = {
  severity: 'error',
  about: 'A conversation is longer than can be played, with all that it calls; the rest is left out.',
  phrase: ({ max }) =>
    `What it plays is longer than ${max} steps with all that it calls; the rest is left out.`,
};

export const unknownFace: Check<{ speaker: string; face: string }> = {
  severity: 'error',
  about: 'A line is said with a face that its speaker does not have.',
  phrase: ({ speaker, face }) => `${speaker} has no face called ${face}.`,
};
