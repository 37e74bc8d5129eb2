import { everyStep, freshId, type Id, type Said, type Step, withId, copyOf } from '@tavu/core/model';
import { readScript } from '@tavu/core/exchange';
import { edit, endStep, notify, useStudio } from '../../store';
import { chooseStep, goToStep, ownerNow, setLines, useLines, type Owner } from './chosen';
import { rowsOf } from './rows';

/** What the keyboard and the pointer do to the steps of a page. */

/** Puts a new line under a step, said by the same, or by who is given; and goes on there. */
export function addLine(owner: Owner, after: Id | null, speaker: Id | null, inside?: Id): void {
  const step: Step = { id: freshId('s'), step: 'line', speaker, text: '' };
  addStep(owner, step, after, inside);
}

export function addStep(owner: Owner, step: Step, after: Id | null, inside?: Id): void {
  endStep();
  edit('put steps', { owner: owner.id, steps: [step], after, ...(inside === undefined ? {} : { inside }) });
  goToStep(step.id);
}

/** Puts another step in the place of an empty line. */
export function insteadOf(owner: Owner, old: Id, step: Step): void {
  const key = `instead ${old}`;
  edit('put steps', { owner: owner.id, steps: [step], after: old }, { key });
  edit('delete steps', { owner: owner.id, steps: [old] }, { key });
  endStep();
  goToStep(step.id);
}

/** Takes steps out, and goes on at what stood before them. */
export function removeSteps(owner: Owner, steps: readonly Id[]): void {
  const all = ownerNow(owner).steps;
  const rows = rowsOf(all);
  const first = rows.findIndex((row) => steps.includes(row.id));
  const gone = new Set(
    everyStep(all)
      .filter((step) => steps.includes(step.id))
      .flatMap((step) => everyStep([step]).map(({ id }) => id)),
  );
  const rest = (row: (typeof rows)[number]): boolean => !gone.has(row.id) && row.row === 'step';
  const next = rows.slice(0, first).reverse().find(rest) ?? rows.slice(first).find(rest);
  edit('delete steps', { owner: owner.id, steps: [...steps] });
  if (next) goToStep(next.id);
  else chooseStep(null);
}

export function changeStep(
  owner: Owner,
  step: Id,
  change: Partial<Step> | Partial<Said>,
  key?: string,
): void {
  edit(
    'change step',
    { owner: owner.id, step, change: change as Partial<Step> },
    key === undefined ? {} : { key },
  );
}

/** Steps that stand together and are dealt with as one: those that are chosen, or the one. */
export function together(id: Id): Id[] {
  const { picked } = useLines.getState();
  return picked.includes(id) ? [...picked] : [id];
}

/** Chooses all rows from the one that is chosen to another. */
export function pickTo(owner: Owner, from: Id, to: Id): void {
  const ids = rowsOf(ownerNow(owner).steps).flatMap((row) => (row.row === 'step' ? [row.id] : []));
  const [a, b] = [ids.indexOf(from), ids.indexOf(to)];
  if (a < 0 || b < 0) return;
  setLines({ picked: ids.slice(Math.min(a, b), Math.max(a, b) + 1), step: to });
}

/** Puts steps on the clipboard: as a script that other programs read, and as they are for here. */
export async function copySteps(owner: Owner, ids: readonly Id[]): Promise<void> {
  const { speakers = [] } = useStudio.getState().project;
  const steps = everyStep(ownerNow(owner).steps).filter((step) => ids.includes(step.id));
  const name = (id: Id | null): string => {
    const known = withId(speakers, id)?.name;
    return known === undefined ? '' : `${known.toUpperCase()}: `;
  };
  const text = steps
    .map((step) => ('text' in step ? `${name(step.speaker)}${step.text.replace(/\n/g, ' ')}` : ''))
    .filter(Boolean)
    .join('\n');
  setLines({ copied: { steps, text } });
  try {
    await navigator.clipboard.writeText(text);
  } catch {
    // Without the system's clipboard they can still be put in here.
  }
  notify(`${steps.length === 1 ? 'One step' : `${steps.length} steps`} copied.`);
}

/** Puts in what was copied here, or what a pasted text says. */
export function pasteSteps(owner: Owner, after: Id | null, text: string, instead?: Id): void {
  const { copied } = useLines.getState();
  const same = copied !== null && copied.text === text.replace(/\r\n?/g, '\n');
  const { project } = useStudio.getState();
  const script = same ? null : readScript(text, project.speakers);
  const steps = script ? script.steps : copyOf<Step[]>([...copied!.steps]);
  if (steps.length === 0) return;
  const key = `paste ${steps[0]!.id}`;
  for (const speaker of script?.speakers ?? []) {
    const made = edit('add speaker', { name: speaker.name }, { key });
    for (const step of steps)
      if ('speaker' in step && step.speaker === speaker.id) step.speaker = made ?? null;
  }
  const last = edit('put steps', { owner: owner.id, steps, after }, { key });
  if (instead !== undefined) edit('delete steps', { owner: owner.id, steps: [instead] }, { key });
  endStep();
  if (last !== undefined) goToStep(last);
  notify(`${steps.length === 1 ? 'One step' : `${steps.length} steps`} put in.`);
}
