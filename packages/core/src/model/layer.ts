import type { Blend } from './look';

/** A layer of a picture file, or a group of layers, as its file has it. */
export interface PictureLayer {
  name: string;
  /** What tells it from the others: its name and those of the groups around it, with a number where two share one. */
  path: string;
  /** The path of the group it is in; null for none. */
  group: string | null;
  /** Pixels, from the left and top of the whole picture. */
  x: number;
  y: number;
  /** 0 to 1. */
  opacity: number;
  hidden: boolean;
  blend: Blend;
}

/** A layer as its file had it when it was last brought in, so that what has changed since is told from what was done here. */
export interface FromLayer {
  file: string;
  /** Its name, and those of the groups it is in. */
  path: string;
  /** Design pixels. */
  x: number;
  y: number;
  opacity: number;
  hidden?: true;
  blend?: Blend;
  /** What tells its picture from another. Absent: a group. */
  mark?: string;
}
