import { saidText, typedOut, type Item } from '../drawing';
import type { SpokenElement, TextElement } from '../model';
import { colourOf, inColour, textLook } from '../style';
import type { Canvas } from './play';

/** Words by themselves; a conversation may say in which colour, and how many letters are there yet. */
export function paintWords(
  element: TextElement | SpokenElement,
  { project, rect, looks, said }: Canvas,
): Item[] {
  const look = textLook(project, element.look);
  const ink = looks.inks[element.id];
  const coloured = ink === undefined ? look : inColour(look, colourOf(project, ink));
  return typedOut(saidText(project, element.id, rect, said, coloured), element.id, looks);
}
