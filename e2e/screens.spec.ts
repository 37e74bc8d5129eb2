import { readFile } from 'node:fs/promises';
import { expect, test, type Desk } from './desk';

/** Screens assembled where they run: drawn, placed, lined up, styled, made components of, looked at in every size. */

/** A held screen, and what helps to press and drag on it in design pixels. */
async function held(desk: Desk, screen: string) {
  await desk.choose(screen);
  await expect(desk.editing).toBeVisible();
  const at = async (x: number, y: number): Promise<[number, number]> => {
    const box = (await desk.editing.boundingBox())!;
    return [box.x + (x / 1920) * box.width, box.y + (y / 1080) * box.height];
  };
  const { mouse } = desk.page;
  return {
    press: async (x: number, y: number) => mouse.click(...(await at(x, y))),
    drag: async (from: [number, number], to: [number, number]) => {
      await mouse.move(...(await at(...from)));
      await mouse.down();
      await mouse.move(...(await at((from[0] + to[0]) / 2, (from[1] + to[1]) / 2)));
      await mouse.move(...(await at(...to)), { steps: 4 });
      await mouse.up();
    },
    key: (key: string) => desk.editing.press(key),
  };
}

const field = (desk: Desk, name: string) => desk.reading.getByRole('textbox', { name, exact: true });
const fill = async (desk: Desk, name: string, value: string) => {
  await field(desk, name).fill(value);
  await field(desk, name).press('Enter');
};
const across = (desk: Desk) => desk.reading.getByRole('combobox', { name: 'Across: kept' });

test('every sort of element is put on by one key, drawn, and the tool falls back to choosing', async ({
  desk,
}) => {
  await desk.begin();
  const live = await held(desk, 'Title');
  await live.press(1700, 1000);
  const names: string[] = [];
  for (const key of 'BTPISLCNMGERUDKWO') {
    await live.key(key);
    names.push(await desk.reading.getByRole('textbox', { name: /^Name of this/ }).inputValue());
  }
  expect(new Set(names).size).toBe(17);
  expect(names).toContain('Speech bubble');
  await desk.page
    .getByRole('toolbar', { name: 'Put on the screen' })
    .getByRole('button', { name: 'Draw: panel' })
    .click();
  await live.drag([1200, 100], [1500, 260]);
  await expect(field(desk, 'Width')).toHaveValue(/^(299|300|301)$/);
  await expect(
    desk.page
      .getByRole('toolbar', { name: 'Put on the screen' })
      .getByRole('button', { name: 'Choose and move' }),
  ).toHaveAttribute('aria-pressed', 'true');
});

test('placed by hand: dragged, caught on a sister, resized, turned, nudged, each one step back', async ({
  desk,
}) => {
  await desk.begin();
  const live = await held(desk, 'Title');
  await live.press(1700, 1000);
  await live.key('p');
  await fill(desk, 'Width', '300');
  await fill(desk, 'Height', '200');
  await live.drag([960, 540], [976, 300]);
  // Near the middle it catches on that of the frame.
  await expect(field(desk, 'Distance').first()).toHaveValue('0');
  await live.key('ArrowRight');
  await live.key('Shift+ArrowRight');
  await expect(field(desk, 'Distance').first()).toHaveValue('11');
  await live.key('Control+ArrowDown');
  await expect(field(desk, 'Height')).toHaveValue('201');
  await live.key('.');
  await expect(field(desk, 'Turned, degrees')).toHaveValue('15');
  await desk.undo();
  await expect(field(desk, 'Turned, degrees')).toHaveValue('0');
  const corner = desk.editing.locator('[data-handle="1 1"]');
  const box = (await corner.boundingBox())!;
  await desk.page.mouse.move(box.x + 4, box.y + 4);
  await desk.page.mouse.down();
  await desk.page.mouse.move(box.x + 64, box.y + 44, { steps: 5 });
  await desk.page.mouse.up();
  expect(Number(await field(desk, 'Width').inputValue())).toBeGreaterThan(400);
  await desk.undo();
  await expect(field(desk, 'Width')).toHaveValue('300');
});

