import type { BoxUse, ElementBase, ElementType, Project, TextUse } from '../model';
import type { Part } from '../walk';
import type { Of } from './play';

/** What an editor needs of a type of element besides how it plays: what it is called, begins as and names. */
export interface Author<T extends ElementType> {
  label: string;
  /** Width and height in design pixels when it is first made. */
  size: [number, number];
  /** What is its own when it is first made. Absent: it is never made by itself. */
  fresh?: (made: Fresh) => Omit<Of<T>, keyof ElementBase | 'type'>;
  /** What pressing it does is for links alone: they are offered for it. */
  pressed?: true;
  /** It is called by the words on it, until it is given another name. */
  named?: 'by its words';
  /** Where it names things, asks and speaks. Also takes a part of one. */
  references: Part<Of<T>>;
}

/** What a fresh element is made with. */
export interface Fresh {
  project: Project;
  label: string;
  /** The default style of that id, or the first there is. */
  text: (style: string) => TextUse;
  box: (style: string) => BoxUse;
  /** Both, as buttons have them. */
  pressed: { look: TextUse; box: BoxUse };
}
