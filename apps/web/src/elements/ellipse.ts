import { CutHeld } from './CutHeld';
import type { Settings } from './settings';

export const ellipse: Settings<'ellipse'> = { Holding: CutHeld };
