/** A picture cut into frames: by so many columns and rows of one size, from the top left; or by where each is. */
export type Sheet =
  | { by: 'grid'; columns: number; rows: number; /** Absent: all. */ count?: number }
  | { by: 'cells'; cells: Cell[] };
/** In the picture's own pixels. */
export interface Cell {
  x: number;
  y: number;
  width: number;
  height: number;
}
