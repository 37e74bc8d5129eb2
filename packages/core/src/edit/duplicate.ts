import { freshId, type Element, type Id, type Project } from '../model';
import { ownerById, putIn } from './owners';
import { asWritten } from './parts';
import { EMPTY_SCREEN, isPressOf } from './take';
import { carryTexts, Fresh, remapIds } from './remap';

/**
 * Copies of elements beside the originals on their own screen or component, with the links that pressing them sets
 * off.
 */
export function copyElements(project: Project, screen: Id, ids: readonly Id[]): Element[] {
  const owner = ownerById(project, screen)!;
  const whole = asWritten(project);
  const held = ownerById(whole, screen)!.elements.filter((element) => ids.includes(element.id));
  const part = {
    screens: [{ ...EMPTY_SCREEN, id: screen, name: owner.name, elements: held }],
    links: whole.links.filter(
      ({ from, trigger }) => from === screen && isPressOf(trigger, (id) => ids.includes(id)),
    ),
  };
  const fresh = new Fresh();
  for (const { id } of held) fresh.set('element', id, freshId('e'), screen);
  for (const { id } of part.links) fresh.set('link', id, freshId('l'));
  const copy = remapIds(part, fresh, whole);
  const { elements } = copy.screens[0]!;
  putIn(owner, elements);
  project.links.push(...copy.links);
  carryTexts(project, { part, whole }, { part: copy, whole });
  return owner.elements.slice(-elements.length);
}
