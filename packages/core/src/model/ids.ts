import type { Id } from './types';

const LETTERS = 'abcdefghijkmnpqrstuvwxyz23456789';

/** A fresh id such as `s-k3v9tq2m`. Random, so that two people's files can be merged. */
export function freshId(prefix: string): Id {
  let id = `${prefix}-`;
  for (let i = 0; i < 8; i++) id += LETTERS[Math.floor(Math.random() * LETTERS.length)];
  return id;
}
