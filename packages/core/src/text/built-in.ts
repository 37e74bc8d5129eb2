import { type FontName, type Project, withId } from '../model';
import { unpackFace, type FontMetrics } from './metrics';
import display from './built-in/display.json' with { type: 'json' };
import plainBold from './built-in/plain-bold.json' with { type: 'json' };
import plain from './built-in/plain.json' with { type: 'json' };

/** What a font file is loaded under: a built-in face, or the id of a font of the project. */
export type FaceName = string;

/** The built-in faces by name. */
export const BUILT_IN_FACES = ['plain', 'plain-bold', 'display'] as const;

/** The metrics of the built-in face that a font name and weight stand for. The display face has one weight. */
export function builtInFont(font: FontName, weight: 400 | 700): FontMetrics {
  return unpackFace(FACES[defaultName(font, weight)]);
}

const defaultName = (font: FontName, weight: 400 | 700): (typeof BUILT_IN_FACES)[number] =>
  font === 'display' ? 'display' : weight === 700 ? 'plain-bold' : 'plain';

const FACES = { plain, 'plain-bold': plainBold, display };

/** The face a look is written in, and its metrics. A font that is gone counts as the plain one. */
export function fontOf(
  project: Project,
  { font, weight }: { font: FontName; weight: 400 | 700 },
): { face: FaceName; metrics: FontMetrics } {
  const own = font === 'plain' || font === 'display' ? undefined : withId(project.assets, font);
  if (own?.face) return { face: own.id, metrics: unpackFace(own.face) };
  return { face: defaultName(font, weight), metrics: builtInFont(font, weight) };
}
