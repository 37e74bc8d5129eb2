import { holdsOf } from '../elements';
import { isUsed } from '../focus';
import { codeName, padCode } from '../keys';
import {
  areasAround,
  byId,
  linksFrom,
  PROJECT,
  titleCase,
  type Id,
  type Project,
  type Screen,
} from '../model';
import { actionOf } from '../triggers';
import type { Check, Found } from './finding';

/** A key, pad button or gesture that sets off several actions which have a use on the same screens, by name. */
interface Clash {
  code: string;
  actions: readonly string[];
  screens: readonly string[];
}

export const clash: Check<Clash> = {
  severity: 'warning',
  about:
    'One key does two things on one screen, where only the first of them happens. Bind one of them otherwise.',
  project: clashes,
  phrase: ({ code, actions, screens }) =>
    `${titleCase(codeName(code))} is ${actions.map(titleCase).join(' and ')}. The first sentence that fits takes it on ${screens.join(', ')}.`,
};

/** Codes bound to more than one action that are in use on the same screen. */
function clashes(project: Project): Found<Clash>[] {
  const byCode = new Map<string, Id[]>();
  for (const { id, keys, pad, gestures = [] } of project.actions)
    for (const code of [...keys, ...pad.map(padCode), ...gestures])
      byCode.set(code, [...(byCode.get(code) ?? []), id]);
  const shared = [...byCode].filter(([, actions]) => actions.length > 1);
  if (shared.length === 0) return [];
  const uses = new Map(project.screens.map((screen) => [screen.id, actionsOn(project, screen)]));
  const named = byId(project.actions);
  return shared.flatMap(([code, actions]): Found<Clash>[] => {
    const screens = project.screens.filter(
      ({ id }) => actions.filter((action) => uses.get(id)!.has(action)).length > 1,
    );
    if (screens.length === 0) return [];
    const params = {
      code,
      actions: actions.map((id) => named.get(id)!.name),
      screens: screens.map(({ name }) => name),
    };
    return [{ params, where: { screens: screens.map(({ id }) => id) } }];
  });
}

/**
 * Actions that something has a use for while a screen is on top: its own links, those around it, and what is built
 * in.
 */
function actionsOn(project: Project, screen: Screen): Set<Id> {
  const around = screen.layer === 'base' ? [...areasAround(project, screen.area), PROJECT] : [];
  const found = new Set<Id>();
  for (const source of [screen.id, ...around])
    for (const { trigger } of linksFrom(project, source)) {
      const action = actionOf(trigger);
      if (action !== null) found.add(action);
    }
  const used = screen.elements.filter(isUsed);
  for (const element of screen.elements)
    if ('shortcut' in element && element.shortcut !== undefined) found.add(element.shortcut);
  if (used.length > 0) found.add('confirm');
  if (used.length > 1) for (const way of ['up', 'down', 'left', 'right']) found.add(way);
  if (screen.elements.some((element) => holdsOf(element).pages !== undefined))
    found.add('next').add('previous');
  return found;
}
