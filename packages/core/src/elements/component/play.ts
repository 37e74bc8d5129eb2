import type { Of, Play } from '../play';

/** Drawn through its own elements. */
export const component: Play<Of<'component'>> = { paint: () => [] };
