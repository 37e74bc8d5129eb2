import { expect, test, type Desk } from './desk';

/** How things move: the default motion and its exceptions, the transition chart, keyframes, frames of texts, loading. */

/** The attribute of the group that a whole screen is drawn in. */
const drawn = (desk: Desk, attribute: 'transform' | 'opacity') =>
  desk.game.evaluate(
    (host, name) =>
      [...host.shadowRoot!.querySelectorAll('svg > g')].map((element) => element.getAttribute(name) ?? ''),
    attribute,
  );

async function scrub(desk: Desk, name: RegExp, tenths: number): Promise<void> {
  const head = desk.time.getByRole('slider', { name });
  await head.focus();
  for (let n = 0; n < tenths; n++) await desk.page.keyboard.press('Shift+ArrowRight');
}

test('one edit of the default motion changes every transition, an exception stands out, and goes back to the default', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Title');
  await desk.readProject();
  const motion = desk.defaults.getByRole('radiogroup', { name: 'Motion', exact: true });
  await motion.getByRole('radio', { name: 'Slide' }).click();
  await desk.defaults.getByRole('textbox', { name: 'Duration' }).fill('280 ms');
  await desk.page.keyboard.press('Enter');
  await desk.choose('Title');
  await desk.chooseSentence(/^When .* is pressed, open Options/);
  await expect(desk.time).toContainText('The default motion: a 280 ms slide from the right');
  await desk.reading.getByRole('button', { name: 'Base', exact: true }).click();
  await motion.getByRole('radio', { name: 'Fade' }).click();
  await desk.defaults.getByRole('textbox', { name: 'Duration' }).fill('180 ms');
  await desk.page.keyboard.press('Enter');
  await desk.choose('Title');
  await desk.chooseSentence(/^When .* is pressed, open Options/);
  await expect(desk.time).toContainText('The default motion: a 180 ms fade');

  // One made an exception stands out in its sentence and on the grid.
  const sentence = desk.sentence(/^When .* is pressed, open Options/);
  await sentence.getByRole('button', { name: 'default motion' }).click();
  const sheet = desk.page.getByRole('dialog', { name: 'How it moves' });
  await sheet.getByRole('radio', { name: 'Grow' }).click();
  await desk.page.keyboard.press('Escape');
  await expect(sentence.getByRole('button', { name: 'growing in 180 ms' })).toHaveAttribute(
    'title',
    'It has a motion of its own',
  );
  await desk.page.getByRole('tab', { name: 'Grid' }).click();
  await expect(
    desk.page.getByRole('region', { name: 'Grid' }).getByRole('button', { name: /moves in its own way/ }),
  ).toHaveCount(1);
  await desk.time.getByRole('button', { name: 'Back to the default motion' }).click();
  await expect(sentence.getByRole('button', { name: 'default motion' })).toBeVisible();
});

test('a transition is scrubbed, dragged by keys, and played, while the run waits', async ({ desk }) => {
  await desk.begin();
  await desk.held('Title');
  await desk.chooseSentence(/^When .* is pressed, open Options/);
  const chart = desk.time;
  await expect(chart.getByRole('slider', { name: 'Options comes: ends' })).toBeVisible();
  await scrub(desk, /^Moment of the transition/, 1);
  const part = Number((await drawn(desk, 'opacity')).at(-1));
  expect(part).toBeGreaterThan(0);
  expect(part).toBeLessThan(1);
  // The bar’s end is moved by keys; that makes an exception.
  const end = chart.getByRole('slider', { name: 'Options comes: ends' });
  const before = Number(await end.getAttribute('aria-valuenow'));
  await end.press('Shift+ArrowRight');
  await expect.poll(async () => Number(await end.getAttribute('aria-valuenow'))).toBeCloseTo(before + 0.1, 2);
  await expect(chart).toContainText('A motion of its own');
  // Or dragged with the pointer.
  const box = (await end.boundingBox())!;
  await desk.page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await desk.page.mouse.down();
  await desk.page.mouse.move(box.x - 60, box.y + box.height / 2, { steps: 4 });
  await desk.page.mouse.up();
  expect(Number(await end.getAttribute('aria-valuenow'))).toBeLessThan(before + 0.09);
  await desk.undo();
  await desk.undo();
  await expect(chart).toContainText('The default motion');
  // Or, by choice, of the default motion itself.
  await chart.getByRole('radio', { name: 'the default motion' }).click();
  await end.press('Shift+ArrowRight');
  await expect.poll(async () => Number(await end.getAttribute('aria-valuenow'))).toBeCloseTo(before + 0.1, 2);
  await expect(chart).toContainText('The default motion');
  await chart.getByRole('button', { name: 'Play this transition' }).click();
  const seen = new Set<string>();
  await expect
    .poll(async () => {
      seen.add((await drawn(desk, 'opacity')).join());
      return seen.size;
    })
    .toBeGreaterThan(4);
  await chart.getByRole('button', { name: 'Stop' }).click();
  await desk.live.getByRole('button', { name: 'Resume' }).click();
  await desk.expectUp('Title');
});

