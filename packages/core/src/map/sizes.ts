/** Sizes on the map, in its own pixels at full scale. */

export const CARD = { width: 116, picture: 64, height: 88 };

/** A label: what sets a link off, under the card it leaves. No wider than the card. */
export const LABEL = { height: 18, pitch: 21, gap: 4, above: 4 };

/** How far apart two links run side by side in a street. */
export const TRACK = 7;

/** The streets between columns and between lines of cards: the least width of the first, and room beside the outermost track. */
export const STREET = { across: 30, beside: 10, above: 6, arrow: 13 };

/** Room between an area's edge and its cards, and for its name. */
export const AREA = { side: 10, head: 25, foot: 8 };

/** What the map keeps free at its beginning, for the rulers, and between two bands. */
export const EDGE = { left: 30, top: 36, band: 10 };