test('a text in the middle of its share, a stretched panel, a picture kept at a corner, and one beside another', async ({
  desk,
}) => {
  await desk.begin();
  const live = await held(desk, 'Title');
  const label = desk.editing.locator('span', { hasText: '·' }).first();
  await live.press(1700, 1000);
  await live.key('t');
  await across(desk).selectOption('from the left');
  await desk.reading.getByRole('combobox', { name: 'Down: kept' }).selectOption('from the top');
  for (const [n, by] of [
    [0, 'middle'],
    [1, 'middle'],
  ] as const)
    await desk.reading.getByRole('combobox', { name: 'By its' }).nth(n).selectOption(by);
  await field(desk, 'Distance').nth(0).fill('50%');
  await field(desk, 'Distance').nth(1).fill('75%');
  await fill(desk, 'Width', '40%');
  await fill(desk, 'Height', '10%');
  await expect(label).toContainText('576, 756 · 768 × 108');

  await live.key('p');
  await across(desk).selectOption('stretched');
  await desk.reading.getByRole('combobox', { name: 'Down: kept' }).selectOption('stretched');
  for (const [name, value] of [
    ['Left', '200 + 40'],
    ['Right', '240'],
    ['Top', '90'],
    ['Bottom', '90'],
  ] as const)
    await fill(desk, name, value);
  await expect(label).toContainText('240, 90 · 1440 × 900');

  await live.key('i');
  await across(desk).selectOption('from the left');
  await desk.reading.getByRole('combobox', { name: 'Down: kept' }).selectOption('from the bottom');
  await field(desk, 'Distance').nth(0).fill('36');
  await field(desk, 'Distance').nth(1).fill('36');
  for (const size of ['512', '480']) {
    await fill(desk, 'Width', size);
    await fill(desk, 'Height', size);
    await expect(label).toContainText(`36, ${1080 - 36 - Number(size)} · ${size} × ${size}`);
  }

  // Beside the picture, 24 from it, whatever its size.
  await live.key('b');
  await across(desk).selectOption('beside a sister');
  await desk.reading.getByRole('combobox', { name: 'Across: beside' }).selectOption('Picture');
  await desk.reading.getByRole('combobox', { name: 'Across: which side' }).selectOption('right of');
  await field(desk, 'Distance').nth(0).fill('24');
  await field(desk, 'Distance').nth(0).press('Enter');
  await expect(label).toContainText('540, ');
  await desk.reading.getByRole('button', { name: 'Title', exact: true }).click();
  await desk.reading
    .getByRole('region', { name: 'What is on it' })
    .getByRole('button', { name: 'Picture picture' })
    .click();
  await fill(desk, 'Width', '300');
  await desk.reading.getByRole('button', { name: 'Title', exact: true }).click();
  await desk.reading
    .getByRole('region', { name: 'What is on it' })
    .getByRole('button', { name: 'Button button, leads nowhere' })
    .click();
  await expect(label).toContainText('360, ');
});

test('several are lined up, spread, put into a panel with nothing moving, and hidden only while editing', async ({
  desk,
}) => {
  const live = await held(desk, 'Title');
  await desk.reading
    .getByRole('region', { name: 'What is on it' })
    .getByRole('button', { name: /^Begin the watch/ })
    .click();
  await desk.reading.getByRole('button', { name: 'All of Title' }).click();
  const all = desk.reading.getByRole('region', { name: 'All of Title' });
  for (const name of [/^Continue b/, /^Options b/])
    await all.getByRole('button', { name }).click({ modifiers: ['Shift'] });
  await expect(desk.reading.getByRole('region', { name: 'Several elements' })).toContainText('3 elements');
  await desk.reading.getByRole('combobox', { name: 'Line up to' }).selectOption('the safe margin');
  await desk.reading.getByRole('button', { name: 'Left edges in line' }).click();
  await desk.reading.getByRole('button', { name: 'Only this' }).first().click();
  await expect(field(desk, 'Distance').first()).toHaveValue('96');
  await live.key('Shift+H');
  await desk.page.keyboard.press('Escape');
  expect(await desk.words()).not.toContain('Begin the watch');
  await desk.live.getByRole('button', { name: 'Let go' }).click();
  await expect.poll(() => desk.words()).toContain('Begin the watch');
});

