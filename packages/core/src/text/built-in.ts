import { type Asset, type Cell, type FontName, type Project, type TextLook, withId } from '../model';
import { unpackFace, type FontMetrics } from './metrics';
import { pictureFont } from './picture-font';
import display from './built-in/display.json' with { type: 'json' };
import plainBold from './built-in/plain-bold.json' with { type: 'json' };
import plain from './built-in/plain.json' with { type: 'json' };

/** What a font file is loaded under: a built-in face, or the id of a font of the project. */
export type FaceName = string;

/** The built-in faces by name. */
export const BUILT_IN_FACES = ['plain', 'plain-bold', 'display'] as const;

/** From this weight on letters count as bold (CSS Fonts, `font-weight`). */
const BOLD = 600;

/** The metrics of the built-in face that a font name and weight stand for. The display face has one weight. */
export function builtInFont(font: FontName, weight: number): FontMetrics {
  return unpackFace(FACES[defaultName(font, weight)]);
}

const defaultName = (font: FontName, weight: number): (typeof BUILT_IN_FACES)[number] =>
  font === 'display' ? 'display' : weight >= BOLD ? 'plain-bold' : 'plain';

const FACES = { plain, 'plain-bold': plainBold, display };

/** The face that letters are drawn with. */
export interface Face {
  face: FaceName;
  metrics: FontMetrics;
  /** The letters are frames of a picture: what of it each character is, in its own pixels. */
  drawn?: { picture: Asset; cells: ReadonlyMap<string, Cell> };
  /** They are slanted, since the face is upright and italics are wanted. */
  slanted?: true;
  /** They are drawn heavier, since the face is light and bold is wanted. */
  heavier?: true;
}

/**
 * The face a look is written in: of the family of its font, the one nearest to its weight and slope. A font that is gone counts as
 * the plain one.
 */
export function fontOf(
  project: Pick<Project, 'assets'>,
  { font, weight, italic }: Pick<TextLook, 'font' | 'weight' | 'italic'>,
): Face {
  const own = font === 'plain' || font === 'display' ? undefined : withId(project.assets, font);
  const drawn = own?.characters === undefined ? null : pictureFont(own);
  if (own && drawn)
    return { face: own.id, metrics: drawn.metrics, drawn: { picture: own, cells: drawn.cells } };
  if (!own?.face) {
    const face = defaultName(font, weight);
    return asWanted(
      { face, metrics: builtInFont(font, weight) },
      { weight: face === 'plain-bold' ? 700 : 400 },
      { weight, italic },
    );
  }
  const nearest = nearestOf(familyOf(project, own), weight, italic ?? false);
  return asWanted({ face: nearest.id, metrics: unpackFace(nearest.face!) }, nearest.face!, {
    weight,
    italic,
  });
}

/** The fonts of one family, of which `font` is one. */
export function familyOf({ assets }: Pick<Project, 'assets'>, font: Asset): Asset[] {
  const family = font.face?.family;
  return family === undefined ? [font] : assets.filter(({ face }) => face?.family === family);
}

function nearestOf(family: readonly Asset[], weight: number, italic: boolean): Asset {
  const far = ({ face }: Asset): number => {
    const by = (face!.weight ?? 400) - weight;
    // Of two as near, bold text takes the heavier and other text the lighter.
    const wrongWay = weight >= BOLD ? by < 0 : by > 0;
    return Math.abs(by) + (wrongWay ? 0.5 : 0) + ((face!.italic ?? false) === italic ? 0 : 10_000);
  };
  return family.reduce((best, font) => (far(font) < far(best) ? font : best));
}

function asWanted(
  face: Face,
  { weight = 400, italic = false }: { weight?: number; italic?: boolean },
  wanted: Pick<TextLook, 'weight' | 'italic'>,
): Face {
  if (wanted.italic && !italic) face.slanted = true;
  if (wanted.weight >= BOLD && weight < BOLD) face.heavier = true;
  return face;
}
