import type { BoxUse, Colour, TextUse } from './look';
import type { Expression, Id } from './types';

/**
 * How a game looks and sounds otherwise, under one name. What it says nothing of is as the project has it, and so is what
 * an element has for itself alone.
 */
export interface Skin {
  id: Id;
  name: string;
  /** Worn while this holds, where no skin before it is. Absent: only looked at. */
  when?: Expression;
  /** Shared styles, each with what is otherwise. */
  text?: TextUse[];
  box?: BoxUse[];
  /** Named colours, and what they are. */
  colours?: { colour: Id; is: Colour }[];
  /** Pictures and sounds, and what is seen or heard in their place. */
  assets?: { asset: Id; by: Id }[];
  /** Made motions, and what is played in their place. */
  motions?: { motion: Id; by: Id }[];
}
