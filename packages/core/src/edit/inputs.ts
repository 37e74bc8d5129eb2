import {
  freeName,
  freshId,
  screenById,
  USUAL_ACTIONS,
  type Action,
  type Direction,
  type FocusRules,
  type Id,
  type InputRules,
  type Project,
  type SoundRules,
  withId,
} from '../model';
import { renameAction } from './marked';
import { assign, removeWhere, type Made } from './parts';

/** Edits of actions and what they are bound to, of how keys, pad and focus behave, and of what is heard by itself. */
export const inputCommands = {
  'add action': (
    project: Project,
    {
      name,
      keys = [],
      pad = [],
      forGame,
    }: { name: string; keys?: string[]; pad?: number[]; forGame?: boolean },
  ): Made => {
    const names = project.actions.map((action) => action.name);
    const made: Action = {
      id: freshId('a'),
      name: freeName(name, names),
      keys,
      pad,
      ...(forGame ? { forGame } : {}),
    };
    project.actions.push(made);
    return made.id;
  },
  'change action': (project: Project, { action, change }: { action: Id; change: Partial<Action> }): Made => {
    const found = withId(project.actions, action);
    if (!found) return;
    if (change.name !== undefined) renameAction(project, found.name, change.name);
    assign(found, change);
  },
  /** One of the project's own; links that wait for it stay, and say that it is gone. */
  'delete action': (project: Project, { action }: { action: Id }): Made => {
    if (!isUsual(action)) removeWhere(project.actions, (item) => item.id === action);
  },
  'change input': (project: Project, change: Partial<InputRules>): Made => {
    const input = { ...project.input };
    assign(input, change);
    if (Object.keys(input).length > 0) project.input = input;
    else delete project.input;
  },
  'change sound': (project: Project, change: Partial<SoundRules>): Made => {
    const sound = { ...project.sound };
    assign(sound, change);
    if (Object.keys(sound).length > 0) project.sound = sound;
    else delete project.sound;
  },
  /** Where a direction leads from an element: to another, nowhere (null), or as the layout says (undefined). */
  'lead focus': (
    project: Project,
    {
      screen,
      from,
      direction,
      to,
    }: { screen: Id; from: Id; direction: Direction; to: Id | null | undefined },
  ): Made => {
    const found = screenById(project, screen);
    if (!found) return;
    const { [from]: own = {}, ...others } = found.focus?.next ?? {};
    const { [direction]: _, ...rest } = own;
    const ways = to === undefined ? rest : { ...rest, [direction]: to };
    const next = Object.keys(ways).length > 0 ? { ...others, [from]: ways } : others;
    changeFocus(found, { next: Object.keys(next).length > 0 ? next : undefined });
  },
  'change focus': (
    project: Project,
    { screen, change }: { screen: Id; change: Partial<FocusRules> },
  ): Made => {
    const found = screenById(project, screen);
    if (found) changeFocus(found, change);
  },
};

const usual = new Set(USUAL_ACTIONS.map((action) => action.id));
/** Actions that every project has, since something is built in for them. */
export const isUsual = (action: Id): boolean => usual.has(action);

interface Focused {
  focus?: FocusRules;
}

function changeFocus(screen: Focused, change: Partial<FocusRules>): void {
  const focus = { ...screen.focus };
  assign(focus, change);
  if (Object.keys(focus).length > 0) screen.focus = focus;
  else delete screen.focus;
}

/** Fits what is set by hand to elements that have gone (null) or go by another path. */
export function repathFocus(screen: Focused, path: (before: Id) => Id | null): void {
  if (!screen.focus) return;
  const { next, order } = screen.focus;
  const ways = Object.entries(next ?? {}).flatMap(([from, own]) => {
    const now = path(from);
    const led = Object.entries(own).flatMap(([direction, to]) => {
      const there = to === null ? null : path(to!);
      return there === null && to !== null ? [] : [[direction, there] as const];
    });
    return now === null || led.length === 0 ? [] : [[now, Object.fromEntries(led)] as const];
  });
  const turns = order?.map(path).filter((id) => id !== null);
  changeFocus(screen, {
    next: ways.length > 0 ? Object.fromEntries(ways) : undefined,
    order: turns && turns.length > 0 ? turns : undefined,
  });
}