test('elements come in turn, and a base that comes can be dragged over the one that goes', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Pause');
  await readProjectFromOverlay(desk);
  await desk.defaults.getByRole('combobox', { name: 'Stagger' }).selectOption('in reading order');
  await desk.defaults.getByRole('textbox', { name: 'Stagger by' }).fill('100 ms');
  await desk.page.keyboard.press('Enter');
  await desk.choose('Game over');
  await desk.chooseSentence(/go to Title/);
  const chart = desk.time;
  const comes = chart.getByRole('slider', { name: /comes: begins$/ });
  const at = Number(await comes.getAttribute('aria-valuenow'));
  const second = chart.getByRole('slider', { name: /, entering: begins$/ }).first();
  const from = Number(await second.getAttribute('aria-valuenow'));
  await second.press('Shift+ArrowRight');
  await expect
    .poll(async () => Number(await second.getAttribute('aria-valuenow')))
    .toBeCloseTo(from + 0.1, 2);
  await comes.press('Shift+ArrowLeft');
  await expect.poll(async () => Number(await comes.getAttribute('aria-valuenow'))).toBeLessThan(at + 0.3);
  await expect(chart.getByText('presses ignored')).toBeAttached();
  // An overlap longer than both halves makes no sense.
  await desk
    .sentence(/go to Title/)
    .getByRole('button', { name: /fade|motion/ })
    .click();
  await desk.page.getByRole('radio', { name: 'overlapping' }).check();
  await desk.page.getByRole('textbox', { name: 'Overlap' }).fill('9 s');
  await desk.page.keyboard.press('Enter');
  await expect(desk.page.getByText('That is longer than either half.')).toBeVisible();
});

async function readProjectFromOverlay(desk: Desk): Promise<void> {
  await desk.reading.getByRole('button', { name: 'Overlay', exact: true }).click();
  await expect(desk.defaults).toBeVisible();
}

test('a motion of the project’s own is made of tracks, used as the default, and taken out', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Title');
  await desk.readProject();
  const motions = desk.reading.getByRole('region', { name: 'Motions' });
  await motions.getByRole('button', { name: 'Motion', exact: true }).click();
  await motions.getByRole('button', { name: 'Rise' }).click();
  await expect(motions).toContainText('Not used yet.');
  const second = motions.getByRole('group', { name: 'In, track 2' });
  await second.getByRole('combobox', { name: 'Property' }).selectOption('turn');
  await expect(second.getByRole('textbox', { name: 'From' })).toHaveValue('-12');
  await second.getByRole('textbox', { name: 'Duration' }).fill('-5 ms');
  await desk.page.keyboard.press('Enter');
  await expect(motions.getByRole('alert')).toContainText('A time cannot be negative.');
  await second.getByRole('textbox', { name: 'Duration' }).fill('2 h');
  await desk.page.keyboard.press('Enter');
  await expect(motions.getByRole('alert')).toContainText('is not a unit here');
  await second.getByRole('textbox', { name: 'Duration' }).fill('600 ms');
  await desk.page.keyboard.press('Enter');
  await desk.defaults
    .getByRole('radiogroup', { name: 'Motion', exact: true })
    .getByRole('radio', { name: 'Own' })
    .click();
  await expect(motions).toContainText('Used by: the default motion.');
  await desk.choose('Title');
  await desk.chooseSentence(/^When .* is pressed, go to/);
  await expect(desk.time).toContainText('The default motion: Rise');
  await desk.readProject();
  await motions.getByRole('button', { name: 'Delete' }).click();
  await desk.choose('Title');
  await desk.chooseSentence(/^When .* is pressed, go to/);
  await expect(desk.time).toContainText('The default motion: a 240 ms fade');
});

test('a screen loads for a pretended time, or as far as the game says, and fails when that takes too long', async ({
  desk,
}) => {
  await desk.choose('Loading');
  const loading = desk.reading.getByRole('region', { name: 'Loading' });
  await loading.getByRole('textbox', { name: 'Duration', exact: true }).fill('1 s');
  await desk.page.keyboard.press('Enter');
  await desk.live.getByRole('button', { name: 'Start here' }).click();
  await desk.expectUp('Title');
  await desk.choose('Loading');
  await loading.getByRole('combobox', { name: 'Loading' }).selectOption('from the game');
  await loading.getByRole('combobox', { name: 'Progress event' }).selectOption('oil found');
  await desk.reading.getByRole('button', { name: 'When …' }).click();
  await desk.typing.fill('failed');
  await desk.page.getByRole('option', { name: /has failed/ }).click();
  await desk.fill(desk.sentence(/^When what it loads has failed/), 'Somewhere', 'Lamp out', 'Lamp out');
  await desk.live.getByRole('button', { name: 'Start here' }).click();
  await desk.say('oil found', { amount: '50' });
  await desk.expectUp('Loading');
  await desk.say('oil found', { amount: '100' });
  await desk.expectUp('Title');
  await desk.choose('Loading');
  await loading.getByRole('textbox', { name: /^Timeout/ }).fill('2 s');
  await desk.page.keyboard.press('Enter');
  await desk.live.getByRole('button', { name: 'Start here' }).click();
  await desk.expectUp('Lamp out');
});

