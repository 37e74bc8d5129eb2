import { expect, test } from './desk';
import { at, coloursAt, FIELDS, faceOf, OFF, png, SMALL, STATES, TALL, WIDE, type Made } from './artwork';
import { link, press, projectOf, screenOf } from '../packages/core/src/test/flows';
import type { Element, Project, Slice } from '../packages/core/src/model';
import type { PictureItem } from '../packages/core/src/drawing';
import { svgFrame, svgText, toSvg } from '../packages/core/src/paint';

/** A game's own artwork as the face of what is on its screens, seen as it is painted. */

/** The middles of the nine fields of a box that is sliced so, its edges drawn larger, as points of the frame. */
function middles(box: { x: number; y: number; width: number; height: number }, slice: Slice, scale: number) {
  const across = [0, slice.left * scale, box.width - slice.right * scale, box.width];
  const down = [0, slice.top * scale, box.height - slice.bottom * scale, box.height];
  return [0, 1, 2].flatMap((row) =>
    [0, 1, 2].map(
      (column) =>
        [
          box.x + (across[column]! + across[column + 1]!) / 2,
          box.y + (down[row]! + down[row + 1]!) / 2,
        ] as const,
    ),
  );
}

const button = (id: string, box: typeof SMALL, over: Partial<Element> = {}): Element =>
  ({
    id,
    name: id,
    type: 'button',
    parent: null,
    place: at(box),
    text: '',
    look: { style: 't-button' },
    box: { style: 'b-button' },
    ...over,
  }) as Element;
const made = (): Project =>
  projectOf(
    [
      screenOf('title', {
        name: 'Title',
        elements: [button('Wide', WIDE), button('Small', TALL), button('Off', OFF, { enabledWhen: '1 > 2' })],
      }),
      screenOf('other', { name: 'Other' }),
    ],
    [link('title', press('Wide'), 'go', 'other')],
    { name: 'Faces' },
  );

test('five pictures of different sizes are the five states of a button, and each is seen where its state is', async ({
  desk,
}) => {
  await desk.openMade(made());
  const files = [];
  for (const state of STATES)
    files.push({ name: `${state}.png`, mimeType: 'image/png', buffer: await png(desk, faceOf(state)) });
  await desk.bringIn(files);
  await expect(desk.page.getByRole('region', { name: 'Pictures' }).getByRole('listitem')).toHaveCount(5);
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.unfold('Box styles');
  await desk.reading
    .getByRole('region', { name: 'Box styles' })
    .getByRole('button', { name: /^Button/ })
    .click();
  const sheet = desk.page.getByRole('dialog', { name: 'Style Button' });
  for (const state of STATES) {
    await sheet.getByRole('radio', { name: new RegExp(`^${state}`) }).click();
    await sheet.getByRole('combobox', { name: 'Picture on it' }).selectOption(state);
    await expect(sheet.getByRole('combobox', { name: 'Fit' })).toHaveValue('slice');
    const { slice } = faceOf(state);
    for (const side of ['Top', 'Right', 'Bottom', 'Left'] as const)
      await sheet
        .getByRole('textbox', { name: side, exact: true })
        .fill(String(slice[side.toLowerCase() as keyof Slice]));
    await sheet.getByRole('textbox', { name: 'Edges drawn at' }).fill('400');
    await sheet.getByRole('textbox', { name: 'Opacity' }).focus();
  }
  await desk.page.keyboard.press('Escape');
  await desk.playFrom('Title');
  const shown = async (box: typeof SMALL, state: (typeof STATES)[number]) => {
    const seen = (await desk.game.boundingBox())!;
    const by = seen.width / 1920;
    const points = middles(box, faceOf(state).slice, 4).map(([x, y]) => [x * by, y * by] as const);
    return coloursAt(desk, await desk.game.screenshot(), points);
  };
  const expectState = (box: typeof SMALL, state: (typeof STATES)[number]) =>
    expect.poll(() => shown(box, state), `${state} ${box.width}`).toEqual(faceOf(state).fields);
  const over = async ({ x, y, width, height }: typeof SMALL): Promise<void> => {
    const seen = (await desk.game.boundingBox())!;
    const by = seen.width / 1920;
    await desk.page.mouse.move(seen.x + (x + width / 2) * by, seen.y + (y + height / 2) * by);
  };
  await expectState(TALL, 'focused');
  await expectState(WIDE, 'normal');
  await expectState(OFF, 'disabled');
  await over(WIDE);
  await expectState(WIDE, 'hovered');
  await desk.page.mouse.down();
  await expectState(WIDE, 'pressed');
  await desk.page.mouse.up();
  // One undo takes back one setting, of however many letters.
  await desk.undo();
  const saved = await desk.saved();
  expect(saved.styles.box[0]!.disabled!.picture).toEqual({
    asset: saved.assets.at(-1)!.id,
    fit: 'slice',
    slice: faceOf('disabled').slice,
  });
});

