import type { Id } from '../model';
import type { Lane, Placing } from './placing';
import { spotAt, type Sheet, type Spot } from './spots';
import { crossings, LINE, trunkTo, type Branch, type Trunk } from './trunks';
import type { Way } from './ways';

/** What a crossing weighs beside length, which is told in columns and lines. */
export const CROSSING = 10_000;
/** How many pairs of trunks may be looked at before the order stands, so that large flows are laid out at once. */
const WORK = 600_000;
/** How much work may go into orders tried as drawn: ways, and hundreds of pairs of ways. */
const DRAWN = 8000;

/** Cards that may change places: those of one cell that the designer has not put anywhere. */
interface Cell {
  lane: Lane;
  row: number;
  cards: Placing[];
  /** From here on. */
  free: number;
}

/**
 * Orders the cards of every cell so that what leads from card to card crosses seldom and is short. Where there are few
 * orders, each is tried. Else the cards change places as long as that makes it better, from the order given and from that
 * by the mean column of what each is linked with, row by row; last by the crossings as drawn, within a fixed amount of work.
 * Cards that the designer has put somewhere stay.
 * @param drawn the cost of the map as drawn with the cells as they are now
 */
export function orderCells(
  lanes: readonly Lane[],
  sheet: Sheet,
  ways: readonly Way[],
  headSpot: (area: Id) => Spot,
  drawn: () => number,
): void {
  const cells = lanes.flatMap((lane) =>
    [...lane.cells].map(([row, cards]): Cell => {
      const free = cards.findIndex((card) => card.order === undefined);
      return { lane, row, cards, free: free < 0 ? cards.length : free };
    }),
  );
  const movable = cells.filter(({ cards, free }) => cards.length - free > 1);
  if (movable.length === 0) return;
  const put = (orders: readonly Placing[][]): void =>
    movable.forEach(({ cards }, i) => cards.splice(0, cards.length, ...orders[i]!));
  const orders = (): Placing[][] => movable.map(({ cards }) => [...cards]);
  let best = { cost: Infinity, orders: orders() };
  const keep = (): boolean => {
    const cost = drawn();
    if (cost >= best.cost) return false;
    best = { cost, orders: orders() };
    return true;
  };
  let left = Math.floor(DRAWN / (1 + ways.length + ways.length ** 2 / 100));
  const few = movable.reduce((product, { cards, free }) => product * factorial(cards.length - free), 1);
  if (few <= left) everyOrder(movable, 0, keep);
  else {
    const map = new Arrangement(cells, sheet, ways, headSpot);
    const settle = (): void =>
      everySwap(
        movable,
        () => map.left > 0,
        (cell, i, j) => map.swapIfBetter(cell, i, j),
      );
    settle();
    keep();
    sweep(movable, map, sheet);
    settle();
    keep();
    put(best.orders);
    everySwap(
      movable,
      () => left > 0,
      ({ cards }, i, j) => {
        left--;
        [cards[i], cards[j]] = [cards[j]!, cards[i]!];
        if (keep()) return true;
        [cards[i], cards[j]] = [cards[j]!, cards[i]!];
        return false;
      },
    );
  }
  put(best.orders);
}

const factorial = (n: number): number => (n <= 1 ? 1 : n * factorial(n - 1));

/** Tries every order of every cell. */
function everyOrder(cells: readonly Cell[], n: number, tried: () => void): void {
  const cell = cells[n];
  if (!cell) return tried();
  const { cards, free } = cell;
  const permute = (from: number): void => {
    if (from >= cards.length - 1) return everyOrder(cells, n + 1, tried);
    for (let i = from; i < cards.length; i++) {
      [cards[from], cards[i]] = [cards[i]!, cards[from]!];
      permute(from + 1);
      [cards[from], cards[i]] = [cards[i]!, cards[from]!];
    }
  };
  permute(free);
}

/** Two cards of a cell change places, for all there are, as long as one change makes it better and there is time. */
function everySwap(
  cells: readonly Cell[],
  hasTime: () => boolean,
  swap: (cell: Cell, i: number, j: number) => boolean,
): void {
  for (let better = true; better;) {
    better = false;
    for (const cell of cells)
      for (let i = cell.free; i < cell.cards.length; i++)
        for (let j = i + 1; j < cell.cards.length; j++) {
          if (!hasTime()) return;
          if (swap(cell, i, j)) better = true;
        }
  }
}

/** Down the map and up again, each cell by the mean column of what its cards are linked with in other cells. */
function sweep(cells: readonly Cell[], map: Arrangement, sheet: Sheet): void {
  const byRow = [...cells].sort((a, b) => a.row - b.row);
  for (const pass of [byRow, [...byRow].reverse(), byRow])
    for (const cell of pass) {
      const middle = sheet.lanes.get(cell.lane)!.first;
      const keys = new Map(cell.cards.map((card) => [card, map.pull(card.id) ?? middle]));
      const moving = cell.cards.slice(cell.free);
      moving.sort((a, b) => keys.get(a)! - keys.get(b)!);
      cell.cards.splice(cell.free, moving.length, ...moving);
      map.put(cell);
    }
  map.rebuild();
}

