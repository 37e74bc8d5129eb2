import { expect, test } from './desk';

/** The right column: what is most used first, numbers side by side, styles as they look, and several elements at once. */

test('a place is read and set as X, Y, W and H in one row, sums and percentages taken, each one step back', async ({
  desk,
}) => {
  await desk.begin();
  const live = await desk.held('Title');
  const label = desk.editing.locator('span', { hasText: '·' }).first();
  await live.press(1900, 1070);
  await live.key('p');
  const tops = await Promise.all(
    ['X', 'Y', 'Width', 'Height'].map(async (name) => (await desk.field(name).boundingBox())!.y),
  );
  expect(new Set(tops.map(Math.round)).size).toBe(1);
  for (const [name, typed] of [
    ['Width', '300'],
    ['Height', '180 + 20'],
    ['X', '1920 / 4'],
    ['Y', '60'],
  ] as const)
    await desk.fillIn(name, typed);
  await expect(label).toContainText('480, 60 · 300 × 200');
  await desk.fillIn('Width', '50%');
  await expect(label).toContainText('× 200');
  await expect(label).toContainText('· 960 ×');
  await expect(desk.field('Width')).toHaveValue('50%');
  await desk.undo();
  await expect(label).toContainText('480, 60 · 300 × 200');
  await desk.field('X').press('ArrowUp');
  await expect(label).toContainText('481, 60');
});

test('several elements show what they share, and what is set is set on all of them in one step', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Title');
  const all = desk.reading.getByRole('region', { name: 'Elements' });
  await all
    .getByRole('button', { name: /button$/ })
    .first()
    .click();
  await desk.unfold('All of Title');
  const rows = desk.reading.getByRole('region', { name: 'All of Title' });
  await rows
    .getByRole('button', { name: /button$/ })
    .nth(1)
    .click({ modifiers: ['Shift'] });
  await expect(desk.field('Y')).toHaveValue('');
  await expect(desk.field('Y')).toHaveAttribute('placeholder', 'mixed');
  await expect(desk.field('Width')).not.toHaveValue('');
  const before = await desk.field('Width').inputValue();
  await desk.fillIn('Width', '333');
  await desk.fillIn('Corner radius', '31');
  await desk.fillIn('Size', '29');
  const looks = async () =>
    (await desk.saved()).screens
      .find(({ name }) => name === 'Title')!
      .elements.flatMap((element) =>
        element.type === 'button'
          ? [
              [
                element.place.x.at !== 'stretch' && element.place.x.size,
                element.box.corner,
                element.look.size,
              ],
            ]
          : [],
      )
      .filter(([width]) => width === 333);
  expect(await looks()).toEqual([
    [333, 31, 29],
    [333, 31, 29],
  ]);
  for (let n = 0; n < 3; n++) await desk.undo();
  await expect(desk.field('Width')).toHaveValue(before);
  await expect(desk.field('Corner radius')).not.toHaveValue('31');
});

test('a style is chosen by how it looks, with the pointer or the keyboard', async ({ desk }) => {
  await desk.begin();
  await desk.held('Title');
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /text$/ })
    .first()
    .click();
  const style = desk.reading.getByRole('combobox', { name: 'Text style' });
  const now = await style.getAttribute('title');
  await style.click();
  const options = desk.page.getByRole('listbox').getByRole('option');
  await expect(options.first()).toBeVisible();
  expect(await options.count()).toBeGreaterThan(2);
  // Each is drawn: its own name in its own letters.
  for (const option of await options.all())
    await expect(option.locator('svg[data-picture] text').first()).toContainText(
      (await option.innerText()).trim().slice(0, 4),
    );
  await desk.page.keyboard.press('Escape');
  await expect(options).toHaveCount(0);
  await expect(style).toBeFocused();
  await desk.page.keyboard.press('Enter');
  await expect(options.first()).toBeVisible();
  await desk.page.keyboard.press('End');
  await expect(options.last()).toBeFocused();
  await desk.page.keyboard.press('Enter');
  await expect(style).not.toHaveAttribute('title', now!);
  await desk.undo();
  await expect(style).toHaveAttribute('title', now!);
});

test('groups stay as they were left, and nothing scrolls sideways in a narrow window', async ({ desk }) => {
  await desk.page.setViewportSize({ width: 1024, height: 768 });
  await desk.begin();
  const sideways = () =>
    desk.reading.evaluate((column) =>
      [...column.querySelectorAll('*')]
        .filter(
          (node) => node.scrollWidth > node.clientWidth + 1 && getComputedStyle(node).overflowX === 'auto',
        )
        .map((node) => node.className),
    );
  const live = await desk.held('Title');
  expect(await sideways()).toEqual([]);
  for (const key of 'bptisl') {
    await live.press(1900, 1070);
    await live.key(key);
    for (const title of ['Anchors', 'Opacity', 'Animations', 'Notes']) await desk.unfold(title);
    expect(await sideways()).toEqual([]);
  }
  await desk.readProject();
  expect(await sideways()).toEqual([]);
  await desk.choose('Title');
  await desk.reading.getByRole('button', { name: 'Background', exact: true }).click();
  await desk.choose('Pause');
  await expect(desk.reading.getByRole('button', { name: 'Background', exact: true })).toHaveAttribute(
    'aria-expanded',
    'false',
  );
});
