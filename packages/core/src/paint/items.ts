import type { Colour, Id } from '../model';
import type { Rect } from '../layout';
import type { FaceName } from '../text';

/** The display list: what is drawn, back to front, in design pixels. */
export type Item =
  | {
      kind: 'box';
      id: Id | null;
      rect: Rect;
      fill: Colour;
      border: Colour;
      borderWidth: number;
      corner: number;
    }
  | {
      kind: 'text';
      id: Id;
      rect: Rect;
      lines: PlacedLine[];
      face: FaceName;
      size: number;
      colour: Colour;
      anchor: Anchor;
    }
  | { kind: 'picture'; id: Id | null; rect: Rect; asset: Id; fit: 'contain' | 'cover' | 'stretch' }
  | { kind: 'ring'; rect: Rect; corner: number }
  | { kind: 'group'; id: Id | null; opacity: number; x: number; y: number; items: Item[] };

export type Anchor = 'start' | 'middle' | 'end';

export interface PlacedLine {
  text: string;
  /** Where its anchor stands. */
  x: number;
  /** Its baseline. */
  y: number;
  width: number;
}