test('nine parts are right to the pixel at any size of box and picture, and let nothing through between them', async ({
  desk,
  browser,
}) => {
  const face = { ...faceOf('focused'), fields: FIELDS };
  const flat = { ...face, fields: FIELDS.map(() => '#ff0000') };
  const { slice } = face;
  const drawn = async (
    box: typeof SMALL,
    picture: Made,
    scale: number,
    finer: number,
    frame: typeof FRAME,
  ) => {
    const address = `data:image/png;base64,${(await png(desk, picture)).toString('base64')}`;
    const item: PictureItem = {
      kind: 'picture',
      id: null,
      rect: box,
      asset: 'a',
      fit: 'slice',
      own: { width: picture.width, height: picture.height, scale: 1 },
      edges: picture.slice,
    };
    const sources = { asset: () => address, family: () => '' };
    const page = await browser.newPage({ deviceScaleFactor: finer, viewport: { width: 1920, height: 1440 } });
    await page.setContent(
      `<body style="margin:0;background:#00f"><div style="width:${frame.width * scale}px">${svgText(svgFrame(frame.width, frame.height, toSvg([item], sources)))}`,
    );
    const shot = await page.screenshot();
    await page.close();
    return shot;
  };
  // At whole scales each pixel on either side of an edge is of its own field.
  for (const [finer, frame] of [
    [1, FRAME],
    [2, FRAME],
    [1, { width: 1440, height: 1080 }],
  ] as const)
    for (const box of [SMALL, WIDE]) {
      const shot = await drawn(box, face, 1, finer, frame);
      const across = [0, slice.left, box.width - slice.right, box.width];
      const down = [0, slice.top, box.height - slice.bottom, box.height];
      const points: [number, number][] = [];
      const fields: string[] = [];
      // What is drawn larger is smooth, so that within half a pixel of the picture its neighbour is seen too.
      const soft = (size: number, taken: number): number =>
        size * finer === taken ? 0 : Math.ceil((size * finer) / taken / 2) / finer;
      const softX = [0, 1, 2].map((n) =>
        soft(
          across[n + 1]! - across[n]!,
          [slice.left, face.width - slice.left - slice.right, slice.right][n]!,
        ),
      );
      const softY = [0, 1, 2].map((n) =>
        soft(down[n + 1]! - down[n]!, [slice.top, face.height - slice.top - slice.bottom, slice.bottom][n]!),
      );
      for (let row = 0; row < 3; row++)
        for (let column = 0; column < 3; column++)
          for (const x of [
            across[column]! + softX[column]!,
            across[column + 1]! - 1 / finer - softX[column]!,
          ])
            for (const y of [down[row]! + softY[row]!, down[row + 1]! - 1 / finer - softY[row]!]) {
              points.push([(box.x + x) * finer, (box.y + y) * finer]);
              fields.push(FIELDS[row * 3 + column]!);
            }
      expect(await coloursAt(desk, shot, points), `${box.width} at ${finer}`).toEqual(fields);
    }
  // At any other scale a picture of one colour is of that colour all over.
  for (const scale of [0.2833, 0.5333, 0.75, 0.91]) {
    const shot = await drawn(WIDE, flat, scale, 1, FRAME);
    const points: [number, number][] = [];
    for (let x = WIDE.x * scale + 2; x < (WIDE.x + WIDE.width) * scale - 2; x++)
      points.push([x, (WIDE.y + WIDE.height / 2) * scale]);
    for (let y = WIDE.y * scale + 2; y < (WIDE.y + WIDE.height) * scale - 2; y++)
      points.push([(WIDE.x + WIDE.width / 2) * scale, y]);
    expect(new Set(await coloursAt(desk, shot, points)), `at ${scale}`).toEqual(new Set(['#ff0000']));
  }
});