test('a component is made of what is chosen, placed elsewhere, changed once, otherwise in one place, and dissolved', async ({
  desk,
}) => {
  await desk.begin();
  await held(desk, 'Options');
  const what = desk.reading.getByRole('region', { name: 'What is on it' });
  await what.getByRole('button', { name: /^Back/ }).click();
  await desk.reading.getByRole('button', { name: 'Make a component' }).click();
  await expect(desk.reading.getByRole('textbox', { name: 'Its name, everywhere' })).toHaveValue('Back');
  // Its way back went with it, and is the same everywhere.
  await expect(desk.sentence(/^When Back is pressed, go back/)).toBeVisible();
  await desk.reading
    .getByRole('region', { name: 'What it is told here' })
    .getByRole('button', { name: 'Text' })
    .click();
  await desk.reading.getByRole('button', { name: 'Go inside' }).click();
  await desk.reading.getByRole('textbox', { name: 'Words on it' }).fill('{label} (Esc)');
  await desk.page.keyboard.press('Escape');

  await held(desk, 'Game over');
  await desk.reading.getByRole('combobox', { name: 'Put on something else' }).selectOption('Back');
  await expect(field(desk, 'label')).toBeVisible();
  await fill(desk, 'label', 'Leave');
  await expect.poll(() => desk.words()).toContain('Leave (Esc)');
  await held(desk, 'Options');
  await what.getByRole('button', { name: /^Back/ }).click();
  await fill(desk, 'label', 'Return');
  await expect.poll(() => desk.words()).toContain('Return (Esc)');

  // Changed once, everywhere; then only here; then as everywhere again.
  await desk.reading.getByRole('button', { name: 'Go inside' }).click();
  await desk.reading.getByRole('textbox', { name: 'Words on it' }).fill('‹ {label}');
  await expect.poll(() => desk.words()).toContain('‹ Return');
  await desk.reading.getByRole('radio', { name: 'Only here' }).click();
  await desk.reading.getByRole('textbox', { name: 'Words on it' }).fill('Off');
  await expect.poll(() => desk.words()).toContain('Off');
  await expect(desk.reading.getByText('Otherwise here: its words.')).toBeVisible();
  await held(desk, 'Game over');
  await expect.poll(() => desk.words()).toContain('‹ Leave');
  await held(desk, 'Options');
  await what.getByRole('button', { name: /^Back/ }).click();
  await desk.reading.getByRole('button', { name: 'All as everywhere' }).click();
  await expect.poll(() => desk.words()).toContain('‹ Return');

  // It runs: pressed where it is placed, it goes back.
  await desk.playFrom('Options');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Title');

  await held(desk, 'Options');
  await what.getByRole('button', { name: /^Back/ }).click();
  await desk.reading.getByRole('button', { name: 'Dissolve it here' }).click();
  await expect(desk.reading.getByRole('textbox', { name: 'Words on it' })).toHaveCount(0);
  await expect.poll(() => desk.words()).toContain('‹ Return');
});

test('the same moment in every size: with bars, cut, or as the anchors decide', async ({ desk }) => {
  await desk.begin();
  await held(desk, 'Title');
  await desk.live.getByRole('button', { name: 'Sizes and shapes' }).click();
  const strip = desk.live.getByRole('region', { name: 'Sizes and shapes' });
  await strip.getByRole('button', { name: 'Phone, upright, 390 by 844' }).click();
  const shape = async () => {
    const box = (await desk.game.boundingBox())!;
    return Math.round((box.width / box.height) * 100) / 100;
  };
  expect(await shape()).toBeCloseTo(390 / 844, 1);
  const viewBox = () =>
    desk.game.evaluate((host) => host.shadowRoot!.querySelector('svg')!.getAttribute('viewBox'));
  expect(await viewBox()).toBe('0 0 1920 1080');
  await strip.getByRole('combobox', { name: 'In another shape' }).selectOption('the anchors decide');
  await expect.poll(viewBox).toBe('0 0 390 844');
  await strip.getByRole('button', { name: 'Size', exact: true }).click();
  const sheet = desk.page.getByRole('dialog', { name: 'A size of your own' });
  await sheet.getByRole('textbox', { name: 'Name' }).fill('Kiosk');
  await sheet.getByRole('textbox', { name: 'Wide, pixels' }).fill('1280');
  await sheet.getByRole('textbox', { name: 'High, pixels' }).fill('720');
  await sheet.getByRole('button', { name: 'Add it' }).click();
  await expect.poll(viewBox).toBe('0 0 1280 720');
  await desk.live.getByRole('button', { name: 'Let go' }).click();
  await desk.takeInHand();
  await desk.page.keyboard.press('ArrowDown');
  await strip.getByRole('button', { name: /^As designed/ }).click();
  await expect.poll(viewBox).toBe('0 0 1920 1080');
});

