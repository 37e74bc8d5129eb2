import { expect, test, type Desk } from './desk';

/** Every way an element can look, set by its fields and seen in what is painted. */

const drawing = (size: string, body: string) => ({
  name: 'frame.svg',
  mimeType: 'image/svg+xml',
  buffer: Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" ${size}>${body}</svg>`),
});

const combo = (desk: Desk, name: string) => desk.reading.getByRole('combobox', { name, exact: true });

/** Attributes of everything in the picture that a selector finds. */
const painted = (desk: Desk, selector: string, attribute: string) =>
  desk.game.evaluate(
    (host, [find, name]) =>
      [...host.shadowRoot!.querySelectorAll(find!)].map((element) => element.getAttribute(name!) ?? ''),
    [selector, attribute],
  );

test('a picture keeps its corners while its middle is stretched', async ({ desk }) => {
  await desk.begin();
  const live = await desk.held('Title');
  await desk.bringIn([drawing('width="60" height="60"', '<rect width="60" height="60" rx="20"/>')]);
  await live.press(1900, 1070);
  await live.key('i');
  await combo(desk, 'Picture').selectOption('frame');
  await combo(desk, 'Fit').selectOption('nine-slice');
  await desk.fillIn('Width', '600');
  await desk.fillIn('Height', '300');
  for (const side of ['Top', 'Right', 'Bottom', 'Left'])
    await desk.reading
      .getByRole('group', { name: /^Nine-slice insets/ })
      .getByRole('textbox', { name: side })
      .fill('20');
  await desk.page.keyboard.press('Enter');
  const sizes = async () =>
    (await painted(desk, 'rect[shape-rendering]', 'width')).map(
      async (width, i) => `${width} × ${(await painted(desk, 'rect[shape-rendering]', 'height'))[i]}`,
    );
  await expect
    .poll(async () => Promise.all(await sizes()))
    .toEqual([
      '20 × 20',
      '560 × 20',
      '20 × 20',
      '20 × 260',
      '560 × 260',
      '20 × 260',
      '20 × 20',
      '560 × 20',
      '20 × 20',
    ]);
});

test('on a finer display the finer file of a picture is shown, and the plain one on a plain display', async ({
  desk,
  browser,
}) => {
  const png = async (size: number) => {
    const address = await desk.page.evaluate((side) => {
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [side, side];
      return canvas.toDataURL('image/png');
    }, size);
    return { mimeType: 'image/png', buffer: Buffer.from(address.split(',')[1]!, 'base64') };
  };
  const shown = async (): Promise<number> =>
    desk.game.evaluate(async (host) => {
      const image = host.shadowRoot!.querySelector('image');
      if (!image) return 0;
      const loaded = new Image();
      loaded.src = image.getAttribute('href')!;
      await loaded.decode();
      return loaded.naturalWidth;
    });
  const show = async (): Promise<void> => {
    await desk.begin();
    const live = await desk.held('Title');
    await desk.bringIn([
      { name: 'gull.png', ...(await png(24)) },
      { name: 'gull@2x.png', ...(await png(48)) },
    ]);
    await expect(desk.page.getByRole('region', { name: 'Assets' })).toContainText('@2x');
    await live.press(1900, 1070);
    await live.key('i');
    await combo(desk, 'Picture').selectOption('gull');
  };
  await show();
  await expect.poll(shown).toBe(24);
  const context = await browser.newContext({ deviceScaleFactor: 2, viewport: { width: 1280, height: 800 } });
  const before = desk.page;
  Object.assign(desk, { page: await context.newPage() });
  await desk.open();
  await show();
  await expect.poll(shown).toBe(48);
  await context.close();
  Object.assign(desk, { page: before });
});

test('each shape of a bubble is drawn otherwise, with its tail where it is put', async ({ desk }) => {
  await desk.begin();
  const live = await desk.held('Title');
  await live.press(1900, 1070);
  await live.key('u');
  const path = async () => (await painted(desk, 'path', 'd')).at(-1)!;
  const dashes = async () => (await painted(desk, 'path[stroke-dasharray]', 'd')).length;
  const seen: string[] = [];
  for (const shape of ['speech', 'shout', 'thought', 'radio']) {
    await combo(desk, 'Shape').selectOption(shape);
    await combo(desk, 'Tail').selectOption('none');
    const without = await path();
    await combo(desk, 'Tail').selectOption('to the right');
    await expect.poll(path).not.toBe(without);
    seen.push(await path());
  }
  expect(new Set(seen).size).toBe(4);
  await desk.fillIn('Position along that side', '80');
  await expect.poll(path).not.toBe(seen.at(-1));
  await combo(desk, 'Shape').selectOption('caption');
  await expect(combo(desk, 'Tail')).toHaveCount(0);
  expect(await dashes()).toBe(0);
  await combo(desk, 'Shape').selectOption('whisper');
  await expect.poll(dashes).toBe(1);
});

