import { expect, test, type Desk } from './desk';

/** What moves in the game, as a player sees it: elements by themselves, layers, in turn, and what a cover lets through. */

interface Look {
  width: number;
  opacity: number;
  /** In whole degrees. */
  turn: number;
  filters: number;
}

/** How the words of an element are drawn at this moment; null where they are not on the picture. */
const look = (desk: Desk, words: string): Promise<Look | null> =>
  desk.game.evaluate((host, text) => {
    const found = [...host.shadowRoot!.querySelectorAll('text')].find((node) => node.textContent === text);
    if (!found) return null;
    let opacity = 1;
    let filters = 0;
    for (let at: Element | null = found; at && at.tagName !== 'svg'; at = at.parentElement) {
      opacity *= Number(at.getAttribute('opacity') ?? 1);
      if (at.getAttribute('filter')) filters += 1;
    }
    const { a, b } = found.getScreenCTM()!;
    return {
      width: found.getBoundingClientRect().width,
      opacity,
      turn: Math.round((Math.atan2(b, a) * 180) / Math.PI),
      filters,
    };
  }, words);

/** Chooses an element by its row in the list of what is on the screen. */
async function chooseElement(desk: Desk, screen: string, name: RegExp): Promise<void> {
  await desk.choose(screen);
  await desk.reading.getByRole('region', { name: 'Elements' }).getByRole('button', { name }).first().click();
}

/** Puts keyframes on the chosen element that begin as said, and gives its last one some numbers. */
async function animate(desk: Desk, begins: string, numbers: Record<string, string>): Promise<void> {
  const what = desk.reading.getByRole('button', { name: 'Animations' });
  if ((await what.getAttribute('aria-expanded')) !== 'true') await what.click();
  await desk.reading.getByRole('button', { name: 'Keyframes', exact: true }).click();
  const one = desk.reading.getByRole('group', { name: /^Animation/ }).last();
  await one.getByRole('combobox', { name: 'Starts' }).selectOption(begins);
  for (const n of [1, 2])
    for (const [name, value] of Object.entries(numbers)) {
      const field = one.getByRole('group', { name: `Keyframe ${n}` }).getByRole('textbox', { name });
      await field.fill(value);
      await field.press('Enter');
    }
}

test('an element stirs while it has the focus, when it is pressed, and on an event, and takes a tint', async ({
  desk,
}) => {
  await desk.begin();
  await chooseElement(desk, 'Title', /^Options/);
  await animate(desk, 'while it has the focus', { Scale: '200' });
  await animate(desk, 'when it is pressed', { Rotation: '30' });
  await chooseElement(desk, 'Title', /^Start/);
  await animate(desk, 'when its screen opens', { Opacity: '40' });
  const first = desk.reading.getByRole('group', { name: 'Keyframe 1' });
  await first.getByRole('button', { name: 'Add a tint' }).click();

  await desk.playFrom('Title');
  await expect.poll(async () => (await look(desk, 'Start'))!.opacity).toBeCloseTo(0.4, 2);
  expect((await look(desk, 'Start'))!.filters).toBe(1);
  const plain = (await look(desk, 'Options'))!;
  expect(plain.turn).toBe(0);
  await desk.page.keyboard.press('ArrowDown');
  await expect.poll(async () => (await look(desk, 'Options'))!.width).toBeCloseTo(plain.width * 2, 0);
  await desk.page.keyboard.press('ArrowUp');
  await expect.poll(async () => (await look(desk, 'Options'))!.width).toBeCloseTo(plain.width, 0);
  await desk.page.keyboard.press('ArrowDown');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Title', 'Options');
  await expect.poll(async () => (await look(desk, 'Options'))!.turn).toBe(30);
});

test('an element stirs when the game says something', async ({ desk }) => {
  await chooseElement(desk, 'The watch', /^Place/);
  await animate(desk, 'on an event', { Opacity: '30' });
  await desk.reading.getByRole('combobox', { name: 'Which event' }).selectOption('storm rises');
  await desk.playFrom('The watch');
  const night = (await desk.words()).find((value) => value.startsWith('Night'))!;
  expect((await look(desk, night))!.opacity).toBe(1);
  await desk.say('storm rises');
  await expect
    .poll(async () => {
      const now = (await desk.words()).find((value) => value.startsWith('Night'))!;
      return (await look(desk, now))!.opacity;
    })
    .toBeCloseTo(0.3, 2);
});

