import { expect, test } from './desk';

test('anything is found: a screen, an element, a sentence, something to do', async ({ desk }) => {
  const find = async (typed: string, option: RegExp) => {
    await desk.page.keyboard.press('Control+k');
    await desk.typing.fill(typed);
    await desk.page.getByRole('option', { name: option }).first().click();
  };
  await find('lamp out', /^Lamp out base/);
  await desk.expectUp('Lamp out');
  await find('leave the watch', /^Leave the watch Pause/);
  await expect(desk.reading.getByRole('textbox', { name: 'Text', exact: true })).toHaveValue(
    'Leave the watch',
  );
  await find('sunrise', /^When the game says sunrise/);
  await expect(desk.sentence(/^When the game says sunrise/)).toHaveAttribute('aria-current', 'true');
  await find('restart', /^Restart the run/);
  await desk.expectUp('Warning');
  await desk.page.keyboard.press('Control+k');
  await desk.typing.fill('zzzz');
  await expect(desk.page.getByText('Nothing of that name.')).toBeVisible();
});

test('the map pans and zooms, and shows all of itself on demand', async ({ desk }) => {
  const place = async (name: string) => (await desk.card(name).boundingBox())!;
  const before = await place('Loading');
  const map = (await desk.map.boundingBox())!;
  await desk.page.mouse.move(map.x + 300, map.y + 150);
  await desk.page.mouse.down();
  await desk.page.mouse.move(map.x + 340, map.y + 190, { steps: 4 });
  await desk.page.mouse.up();
  const panned = await place('Loading');
  expect(panned.x - before.x).toBeCloseTo(40, 1);
  expect(panned.y - before.y).toBeCloseTo(40, 1);
  // The wheel scrolls, and zooms with Ctrl.
  await desk.page.mouse.wheel(0, 60);
  await expect.poll(async () => (await place('Loading')).y).toBeCloseTo(panned.y - 60, 1);
  await desk.page.keyboard.down('Control');
  await desk.page.mouse.wheel(0, -400);
  await desk.page.keyboard.up('Control');
  await expect.poll(async () => (await place('Loading')).width).toBeGreaterThan(panned.width * 1.2);
  await desk.map.getByRole('button', { name: 'The whole map' }).click();
  const confirm = await place('Confirm');
  expect(confirm.y + confirm.height).toBeLessThan(map.y + map.height);
  await desk.map.getByRole('button', { name: 'Nearer' }).click();
  await expect.poll(async () => (await place('Confirm')).width).toBeGreaterThan(confirm.width);
  await desk.map.getByRole('button', { name: 'Further away' }).click();
  await expect.poll(async () => (await place('Confirm')).width).toBeCloseTo(confirm.width, 1);
});

test('the whole of three hundred screens fits, and every area can be read and pressed', async ({ desk }) => {
  await desk.page.getByTitle('Projects').click();
  await desk.page.getByRole('button', { name: '300 screens' }).click();
  await expect(desk.page.getByTitle('Projects')).toHaveText('Three hundred lights');
  await desk.map.getByRole('button', { name: 'The whole map' }).click();
  const names = desk.map.getByRole('button', { name: /, \d+ screens?, \d+ in, \d+ out/ });
  await expect(names.first()).toBeInViewport({ ratio: 1 });
  await expect(names.last()).toBeInViewport({ ratio: 1 });
  const boxes = await names.evaluateAll((all) =>
    all.map((item) => {
      const { x, y, right, bottom } = item.getBoundingClientRect();
      const { fontSize, writingMode } = getComputedStyle(item);
      // Written across or down it, the whole name is on its block.
      const range = document.createRange();
      range.selectNodeContents(item);
      const words = range.getBoundingClientRect();
      // The letters' own box is a little larger than what is seen of them.
      const [dx, dy] = writingMode === 'horizontal-tb' ? [0, 2] : [2, 0];
      const whole =
        words.x >= x - dx && words.right <= right + dx && words.y >= y - dy && words.bottom <= bottom + dy;
      return { name: item.textContent, x, y, right, bottom, size: parseFloat(fontSize), whole };
    }),
  );
  expect(boxes.length).toBeGreaterThan(20);
  const frame = (await desk.map.boundingBox())!;
  for (const [i, box] of boxes.entries()) {
    expect(box.size).toBeGreaterThanOrEqual(11);
    expect(box.bottom - box.y).toBeGreaterThanOrEqual(box.size);
    expect(box).toMatchObject({ whole: true });
    expect(box.y).toBeGreaterThanOrEqual(frame.y + 20);
    expect(box.bottom).toBeLessThanOrEqual(frame.y + frame.height + 1);
    for (const other of boxes.slice(i + 1))
      expect(
        box.right <= other.x ||
          other.right <= box.x ||
          box.bottom <= other.y + 1 ||
          other.bottom <= box.y + 1,
      ).toBe(true);
  }
  const coast = desk.map.getByRole('button', { name: /^Coast 4, / });
  await coast.click();
  await expect(desk.reading).toContainText('Coast 4');
  // Pressed twice, it is brought nearer.
  await coast.dblclick();
  await expect(desk.card('Quay 4')).toBeInViewport({ ratio: 1 });
});