const FRAME = { width: 1920, height: 1080 };

test('the lines of a nine-slice are dragged on the picture, and moved by the arrow keys; each is one step back', async ({
  desk,
}) => {
  await desk.openMade(made());
  await desk.bringIn([
    {
      name: 'face.png',
      mimeType: 'image/png',
      buffer: await png(desk, { ...faceOf('normal'), width: 60, height: 40 }),
    },
  ]);
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  const live = await desk.held('Title');
  await live.press(WIDE.x + 20, WIDE.y + 20);
  await desk.unfold('Box');
  const box = desk.reading.getByRole('region', { name: 'Box', exact: true });
  await box.getByRole('combobox', { name: 'Picture on it' }).selectOption('face');
  const left = box.getByRole('slider', { name: 'Left inset' });
  await expect(left).toHaveAttribute('aria-valuenow', '13');
  await left.focus();
  for (let i = 0; i < 3; i++) await desk.page.keyboard.press('ArrowRight');
  await desk.page.keyboard.press('Shift+ArrowRight');
  await expect(left).toHaveAttribute('aria-valuenow', '26');
  // Never past the line across from it.
  for (let i = 0; i < 5; i++) await desk.page.keyboard.press('Shift+ArrowRight');
  await expect(left).toHaveAttribute('aria-valuenow', String(60 - 13));
  await desk.undo();
  await expect(left).toHaveAttribute('aria-valuenow', '46');
  const top = box.getByRole('slider', { name: 'Top inset' });
  await top.scrollIntoViewIfNeeded();
  const line = (await top.boundingBox())!;
  const [x, y] = [line.x + line.width / 2, line.y + line.height / 2];
  await desk.page.mouse.move(x, y);
  await desk.page.mouse.down();
  await desk.page.mouse.move(x, y - 7, { steps: 3 });
  await desk.page.mouse.move(x, y - 14, { steps: 3 });
  await desk.page.mouse.up();
  await expect(top).toHaveAttribute('aria-valuenow', '9');
  await desk.undo();
  await expect(top).toHaveAttribute('aria-valuenow', '13');
});

test('a state can be larger and nudged, and is gone over to in a time that is set', async ({ desk }) => {
  await desk.openMade(made());
  const live = await desk.held('Title');
  await live.press(WIDE.x + 20, WIDE.y + 20);
  await desk.unfold('Box');
  const box = desk.reading.getByRole('region', { name: 'Box', exact: true });
  await box.getByRole('textbox', { name: 'From state to state takes' }).fill('2 s');
  await desk.page.keyboard.press('Enter');
  await box.getByRole('radio', { name: 'hovered' }).click();
  const movement = box.getByRole('group', { name: 'Movement' });
  await movement.getByRole('textbox', { name: 'Size' }).fill('110');
  await movement.getByRole('textbox', { name: 'Nudge Y' }).fill('-8');
  await desk.page.keyboard.press('Enter');
  const saved = await desk.saved();
  expect(saved.screens[0]!.elements[0]).toMatchObject({
    box: { fades: '2 s', hovered: { grow: 1.1, nudge: { x: 0, y: -8 } } },
  });
  await desk.playFrom('Title');
  const seen = (await desk.game.boundingBox())!;
  const by = seen.width / 1920;
  await desk.page.mouse.move(seen.x + (WIDE.x + 300) * by, seen.y + (WIDE.y + 60) * by);
  const scales = () =>
    desk.game.evaluate((host) =>
      [...host.shadowRoot!.querySelectorAll('g[transform]')].flatMap((group) => {
        const found = /scale\(([\d.]+)\)/.exec(group.getAttribute('transform')!);
        return found && found[1] !== '-1' ? [Number(found[1])] : [];
      }),
    );
  // On its way, and then there.
  await expect.poll(async () => (await scales()).some((scale) => scale > 1 && scale < 1.1)).toBe(true);
  await expect.poll(async () => (await scales()).includes(1.1)).toBe(true);
});

