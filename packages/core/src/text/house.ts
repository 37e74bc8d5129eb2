import { type FontName, type Project, withId } from '../model';
import { unpackFace, type FontMetrics } from './metrics';
import display from './house/display.json' with { type: 'json' };
import plainBold from './house/plain-bold.json' with { type: 'json' };
import plain from './house/plain.json' with { type: 'json' };

/** What a font file is loaded under: a house face, or the id of a font of the project. */
export type FaceName = string;

/** The house faces by name. */
export const HOUSE_FACES = ['plain', 'plain-bold', 'display'] as const;

/** The metrics of the house face that a font name and weight stand for. The display face has one weight. */
export function houseFont(font: FontName, weight: 400 | 700): FontMetrics {
  return unpackFace(FACES[houseName(font, weight)]);
}

const houseName = (font: FontName, weight: 400 | 700): (typeof HOUSE_FACES)[number] =>
  font === 'display' ? 'display' : weight === 700 ? 'plain-bold' : 'plain';

const FACES = { plain, 'plain-bold': plainBold, display };

/** The face a look is written in, and its metrics. A font that is gone counts as the plain one. */
export function fontOf(
  project: Project,
  { font, weight }: { font: FontName; weight: 400 | 700 },
): { face: FaceName; metrics: FontMetrics } {
  const own = font === 'plain' || font === 'display' ? undefined : withId(project.assets, font);
  if (own?.face) return { face: own.id, metrics: unpackFace(own.face) };
  return { face: houseName(font, weight), metrics: houseFont(font, weight) };
}
