import type { Blend, Colour, Dashes, FaceFit, Gradient, Id, Outline, Shadow, Slice } from '../model';
import type { Rect } from '../geometry';
import type { Move } from '../marks';
import type { FaceName } from '../text';

/** The display list: what is drawn, back to front, in design pixels. Colours are colours here, never names of them. */
export type Item = BoxItem | PathItem | TextItem | PictureItem | GrainItem | RingItem | GroupItem;

interface Filled {
  fill: Colour;
  gradient?: Gradient;
  border: Colour;
  borderWidth: number;
  /** Its border is in dashes. */
  dashes?: Dashes;
}
export interface BoxItem extends Filled {
  kind: 'box';
  id: Id | null;
  rect: Rect;
  corner: number;
}
/** A shape by its outline, as SVG path data. */
export interface PathItem extends Filled {
  kind: 'path';
  id: Id | null;
  path: string;
}
export interface TextItem {
  kind: 'text';
  id: Id;
  rect: Rect;
  lines: PlacedLine[];
  face: FaceName;
  size: number;
  colour: Colour;
  anchor: Anchor;
  /** Room after every letter. */
  letters: number;
  slanted?: true;
  /** Its strokes are so many design pixels wider. */
  heavier?: number;
  /** What fills its letters over all of `rect`, in place of its colour. */
  filled?: { gradient: Gradient } | { picture: PictureItem };
  outline?: Outline;
}
/** Words of a line that look alike, or something that stands there like one letter. */
export interface PlacedRun {
  /** For an inset, the character that stands for it. */
  text: string;
  /** Where it begins. */
  x: number;
  /** Its baseline. */
  y: number;
  width: number;
  face: FaceName;
  size: number;
  /** Absent: that of the whole text. */
  colour?: Colour;
  slanted?: true;
  heavier?: number;
  /** Degrees about where it begins, clockwise. */
  turn?: number;
  /** How it moves by itself, and its number among the letters that move. */
  moves?: { move: Move; letter: number };
  /** What is drawn in place of words. */
  items?: Item[];
}
export interface PictureItem {
  kind: 'picture';
  id: Id | null;
  rect: Rect;
  asset: Id;
  fit: FaceFit;
  /** What of it is drawn, in its own pixels. Absent: all of it. */
  cell?: Rect;
  /** Its pixels keep their edges. */
  sharp?: true;
  /** All its frames; this is one of them. */
  frames?: readonly PictureItem[];
  /** With `slice`, `tile` and a cell: the size it has by itself in its own pixels, and how many design pixels each of them takes. */
  own?: { width: number; height: number; scale: number };
  /** With `slice`: corners and edges that keep their size, in the picture's own pixels. */
  edges?: Slice;
}
/** Fine specks; `shift` counts through the different ones of specks that move. */
export interface GrainItem {
  kind: 'grain';
  rect: Rect;
  amount: number;
  shift: number;
}
export interface RingItem {
  kind: 'ring';
  rect: Rect;
  corner: number;
}
/**
 * Several items as one: moved, then turned and mirrored and scaled about a point, faded, blurred and tinted, cut off outside
 * `clip`.
 */
export interface GroupItem {
  kind: 'group';
  id: Id | null;
  opacity: number;
  x: number;
  y: number;
  turn?: { angle: number; x: number; y: number; flipped?: boolean };
  scale?: { by: number; x: number; y: number };
  tint?: Colour;
  /** The part of the screen it draws, where that can move by itself, and the centre it turns about. */
  part?: { id: Id; rect: Rect };
  blur?: number;
  /** The shadow of all it draws, as one; `reach` is how far that reaches beyond it, as a share of its size. */
  shadow?: Shadow & { reach: number };
  /** A picture: it is drawn only as far as that is opaque. */
  mask?: PictureItem;
  blend?: Blend;
  clip?: Rect & { corner: number };
  /** Cut off outside a shape, as SVG path data. */
  cut?: string;
  /** What is cut off is what lies within that shape, and not what lies outside. */
  outside?: true;
  items: readonly Item[];
}

export type Anchor = 'start' | 'middle' | 'end';

export interface PlacedLine {
  text: string;
  /** What is drawn in place of its text, where not all of it looks alike. */
  runs?: PlacedRun[];
  /** Where its anchor stands. */
  x: number;
  /** Its baseline. */
  y: number;
  width: number;
}

/** A group without any effect. */
export const group = (
  items: readonly Item[],
  change: Partial<Omit<GroupItem, 'kind' | 'items'>> = {},
): GroupItem => ({
  kind: 'group',
  id: null,
  opacity: 1,
  x: 0,
  y: 0,
  ...change,
  items,
});
