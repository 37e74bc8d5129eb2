import type { Spot } from './spots';

/**
 * How the ways run. Between the columns of cards there are streets down the map, and above every line of cards one
 * across. A way leaves beneath its card into the street beside it, runs there to the street above the card it leads to,
 * and along that to the middle of the card. All that lead to one card join: they are one trunk.
 *
 * Places are told in whole columns and lines, not yet in pixels. Across, column c is at 2c + 1 and the street before it
 * at 2c. Down, every line takes `LINE`: names of areas first, then the street, the cards, and what leaves them.
 */
export const LINE = 10_000;
const STREET_Y = 4000;
const BENEATH = 6000;
/** How far apart two labels are, told in the same way. */
const LABEL_Y = 4;

/** A way as trunks are made of it. */
export interface Branch {
  from: Spot;
  /** It leaves an area's name and not a card. */
  head: boolean;
  /** Which of the labels there, from 0, is its own. */
  label: number;
  /** The side on which it leaves; 0 straight down. */
  side: -1 | 0 | 1;
}

/** A piece of a trunk in a street down the map. */
export interface Upright {
  street: number;
  /** From where to where it runs down. */
  from: number;
  to: number;
  /** Ways that join it, and the trunk itself where it turns: at which height, and to which side. */
  legs: { y: number; side: -1 | 1 }[];
}

export interface Trunk {
  /** The line it leads to, the middle of its card, and the height of the street above it. */
  line: number;
  x: number;
  y: number;
  /** From where to where it runs along the street above its card. */
  west: number;
  east: number;
  straight: boolean;
  uprights: Upright[];
  /** The whole of it. */
  top: number;
  bottom: number;
}

export const streetY = (line: number): number => line * LINE + STREET_Y;

/** At what height a way leaves. Those that leave to the left run a little higher than those to the right. */
export const leavesAt = ({ from, head, label, side }: Branch): number =>
  from.line * LINE + (head ? 0 : BENEATH) + label * LABEL_Y + (side > 0 ? 2 : 1);

/** The trunk of all that lead to one card. `track` is its place among those in its street, from 0 at the top. */
export function trunkTo({ column, line }: Spot, branches: readonly Branch[], track = 0): Trunk {
  const x = 2 * column + 1;
  const y = streetY(line) + track;
  const trunk: Trunk = { line, x, y, west: x, east: x, straight: false, uprights: [], top: y, bottom: y };
  for (const branch of branches) {
    const leaves = leavesAt(branch);
    trunk.top = Math.min(trunk.top, leaves);
    trunk.bottom = Math.max(trunk.bottom, leaves);
    if (branch.side === 0) {
      trunk.straight = true;
      continue;
    }
    const street = branch.from.column + (branch.side > 0 ? 1 : 0);
    let upright = trunk.uprights.find((other) => other.street === street);
    if (!upright) trunk.uprights.push((upright = { street, from: y, to: y, legs: [] }));
    upright.from = Math.min(upright.from, leaves);
    upright.to = Math.max(upright.to, leaves);
    upright.legs.push({ y: leaves, side: branch.side > 0 ? -1 : 1 });
    trunk.west = Math.min(trunk.west, 2 * street);
    trunk.east = Math.max(trunk.east, 2 * street);
  }
  for (const { street, legs } of trunk.uprights) {
    if (trunk.west < 2 * street) legs.push({ y, side: -1 });
    if (trunk.east > 2 * street) legs.push({ y, side: 1 });
  }
  return trunk;
}

/** How often two trunks cross at least, wherever they run in the streets they share. */
export function crossings(a: Trunk, b: Trunk): number {
  let found = a.line === b.line ? Math.min(crossAbove(a, b), crossAbove(b, a)) : passes(a, b) + passes(b, a);
  for (const one of a.uprights)
    for (const other of b.uprights)
      if (one.street === other.street) found += Math.min(crossWest(one, other), crossWest(other, one));
  return found;
}

/** How many of one trunk's uprights run through the street in which the other runs across. */
function passes({ uprights }: Trunk, { west, east, y }: Trunk): number {
  let found = 0;
  for (const { street, from, to } of uprights)
    if (from < y && to > y && west < 2 * street && east > 2 * street) found++;
  return found;
}

/** How often two trunks of one street across would meet with the first above the second. */
export function crossAbove(a: Trunk, b: Trunk): number {
  let found = within(a.x, b) ? 1 : 0;
  if (b.straight && within(b.x, a)) found++;
  for (const { street, to } of a.uprights) if (to > a.y && within(2 * street, b)) found++;
  for (const { street, from } of b.uprights) if (from < b.y && within(2 * street, a)) found++;
  return found;
}

const within = (x: number, { west, east }: Trunk): boolean => x > west && x < east;

/** How often two uprights of one street down would meet with the first to the left of the second. */
export function crossWest(a: Upright, b: Upright): number {
  let found = 0;
  for (const { y, side } of a.legs) if (side > 0 && y > b.from && y < b.to) found++;
  for (const { y, side } of b.legs) if (side < 0 && y > a.from && y < a.to) found++;
  return found;
}