test('a layer has a motion of its own, a blur is soft half way, and a screen added later follows', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Title');
  await desk.readProject();
  await desk.defaults
    .getByRole('radiogroup', { name: 'Motion', exact: true })
    .getByRole('radio', { name: 'Blur' })
    .click();
  await desk.defaults.getByText('Overlays').locator('..').getByRole('button').click();
  await desk.page
    .getByRole('dialog', { name: 'Motion of overlays' })
    .getByRole('radio', { name: 'Grow' })
    .click();
  await desk.page.keyboard.press('Escape');
  await desk.choose('Title');
  await desk.chooseSentence(/^When .* is pressed, open Options/);
  await expect(desk.time).toContainText(/The default motion: growing in/);

  await desk.page.getByRole('button', { name: 'Add a screen' }).click();
  const adding = desk.page.getByRole('dialog', { name: 'Add a screen' });
  await adding.getByRole('combobox').fill('Shop');
  await desk.page.keyboard.press('Enter');
  await expect(desk.card('Shop')).toBeVisible();
  await desk.choose('Title');
  const play = desk.sentence(/^When .* is pressed, go to Play/);
  await desk.fill(play, 'Play', 'Shop', 'Shop');
  await desk.chooseSentence(/^When .* is pressed, go to Shop/);
  await expect(desk.time).toContainText(/The default motion: a .* blur/);
  const head = desk.time.getByRole('slider', { name: 'Moment of the transition' });
  await head.focus();
  await desk.page.keyboard.press('Shift+ArrowRight');
  await expect.poll(async () => (await look(desk, 'Options'))?.filters).toBe(1);
});

test('what is on a screen comes in turn, nearest to the press first', async ({ desk }) => {
  await desk.begin();
  await desk.choose('Title');
  await desk.readProject();
  await desk.defaults.getByRole('combobox', { name: 'Stagger' }).selectOption('nearest first');
  await desk.defaults.getByRole('textbox', { name: 'Stagger by' }).fill('100 ms');
  await desk.page.keyboard.press('Enter');
  await desk.choose('Title');
  await desk.chooseSentence(/^When Options is pressed/);
  const handles = desk.time.getByRole('slider', { name: /, entering: ends$/ });
  await expect(handles).toHaveCount(4);
  const ends = Object.fromEntries(
    await handles.evaluateAll((all) =>
      all.map((item) => [item.getAttribute('aria-label')!, Number(item.getAttribute('aria-valuenow'))]),
    ),
  ) as Record<string, number>;
  // The way back stands just under the button that is pressed; the heading is the farthest.
  expect(ends['Panel, entering: ends']! - ends['Back, entering: ends']!).toBeCloseTo(0.1, 3);
  expect(ends['Heading, entering: ends']! - ends['Panel, entering: ends']!).toBeCloseTo(0.1, 3);
});

test('sounds stand in the transition chart', async ({ desk }) => {
  await desk.choose('Title');
  const credits = desk.sentence(/^When Credits is pressed/);
  await credits.click({ position: { x: 4, y: 8 } });
  await credits.getByRole('button', { name: 'Also show or say something' }).click();
  await desk.typing.fill('play');
  await desk.page.getByRole('option', { name: /^Play .*bell/i }).click();
  await expect(desk.time.getByTitle(/bell, at 0/i)).toBeVisible();
});

async function when(desk: Desk, typed: string, option: RegExp): Promise<void> {
  await desk.reading.getByRole('button', { name: 'When …' }).click();
  await desk.typing.fill(typed);
  await desk.page.getByRole('option', { name: option }).click();
}