test('with less motion nothing slides, grows or turns, in the game or in the tool', async ({ desk }) => {
  await desk.page.emulateMedia({ reducedMotion: 'reduce' });
  await desk.playFrom('Title');
  const transforms = new Set<string>();
  const watch = async (): Promise<void> => {
    for (const value of await desk.game.evaluate((host) =>
      [...host.shadowRoot!.querySelectorAll('svg > g, svg > g > g')].map(
        (group) => group.getAttribute('transform') ?? '',
      ),
    ))
      transforms.add(value);
  };
  await desk.speed('¼×');
  await desk.takeInHand();
  await desk.page.keyboard.press('Enter');
  for (let n = 0; n < 8; n++) await watch();
  await desk.speed('1×');
  await desk.expectUp('The watch');
  await desk.settled();
  await desk.takeInHand();
  await desk.page.keyboard.press('Escape');
  for (let n = 0; n < 8; n++) await watch();
  await desk.expectUp('The watch', 'Pause');
  expect([...transforms].filter((transform) => /rotate|scale|translate\((?!0 )/.test(transform))).toEqual([]);
});

test('times are read in the unit the designer likes', async ({ desk }) => {
  await desk.begin();
  await desk.held('Title');
  await desk.readProject();
  const times = desk.reading.getByRole('region', { name: 'Times' });
  await times.getByRole('textbox', { name: 'Frames a second' }).fill('24');
  await desk.page.keyboard.press('Enter');
  // What frames come to is said beside them.
  const takes = desk.defaults.getByRole('textbox', { name: 'Duration' }).first();
  await takes.fill('36 frames');
  await takes.press('Enter');
  await expect(desk.defaults).toContainText('= 1.5 s');
  await desk.undo();
  await expect(desk.defaults).not.toContainText('= 1.5 s');
  await times.getByRole('combobox', { name: 'Times are shown in' }).selectOption('frames');
  await desk.choose('Title');
  await desk.chooseSentence(/^When .* is pressed, go to/);
  await expect(desk.time).toContainText('4.8 frames');
  await desk.page.reload();
  await desk.choose('Title');
  await desk.chooseSentence(/^When .* is pressed, go to/);
  await expect(desk.time).toContainText('frames');
});

test('scrubbed and played, a transition is the same picture at the same time, to the pixel', async ({
  desk,
}) => {
  await desk.begin();
  await desk.held('Title');
  await desk.chooseSentence(/is pressed, go to Play/);
  const chart = desk.time;
  await desk
    .sentence(/is pressed, go to Play/)
    .getByRole('button', { name: 'default motion' })
    .click();
  await desk.page.getByRole('textbox', { name: 'Duration' }).fill('2 s');
  await desk.page.keyboard.press('Enter');
  await desk.page.keyboard.press('Escape');
  // The one that comes begins 0.1 s before the other has gone, so that both are on the picture.
  const comes = chart.getByRole('slider', { name: 'Play comes: begins' });
  await comes.press('Shift+ArrowLeft');
  await expect.poll(async () => Number(await comes.getAttribute('aria-valuenow'))).toBeCloseTo(1.9, 3);
  const drawing = () => desk.game.evaluate((host) => host.shadowRoot!.querySelector('svg')!.innerHTML);
  const seen = async () => {
    // What lies over the picture while it is held is not the picture.
    await desk.editing.evaluate((layer) => (layer.style.opacity = '0'));
    return (await desk.game.screenshot()).toString('base64');
  };

  await desk.playFrom('Title');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Play');
  // Held on the way, and on to the very moment at which the other is shown.
  await desk.page.keyboard.press('F8');
  await desk.live.getByRole('button', { name: /^Step to the next event/ }).click();
  const played = await drawing();
  const pixels = await seen();

  await desk.choose('Title');
  await desk.chooseSentence(/is pressed, go to Play/);
  const head = chart.getByRole('slider', { name: 'Moment of the transition' });
  await head.focus();
  for (let n = 0; n < 19; n++) await desk.page.keyboard.press('Shift+ArrowRight');
  await expect.poll(drawing).toBe(played);
  expect(await seen()).toBe(pixels);
  await desk.page.keyboard.press('ArrowRight');
  await expect.poll(drawing).not.toBe(played);
});
