import type { Id } from '@tavu/core/model';
import type { KeyboardEvent } from 'react';
import { playLine } from '../../run';
import { edit, notify } from '../../store';
import { goToStep, ownerNow, useLines, type Owner } from './chosen';
import { copySteps, pasteSteps, pickTo, removeSteps, together } from './put';
import { rowsOf } from './rows';

/** What keys do on a page of steps. */

/** Goes on to the row above or below. */
export function stepAway(owner: Owner, key: string, by: -1 | 1): void {
  const rows = rowsOf(ownerNow(owner).steps);
  for (let at = rows.findIndex((row) => row.key === key) + by; rows[at]; at += by)
    if (rows[at]!.row !== 'late') return goToStep(rows[at]!.id, by < 0 ? 'end' : 'start');
}

/** Plays from a step on. */
export function play(owner: Owner, key: string): void {
  if (!('screen' in owner)) return;
  if (owner.screen === null) return notify('It has no dialogue screen yet: choose one above the page.');
  playLine(owner.screen, { conversation: owner.id, key });
}

/** Keys on what a step is held by. */
export function gripKeys(event: KeyboardEvent, owner: Owner, id: Id, onStepAway: (by: -1 | 1) => void): void {
  const ids = together(id);
  const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
  if (by !== 0 && event.shiftKey) {
    const all = rowsOf(ownerNow(owner).steps).flatMap((row) => (row.row === 'step' ? [row.id] : []));
    const next = all[all.indexOf(id) + by];
    if (next === undefined) return;
    const { picked } = useLines.getState();
    pickTo(
      owner,
      picked.find((value) => value !== id && (picked[0] === value || picked.at(-1) === value)) ?? id,
      next,
    );
    document.querySelector<HTMLElement>(`[data-grip="${next}"]`)?.focus();
  } else if (by !== 0 && !event.altKey) onStepAway(by);
  else if (event.key === 'Enter') goToStep(id);
  else if (event.key === 'Delete' || event.key === 'Backspace') removeSteps(owner, ids);
  else return;
  event.preventDefault();
  event.stopPropagation();
}

/** Keys that mean the same wherever on the page the keyboard is. */
export function pageKeys(event: KeyboardEvent, owner: Owner): void {
  const { step } = useLines.getState();
  if (step === null) return;
  const control = event.ctrlKey || event.metaKey;
  const onGrip = (event.target as HTMLElement).dataset.grip !== undefined;
  const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
  const key = event.key.toLowerCase();
  if (event.altKey && by !== 0) edit('move steps', { owner: owner.id, steps: together(step), by });
  else if (control && key === 'd') void edit('duplicate steps', { owner: owner.id, steps: together(step) });
  else if (control && event.key === 'Enter') {
    const row = rowsOf(owner.steps).find((pageRow) => pageRow.id === step);
    if (row) play(owner, row.key);
  } else if (onGrip && control && (key === 'c' || key === 'x')) {
    void copySteps(owner, together(step));
    if (key === 'x') removeSteps(owner, together(step));
  } else if (onGrip && control && key === 'v')
    void navigator.clipboard
      .readText()
      .catch(() => useLines.getState().copied?.text ?? '')
      .then((text) => pasteSteps(owner, together(step).at(-1)!, text));
  else if (event.key === 'Escape' && !onGrip)
    document.querySelector<HTMLElement>(`[data-grip="${step}"]`)?.focus();
  else return;
  event.preventDefault();
  event.stopPropagation();
}
