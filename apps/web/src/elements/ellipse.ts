import type { Settings } from './settings';

export const ellipse: Settings<'ellipse'> = {};
