/** How much of the map is told, by how near it is seen. */
export type Detail = 'cards' | 'blocks' | 'groups';

/** Seen from further than this, a card is a plain block with its name, and links have no labels. */
const BLOCKS = 0.5;
/** Seen from further than this, a name no longer has room on its block: areas are one block each. */
const GROUPS = 0.2;

export const detailAt = (k: number): Detail => (k >= BLOCKS ? 'cards' : k >= GROUPS ? 'blocks' : 'groups');

/** The smallest size of letters, in pixels of the page. */
export const SMALLEST = 11;

/** About how wide a letter of that size is, and how high a line. */
const LETTER = 6.5;
const LINE = 13;

interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A block on the page with how its name is written into it: down it where it is narrow. */
export interface NamedBlock extends Box {
  down: boolean;
}

const overlaps = (a: Box, b: Box): boolean =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

/**
 * Blocks in pixels of the page, each with room for its name: one too small for it grows over free ground around, down or
 * across, without touching another.
 */
export function fitNames(blocks: readonly (Box & { name: string })[]): NamedBlock[] {
  const made: NamedBlock[] = blocks.map(({ x, y, width, height }) => ({ x, y, width, height, down: false }));
  blocks.forEach(({ name, ...box }, i) => {
    const words = name.split(/\s+/);
    const longest = Math.max(...words.map((word) => word.length)) * LETTER + 8;
    const whole = name.length * LETTER + 8;
    if (box.width >= longest && box.height >= Math.ceil(whole / box.width) * LINE) return;
    const sizes = [
      { down: true, width: LINE + 2, height: whole },
      { down: false, width: whole, height: LINE + 2 },
      { down: false, width: longest, height: LINE * words.length + 2 },
    ];
    for (const { down, ...size } of sizes) {
      const [width, height] = [Math.max(box.width, size.width), Math.max(box.height, size.height)];
      for (const [right, low] of ANCHORS) {
        const grown = {
          x: box.x - right * (width - box.width),
          y: box.y - low * (height - box.height),
          width,
          height,
        };
        if (made.some((other, n) => n !== i && overlaps(grown, other))) continue;
        made[i] = { ...grown, down };
        return;
      }
    }
  });
  return made;
}

/** How a block grows: towards the right and downwards first. */
const ANCHORS = [
  [0, 0],
  [0, 1],
  [1, 0],
  [1, 1],
  [0.5, 0],
  [0, 0.5],
  [0.5, 0.5],
] as const;

const SOFT_HYPHEN = '\u00ad';
const VOWEL = /[aeiouyäöüáéíóú]/i;

/** A name with the places where its words may be parted: before a consonant and a vowel, near enough to syllables. */
export const partable = (name: string): string =>
  name.replace(/\p{L}{5,}/gu, (word) => {
    let parted = '';
    for (const [i, letter] of [...word].entries()) {
      const begins = !VOWEL.test(letter) && VOWEL.test(word[i + 1] ?? '');
      if (begins && i >= 2 && word.length - i > 2 && VOWEL.test(word.slice(0, i))) parted += SOFT_HYPHEN;
      parted += letter;
    }
    return parted;
  });
