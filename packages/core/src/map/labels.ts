import { CARD, LABEL } from './sizes';

/** A label to be put under a card. */
export interface Labelled {
  /** How wide it is, in map pixels. */
  width: number;
  /** The side on which its way leaves: 0 straight down, null where none is drawn. */
  side: -1 | 0 | 1 | null;
}

export interface LabelPlace {
  /** Which line of labels, from 0. */
  row: number;
  /** From the card's left edge. */
  x: number;
  width: number;
}

/**
 * Puts labels under a card: those of ways to the left at its left edge, those to the right at its right edge, two in a
 * line where they have room; what is not drawn where there is room, and the one straight down last.
 */
export function placeLabels(labels: readonly Labelled[]): { places: LabelPlace[]; rows: number } {
  const left = labels.filter(({ side }) => side === -1);
  const right = labels.filter(({ side }) => side === 1);
  for (const label of labels)
    if (label.side === null) (left.length <= right.length ? left : right).push(label);
  const places = new Map<Labelled, LabelPlace>();
  const put = (label: Labelled, row: number, x: (width: number) => number): void => {
    const width = Math.min(CARD.width, label.width);
    places.set(label, { row, x: x(width), width });
  };
  const atLeft = (): number => 0;
  const atRight = (width: number): number => CARD.width - width;
  let row = 0;
  for (let l = 0, r = 0; l < left.length || r < right.length; row++) {
    const [a, b] = [left[l], right[r]];
    const both = a && b && a.width + b.width + LABEL.gap <= CARD.width;
    const first = both || (a && left.length - l >= right.length - r);
    if (a && (first || !b)) {
      put(a, row, atLeft);
      l++;
    }
    if (b && (both || !first || !a)) {
      put(b, row, atRight);
      r++;
    }
  }
  for (const label of labels) if (label.side === 0) put(label, row++, (width) => (CARD.width - width) / 2);
  return { places: labels.map((label) => places.get(label)!), rows: row };
}
