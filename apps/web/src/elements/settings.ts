import type { Written } from '@tavu/core/component';
import type { Of } from '@tavu/core/elements';
import type { ElementType, Screen } from '@tavu/core/model';
import type { ComponentType } from 'react';
import type { Put } from '../fields';

/** What a type of element has in the right column besides what all have. */
export interface Settings<T extends ElementType> {
  /** What the field with its words is called. Absent: it has no words of its own, or they are elsewhere. */
  words?: string;
  /** It sounds when it is pressed. */
  sounds?: true;
  /** Presses never go through it. */
  solid?: true;
  /** Its value, picture, rows, tail … */
  Fields?: ComponentType<FieldsOf<T>>;
  /** Beneath what all have: what it is a place of. */
  Beneath?: ComponentType<{ screen: Screen; element: Of<T>; path: string }>;
  /** Beneath where it stands: how it places what it holds. */
  Holding?: ComponentType<{ element: Of<T>; put: Put }>;
  /** Beneath its look: how parts of it look. */
  Parts?: ComponentType<{ element: Of<T>; put: Put }>;
}

export interface FieldsOf<T extends ElementType> {
  screen: Screen;
  /** It may lead through placed components. */
  path: string;
  element: Of<T>;
  /** What it may name where it is written. */
  parameters: Written['parameters'];
  put: Put;
}