/** Where every card stands while orders are tried, and the trunks that come of it. Cards and areas are numbers here. */
class Arrangement {
  /** How much may still be tried, in pairs of trunks looked at. */
  left = WORK;
  readonly #sheet: Sheet;
  readonly #numbers = new Map<Id, number>();
  readonly #spots: Spot[] = [];
  /** By card: what leads into it, and all it is linked with. */
  readonly #into: number[][] = [];
  readonly #beside: number[][] = [];
  readonly #trunks: Trunk[] = [];
  /** Cards that something leads into. */
  readonly #ends: number[] = [];
  /** From here on numbers are areas. */
  readonly #firstArea: number;

  constructor(cells: readonly Cell[], sheet: Sheet, ways: readonly Way[], headSpot: (area: Id) => Spot) {
    this.#sheet = sheet;
    for (const { cards } of cells) for (const { id } of cards) this.#numbers.set(id, this.#numbers.size);
    this.#firstArea = this.#numbers.size;
    for (const cell of cells) this.put(cell);
    for (const { from, to } of ways) {
      if (from === to) continue;
      if (!this.#numbers.has(from)) {
        this.#spots.push(headSpot(from));
        this.#numbers.set(from, this.#numbers.size);
      }
      const [a, b] = [this.#numbers.get(from)!, this.#numbers.get(to)!];
      (this.#into[b] ??= []).push(a);
      (this.#beside[a] ??= []).push(b);
      (this.#beside[b] ??= []).push(a);
    }
    for (let n = 0; n < this.#firstArea; n++) if (this.#into[n]) this.#ends.push(n);
    this.rebuild();
  }

  put({ lane, row, cards }: Cell): void {
    cards.forEach(({ id }, n) => (this.#spots[this.#numbers.get(id)!] = spotAt(this.#sheet, lane, row, n)));
  }

  rebuild(): void {
    for (const end of this.#ends) this.#trunks[end] = this.#trunkTo(end);
  }

  /** The mean column of what a card is linked with; null without links. */
  pull(id: Id): number | null {
    const others = this.#beside[this.#numbers.get(id)!];
    if (!others) return null;
    return others.reduce((sum, other) => sum + this.#spots[other]!.column, 0) / others.length;
  }

  /** Two cards of a cell change places, if that makes the whole better. */
  swapIfBetter(cell: Cell, i: number, j: number): boolean {
    const { cards } = cell;
    const [a, b] = [this.#numbers.get(cards[i]!.id)!, this.#numbers.get(cards[j]!.id)!];
    const touched = new Set([a, b, ...(this.#beside[a] ?? []), ...(this.#beside[b] ?? [])]);
    const changed = [...touched].filter((n) => this.#into[n]);
    if (changed.length === 0) return false;
    const before = this.#costOf(changed);
    const old = changed.map((n) => this.#trunks[n]!);
    const swap = (): void => {
      [cards[i], cards[j]] = [cards[j]!, cards[i]!];
      [this.#spots[a], this.#spots[b]] = [this.#spots[b]!, this.#spots[a]!];
    };
    swap();
    for (const n of changed) this.#trunks[n] = this.#trunkTo(n);
    if (this.#costOf(changed) < before) return true;
    swap();
    changed.forEach((n, k) => (this.#trunks[n] = old[k]!));
    return false;
  }

  /** What some trunks cost: their lengths, and what they cross among one another and with all others. */
  #costOf(some: readonly number[]): number {
    let cost = 0;
    const trunks = this.#trunks;
    const counted = new Uint8Array(trunks.length);
    this.left -= some.length * this.#ends.length;
    for (const n of some) {
      const trunk = trunks[n]!;
      const { top, bottom, west, east } = trunk;
      counted[n] = 1;
      cost += lengthOf(trunk);
      for (const end of this.#ends) {
        const other = trunks[end]!;
        // Most trunks are far from one another.
        if (other.top > bottom || other.bottom < top || other.west > east || other.east < west) continue;
        if (counted[end] === 0) cost += CROSSING * crossings(trunk, other);
      }
    }
    return cost;
  }

  #trunkTo(end: number): Trunk {
    const to = this.#spots[end]!;
    const branches = this.#into[end]!.map((n): Branch => {
      const from = this.#spots[n]!;
      const head = n >= this.#firstArea;
      return { from, head, label: 0, side: sideOf(from, to, head) };
    });
    return trunkTo(to, branches);
  }
}

/** On which side a way leaves: towards where it leads, and straight down to the card right beneath. */
export function sideOf(from: Spot, to: Spot, head: boolean): -1 | 0 | 1 {
  if (to.column !== from.column) return to.column > from.column ? 1 : -1;
  if (!head && to.line === from.line + 1) return 0;
  return to.line > from.line ? 1 : -1;
}

export function lengthOf({ west, east, uprights }: Trunk): number {
  return uprights.reduce((sum, { from, to }) => sum + (3 * (to - from)) / LINE, 2 * (east - west));
}