test('beside a sister that shows faintly, what nearly matches is matched by one press', async ({ desk }) => {
  await desk.begin();
  await held(desk, 'Options');
  const what = desk.reading.getByRole('region', { name: 'What is on it' });
  await what.getByRole('button', { name: /^Heading/ }).click();
  // The headings of both stand in the middle; this one five too far to the right.
  await field(desk, 'Distance').first().fill('0 + 5');
  await field(desk, 'Distance').first().press('Enter');
  await desk.page.getByRole('button', { name: 'Line up', exact: true }).click();
  await desk.page.getByRole('combobox', { name: 'Show faintly' }).selectOption('Pause');
  await desk.page.keyboard.press('Escape');
  const near = desk.reading.getByRole('region', { name: 'Beside Pause' });
  await expect(near.getByRole('listitem').first()).toContainText(/^left /);
  const before = await near.getByRole('listitem').count();
  await near.getByRole('button', { name: 'Match', exact: true }).first().click();
  await expect.poll(() => near.getByRole('listitem').count()).toBeLessThan(before);
});

test('many files at once become pictures on the screen, bad ones are refused with words, one is replaced', async ({
  desk,
}) => {
  await desk.begin();
  await held(desk, 'Title');
  await desk.page.getByRole('tab', { name: 'Assets' }).click();
  const pane = desk.page.getByRole('region', { name: 'Assets' });
  const svg = (body: string) => ({
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" width="80" height="60">${body}</svg>`),
  });
  const bring = async (files: { name: string; mimeType: string; buffer: Buffer }[]) => {
    const chooser = desk.page.waitForEvent('filechooser');
    await pane.getByRole('button', { name: 'Bring in files' }).click();
    await (await chooser).setFiles(files);
  };
  const font = await readFile('node_modules/@fontsource/marcellus/files/marcellus-latin-400-normal.woff');
  await bring([
    ...Array.from({ length: 12 }, (_, i) => ({
      name: `gull ${i + 1}.svg`,
      ...svg('<circle r="20" fill="red"/>'),
    })),
    { name: 'trick.svg', ...svg('<script>alert(1)</script>') },
    { name: 'broken.png', mimeType: 'image/png', buffer: Buffer.from('\x89PNG\r\n\x1a\nnothing', 'latin1') },
    { name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('hello') },
    { name: 'Sign.woff', mimeType: 'font/woff', buffer: font },
  ]);
  await expect(pane.getByRole('region', { name: 'Pictures' }).getByRole('listitem')).toHaveCount(12);
  await expect(pane.getByRole('region', { name: 'Fonts' })).toContainText('WOFF');
  const refused = pane.getByRole('alert');
  await expect(refused).toContainText('trick.svg: It carries a script.');
  await expect(refused).toContainText('broken.png: The picture is damaged.');
  await expect(refused).toContainText('notes.txt: It is no picture, font or sound');
  await refused.getByRole('button', { name: 'Seen' }).click();
  await pane.getByRole('button', { name: 'put on' }).first().click();
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
  await pane.getByRole('button', { name: 'Take out 12 unused' }).click();
  await expect(pane.getByRole('listitem')).toHaveCount(1);
  await desk.undo();
  await expect(pane.getByRole('listitem')).toHaveCount(13);

  // The font of the project is written in, and measured by its own letters.
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await held(desk, 'Title');
  await desk.reading
    .getByRole('region', { name: 'What is on it' })
    .getByRole('button', { name: /^Heading/ })
    .click();
  await desk.reading.getByRole('combobox', { name: 'Font' }).selectOption('Sign');
  await expect
    .poll(() =>
      desk.game.evaluate((host) =>
        [...host.shadowRoot!.querySelectorAll('g')].some((each) =>
          /own-i-/.test(each.getAttribute('font-family') ?? ''),
        ),
      ),
    )
    .toBe(true);
});

test('a text that does not fit is marked, with by how much and what would help', async ({ desk }) => {
  await desk.begin();
  const live = await held(desk, 'Title');
  await live.press(1700, 1000);
  await live.key('t');
  await desk.reading
    .getByRole('textbox', { name: 'Words on it' })
    .fill('A line that is far too long for the box it stands in');
  await fill(desk, 'Width', '300');
  await expect(desk.reading.getByRole('note')).toContainText(
    /The text is \d+ too high for its box\. It would fit with a size of/,
  );
  await expect(desk.editing.getByText(/too high/)).toBeVisible();
  await desk.reading.getByRole('checkbox', { name: 'As large as its box takes' }).check();
  await expect(desk.reading.getByRole('note')).toHaveCount(0);
});