test.describe('with a clock that the test sets', () => {
  test.use({ apart: true });

  test('a cover that stays 2.5 s and fades for 1.5 s is half gone at 3.25 s, and lets keys through once it is gone', async ({
    desk,
  }) => {
    await desk.page.clock.install();
    await desk.open();
    await desk.begin(['Cover']);
    await desk.choose('Cover');
    await desk.editing.press('t');
    await desk.choose('Cover');
    await desk.reading.getByRole('combobox', { name: 'Layer' }).selectOption('overlay');
    await desk.reading.getByRole('button', { name: 'Overlay', exact: true }).click();
    await desk.defaults
      .getByRole('radiogroup', { name: 'Motion', exact: true })
      .getByRole('radio', { name: 'None' })
      .click();
    await desk.choose('Play');
    await when(desk, 'on arrival', /^On arrival/);
    await desk.fill(desk.sentence(/^On arrival/), 'Somewhere', 'Cover', 'Cover');
    await desk.choose('Cover');
    await when(desk, '2.5 s', /^After 2.5 s/);
    const goes = desk.sentence(/^After 2.5 s/);
    await desk.fill(goes, 'go to', 'back', /^go back/);
    await goes.getByRole('button', { name: 'default motion' }).click();
    const sheet = desk.page.getByRole('dialog', { name: 'How it moves' });
    await sheet.getByRole('radio', { name: 'Fade' }).first().click();
    await sheet.getByRole('textbox', { name: 'Duration' }).first().fill('1.5 s');
    await desk.page.keyboard.press('Enter');
    await sheet.getByText('Easing: ', { exact: false }).first().click();
    await sheet.getByRole('combobox', { name: 'Easing' }).first().selectOption('linear');
    await desk.page.keyboard.press('Escape');

    // From here on the page's time is passed by hand.
    await desk.choose('Play');
    const { clock, keyboard } = desk.page;
    await clock.pauseAt(Date.now() + 60_000);
    await desk.live.getByRole('button', { name: 'Start here' }).click();
    await desk.takeInHand();
    const reached = desk.log.getByText('W → game');
    await clock.runFor(1000);
    await desk.expectUp('Play', 'Cover');
    await keyboard.press('w');
    await clock.runFor(2250);
    expect((await look(desk, 'Text'))!.opacity).toBeCloseTo(0.5, 1);
    await clock.runFor(650);
    await keyboard.press('w');
    await clock.runFor(100);
    expect((await look(desk, 'Text'))?.opacity ?? 0).toBeLessThan(0.03);
    await expect(reached).toHaveCount(0);
    await clock.runFor(100);
    await desk.expectUp('Play');
    expect(await look(desk, 'Text')).toBeNull();
    await keyboard.press('w');
    await clock.runFor(100);
    await expect(reached).toHaveCount(1);
  });
});

test('a beam turned once in 288 frames at 24 a second is a quarter round on frame 72, and all else stays', async ({
  desk,
}) => {
  await desk.begin();
  await desk.choose('Title');
  await desk.readProject();
  const times = desk.reading.getByRole('region', { name: 'Times' });
  await times.getByRole('textbox', { name: 'Frames a second' }).fill('24');
  await desk.page.keyboard.press('Enter');
  await times.getByRole('combobox', { name: 'Times are shown in' }).selectOption('frames');
  await chooseElement(desk, 'Title', /^Heading/);
  const words = (await desk.words())[0]!;
  await desk.reading.getByRole('button', { name: 'Animations' }).click();
  await desk.reading.getByRole('button', { name: 'Turn round' }).click();
  const last = desk.reading.getByRole('group', { name: 'Keyframe 2' });
  await last.getByRole('textbox', { name: 'At', exact: true }).fill('288 frames');
  await desk.page.keyboard.press('Enter');
  await desk.choose('Title');
  await expect(desk.time).toContainText('288');
  const head = desk.time.getByRole('slider', { name: 'Moment of Title' });
  await head.focus();
  const seen = (await desk.words()).length;
  for (let n = 0; n < 30; n++) await desk.page.keyboard.press('Shift+ArrowRight');
  await expect(head).toHaveAttribute('aria-valuetext', /72 frames/);
  await expect.poll(async () => (await look(desk, words))!.turn).toBe(90);
  for (let n = 0; n < 30; n++) await desk.page.keyboard.press('Shift+ArrowRight');
  await expect.poll(async () => Math.abs((await look(desk, words))!.turn)).toBe(180);
  expect((await desk.words()).length).toBe(seen);
});
