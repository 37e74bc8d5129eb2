import { sameShown } from '../lists';
import { listInLink, triggerOf } from '../triggers';
import { screenById, type Component, type Link, type Project } from '../model';
import type { CompiledLink, Flow, Frame } from './types';

/** What has to be as it was for something to be taken over from the flow before. */

/** What every part of one compilation depends on. */
export interface Made {
  project: Project;
  frame: Frame;
  reduced: boolean;
  /** BCP 47, for plurals and numbers in texts. */
  language: string;
  /** Expressions and texts do not mean what they did. */
  names: boolean;
  previous: Flow | undefined;
}

/** Whether motions are made as they were. */
export const sameMotion = ({ project, reduced, previous }: Made): boolean =>
  previous?.project.rates === project.rates &&
  previous.project.motions === project.motions &&
  previous.reduced === reduced;

/** Whether styles put the same pictures beside what has the focus, and take as long from state to state. */
function sameMarkers(before: Project | undefined, now: Project): boolean {
  const [old, own] = [before?.styles.box ?? [], now.styles.box];
  if (before?.assets !== now.assets && own.some((style) => style.marker)) return false;
  return (
    old === own ||
    (old.length === own.length &&
      own.every(({ marker, fades }, i) => marker === old[i]!.marker && fades === old[i]!.fades))
  );
}

/** Whether pictures are cut into as many frames as they were. */
function sameSheets(before: Project | undefined, now: Project): boolean {
  if (before?.assets === now.assets) return true;
  const cut = (project: Project | undefined) => project?.assets.filter(({ sheet }) => sheet) ?? [];
  const [old, own] = [cut(before), cut(now)];
  return (
    old.length === own.length && own.every(({ id, sheet }, i) => id === old[i]!.id && sheet === old[i]!.sheet)
  );
}

/** Whether looks and pictures move by themselves as they did. */
export const sameMoving = (before: Project | undefined, now: Project): boolean =>
  sameMarkers(before, now) && sameSheets(before, now);

/** Whether expressions and texts mean the same in both: values, lists, events, actions, and what screens are called and take. */
export function sameNames(before: Project, now: Project): boolean {
  if (before.values !== now.values || before.lists !== now.lists) return false;
  if (before.languages !== now.languages) return false;
  if (!sameShown(before, now)) return false;
  if (before.events !== now.events || before.actions !== now.actions) return false;
  if (before.screens === now.screens) return true;
  return (
    before.screens.length === now.screens.length &&
    before.screens.every((screen, i) => {
      const other = now.screens[i]!;
      return (
        screen === other ||
        (screen.id === other.id && screen.name === other.name && screen.parameters === other.parameters)
      );
    })
  );
}

/** Whether a link that waits for an answer can name rows of another list than it could, or of none: other links say that. */
export function answersOtherwise(before: Project | undefined, now: Project, link: Link): boolean {
  if (!now.lists?.length || !before || before.links === now.links) return false;
  const type = triggerOf(link.trigger);
  if (type.life !== 'followed' || type.follows !== 'answer') return false;
  return listInLink(before, link)?.id !== listInLink(now, link)?.id;
}

/** Whether what a link leads to takes other parameters than it did. */
export function asksOtherwise(before: Project | undefined, now: Project, { to }: Link): boolean {
  if (!to || !('screen' in to)) return false;
  return screenById(before ?? now, to.screen)?.parameters !== screenById(now, to.screen)?.parameters;
}

export const isIn = (project: Project, component: Component): boolean =>
  project.components?.includes(component) ?? false;

export const sameLinks = (a: readonly CompiledLink[] = [], b: readonly CompiledLink[] = []): boolean =>
  a.length === b.length && a.every((link, i) => link === b[i]);
