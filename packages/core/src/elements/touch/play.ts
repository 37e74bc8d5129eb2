import { actsFor, type Of, type Play } from '../play';

/** Takes presses and has no picture. */
export const touch: Play<Of<'touch'>> = { paint: () => [], pressed: true, thumb: actsFor };
