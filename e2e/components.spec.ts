import { expect, test } from './desk';

/** Components: made, placed, told what they show, dissolved. */

/** What screens are made of and look like: components, shared looks, backgrounds, assets, sizes, controls. */

test('a component is made of what is chosen, placed elsewhere, changed once, otherwise in one place, and dissolved', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Options');
  const what = desk.reading.getByRole('region', { name: 'Elements' });
  await what.getByRole('button', { name: /^Back/ }).click();
  await desk.reading.getByRole('button', { name: 'Make a component' }).click();
  await expect(desk.reading.getByRole('textbox', { name: 'Name, in every place' })).toHaveValue('Back');
  // Its way back went with it, and is the same everywhere.
  await expect(desk.sentence(/^When Back is pressed, go back/)).toBeVisible();
  await desk.reading
    .getByRole('region', { name: 'Parameters here' })
    .getByRole('button', { name: 'Text' })
    .click();
  await desk.reading.getByRole('button', { name: 'Go inside' }).click();
  await desk.reading.getByRole('textbox', { name: 'Text', exact: true }).fill('{label} (Esc)');
  await desk.page.keyboard.press('Escape');

  await desk.held('Game over');
  await desk.reading.getByRole('combobox', { name: 'Add another element' }).selectOption('Back');
  await expect(desk.field('label')).toBeVisible();
  await desk.fillIn('label', 'Leave');
  await expect.poll(() => desk.words()).toContain('Leave (Esc)');
  await desk.held('Options');
  await what.getByRole('button', { name: /^Back/ }).click();
  await desk.fillIn('label', 'Return');
  await expect.poll(() => desk.words()).toContain('Return (Esc)');

  // Changed once, everywhere; then only here; then as everywhere again.
  await desk.reading.getByRole('button', { name: 'Go inside' }).click();
  await desk.reading.getByRole('textbox', { name: 'Text', exact: true }).fill('‹ {label}');
  await expect.poll(() => desk.words()).toContain('‹ Return');
  await desk.reading.getByRole('radio', { name: 'This place only' }).click();
  await desk.reading.getByRole('textbox', { name: 'Text', exact: true }).fill('Off');
  await expect.poll(() => desk.words()).toContain('Off');
  await expect(desk.reading.getByText('Overridden here: its words.')).toBeVisible();
  await desk.held('Game over');
  await expect.poll(() => desk.words()).toContain('‹ Leave');
  await desk.held('Options');
  await what.getByRole('button', { name: /^Back/ }).click();
  await desk.reading.getByRole('button', { name: 'Reset to the component' }).click();
  await expect.poll(() => desk.words()).toContain('‹ Return');

  // It runs: pressed where it is placed, it goes back.
  await desk.playFrom('Options');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Title');

  await desk.held('Options');
  await what.getByRole('button', { name: /^Back/ }).click();
  await desk.reading.getByRole('button', { name: 'Break into elements' }).click();
  await expect(desk.reading.getByRole('textbox', { name: 'Text', exact: true })).toHaveCount(0);
  await expect.poll(() => desk.words()).toContain('‹ Return');
});

test('a component is told a picture, whether a part of it is there, and where it leads, each place its own', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Title');
  await desk.page.getByRole('tab', { name: 'Assets' }).click();
  const chooser = desk.page.waitForEvent('filechooser');
  await desk.page
    .getByRole('region', { name: 'Assets' })
    .getByRole('button', { name: 'Import files' })
    .click();
  await (
    await chooser
  ).setFiles(
    ['gull', 'tern'].map((name) => ({
      name: `${name}.svg`,
      mimeType: 'image/svg+xml',
      buffer: Buffer.from(
        `<svg xmlns="http://www.w3.org/2000/svg" width="${name === 'gull' ? 40 : 80}" height="40"><circle r="9"/></svg>`,
      ),
    })),
  );
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  const live = await desk.held('Options');
  await live.press(1910, 1070);
  await live.key('b');
  await live.press(1910, 1070);
  await live.key('i');
  await desk.reading.getByRole('button', { name: 'All of Options' }).click();
  const rows = desk.reading.getByRole('region', { name: 'All of Options' });
  await rows.getByRole('button', { name: /^Button button/ }).click();
  await rows.getByRole('button', { name: /^Picture picture/ }).click({ modifiers: ['Shift'] });
  await desk.reading.getByRole('button', { name: 'Make a component' }).click();
  await desk.fillIn('Name, in every place', 'Bird');
  const told = desk.reading.getByRole('region', { name: 'Parameters here' });
  await told.getByRole('button', { name: 'Text' }).click();
  await told.getByRole('button', { name: 'Picture' }).click();
  await told.getByRole('button', { name: 'On or off' }).click();

  // Inside, its parts name what the component is told.
  await desk.reading.getByRole('button', { name: 'Go inside' }).click();
  const parts = desk.reading.getByRole('list', { name: 'Parts of Bird' });
  await parts.getByRole('button', { name: 'Picture' }).click();
  await desk.reading.getByRole('combobox', { name: 'Or from', exact: true }).selectOption('picture');
  await desk.reading.getByRole('button', { name: 'always' }).first().click();
  await desk.page.getByRole('combobox', { name: 'Only while' }).fill('shown');
  await desk.page.keyboard.press('Enter');
  await expect(desk.reading.getByRole('button', { name: 'shown is On', exact: true })).toBeVisible();
  await parts.getByRole('button', { name: 'Button' }).click();
  await desk.reading.getByRole('textbox', { name: 'Text', exact: true }).fill('To {label}');
  await rows.getByRole('button', { name: 'Button Bird' }).click();
  await desk.fillIn('label', 'sea');
  await expect.poll(() => desk.words()).toContain('To sea');
  // What is written inside still names it, and is not what it says here.
  await desk.reading.getByRole('button', { name: 'Go inside' }).click();
  await parts.getByRole('button', { name: 'To label' }).click();
  await expect(desk.reading.getByRole('textbox', { name: 'Text', exact: true })).toHaveValue('To {label}');

  await desk.held('Game over');
  await desk.reading.getByRole('combobox', { name: 'Add another element' }).selectOption('Bird');
  await desk.reading.getByRole('combobox', { name: 'picture', exact: true }).selectOption('tern');
  const pictures = () => desk.game.evaluate((host) => host.shadowRoot!.querySelectorAll('image').length);
  await expect.poll(pictures).toBe(1);
  await desk.reading.getByRole('combobox', { name: 'shown', exact: true }).selectOption('off');
  await expect.poll(pictures).toBe(0);
  await desk.reading.getByRole('button', { name: 'default' }).last().click();
  await expect.poll(pictures).toBe(1);
  await desk.reading.getByRole('button', { name: 'To label leads from here …' }).click();
  await desk.fill(desk.sentence(/^When To label is pressed/), 'somewhere', 'Title', 'Title');
  await desk.held('Options');
  await expect.poll(pictures).toBe(0);
});
