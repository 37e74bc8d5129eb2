import { namedColour, namedPicture, namedStyle } from '../lettering';
import { namedIn } from '../marks';
import type { TextTrouble } from '../message';
import type { Project } from '../model';

const FOUND = { style: namedStyle, colour: namedColour, picture: namedPicture };

/** The marks of a text that name a text style, colour or picture which is not there, each told once. */
export function markTroubles(project: Project, text: string): TextTrouble[] {
  const told = new Set<string>();
  return namedIn(text).flatMap(({ of, name }): TextTrouble[] => {
    const key = `${of} ${name.toLowerCase()}`;
    if (told.has(key) || FOUND[of](project, name)) return [];
    told.add(key);
    return [{ code: 'nothing marked', params: { of, name } }];
  });
}