test('an ellipse is as large as its place, filled within and clear at its corners', async ({ desk }) => {
  await desk.begin();
  const live = await desk.held('Title');
  await live.press(1900, 1070);
  await live.key('q');
  await desk.fillIn('Width', '400');
  await desk.fillIn('Height', '200');
  /** Whether points of the oval's own box, from 0 to 1, are filled, by the browser's own geometry. */
  const filled = (...points: [number, number][]) =>
    desk.game.evaluate((host, shares) => {
      const path = [...host.shadowRoot!.querySelectorAll('path')].find(
        (item) => Math.round(item.getBBox().width) <= 400 && Math.round(item.getBBox().width) > 390,
      );
      if (!path) return null;
      const { x, y, width, height } = path.getBBox();
      return shares.map(([across, down]) =>
        path.isPointInFill(new DOMPoint(x + across * width, y + down * height)),
      );
    }, points);
  await expect
    .poll(() => filled([0.5, 0.5], [0.5, 0.02], [0.02, 0.5], [0.1, 0.1], [0.9, 0.1], [0.9, 0.9], [0.1, 0.9]))
    .toEqual([true, true, true, false, false, false, false]);
  await expect(desk.reading.getByRole('region', { name: 'Box' })).toBeVisible();
});

test('a portrait looks the other way', async ({ desk }) => {
  await desk.begin();
  const live = await desk.held('Title');
  await desk.bringIn([drawing('width="60" height="90"', '<circle cx="20" cy="30" r="20"/>')]);
  await live.press(1900, 1070);
  await live.key('r');
  await combo(desk, 'Picture').selectOption('frame');
  const mirrored = async () =>
    (await painted(desk, 'g[transform]', 'transform')).filter((value) => value.includes('scale(-1 1)'))
      .length;
  expect(await mirrored()).toBe(0);
  await combo(desk, 'Flip').selectOption('mirrored');
  await expect.poll(mirrored).toBe(1);
});

test('an element is laid over what is beneath in each of the ways there are', async ({ desk }) => {
  await desk.begin();
  const live = await desk.held('Title');
  await live.press(1900, 1070);
  await live.key('p');
  const colours = new Set<string>();
  const ways = combo(desk, 'Blend mode');
  await desk.unfold('Opacity');
  await expect(ways).toBeVisible();
  const middle = await desk.game.boundingBox();
  for (const way of await ways.locator('option').all()) {
    const value = (await way.getAttribute('value'))!;
    await ways.selectOption(value);
    if (value !== 'normal')
      await expect
        .poll(() => painted(desk, 'g[style]', 'style'))
        .toContainEqual(expect.stringContaining(`mix-blend-mode: ${value}`));
    const shot = await desk.page.screenshot({
      clip: {
        x: middle!.x + middle!.width / 2 - 2,
        y: middle!.y + middle!.height / 2 - 2,
        width: 4,
        height: 4,
      },
    });
    colours.add(shot.toString('base64'));
  }
  expect(colours.size).toBeGreaterThanOrEqual(4);
});

test('a button looks otherwise hovered, focused, pressed and disabled, and a switch when it is on', async ({
  desk,
}) => {
  const what = desk.reading.getByRole('region', { name: 'Elements' });
  const box = desk.reading.getByRole('region', { name: 'Box', exact: true });
  const looks = box.getByRole('radiogroup', { name: 'State' });
  const colours = {
    hovered: '#112233',
    focused: '#223344',
    pressed: '#334455',
    disabled: '#445566',
    on: '#556677',
  };
  const paintAs = async (state: keyof typeof colours): Promise<void> => {
    await looks.getByRole('radio', { name: new RegExp(`^${state}`) }).click();
    const begin = box.getByRole('button', { name: 'Change this state' });
    if (await begin.isVisible()) await begin.click();
    await box.getByRole('button', { name: /^Fill: / }).click();
    const sheet = desk.page.getByRole('dialog', { name: 'Fill' });
    await sheet.getByRole('textbox', { name: 'Colour' }).fill(colours[state]);
    await sheet.getByRole('textbox', { name: 'Colour' }).press('Enter');
    await desk.page.keyboard.press('Escape');
    await expect(looks.getByRole('radio', { name: new RegExp(`^${state} •`) })).toBeVisible();
  };
  const expectPainted = (state: keyof typeof colours, there = true) =>
    expect
      .poll(async () => (await painted(desk, 'rect', 'fill')).includes(colours[state]), { message: state })
      .toBe(there);

  await desk.held('Title');
  await what.getByRole('button', { name: /^Credits/ }).click();
  for (const state of ['hovered', 'focused', 'pressed', 'disabled'] as const) await paintAs(state);
  await desk.playFrom('Title');
  await expectPainted('focused', false);
  const credits = desk.game.locator('text', { hasText: 'Credits' });
  await credits.hover();
  await expectPainted('hovered');
  await desk.page.mouse.down();
  await expectPainted('pressed');
  await desk.page.mouse.move(2, 2);
  await desk.page.mouse.up();
  await expectPainted('pressed', false);
  await desk.game.focus();
  for (let n = 0; n < 5 && !(await painted(desk, 'rect', 'fill')).includes(colours.focused); n++) {
    await desk.page.keyboard.press('ArrowDown');
    await desk.runFor(1);
  }
  await expectPainted('focused');

  await desk.held('Title');
  await what.getByRole('button', { name: /^Credits/ }).click();
  await desk.reading.getByRole('button', { name: 'always' }).last().click();
  await desk.page.getByRole('combobox', { name: 'Only while' }).fill('brightness > 200');
  await desk.page.keyboard.press('Enter');
  await expectPainted('disabled');

  await desk.held('Options');
  await what.getByRole('button', { name: /^Film grain/ }).click();
  const track = desk.reading.getByRole('region', { name: 'Track', exact: true });
  await track.getByRole('button', { name: 'As the control draws it' }).click();
  await paintAs('on');
  await desk.playFrom('Options');
  await expectPainted('on');
});

