import { Arranging } from './Arranging';
import type { Settings } from './settings';

export const panel: Settings<'panel'> = { Holding: Arranging };
