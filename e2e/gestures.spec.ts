import { expect, test, type Desk } from './desk';
import { fingers } from './fingers';

/** What fingers, held keys and the focus do in the game, and how loud music is meanwhile. */

async function bind(desk: Desk, action: string, gesture: string): Promise<void> {
  const row = desk.page
    .getByRole('region', { name: 'Actions' })
    .getByRole('group', { name: action, exact: true });
  await row.getByRole('combobox', { name: `A gesture for ${action}` }).selectOption(gesture);
}

test.describe('with fingers', () => {
  test.use({ hasTouch: true });
  test('swipes and two fingers do what they are bound to, and a swipe over a button does not press it', async ({
    desk,
  }) => {
    await desk.page.getByRole('tab', { name: 'Input' }).click();
    await bind(desk, 'Tide table', 'finger: swipe up');
    await bind(desk, 'Back', 'finger: swipe right');
    await bind(desk, 'Menu', 'finger: two fingers');
    await desk.page.getByRole('tab', { name: 'Map' }).click();
    await desk.playFrom('The watch');
    const { swipe, two } = await fingers(desk);
    await swipe([0.5, 0.7], [0.5, 0.72]);
    await desk.expectUp('The watch');
    await swipe([0.5, 0.8], [0.52, 0.3]);
    await desk.expectUp('The watch', 'Tide table');
    await desk.settled();
    await swipe([0.3, 0.5], [0.7, 0.52]);
    await desk.expectUp('The watch');
    await desk.settled();
    await two([0.4, 0.6], [0.6, 0.6]);
    await desk.expectUp('The watch', 'Pause');
    await desk.settled();
    // It begins on a button, and leaves it behind.
    await swipe([0.42, 0.38], [0.75, 0.38]);
    await desk.expectUp('The watch');
    await expect(desk.log).not.toContainText('Resume is pressed');
  });
});

test('a sentence waits for a key to be let go of, or held for its time', async ({ desk }) => {
  await desk.choose('The watch');
  const tides = desk.sentence(/^When Tide table/);
  await tides.getByRole('button', { name: 'goes down' }).click();
  await desk.page.getByRole('option', { name: 'comes up' }).click();
  await desk.playFrom('The watch');
  const { keyboard } = desk.page;
  await keyboard.down('t');
  await desk.runFor(6);
  await desk.expectUp('The watch');
  await keyboard.up('t');
  await desk.expectUp('The watch', 'Tide table');
});

test('music is lower under what lies over the game, and as loud as before when that has gone', async ({
  desk,
}) => {
  await desk.listen();
  await desk.open();
  await desk.playFrom('The watch');
  const volume = async () => (await desk.music()).map((item) => item.volume);
  await expect.poll(volume).toHaveLength(1);
  const [loud] = await volume();
  expect(loud).toBeGreaterThan(0);
  await desk.page.keyboard.press('Escape');
  await desk.expectUp('The watch', 'Pause');
  await expect.poll(async () => (await volume())[0]).toBeCloseTo(0.4 * loud!, 3);
  await desk.settled();
  await desk.page.keyboard.press('Escape');
  await desk.expectUp('The watch');
  await expect.poll(async () => (await volume())[0]).toBeCloseTo(loud!, 3);
});

