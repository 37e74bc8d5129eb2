'use client';

import type { EllipseElement, ShapeElement } from '@tavu/core/model';
import type { Put } from '../fields';
import { SelectRow } from '../ui';

/** Whether what a shape holds is cut off at its outline. */
export function CutHeld({ element, put }: { element: EllipseElement | ShapeElement; put: Put }) {
  return (
    <SelectRow<'' | 'cut'>
      label="Overflow"
      value={element.overflow ?? ''}
      options={[
        ['', 'visible'],
        ['cut', 'clipped to its outline'],
      ]}
      onChange={(to) => put({ overflow: to === '' ? undefined : to })}
    />
  );
}