test('shared looks: an exception shows and is undone, a colour by name changes everywhere, states look otherwise', async ({
  desk,
}) => {
  await desk.begin();
  await held(desk, 'Title');
  const what = desk.reading.getByRole('region', { name: 'What is on it' });
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
  await sheet.getByRole('button', { name: 'Keep this one' }).click();
  await desk.page.keyboard.press('Escape');
  await expect(box).toContainText('with exceptions');
  const fills = () =>
    desk.game.evaluate((host) =>
      [...host.shadowRoot!.querySelectorAll('rect')].map((each) => each.getAttribute('fill')),
    );
  await box.getByRole('button', { name: 'Make this the style, everywhere' }).click();
  await expect(box).not.toContainText('with exceptions');
  await expect
    .poll(async () => (await fills()).filter((each) => each === '#227755').length)
    .toBeGreaterThan(1);

  await desk.reading.getByRole('button', { name: 'Base' }).click();
  const colours = desk.reading.getByRole('region', { name: 'Colours' });
  await colours.getByRole('button', { name: /^Colour / }).click();
  const palette = desk.page.getByRole('dialog', { name: /^Colour / });
  await palette.getByRole('textbox', { name: 'Colour', exact: true }).fill('#774422');
  await palette.getByRole('textbox', { name: 'Colour', exact: true }).press('Enter');
  await desk.page.keyboard.press('Escape');
  await expect
    .poll(async () => (await fills()).filter((each) => each === '#774422').length)
    .toBeGreaterThan(1);
});

test('elements are copied to another project with their place, style and links', async ({ desk }) => {
  await held(desk, 'Title');
  await desk.reading
    .getByRole('region', { name: 'What is on it' })
    .getByRole('button', { name: /^Credits/ })
    .click();
  await desk.editing.focus();
  await desk.page.keyboard.press('Control+c');
  await expect(desk.page.getByText('One element copied.')).toBeVisible();
  await desk.begin();
  const live = await held(desk, 'Title');
  await live.press(1900, 1070);
  await desk.editing.focus();
  await desk.page.keyboard.press('Control+v');
  await expect(desk.reading.getByRole('textbox', { name: /^Name of this button/ })).toHaveValue('Credits');
  await expect(desk.sentence(/^When Credits is pressed, go to Credits/)).toBeVisible();
  await expect(field(desk, 'Distance').first()).toHaveValue('156');
});

test('twelve pictures dropped on Live lie on one centre, are renamed and ordered by keyboard', async ({
  desk,
}) => {
  await desk.begin();
  await held(desk, 'Title');
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
  await expect(field(desk, 'Distance').first()).toHaveValue('0');
  await desk.reading.getByRole('button', { name: 'All of Title' }).click();
  const rows = desk.reading
    .getByRole('region', { name: 'All of Title' })
    .getByRole('button', { name: /^Tern \d+ picture/ });
  await rows.last().focus();
  await desk.page.keyboard.press('Alt+ArrowUp');
  await expect(rows.last()).toHaveAccessibleName(/^Tern 11/);
});

test('by keyboard alone: chosen, moved, resized, turned, ordered, styled, hidden, locked, copied', async ({
  desk,
}) => {
  await desk.choose('Pause');
  await desk.editing.focus();
  const { keyboard } = desk.page;
  const name = desk.reading.getByRole('textbox', { name: /^Name of this/ });
  for (let n = 0; n < 3; n++) await keyboard.press(']');
  await expect(name).toHaveValue('Resume');
  await keyboard.press('Shift+ArrowDown');
  await keyboard.press('ArrowDown');
  await expect(field(desk, 'Distance').nth(1)).toHaveValue('191');
  await keyboard.press('Control+Shift+ArrowRight');
  await expect(field(desk, 'Width')).toHaveValue('450');
  await keyboard.press(',');
  await expect(field(desk, 'Turned, degrees')).toHaveValue('345');
  await keyboard.press('.');
  await keyboard.press('PageUp');
  await keyboard.press(']');
  await expect(name).toHaveValue('Keep this night');
  await keyboard.press('Shift+L');
  await expect(desk.reading.getByRole('button', { name: 'Let it be chosen with the pointer' })).toBeVisible();
  await keyboard.press('Shift+L');
  await keyboard.press('Shift+H');
  await expect.poll(() => desk.words()).not.toContain('Keep this night');
  await keyboard.press('Shift+H');
  await keyboard.press('Control+d');
  await expect(name).toHaveValue('Keep this night 2');
  await keyboard.press('Delete');
  await expect(name).toHaveCount(0);
  await keyboard.press('t');
  await keyboard.press('Enter');
  await keyboard.type('Fog tonight');
  await keyboard.press('Enter');
  await expect.poll(() => desk.words()).toContain('Fog tonight');
  // The reading column is the next pane; its fields are reached with Tab.
  await keyboard.press('F6');
  await desk.reading.getByRole('combobox', { name: 'Text style' }).focus();
  await keyboard.type('Heading');
  await expect(desk.reading.getByRole('combobox', { name: 'Text style' })).toHaveValue('t-heading');
});