test('a picture of its own stands beside what has the focus, and moves for as long as it is there', async ({
  desk,
}) => {
  const held = await desk.held('Pause');
  await held.press(960, 440);
  const box = desk.reading.getByRole('region', { name: 'Box', exact: true });
  await box
    .getByRole('radiogroup', { name: 'State' })
    .getByRole('radio', { name: /^focused/ })
    .click();
  const marker = box.getByRole('group', { name: 'Marker' });
  await marker.getByRole('checkbox', { name: 'A picture beside it' }).check();
  await marker.getByRole('combobox', { name: 'Picture' }).selectOption('Lantern');
  await marker.getByRole('combobox', { name: 'Side' }).selectOption('on the right');
  await marker.getByRole('textbox', { name: 'Offset' }).fill('30');
  await marker.getByRole('textbox', { name: 'Offset' }).press('Enter');
  await marker.getByRole('combobox', { name: 'Movement' }).selectOption('bob');
  await desk.playFrom('Pause');
  /** Small pictures on the screen, against the frame’s own pixels. */
  const seen = () =>
    desk.game.evaluate((host) => {
      const by = 1920 / host.getBoundingClientRect().width;
      const from = host.getBoundingClientRect();
      return [...host.shadowRoot!.querySelectorAll('image:not(pattern image)')]
        .map((node) => node.getBoundingClientRect())
        .filter((rect) => rect.height * by < 50)
        .map(({ x, y }) => ({ x: Math.round((x - from.x) * by), y: (y - from.y) * by }));
    });
  // What has the focus is drawn larger by three percent about its middle, with all that belongs to it.
  await expect.poll(async () => (await seen()).length).toBe(1);
  await expect.poll(async () => Math.abs((await seen())[0]!.x - (960 + 1.03 * (220 + 30)))).toBeLessThan(2);
  const { y } = (await seen())[0]!;
  await expect.poll(async () => Math.abs((await seen())[0]!.y - y)).toBeGreaterThan(3);
  await desk.page.keyboard.press('ArrowDown');
  await expect.poll(seen).toEqual([]);
  await desk.page.keyboard.press('ArrowUp');
  await expect.poll(async () => (await seen()).length).toBe(1);
  // Without what it does meanwhile it keeps still.
  await desk.choose('Pause');
  await held.press(960, 440);
  await box
    .getByRole('radiogroup', { name: 'State' })
    .getByRole('radio', { name: /^focused/ })
    .click();
  await marker.getByRole('combobox', { name: 'Movement' }).selectOption('none');
  await desk.playFrom('Pause');
  await expect.poll(async () => (await seen()).length).toBe(1);
  const still = (await seen())[0]!.y;
  await desk.runFor(6);
  expect((await seen())[0]!.y).toBe(still);
});

test('one music gives way to the next over its time', async ({ desk }) => {
  await desk.listen();
  await desk.open();
  await desk.playFrom('Title');
  await expect.poll(async () => (await desk.music()).length).toBe(1);
  const [tune] = await desk.music();
  // For a time both are heard, neither as loud as by itself. Each frame is looked at, since that is soon over.
  const both = desk.page.evaluate(
    (loud) =>
      new Promise<void>((done) => {
        const look = (): void => {
          const playing = (window as unknown as { heard: HTMLAudioElement[] }).heard.filter(
            (node) => node.loop && !node.paused,
          );
          if (playing.length === 2 && playing.every(({ volume }) => volume > 0 && volume < loud)) done();
          else requestAnimationFrame(look);
        };
        look();
      }),
    tune!.volume,
  );
  await desk.page.keyboard.press('Enter');
  await both;
  await expect
    .poll(async () => (await desk.music()).map(({ address }) => address))
    .not.toContain(tune!.address);
  await expect.poll(async () => (await desk.music())[0]?.volume).toBeCloseTo(tune!.volume, 3);
});

test('a row that goes away while it has the focus hands it on to the nearest', async ({ desk }) => {
  const held = await desk.held('Pause');
  await held.press(960, 548);
  await desk.reading.getByRole('button', { name: 'always' }).first().click();
  await desk.typing.fill('lamp_lit');
  await desk.typing.press('Enter');
  await desk.playFrom('Pause');
  await desk.page.keyboard.press('ArrowDown');
  /** The middle of the ring, in design pixels. */
  const ring = () =>
    desk.game.evaluate((host) => {
      const frame = host.getBoundingClientRect();
      const found = host.shadowRoot!.querySelector('rect[fill="none"]')?.getBoundingClientRect();
      return found ? Math.round(((found.top + found.height / 2 - frame.top) / frame.height) * 1080) : null;
    });
  await expect.poll(ring).toBe(550);
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  await desk.page.getByRole('switch', { name: 'lamp lit now' }).uncheck();
  await expect.poll(() => desk.words()).not.toContain('Options');
  await expect.poll(ring).not.toBe(550);
  expect([442, 658]).toContain(await ring());
});
