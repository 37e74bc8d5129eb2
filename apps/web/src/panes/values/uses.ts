import { authorOfEffect } from '@tavu/core/effects/author';
import { compileExpression } from '@tavu/core/expression';
import { namesIn } from '@tavu/core/message';
import { byId, PROJECT, type Id, type Project } from '@tavu/core/model';
import { ownerNames, placesOf, scopeAround, type Place } from '@tavu/core/references';

/** Where a value or an event is used: a link, or the settings and texts of a screen or component. */
export interface Use {
  link: Id | null;
  screen: Id;
}

export interface Uses {
  sets: Use[];
  reads: Use[];
}

export const NO_USES: Uses = { sets: [], reads: [] };

/** Who sets and who reads each value, and who hears and who sends each event, by their ids. */
export function usesOf(project: Project): Map<Id, Uses> {
  const uses = new Map<Id, Uses>();
  const places = placesOf(project);
  const note = (id: Id, how: keyof Uses, use: Use): void => {
    const known = uses.get(id) ?? { sets: [], reads: [] };
    if (!known[how].some((other) => other.link === use.link && other.screen === use.screen))
      known[how].push(use);
    uses.set(id, known);
  };
  const links = byId(project.links);
  const conversations = byId(project.conversations);
  const whereOf = ({ owner, on }: Place): Use => ({
    link: on !== null && links.has(on) ? on : null,
    screen: conversations.has(owner) ? (conversations.get(owner)!.screen ?? PROJECT) : owner,
  });
  for (const place of places) {
    if (place.is === 'id' && (place.of === 'value' || place.of === 'list' || place.of === 'event')) {
      if (place.use !== 'sets') note(place.id, 'reads', whereOf(place));
      if (place.use !== undefined) note(place.id, 'sets', whereOf(place));
    }
    if (place.is === 'id' && place.of === 'section')
      for (const { id, section } of project.values)
        if (section === place.id) note(id, 'sets', whereOf(place));
    if (place.is === 'expression') {
      const { reads, lists } = compileExpression(place.text, scopeAround(project, place.around));
      for (const { known } of reads) if (known.what === 'value') note(known.id, 'reads', whereOf(place));
      for (const list of lists) note(list, 'reads', whereOf(place));
    }
    if (place.is === 'text' && place.message && place.text.includes('{')) {
      const { names } = scopeAround(project, place.around);
      for (const name of namesIn(place.text)) {
        const known = names.get(name);
        if (known?.what === 'value') note(known.id, 'reads', whereOf(place));
      }
    }
  }
  for (const { id, from, effects } of project.links)
    for (const effect of effects)
      for (const value of authorOfEffect(effect).sets?.(effect, project) ?? [])
        note(value, 'sets', { link: id, screen: from });
  return uses;
}

/** What a use is called: the screen, component, area … it is on. */
export const nameOfUse = (project: Project, use: Use): string =>
  use.screen === PROJECT ? 'everywhere' : (ownerNames(project).get(use.screen) ?? 'everywhere');