test('the divider has three rests, the narrow one a list of screens', async ({ desk }) => {
  const width = async () => (await desk.live.boundingBox())!.width;
  const even = await width();
  await desk.page.keyboard.press('Control+\\');
  await expect.poll(width).toBeGreaterThan(even);
  const list = desk.page.getByRole('navigation', { name: 'Screens' });
  await list.getByRole('button', { name: 'Credits' }).click();
  await desk.expectUp('Credits');
  await desk.page.keyboard.press('Control+\\');
  await expect.poll(width).toBeLessThan(even);
  await expect(desk.card('Credits')).toBeVisible();
});

test('an overlay that is put into an area with bases is told of', async ({ desk }) => {
  await desk.choose('Credits');
  await desk.choose('Pause', ['Shift']);
  await desk.reading.getByRole('combobox', { name: 'Area' }).selectOption({ label: 'On watch' });
  await expect(
    desk.word('Pause: over the bases, and in the area only while one of its bases is up beneath.'),
  ).toBeVisible();
});

test('sentences are tried in their order, and taken out, with undo', async ({ desk }) => {
  await desk.choose('The watch');
  const order = () =>
    desk.reading
      .getByRole('region', { name: 'What happens here' })
      .getByRole('list', { name: 'Sentences' })
      .locator('> li > [role=group]')
      .evaluateAll((entry) => entry.map((item) => item.getAttribute('aria-label')!.slice(0, 30)));
  const tide = desk.sentence(/^When Tide table/);
  await expect(tide).toBeVisible();
  const first = await order();
  await tide.click({ position: { x: 4, y: 8 } });
  await tide.getByRole('button', { name: 'Move this sentence' }).press('Alt+ArrowDown');
  expect(await order()).toEqual([first[1], first[0], ...first.slice(2)]);
  await tide.getByRole('button', { name: 'Take this sentence out' }).click();
  // The keyboard goes on at the sentence that takes its place.
  await expect(desk.reading.getByRole('list', { name: 'Sentences' }).locator(':focus')).toHaveCount(1);
  await expect(tide).toHaveCount(0);
  await desk.undo();
  await desk.undo();
  expect(await order()).toEqual(first);
});

test('the default motion is everywhere that has none of its own', async ({ desk }) => {
  await desk.begin();
  await desk.page
    .getByRole('region', { name: 'Default motion' })
    .getByRole('radio', { name: 'None' })
    .click();
  await desk.playFrom('Title');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Play');
  // Nothing moves, so nothing is masked: the next press counts at once.
  await desk.page.keyboard.press('Escape');
  await desk.expectUp('Play', 'Pause');
  await expect(desk.log.getByText('Press ignored')).toHaveCount(0);
});

test('a line of the log leads back to just before it, and to its sentence', async ({ desk }) => {
  await desk.playFrom('The watch');
  await desk.say('sunrise');
  await desk.expectUp('Dawn');
  await desk.log.getByRole('button', { name: /sunrise, .* go to Dawn/ }).click();
  await desk.expectUp('The watch');
  await expect(desk.sentence(/sunrise/)).toHaveAttribute('aria-current', 'true');
});

test('what happened is read newest first, or from the beginning', async ({ desk }) => {
  await desk.playFrom('The watch');
  await desk.say('sunrise');
  await desk.expectUp('Dawn');
  const first = desk.log.getByRole('listitem').first();
  await expect(first).not.toContainText('The watch is up');
  await desk.dock.getByRole('button', { name: 'newest first' }).click();
  await expect(first).toContainText('The watch is up');
  await desk.dock.getByRole('button', { name: 'oldest first' }).click();
  await expect(first).not.toContainText('The watch is up');
});

test('the theme turns and is remembered', async ({ desk }) => {
  const theme = () => desk.page.evaluate(() => document.documentElement.dataset.theme);
  expect(await theme()).toBe('day');
  await desk.page.getByRole('button', { name: 'Night theme' }).click();
  await desk.page.reload();
  await expect(desk.live).toBeVisible();
  expect(await theme()).toBe('night');
});

test('elements are added, named apart, linked where they stand, and taken off', async ({ desk }) => {
  await desk.choose('Credits');
  const what = desk.reading.getByRole('region', { name: 'Elements' });
  for (const type of ['Button', 'Text', 'Panel', 'Picture']) {
    await what.getByRole('button', { name: type, exact: true }).click();
    await expect(desk.reading.getByRole('textbox', { name: 'Name' })).toHaveValue(
      type === 'Panel' ? 'Panel' : type,
    );
    await desk.reading.getByRole('button', { name: 'Credits', exact: true }).click();
  }
  await what.getByRole('button', { name: 'Button', exact: true }).last().click();
  await expect(desk.reading.getByRole('textbox', { name: 'Name' })).toHaveValue('Button 2');
  await desk.unfold('Anchors');
  await desk.reading.getByRole('combobox', { name: 'Horizontal: anchor' }).selectOption('from the right');
  await expect(desk.reading.getByRole('textbox', { name: 'Offset' }).first()).toHaveValue(/^[1-9]\d*$/);
  await desk.reading.getByRole('button', { name: 'Delete this element' }).click();
  await expect(what.getByText('button, leads nowhere')).toHaveCount(1);
});

test('the project is renamed where it is read', async ({ desk }) => {
  const name = desk.reading.getByRole('textbox', { name: 'The project’s name' });
  await name.fill('Saltwick Night');
  await name.press('Enter');
  await expect(desk.page.getByTitle('Projects')).toHaveText('Saltwick Night');
});
