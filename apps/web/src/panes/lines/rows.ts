import type { ChoiceOption, Id, Step } from '@tavu/core/model';

/** A page as it is read from top to bottom: steps, the options of choices, and what lies within them. */
export type PageRow = { key: string; depth: number } & (
  | { row: 'step'; id: Id; step: Step; n: number }
  | { row: 'option'; id: Id; choice: Step & { step: 'choice' }; option: ChoiceOption }
  | { row: 'late'; id: Id; wait: Step & { step: 'wait' } }
);

export function rowsOf(steps: readonly Step[]): PageRow[] {
  const rows: PageRow[] = [];
  let n = 0;
  const add = (held: readonly Step[], prefix: string, depth: number): void => {
    for (const step of held) {
      const key = prefix + step.id;
      rows.push({ row: 'step', key, id: step.id, step, depth, n: ++n });
      if (step.step === 'choice')
        for (const option of step.options) {
          rows.push({
            row: 'option',
            key: `${key} ${option.id}`,
            id: option.id,
            choice: step,
            option,
            depth: depth + 1,
          });
          add(option.steps, `${key} `, depth + 2);
        }
      if (step.step === 'wait' && step.otherwise) {
        rows.push({ row: 'late', key: `${key} late`, id: `${step.id} late`, wait: step, depth: depth + 1 });
        add(step.otherwise, `${key} `, depth + 2);
      }
    }
  };
  add(steps, '', 0);
  return rows;
}

/** Whether two rows look the same, made of one page or of two. */
export function sameRow(a: PageRow, b: PageRow): boolean {
  if (a.key !== b.key || a.depth !== b.depth) return false;
  if (a.row === 'step') return b.row === 'step' && a.step === b.step && a.n === b.n;
  if (a.row === 'option') return b.row === 'option' && a.option === b.option && a.choice === b.choice;
  return b.row === 'late' && a.wait === b.wait;
}

/** Rows that say what is looked for. */
export function found(rows: readonly PageRow[], text: string, nameOf: (speaker: Id) => string): Set<Id> {
  const wanted = text.trim().toLowerCase();
  if (wanted === '') return new Set();
  const says = (row: PageRow): string => {
    if (row.row === 'option') return row.option.text;
    if (row.row !== 'step') return '';
    const { step } = row;
    const words = 'text' in step ? step.text : 'name' in step ? step.name : '';
    const speaker = 'speaker' in step && step.speaker !== null ? nameOf(step.speaker) : '';
    return `${speaker} ${words} ${step.note ?? ''}`;
  };
  return new Set(rows.filter((row) => says(row).toLowerCase().includes(wanted)).map((row) => row.id));
}
