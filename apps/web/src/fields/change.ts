import type { Element, Id } from '@tavu/core/model';
import { edit, useView } from '../store';

/** Changes one element by its path; edits with the same key are one step. */
export type Put = (change: Partial<Element> & Record<string, unknown>, key?: string) => void;

export const putOn =
  (screen: Id, path: Id): Put =>
  (change, key) =>
    void edit(
      'change element',
      { screen, element: path, change: change as Partial<Element>, here: useView.getState().here },
      { key: key && `${key} ${path}` },
    );
