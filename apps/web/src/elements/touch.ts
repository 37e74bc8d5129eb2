import type { Settings } from './settings';

export const touch: Settings<'touch'> = {};
