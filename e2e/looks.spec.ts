import { readFile } from 'node:fs/promises';
import { expect, test } from './desk';

test('the same moment in every size: with bars, cut, or as the anchors decide', async ({ desk }) => {
  await desk.begin();
  await desk.held('Title');
  await desk.openDock('Screen sizes');
  const strip = desk.dock.getByRole('region', { name: 'Screen sizes' });
  await strip.getByRole('button', { name: 'Phone, upright, 390 by 844' }).click();
  const shape = async () => {
    const box = (await desk.game.boundingBox())!;
    return Math.round((box.width / box.height) * 100) / 100;
  };
  expect(await shape()).toBeCloseTo(390 / 844, 1);
  const viewBox = () =>
    desk.game.evaluate((host) => host.shadowRoot!.querySelector('svg')!.getAttribute('viewBox'));
  expect(await viewBox()).toBe('0 0 1920 1080');
  await strip.getByRole('combobox', { name: 'On other aspect ratios' }).selectOption('fill, by the anchors');
  await expect.poll(viewBox).toBe('0 0 390 844');
  await strip.getByRole('button', { name: 'Size', exact: true }).click();
  const sheet = desk.page.getByRole('dialog', { name: 'A size of your own' });
  await sheet.getByRole('textbox', { name: 'Name' }).fill('Kiosk');
  await sheet.getByRole('textbox', { name: 'Width' }).fill('1280');
  await sheet.getByRole('textbox', { name: 'Height' }).fill('720');
  await sheet.getByRole('button', { name: 'Add it' }).click();
  await expect.poll(viewBox).toBe('0 0 1280 720');
  await desk.live.getByRole('button', { name: 'Resume' }).click();
  await desk.takeInHand();
  await desk.page.keyboard.press('ArrowDown');
  await strip.getByRole('button', { name: /^As designed/ }).click();
  await expect.poll(viewBox).toBe('0 0 1920 1080');
});

test('many files at once become pictures on the screen, bad ones are refused with words, one is replaced', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Title');
  await desk.page.getByRole('tab', { name: 'Assets' }).click();
  const pane = desk.page.getByRole('region', { name: 'Assets' });
  const svg = (body: string) => ({
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" width="80" height="60">${body}</svg>`),
  });
  const font = await readFile('node_modules/@fontsource/marcellus/files/marcellus-latin-400-normal.woff');
  await desk.bringIn([
    ...Array.from({ length: 12 }, (_, i) => ({
      name: `gull ${i + 1}.svg`,
      ...svg('<circle r="20" fill="red"/>'),
    })),
    {
      name: 'huge.svg',
      mimeType: 'image/svg+xml',
      buffer: Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9000" height="60"/>'),
    },
    { name: 'trick.svg', ...svg('<script>alert(1)</script>') },
    { name: 'broken.png', mimeType: 'image/png', buffer: Buffer.from('\x89PNG\r\n\x1a\nnothing', 'latin1') },
    { name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('hello') },
    { name: 'Sign.woff', mimeType: 'font/woff', buffer: font },
  ]);
  await expect(pane.getByRole('region', { name: 'Pictures' }).getByRole('listitem')).toHaveCount(12);
  await expect(pane.getByRole('region', { name: 'Fonts' })).toContainText('WOFF');
  const refused = pane.getByRole('alert');
  await expect(refused).toContainText('trick.svg: It contains a script.');
  await expect(refused).toContainText('broken.png: The picture is damaged: it ends in the middle.');
  await expect(refused).toContainText('notes.txt: It is no picture, font or sound');
  await expect(refused).toContainText('huge.svg: It is 9000 × 60 pixels; 8192 on a side is the most.');
  await refused.getByRole('button', { name: 'Dismiss' }).click();
  await pane.getByRole('button', { name: 'add', exact: true }).first().click();
  await expect(desk.reading.getByRole('textbox', { name: /^Name of this picture/ })).toHaveValue('gull 1');
  await expect(pane.getByRole('region', { name: 'Pictures' }).getByRole('listitem').first()).toContainText(
    'Title',
  );

  const chooser = desk.page.waitForEvent('filechooser');
  await pane.getByRole('button', { name: 'Replace gull 1 by another file' }).click();
  await (await chooser).setFiles([{ name: 'tern.svg', ...svg('<rect width="9" height="9"/>') }]);
  await expect(pane.getByRole('region', { name: 'Pictures' }).getByRole('listitem').first()).toContainText(
    'Title',
  );
  await pane.getByRole('button', { name: 'Delete 12 unused' }).click();
  await expect(pane.getByRole('listitem')).toHaveCount(1);
  await desk.undo();
  await expect(pane.getByRole('listitem')).toHaveCount(13);

  // Pasted as well as brought in.
  const clipboardData = await desk.page.evaluateHandle(() => {
    const data = new DataTransfer();
    data.items.add(
      new File(['<svg xmlns="http://www.w3.org/2000/svg" width="8" height="8"/>'], 'pasted.svg', {
        type: 'image/svg+xml',
      }),
    );
    return data;
  });
  await pane.evaluate(
    (target, data) =>
      target.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true })),
    clipboardData,
  );
  await expect(pane.getByRole('textbox', { name: 'Name of pasted' })).toBeVisible();

  // The font of the project is written in, and measured by its own letters.
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.held('Title');
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Heading/ })
    .click();
  await desk.reading.getByRole('combobox', { name: 'Font' }).selectOption('Sign');
  await expect
    .poll(() =>
      desk.game.evaluate((host) =>
        [...host.shadowRoot!.querySelectorAll('g')].some((node) =>
          /own-i-/.test(node.getAttribute('font-family') ?? ''),
        ),
      ),
    )
    .toBe(true);
});