test('an overlay blurs and dims what is beneath, a base has a gradient and grain that moves', async ({
  desk,
}) => {
  await desk.begin();
  await held(desk, 'Pause');
  const background = desk.reading.getByRole('region', { name: 'Background' });
  await background.getByRole('textbox', { name: 'Blur beneath' }).fill('14');
  await background.getByRole('textbox', { name: 'Blur beneath' }).press('Enter');
  const drawn = (selector: string) =>
    desk.game.evaluate((host, find) => host.shadowRoot!.querySelectorAll(find).length, selector);
  await expect.poll(() => drawn('feGaussianBlur[stdDeviation="14"]')).toBe(1);
  await held(desk, 'Title');
  await background.getByRole('checkbox', { name: 'Gradient' }).check();
  await expect.poll(() => drawn('linearGradient')).toBeGreaterThan(0);
  await background.getByRole('textbox', { name: 'Grain, percent' }).fill('30');
  await background.getByRole('textbox', { name: 'Grain, percent' }).press('Enter');
  await background.getByRole('checkbox', { name: 'It moves' }).check();
  const speck = () => desk.game.evaluate((host) => host.shadowRoot!.querySelector('pattern')?.id);
  const before = await speck();
  await desk.live.getByRole('button', { name: 'Let go' }).click();
  await expect.poll(speck).not.toBe(before);
});

test('a colour is picked off the screen, with a word when what is seen there is not the element’s own', async ({
  desk,
}) => {
  await desk.begin();
  const live = await held(desk, 'Title');
  await live.press(1700, 1000);
  await live.key('p');
  await fill(desk, 'Opacity, percent', '50');
  const box = desk.reading.getByRole('region', { name: 'Box', exact: true });
  await box.getByRole('button', { name: /^Border: / }).click();
  const sheet = desk.page.getByRole('dialog', { name: 'Border' });
  await sheet.getByRole('button', { name: 'Pick it off the screen' }).click();
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
  await expect(desk.trace).toContainText('brightness is 90 %');
  for (let n = 0; n < 3; n++) await keyboard.press('ArrowDown');
  await keyboard.press('Enter');
  await expect(desk.trace).toContainText('subtitles is Off');
});

test('in the list of what is inside what, a row is dragged into a panel and out again, and stays where it is drawn', async ({
  desk,
}) => {
  await desk.begin(['Shop']);
  const live = await held(desk, 'Shop');
  await live.press(1900, 1070);
  await live.key('p');
  await live.press(1900, 1070);
  await live.key('t');
  const label = desk.editing.locator('span', { hasText: '·' }).first();
  const before = await label.innerText();
  await desk.reading.getByRole('button', { name: 'All of Shop' }).click();
  const rows = desk.reading.getByRole('region', { name: 'All of Shop' });
  const row = (name: RegExp) => rows.getByRole('button', { name });
  await row(/^Text text/).dragTo(row(/^Panel panel/));
  await expect(desk.reading.getByRole('combobox', { name: 'Inside of' })).toHaveValue(/^e-/);
  await expect(label).toHaveText(before);
  await row(/^Text text/).dragTo(row(/^Heading/), { targetPosition: { x: 40, y: 1 } });
  await expect(desk.reading.getByRole('combobox', { name: 'Inside of' })).toHaveValue('');
  await expect(label).toHaveText(before);
  await desk.undo();
  await expect(desk.reading.getByRole('combobox', { name: 'Inside of' })).toHaveValue(/^e-/);
});
