import type { Locator } from '@playwright/test';
import { expect, test } from './desk';
import { expectSaid, openLines, said } from './talk';

/** The README's five minutes, sentence by sentence, on a fresh browser. */
test('the walk of the README works as it is written', async ({ desk, context }) => {
  test.setTimeout(240_000);
  const { page } = desk;
  const { keyboard, mouse } = page;
  const clickGame = async (): Promise<void> => {
    const box = (await desk.game.boundingBox())!;
    await mouse.click(box.x + box.width / 2, box.y + box.height / 2);
    await expect(desk.live.getByText('In hand:')).toBeVisible();
  };

  await test.step('1. Watch it run', async () => {
    await desk.expectUp('Warning');
    await desk.expectUp('Loading');
    await desk.expectUp('Title');
    await expect(desk.card('Title')).toHaveAccessibleName(/up now/);
    await desk.settled();
  });

  await test.step('2. Play', async () => {
    await clickGame();
    await keyboard.press('Enter');
    await desk.expectUp('The watch');
    await desk.settled();
    await keyboard.press('Escape');
    await desk.expectUp('The watch', 'Pause');
    await desk.settled();
    await keyboard.press('Escape');
    await desk.expectUp('The watch');
    await desk.settled();
    await desk.say('oil found', { amount: '10' });
    await desk.expectUp('The watch', 'Oil found');
    await expect(desk.log.getByText(/^Bell plays/)).toHaveCount(1);
    await expect(desk.log.getByText(/^lamp oil is 72/)).toHaveCount(1);
    await expect(desk.log.getByText(/^turn the lamp .*→ game/)).toHaveCount(1);
    await desk.expectUp('The watch');
  });

  await test.step('3. Change where something leads, while it runs', async () => {
    await clickGame();
    await keyboard.press('Shift+Escape');
    await expect(desk.game).not.toBeFocused();
    await desk.choose('Title');
    const begin = desk.sentence(/^When Begin the watch is pressed/);
    await begin.getByRole('button', { name: 'The watch', exact: true }).click();
    await keyboard.type('dawn');
    await keyboard.press('Enter');
    await desk.live.getByRole('button', { name: 'Resume' }).click();
    await clickGame();
    await keyboard.press('Enter');
    await desk.expectUp('Dawn');
    await keyboard.press('Control+z');
    await desk.choose('Title');
    await expect(begin.getByRole('button', { name: 'The watch', exact: true })).toBeVisible();
  });

  await test.step('4. Play something into existence', async () => {
    await desk.choose('The watch');
    await desk.live.getByRole('button', { name: 'Start here' }).click();
    await desk.settled();
    await clickGame();
    await keyboard.press('m');
    await desk.askAboutKey('M');
    await desk.asking.getByRole('radio', { name: 'open over this' }).click();
    await keyboard.type('Sea chart');
    await keyboard.press('Enter');
    await desk.expectUp('The watch', 'Sea chart');
    await desk.settled();
    await keyboard.press('Escape');
    await desk.expectUp('The watch');
    await desk.settled();
    await keyboard.press('m');
    await desk.expectUp('The watch', 'Sea chart');
    await desk.settled();
  });

  await test.step('5. Assemble a screen', async () => {
    await desk.live.getByRole('button', { name: 'Hold' }).click();
    const text = await desk.game.evaluate((host) => {
      const box = [...host.shadowRoot!.querySelectorAll('text')]
        .find((node) => node.textContent === 'Sea chart')!
        .getBoundingClientRect();
      return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    });
    await mouse.move(text.x, text.y);
    await mouse.down();
    await mouse.move(text.x + 20, text.y + 10, { steps: 4 });
    await mouse.up();
    await expect
      .poll(() =>
        desk.game.evaluate(
          (host) =>
            [...host.shadowRoot!.querySelectorAll('text')]
              .find((node) => node.textContent === 'Sea chart')!
              .getBoundingClientRect().y,
        ),
      )
      .toBeGreaterThan(text.y - 10);
    await mouse.dblclick(text.x + 20, text.y + 10);
    await keyboard.press('Control+a');
    await keyboard.type('Shoals');
    await keyboard.press('Enter');
    await expect.poll(() => desk.words()).toContain('Shoals');
    await desk.editing.press('b');
    await expect.poll(() => desk.words()).toContain('Button');
    await desk.choose('Options');
    const back = await desk.game.evaluate((host) => {
      const box = [...host.shadowRoot!.querySelectorAll('text')]
        .find((node) => node.textContent === 'Back')!
        .getBoundingClientRect();
      return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    });
    await mouse.click(back.x, back.y);
    await desk.reading.getByRole('button', { name: 'Go inside' }).click();
    await expect(desk.reading).toContainText('Back button');
    await desk.openDock('Screen sizes');
    await expect(desk.dock.getByRole('button', { name: /21:9|Ultra|Phone/ }).first()).toBeVisible();
    await desk.dock.getByRole('button', { name: 'Screen sizes' }).click();
    await desk.live.getByRole('button', { name: 'Resume' }).click();
  });

  await test.step('6. Rules, values and time', async () => {
    await desk.map.getByRole('button', { name: 'Area On watch' }).click();
    await expect(desk.reading.getByRole('list', { name: 'Sentences' })).toBeVisible();
    await desk.playFrom('The watch');
    await keyboard.press('Shift+Escape');
    await page.getByRole('tab', { name: 'Values' }).click();
    const oil = page
      .getByRole('region', { name: 'Values' })
      .getByRole('textbox', { name: /^lamp oil/ })
      .first();
    await oil.fill('15');
    await oil.press('Enter');
    await desk.expectUp('The watch', 'Oil low');
    await oil.fill('0');
    await oil.press('Enter');
    await desk.expectUp('Lamp out');
    const strip = page.getByRole('slider', { name: 'The run’s time' });
    await strip.focus();
    for (let n = 0; n < 40; n++) {
      if ((await desk.live.getByRole('status', { name: 'Up now' }).innerText()).startsWith('The watch'))
        break;
      await keyboard.press('ArrowLeft');
    }
    await desk.live.getByRole('button', { name: 'Resume' }).click();
    await desk.runFor(3);
    expect(await desk.live.getByRole('status', { name: 'Up now' }).innerText()).toContain('The watch');
    await page.getByRole('tab', { name: 'Map' }).click();
  });

  await test.step('7. Options', async () => {
    await desk.playFrom('Options');
    const before = (await desk.words()).join();
    await keyboard.press('e');
    await expect.poll(async () => (await desk.words()).join()).not.toBe(before);
    await keyboard.press('ArrowDown');
    const sound = (await desk.words()).join();
    await keyboard.press('ArrowLeft');
    await expect.poll(async () => (await desk.words()).join()).not.toBe(sound);
    await desk.game.locator('text', { hasText: 'Take back' }).click();
    await expect.poll(async () => (await desk.words()).join()).toBe(sound);
    await desk.game.locator('text', { hasText: 'Access' }).click();
    const focused = desk.game.locator('[aria-current="true"]');
    const label = () => focused.getAttribute('aria-label');
    await keyboard.press('ArrowDown');
    for (let n = 0; n < 20 && (await label()) !== 'Keys and buttons …'; n++) {
      const was = (await label())!;
      await keyboard.press('ArrowDown');
      await expect(focused).not.toHaveAttribute('aria-label', was);
    }
    await keyboard.press('Enter');
    await desk.expectUp('Title', 'Options', 'Keys');
    const device = (await desk.openDock('Devices')).getByRole('combobox', { name: 'Device' });
    await device.selectOption('pad alone');
    await device.selectOption('any device');
    await desk.dock
      .getByRole('combobox', { name: 'Language of Live' })
      .selectOption({ label: 'Stretched, +40 %' });
    await desk.dock.getByRole('combobox', { name: 'Language of Live' }).selectOption({ label: 'English' });
    await desk.choose('Pause');
    await desk.live.getByRole('button', { name: 'Focus arrows' }).click();
    const arrow = desk.editing.getByRole('button', { name: /^Resume, down: leads to Options$/ });
    const from = (await arrow.boundingBox())!;
    const leave = (await desk.game.locator('text', { hasText: 'Leave the watch' }).boundingBox())!;
    await mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await mouse.down();
    await mouse.move(leave.x + leave.width / 2, leave.y + leave.height / 2, { steps: 4 });
    await mouse.up();
    await expect(
      desk.editing.getByRole('button', { name: /^Resume, down: leads to Leave the watch, set by hand$/ }),
    ).toBeVisible();
    await desk.live.getByRole('button', { name: 'Focus arrows' }).click();
  });

  await test.step('8. Motion', async () => {
    await desk.choose('Title');
    await desk.chooseSentence(/^When Credits is pressed/);
    const drag = async (slider: Locator, by: number): Promise<void> => {
      const before = await slider.getAttribute('aria-valuenow');
      const box = (await slider.boundingBox())!;
      await mouse.move(box.x + box.width / 2, box.y + 10);
      await mouse.down();
      await mouse.move(box.x + box.width / 2 + by, box.y + 10, { steps: 5 });
      await mouse.up();
      await expect.poll(() => slider.getAttribute('aria-valuenow')).not.toBe(before);
    };
    await drag(desk.time.getByRole('slider', { name: 'Moment of the transition' }), 60);
    await desk.time.getByRole('button', { name: 'Play this transition' }).click();
    await desk.time.getByRole('button', { name: 'Stop' }).click();
    await drag(desk.time.getByRole('slider', { name: /comes: ends$/ }).first(), 40);
    await desk.choose('Loading');
    await desk.time.getByRole('radio', { name: 'the screen' }).click();
    await expect(desk.time.getByRole('heading', { name: 'Time of Loading' })).toBeVisible();
    await desk.time.getByRole('button', { name: 'Set keyframes' }).click();
    const picture = (await desk.game.locator('image').first().boundingBox())!;
    await mouse.move(picture.x + picture.width / 2, picture.y + picture.height / 2);
    await mouse.down();
    await mouse.move(picture.x + picture.width / 2 + 30, picture.y + picture.height / 2, { steps: 5 });
    await mouse.up();
    await expect(desk.time).toContainText('moving the selection sets a keyframe');
    await desk.time.getByRole('button', { name: 'Set keyframes' }).click();
  });

  await test.step('9. Lines', async () => {
    await openLines(desk);
    await said(desk).first().click();
    await keyboard.press('Enter');
    await keyboard.type('T: I hear you.');
    await keyboard.press('Control+Enter');
    await expectSaid(desk, /I hear you/);
    await expect(said(desk).nth(1)).toHaveValue('I hear you.');
    await said(desk).nth(1).press('Enter');
    await keyboard.type('/');
    const another = page.getByRole('dialog', { name: 'Another step' });
    await expect(another.getByRole('option', { name: /Pause/ })).toBeVisible();
    await expect(another.getByRole('option', { name: /Choice/ })).toBeVisible();
    await keyboard.press('Escape');
    await page.getByRole('radio', { name: 'Texts' }).click();
    await expect(page.getByRole('region', { name: 'Lines' })).toContainText('Lampe');
    await desk.dock.getByRole('combobox', { name: 'Language of Live' }).selectOption({ label: 'German' });
    await page.getByRole('tab', { name: 'Map' }).click();
    await desk.playFrom('Title');
    await expect.poll(() => desk.words()).toContain('Mitwirkende');
    await desk.dock.getByRole('combobox', { name: 'Language of Live' }).selectOption({ label: 'English' });
  });

  await test.step('10. Hand it over', async () => {
    const file = await desk.exportAs(/One page that plays/);
    expect(file.name).toBe('saltwick-light.html');
    const other = await context.newPage();
    await other.setContent(file.bytes.toString());
    await expect.poll(() => other.evaluate(() => document.querySelectorAll('*').length)).toBeGreaterThan(3);
    await other.close();
  });

  await test.step('11. Begin your own', async () => {
    await desk.begin(['Harbour']);
    await expect(desk.card('Harbour')).toBeVisible();
    await desk.expectUp('Loading');
    await page.getByTitle('Projects').click();
    await page.getByRole('button', { name: '300 screens' }).click();
    await expect(page.getByTitle('Projects')).toHaveText('Three hundred lights');
  });
});