test('shared looks: an exception shows and is undone, a colour by name changes everywhere, states look otherwise', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Title');
  const what = desk.reading.getByRole('region', { name: 'Elements' });
  const first = what.getByRole('button', { name: /leads nowhere|button$/i }).first();
  await first.click();
  const box = desk.reading.getByRole('region', { name: 'Box', exact: true });
  await box.getByRole('button', { name: /^Fill: / }).click();
  const sheet = desk.page.getByRole('dialog', { name: 'Fill' });
  await sheet.getByRole('textbox', { name: 'Colour' }).fill('teal');
  await sheet.getByRole('textbox', { name: 'Colour' }).press('Enter');
  await expect(sheet.getByRole('alert')).toContainText('six hexadecimal digits');
  await sheet.getByRole('textbox', { name: 'Colour' }).fill('#227755');
  await sheet.getByRole('textbox', { name: 'Colour' }).press('Enter');
  await sheet.getByRole('button', { name: 'Add to the project’s colours' }).click();
  await desk.page.keyboard.press('Escape');
  await expect(box).toContainText('with overrides');
  const fills = () =>
    desk.game.evaluate((host) =>
      [...host.shadowRoot!.querySelectorAll('rect')].map((node) => node.getAttribute('fill')),
    );
  await box.getByRole('button', { name: 'Update the style, everywhere' }).click();
  await expect(box).not.toContainText('with overrides');
  await expect
    .poll(async () => (await fills()).filter((value) => value === '#227755').length)
    .toBeGreaterThan(1);

  await desk.reading.getByRole('button', { name: 'Base' }).click();
  const colours = desk.reading.getByRole('region', { name: 'Colours' });
  await colours.getByRole('button', { name: /^Colour / }).click();
  const palette = desk.page.getByRole('dialog', { name: /^Colour / });
  await palette.getByRole('textbox', { name: 'Colour', exact: true }).fill('#774422');
  await palette.getByRole('textbox', { name: 'Colour', exact: true }).press('Enter');
  await desk.page.keyboard.press('Escape');
  await expect
    .poll(async () => (await fills()).filter((value) => value === '#774422').length)
    .toBeGreaterThan(1);
});

test('twelve pictures dropped on Live lie on one centre, are renamed and ordered by keyboard', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Title');
  const files = await desk.page.evaluateHandle(() => {
    const data = new DataTransfer();
    for (let n = 1; n <= 12; n++) {
      const drawing = `<svg xmlns="http://www.w3.org/2000/svg" width="${40 + n}" height="40"><circle r="9"/></svg>`;
      data.items.add(new File([drawing], `gull ${n}.svg`, { type: 'image/svg+xml' }));
    }
    return data;
  });
  await desk.editing.dispatchEvent('drop', { dataTransfer: files });
  const several = desk.reading.getByRole('region', { name: 'Several elements' });
  await expect(several).toContainText('12 elements');
  // Renamed one after another, without the pointer.
  await several.getByRole('textbox').first().focus();
  for (let n = 0; n < 12; n++) {
    await desk.page.keyboard.press('Control+a');
    await desk.page.keyboard.type(`Tern ${n + 1}`);
    await desk.page.keyboard.press('Tab');
    await desk.page.keyboard.press('Tab');
  }
  await expect(several.getByRole('textbox').last()).toHaveValue('Tern 12');
  await several.getByRole('button', { name: 'Only this' }).last().click();
  await desk.unfold('Anchors');
  await expect(desk.field('Offset').first()).toHaveValue('0');
  await desk.reading.getByRole('button', { name: 'All of Title' }).click();
  const rows = desk.reading
    .getByRole('region', { name: 'All of Title' })
    .getByRole('button', { name: /^Tern \d+ picture/ });
  await rows.last().focus();
  await desk.page.keyboard.press('Alt+ArrowUp');
  await expect(rows.last()).toHaveAccessibleName(/^Tern 11/);
});

