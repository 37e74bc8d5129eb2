import type { Of, Play } from '../play';

/** What stands in its place is drawn. */
export const component: Play<Of<'component'>> = { paint: () => [] };
