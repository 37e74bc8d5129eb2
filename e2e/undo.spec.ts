import type { Locator } from '@playwright/test';
import { TOOLS } from '../apps/web/src/store/add';
import { expect, test } from './desk';

/** One press of undo takes back one edit: a drag, a run of typing in one field, or one press of a button. */

test('each frame that is put in, written or taken out is a step of its own', async ({ desk }) => {
  const frames = await desk.textFrames();
  const field = (n: number) =>
    frames
      .getByRole('group', { name: `Frame ${n}` })
      .getByRole('textbox')
      .first();
  await field(1).pressSequentially('abc');
  await field(2).pressSequentially('de');
  await frames.getByRole('button', { name: 'Frame', exact: true }).click();
  await frames.getByRole('button', { name: 'Frame', exact: true }).click();
  await expect(frames.getByRole('listitem')).toHaveCount(5);
  await desk.undo();
  await expect(frames.getByRole('listitem')).toHaveCount(4);
  await desk.undo();
  await expect(frames.getByRole('listitem')).toHaveCount(3);
  await expect(field(2)).toHaveValue(/^de/);
  await desk.undo();
  await expect(field(2)).not.toHaveValue(/^de/);
  await expect(field(1)).toHaveValue(/^abc/);
  await desk.undo();
  await expect(field(1)).not.toHaveValue(/^abc/);
  await expect(frames).toBeVisible();
  await desk.undo();
  await expect(frames).toHaveCount(0);
});

test('presses of one key on one thing are steps of their own', async ({ desk }) => {
  const live = await desk.held('Pause');
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Options/ })
    .first()
    .click();
  await desk.unfold('Anchors');
  const field = desk.reading.getByRole('textbox', { name: 'Offset' }).last();
  const first = await field.inputValue();
  await live.key('Shift+ArrowDown');
  await expect(field).not.toHaveValue(first);
  const second = await field.inputValue();
  await live.key('Shift+ArrowDown');
  await expect(field).not.toHaveValue(second);
  await desk.undo();
  await expect(field).toHaveValue(second);
  await desk.undo();
  await expect(field).toHaveValue(first);
});

test('undo takes back the last edit wherever the focus is: in a list of choices, and in a field nobody typed in', async ({
  desk,
}) => {
  await desk.held('Title');
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Heading/ })
    .first()
    .click();
  const words = desk.reading.getByRole('textbox', { name: 'Text', exact: true });
  const before = await words.inputValue();
  await words.fill('Another light');
  const align = desk.reading
    .getByRole('region', { name: 'Typography' })
    .getByRole('combobox', { name: 'Align', exact: true });
  const stood = await align.inputValue();
  await align.selectOption('right');
  await align.press('Control+z');
  await expect(align).toHaveValue(stood);
  await expect(words).toHaveValue('Another light');
  await desk.field('Rotation').focus();
  await desk.page.keyboard.press('Control+z');
  await expect(words).toHaveValue(before);
});

test('Undo stays where it is while an edit is being saved', async ({ desk }) => {
  await desk.choose('Credits');
  const undo = desk.page.getByRole('button', { name: 'Undo' });
  // Where it is whenever the bar says something else, until the edit is saved.
  const seen = undo.evaluate(
    (button) =>
      new Promise<number[]>((resolve) => {
        const lefts = new Set([button.getBoundingClientRect().left]);
        const bar = button.closest('header')!;
        let saving = false;
        new MutationObserver(() => {
          lefts.add(button.getBoundingClientRect().left);
          const now = bar.querySelector('[data-state="keeping"]') !== null;
          if (saving && !now) resolve([...lefts]);
          saving ||= now;
        }).observe(bar, { subtree: true, childList: true, characterData: true, attributes: true });
      }),
  );
  await desk.reading.getByRole('button', { name: 'Button', exact: true }).click();
  expect(await seen).toHaveLength(1);
});

/** What each control of the reading column says, with what it is called, in order. */
const readColumn = (column: Locator): Promise<string[]> =>
  column.evaluate((node) =>
    [...node.querySelectorAll<HTMLInputElement>('input, select, textarea, [role="radio"], [aria-pressed]')]
      .filter((control) => control.getClientRects().length > 0)
      .map((control) => {
        const label =
          control.getAttribute('aria-label') ?? control.labels?.[0]?.textContent ?? control.textContent ?? '';
        const says =
          control.type === 'checkbox'
            ? control.checked
            : (control.getAttribute('aria-checked') ?? control.getAttribute('aria-pressed') ?? control.value);
        return `${control.tagName.toLowerCase()} ${control.type ?? ''} ${label.trim()}: ${says}`;
      }),
  );

/** Controls that choose what is looked at, or open something, rather than edit. */
const LOOKS = /(Add another|Align to|button (normal|hovered|focused|pressed|on|disabled|selected)\b)/;

test('one undo takes back one edit in every kind of control, of every type of element', async ({ desk }) => {
  test.setTimeout(600_000);
  const live = await desk.held('Pause');
  const column = desk.reading;
  const done = new Set<string>();
  const idle: string[] = [];
  for (const [type, key] of TOOLS) {
    await live.press(1900, 1070);
    await live.key(key);
    await expect(column.getByRole('textbox', { name: /^Name of this/ })).toBeVisible();
    for (const title of ['Anchors', 'Opacity', 'Notes']) await desk.unfold(title);
    const before = await readColumn(column);
    for (const [i, said] of before.entries()) {
      const called = said.slice(0, said.lastIndexOf(': '));
      if (done.has(called) || LOOKS.test(called)) continue;
      done.add(called);
      const control = column
        .locator('input, select, textarea, [role="radio"], [aria-pressed]')
        .filter({ visible: true })
        .nth(i);
      if (await control.isDisabled()) continue;
      if (called.startsWith('select')) {
        const other = await control.evaluate((node: HTMLSelectElement) =>
          [...node.options].findIndex((option, n) => n !== node.selectedIndex && !option.disabled),
        );
        if (other >= 0) await control.selectOption({ index: other });
      } else if (/^(button|input (checkbox|radio|color))/.test(called)) await control.click();
      else {
        const value = await control.inputValue();
        const number = /-?\d+(\.\d+)?/.exec(value)?.[0];
        // What is at its most already goes down.
        for (const by of [1, -2]) {
          const said = await control.inputValue();
          const now = /-?\d+(\.\d+)?/.exec(said)?.[0];
          // Where letters are refused a number is meant.
          const letters = by === 1 ? `${said}x` : '5';
          await control.fill(number === undefined ? letters : said.replace(now!, String(Number(now) + by)));
          await control.press('Enter');
          if ((await control.getAttribute('aria-invalid')) !== 'true') break;
        }
      }
      const after = await readColumn(column);
      if (after.join() === before.join()) idle.push(`${type} ${called}`);
      else {
        await desk.page.keyboard.press('Escape');
        await desk.undo();
        await expect.poll(() => readColumn(column), `${type}: ${called}`).toEqual(before);
      }
    }
  }
  expect(idle).toEqual([]);
  expect(done.size).toBeGreaterThan(80);
});