test('an overlay blurs and dims what is beneath, a base has a gradient and grain that moves', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Pause');
  const background = desk.reading.getByRole('region', { name: 'Background' });
  await background.getByRole('textbox', { name: 'Blur beneath' }).fill('14');
  await background.getByRole('textbox', { name: 'Blur beneath' }).press('Enter');
  const drawn = (selector: string) =>
    desk.game.evaluate((host, find) => host.shadowRoot!.querySelectorAll(find).length, selector);
  await expect.poll(() => drawn('feGaussianBlur[stdDeviation="14"]')).toBe(1);
  await desk.held('Title');
  await background.getByRole('checkbox', { name: 'Gradient' }).check();
  await expect.poll(() => drawn('linearGradient')).toBeGreaterThan(0);
  await background.getByRole('textbox', { name: 'Grain' }).fill('30');
  await background.getByRole('textbox', { name: 'Grain' }).press('Enter');
  await background.getByRole('checkbox', { name: 'Animated' }).check();
  const speck = () => desk.game.evaluate((host) => host.shadowRoot!.querySelector('pattern')?.id);
  const before = await speck();
  await desk.live.getByRole('button', { name: 'Resume' }).click();
  await expect.poll(speck).not.toBe(before);
});

test('a colour is picked off the screen, with a word when what is seen there is not the element’s own', async ({
  desk,
}) => {
  await desk.begin();
  const live = await desk.held('Title');
  await live.press(1700, 1000);
  await live.key('p');
  await desk.unfold('Opacity');
  await desk.fillIn('Opacity', '50');
  const box = desk.reading.getByRole('region', { name: 'Box', exact: true });
  await box.getByRole('button', { name: /^Border: / }).click();
  const sheet = desk.page.getByRole('dialog', { name: 'Border' });
  await sheet.getByRole('button', { name: 'Pick it off the screen' }).click();
  await expect(desk.word('Press in Live to take a colour from there. Esc ends it.')).toBeVisible();
  await live.press(960, 540);
  await expect(sheet).toContainText(
    /Seen there is #[0-9a-f]{6}; Panel itself is #[0-9a-f]{6}, and its opacity makes it look otherwise\./,
  );
});

test('controls that show a value set it while the game runs, on every screen that shows it', async ({
  desk,
}) => {
  await desk.playFrom('Options');
  const { keyboard } = desk.page;
  await keyboard.press('ArrowDown');
  await expect.poll(() => desk.words()).toContain('80 %');
  await keyboard.press('ArrowRight');
  await expect.poll(() => desk.words()).toContain('90 %');
  await expect(desk.log).toContainText('brightness is 90 %');
  for (let n = 0; n < 4; n++) await keyboard.press('ArrowDown');
  await keyboard.press('Enter');
  await expect(desk.log).toContainText('film grain is Off');
});

test('a tooltip is shown while the pointer or the focus rests, in a look of its own, and is one of the texts', async ({
  desk,
}) => {
  const words = 'Who made the light burn';
  const shown = () => desk.words().then((all) => all.includes(words));
  await desk.held('Title');
  const what = desk.reading.getByRole('region', { name: 'Elements' });
  await what.getByRole('button', { name: /^Credits/ }).click();
  await desk.reading.getByRole('textbox', { name: 'Tooltip' }).fill(words);
  await desk.page.keyboard.press('Enter');

  await desk.playFrom('Title');
  await desk.game.locator('text', { hasText: 'Credits' }).hover();
  await expect.poll(shown).toBe(true);
  await desk.page.mouse.move(2, 2);
  await expect.poll(shown).toBe(false);
  for (let n = 0; n < 3; n++) await desk.page.keyboard.press('ArrowDown');
  await expect(desk.game.locator('[aria-current="true"]')).toHaveAttribute('aria-label', 'Credits');
  await expect(desk.game.locator('[aria-current="true"]')).toHaveAttribute('aria-description', words);
  await expect.poll(shown).toBe(true);
  await desk.page.keyboard.press('ArrowUp');
  await expect.poll(shown).toBe(false);

  // Its look is one for the whole project.
  await desk.readProject();
  const tooltips = desk.reading.getByRole('region', { name: 'Tooltips' });
  await tooltips.getByRole('button', { name: 'Tooltips' }).click();
  await tooltips.getByRole('combobox', { name: 'Box style' }).click();
  await desk.page.getByRole('listbox').getByRole('option').first().click();
  await tooltips.getByRole('textbox', { name: 'Delay' }).fill('0.1 s');
  await tooltips.getByRole('textbox', { name: 'Delay' }).press('Enter');
  await desk.game.locator('text', { hasText: 'Credits' }).hover();
  await expect.poll(shown).toBe(true);

  await desk.page.getByRole('tab', { name: 'Lines' }).click();
  await desk.page.getByRole('radio', { name: 'Texts' }).click();
  const table = desk.page.getByRole('region', { name: 'Lines' });
  await table.getByRole('searchbox', { name: 'Find in the texts' }).fill(words);
  await table.getByRole('button', { name: 'Go to Title · Credits · tooltip' }).click();
  await expect(desk.reading.getByRole('textbox', { name: 'Tooltip' })).toHaveValue(words);
});