test('in a new project a button that cannot be used looks like it', async ({ desk }) => {
  await desk.begin();
  await desk.held('Title');
  const what = desk.reading.getByRole('region', { name: 'Elements' });
  await what.getByRole('button', { name: /^Start/ }).click();
  const before = await painted(desk, 'rect', 'fill');
  const usable = desk.reading.getByRole('region', { name: 'Visibility and use' });
  const last = usable.getByRole('button', { name: 'always' }).last();
  await last.click();
  await desk.page.getByRole('combobox', { name: 'Only while' }).fill('1 > 2');
  await desk.page.keyboard.press('Enter');
  await desk.playFrom('Title');
  const fills = () => painted(desk, 'rect', 'fill');
  await expect.poll(fills).toContain('#0f1e2c');
  expect(before).not.toContain('#0f1e2c');
  const ink = await desk.game
    .locator('text', { hasText: 'Start' })
    .evaluate((words) => getComputedStyle(words).fill);
  expect(ink).toBe('rgb(114, 135, 154)');
});

test('words stand, break, and are spaced as their fields say; a text and a box get a shadow and an outline', async ({
  desk,
}) => {
  await desk.begin(['Shop']);
  const live = await desk.held('Shop');
  await live.press(1900, 1070);
  await live.key('t');
  await desk.reading
    .getByRole('textbox', { name: 'Text', exact: true })
    .fill('Fog over the outer bank tonight, slack water at four');
  await desk.fillIn('Width', '400');
  await desk.fillIn('Height', '400');
  const lines = () => painted(desk, 'g[font-size] text', 'y');
  const mine = async (attribute: string) =>
    desk.game.evaluate(
      (host, name) =>
        [...host.shadowRoot!.querySelectorAll('g')]
          .find((node) => node.hasAttribute('font-size') && /^Fog/.test(node.textContent ?? ''))
          ?.getAttribute(name) ?? null,
      attribute,
    );
  await combo(desk, 'Align').selectOption('right');
  await expect.poll(() => mine('text-anchor')).toBe('end');
  const top = await lines();
  await combo(desk, 'Vertical align').selectOption('bottom');
  await expect.poll(lines).not.toEqual(top);
  const close = await lines();
  await desk.fillIn('Line height', '2');
  await expect.poll(lines).not.toEqual(close);
  await desk.fillIn('Letter spacing', '5');
  await expect.poll(() => mine('letter-spacing')).toBe('5');
  const broken = (await lines()).length;
  await combo(desk, 'Long lines').selectOption('cut off');
  await expect.poll(async () => (await lines()).length).toBeLessThan(broken);
  const typography = desk.reading.getByRole('region', { name: 'Typography' });
  await typography.getByRole('checkbox', { name: 'Outline' }).check();
  await expect.poll(() => mine('paint-order')).toBe('stroke');
  const groups = async () => (await painted(desk, 'g', 'filter')).filter((value) => value !== '').length;
  const soft = await groups();
  await typography.getByRole('checkbox', { name: 'Shadow' }).check();
  await expect.poll(groups).toBeGreaterThan(soft);

  await live.press(1900, 1070);
  await live.key('p');
  const box = desk.reading.getByRole('region', { name: 'Box', exact: true });
  const rects = async () => (await painted(desk, 'rect', 'x')).length;
  const plain = await rects();
  await box.getByRole('checkbox', { name: 'Shadow' }).check();
  await expect.poll(rects).toBe(plain + 1);
  await box.getByRole('checkbox', { name: 'Outline' }).check();
  await expect.poll(rects).toBe(plain + 2);
  await box.getByRole('checkbox', { name: 'Gradient' }).check();
  await expect.poll(async () => (await painted(desk, 'linearGradient', 'id')).length).toBe(1);
});
