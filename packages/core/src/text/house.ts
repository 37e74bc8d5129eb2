import type { FontName } from '../model';
import type { FontMetrics } from './metrics';
import display from './house/display.json' with { type: 'json' };
import plainBold from './house/plain-bold.json' with { type: 'json' };
import plain from './house/plain.json' with { type: 'json' };

/** The metrics of the face that a font name and weight stand for. The display face has one weight. */
export function houseFont(font: FontName, weight: 400 | 700): FontMetrics {
  return FACES[faceName(font, weight)];
}

export type FaceName = 'plain' | 'plain-bold' | 'display';

export const faceName = (font: FontName, weight: 400 | 700): FaceName =>
  font === 'display' ? 'display' : weight === 700 ? 'plain-bold' : 'plain';

const FACES: Record<FaceName, FontMetrics> = { plain, 'plain-bold': plainBold, display };
