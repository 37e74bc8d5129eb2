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
