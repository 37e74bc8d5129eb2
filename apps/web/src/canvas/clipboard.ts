import { takeElements } from '@tavu/core/edit';
import { screenById, type Id } from '@tavu/core/model';
import { writeProject } from '@tavu/core/schema';
import type { ClipboardEvent } from 'react';
import { bringFiles } from '../assets';
import { readCopied, withBytes, choose, chosenElements, edit, notify, useStudio } from '../store';

/** Elements on the clipboard: a small project of their own, with the links and pictures they use. */

export function copyElements(event: ClipboardEvent, cut: boolean): void {
  if (isTyping(event)) return;
  const { project, chosen } = useStudio.getState();
  const elements = chosenElements(chosen).filter((path) => !path.includes('/'));
  if (chosen.screen === null || elements.length === 0) return;
  const taken = takeElements(project, chosen.screen, elements);
  if (!taken) return;
  event.preventDefault();
  event.clipboardData.setData('text/plain', writeProject(withBytes(taken)));
  if (cut) edit('delete elements', { screen: chosen.screen, elements });
  notify(
    `${countOf(elements.length)} ${cut ? 'cut' : 'copied'}. Paste on any screen, here or in another project.`,
  );
}

/** Pastes where the elements were on the screen they came from; pictures from elsewhere become assets. */
export function pasteElements(event: ClipboardEvent): void {
  if (isTyping(event)) return;
  const { screen } = useStudio.getState().chosen;
  const files = [...event.clipboardData.files];
  if (files.length > 0) {
    event.preventDefault();
    return void bringFiles(files, screen);
  }
  const text = event.clipboardData.getData('text/plain');
  if (screen === null || !text.trimStart().startsWith('{')) return;
  event.preventDefault();
  void readCopied(text).then((from) => {
    if (!from) return;
    const count = from.screens[0]?.elements.length ?? 0;
    if (count === 0) return notify('There is nothing to put on a screen in what was copied.');
    const before = new Set(idsOn(screen));
    edit('paste elements', { screen, from });
    const [element = null, ...also] = idsOn(screen).filter((id) => !before.has(id));
    if (element !== null) choose({ screen, element, also });
    notify(`${countOf(count)} pasted.`);
  });
}

/** The elements that lie on a screen itself; what they hold goes with them. */
const idsOn = (screen: Id): Id[] =>
  screenById(useStudio.getState().project, screen)?.elements.flatMap(({ id, parent }) =>
    parent === null ? [id] : [],
  ) ?? [];

const isTyping = (event: ClipboardEvent): boolean =>
  (event.target as Element).matches('input, textarea, [contenteditable]');

const countOf = (n: number): string => (n === 1 ? 'One element' : `${n} elements`);
