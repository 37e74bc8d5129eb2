import { isPicture, type Asset } from '@tavu/core/model';
import { familyOf } from '@tavu/core/text';

/** What letters can be written in, and how heavy that can be. */

/** The fonts to choose from by id and name: built in, those of the project by family, and pictures that are fonts. */
export function fontChoices(assets: readonly Asset[], chosen: string): [string, string][] {
  const families = new Map<string, [string, string]>();
  for (const { id, name, face } of assets) {
    if (!face) continue;
    const family = face.family ?? name;
    const several = assets.some(
      (other) => other.id !== id && other.face && other.face.family === face.family,
    );
    // Whichever of a family is chosen stands for it.
    if (!families.has(family) || id === chosen) families.set(family, [id, several ? family : name]);
  }
  const drawn = assets.filter((asset) => isPicture(asset) && asset.characters !== undefined);
  return [
    ['plain', 'Plain'],
    ['display', 'Display'],
    ...families.values(),
    ...drawn.map(({ id, name }): [string, string] => [id, name]),
  ];
}

/** Weights as they are usually called (CSS Fonts, Open Font Format). */
const WEIGHTS: Record<number, string> = {
  100: 'thin',
  200: 'extra light',
  300: 'light',
  400: 'regular',
  500: 'medium',
  600: 'semibold',
  700: 'bold',
  800: 'extra bold',
  900: 'black',
};

/** The weights to choose from: those a font's family has, regular and bold at least, and the one that is chosen. */
export function weightChoices(assets: readonly Asset[], font: string, chosen: number): [string, string][] {
  const own = assets.find(({ id, face }) => id === font && face);
  const has = own ? familyOf({ assets: [...assets] }, own).map(({ face }) => face!.weight ?? 400) : [];
  const all = [...new Set([...has, 400, 700, chosen])].sort((a, b) => a - b);
  return all.map((weight) => [String(weight), WEIGHTS[weight] ?? String(weight)]);
}
