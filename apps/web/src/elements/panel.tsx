import { Arranging } from './Arranging';
import { ControlParts } from './ControlParts';
import type { Settings } from './settings';

export const panel: Settings<'panel'> = {
  Holding: Arranging,
  Parts: ({ element, put }) =>
    element.overflow === 'scrolls' && element.scrollBars ? (
      <ControlParts element={element} put={put} />
    ) : null,
};