test('pictures of a kit that go by the name of the normal one are put on the states in one press', async ({
  desk,
}) => {
  await desk.openMade(made());
  const files = [];
  for (const name of ['plank', 'plank_hover', 'plank pressed', 'plankDisabled', 'board_hover'])
    files.push({ name: `${name}.png`, mimeType: 'image/png', buffer: await png(desk, faceOf('normal')) });
  await desk.bringIn(files);
  const matched = desk.page.getByRole('dialog', { name: 'Matched by name' });
  await expect(matched).toBeVisible();
  await desk.page.keyboard.press('Escape');
  await expect(matched).toBeHidden();
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  const live = await desk.held('Title');
  await live.press(WIDE.x + 20, WIDE.y + 20);
  await desk.unfold('Box');
  const box = desk.reading.getByRole('region', { name: 'Box', exact: true });
  await box.getByRole('combobox', { name: 'Picture on it' }).selectOption('plank');
  await box.getByRole('button', { name: 'Use them for hovered, pressed, disabled' }).click();
  await expect(box.getByRole('button', { name: /^Use them for/ })).toHaveCount(0);
  const named = async () => {
    const { screens, assets } = await desk.saved();
    const [wide] = screens[0]!.elements;
    if (wide?.type !== 'button') return {};
    const face = (state: 'hovered' | 'focused' | 'pressed' | 'disabled') => {
      const picture = wide.box[state]?.picture;
      return typeof picture === 'object' ? assets.find(({ id }) => id === picture.asset)?.name : undefined;
    };
    return {
      hovered: face('hovered'),
      focused: face('focused'),
      pressed: face('pressed'),
      disabled: face('disabled'),
    };
  };
  expect(await named()).toEqual({
    hovered: 'plank_hover',
    focused: undefined,
    pressed: 'plank pressed',
    disabled: 'plankDisabled',
  });
  await desk.undo();
  expect(await named()).toMatchObject({ hovered: undefined, pressed: undefined });
});

test('where a picture is clear, a press falls on what lies beneath once it counts only where it is drawn', async ({
  desk,
}) => {
  const project = projectOf(
    [
      screenOf('title', {
        name: 'Title',
        elements: [
          button('Wide', WIDE, {
            box: { style: 'b-button', fill: '#00000000', border: '#00000000' },
          } as Partial<Element>),
        ],
      }),
      screenOf('other', { name: 'Other' }),
    ],
    [link('title', press('Wide'), 'go', 'other')],
    { name: 'Round' },
  );
  await desk.openMade(project);
  const round = await desk.page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [128, 128];
    const context = canvas.getContext('2d')!;
    context.arc(64, 64, 60, 0, 7);
    context.fill();
    return canvas.toDataURL('image/png');
  });
  await desk.bringIn([
    { name: 'round.png', mimeType: 'image/png', buffer: Buffer.from(round.split(',')[1]!, 'base64') },
  ]);
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  const live = await desk.held('Title');
  await live.press(WIDE.x + 20, WIDE.y + 20);
  await desk.unfold('Box');
  const box = desk.reading.getByRole('region', { name: 'Box', exact: true });
  await box.getByRole('combobox', { name: 'Picture on it' }).selectOption('round');
  await box.getByRole('combobox', { name: 'Fit' }).selectOption('contain, whole');
  await desk.reading.getByRole('checkbox', { name: 'Presses count only where it is drawn' }).click();
  await desk.playFrom('Title');
  const at = async (x: number, y: number): Promise<void> => {
    const seen = (await desk.game.boundingBox())!;
    await desk.page.mouse.click(seen.x + (x * seen.width) / 1920, seen.y + (y * seen.width) / 1920);
  };
  // Beside the disc, which is as high as the button and stands in its middle.
  await at(WIDE.x + 20, WIDE.y + 60);
  await at(WIDE.x + 400, WIDE.y + 10);
  await expect(desk.live).toContainText('Title');
  await at(WIDE.x + 320, WIDE.y + 60);
  await expect.poll(async () => desk.live.getByText('Other', { exact: true }).count()).toBeGreaterThan(0);
});
