import { holdsOf } from '../elements';
import { padCode } from '../keys';
import { isUsed } from '../focus';
import { areasAround, linksFrom, PROJECT, type Id, type Project, type Screen } from '../model';
import { actionOf } from '../triggers';

/** A key, pad button or gesture that sets off several actions which have a use on the same screen. */
export interface Clash {
  code: string;
  actions: Id[];
  /** Where more than one of them has a use; there the one that is asked first takes it. */
  screens: Id[];
}

/** Codes bound to more than one action, with the screens where that bites; those that never do are left out. */
export function clashesOf(project: Project): Clash[] {
  const byCode = new Map<string, Id[]>();
  for (const { id, keys, pad, gestures = [] } of project.actions)
    for (const code of [...keys, ...pad.map(padCode), ...gestures])
      byCode.set(code, [...(byCode.get(code) ?? []), id]);
  const shared = [...byCode].filter(([, actions]) => actions.length > 1);
  if (shared.length === 0) return [];
  const uses = new Map(project.screens.map((screen) => [screen.id, actionsOn(project, screen)]));
  return shared.flatMap(([code, actions]): Clash[] => {
    const screens = project.screens
      .filter(({ id }) => actions.filter((action) => uses.get(id)!.has(action)).length > 1)
      .map(({ id }) => id);
    return screens.length > 0 ? [{ code, actions, screens }] : [];
  });
}

/** Actions that something has a use for while a screen is on top: its own links, those around it, and what is built in. */
function actionsOn(project: Project, screen: Screen): Set<Id> {
  const around = screen.layer === 'base' ? [...areasAround(project, screen.area), PROJECT] : [];
  const found = new Set<Id>();
  for (const source of [screen.id, ...around])
    for (const { cue } of linksFrom(project, source)) {
      const action = actionOf(cue);
      if (action !== null) found.add(action);
    }
  const used = screen.elements.filter(isUsed);
  for (const element of screen.elements)
    if ('shortcut' in element && element.shortcut !== undefined) found.add(element.shortcut);
  if (used.length > 0) found.add('confirm');
  if (used.length > 1) for (const way of ['up', 'down', 'left', 'right']) found.add(way);
  if (screen.elements.some((each) => holdsOf(each).pages !== undefined)) found.add('next').add('previous');
  return found;
}
