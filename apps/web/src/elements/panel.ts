import { Arranging } from '../reading/element/Arranging';
import type { Settings } from './settings';

export const panel: Settings<'panel'> = { Holding: Arranging };
