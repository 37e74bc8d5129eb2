import { expect, test, type Desk } from './desk';
import { oraOf, pngOf } from '../packages/core/src/test/layered';

/** Layered pictures become elements, and are brought up to date. */

const BLUE = [20, 40, 200, 255];
const stack = (glowX: number): string => `<?xml version='1.0' encoding='UTF-8'?>
<image version="0.0.6" w="192" h="108"><stack>
  <stack name="Sign" opacity="0.5"><layer name="Board" src="data/board.png" x="20" y="60"/></stack>
  <layer name="Glow" src="data/glow.png" x="${glowX}" y="4" composite-op="svg:screen"/>
  <layer name="Shore" src="data/back.png"/>
</stack></image>`;
const file = (glowX: number, board = pngOf(40, 20, BLUE)) => ({
  name: 'title.ora',
  mimeType: 'image/openraster',
  buffer: Buffer.from(
    oraOf(stack(glowX), {
      board,
      glow: pngOf(30, 12, [200, 160, 20, 255]),
      back: pngOf(192, 108, [9, 40, 60, 255]),
    }),
  ),
});
const layersOn = async (desk: Desk, screen: string) => {
  const { elements } = (await desk.saved()).screens.find(({ name }) => name === screen)!;
  return elements.filter(({ layer }) => layer);
};

test('layers come with their names, places, groups and blending; brought in again, only what has changed does', async ({
  desk,
}) => {
  const { page } = desk;
  await desk.choose('Credits');
  await desk.bringIn([file(50)]);
  await expect(page.getByText('title.ora: 4 layers put on.').first()).toBeVisible();
  const first = await layersOn(desk, 'Credits');
  expect(first.map(({ name, blend, opacity }) => [name, blend, opacity])).toEqual([
    ['Shore', undefined, undefined],
    ['Glow', 'screen', undefined],
    ['Sign', undefined, 0.5],
    ['Board', undefined, undefined],
  ]);
  // Ten pixels of the frame to one of the file: it is drawn where the file has it.
  const drawn = await desk.game.evaluate((host) => {
    const by = 1920 / host.getBoundingClientRect().width;
    const from = host.getBoundingClientRect();
    return [...host.shadowRoot!.querySelectorAll('image')].map((node) => {
      const { x, y, width } = node.getBoundingClientRect();
      return [(x - from.x) * by, (y - from.y) * by, width * by].map(Math.round);
    });
  });
  expect(drawn).toContainEqual([500, 40, 300]);
  expect(drawn).toContainEqual([200, 600, 400]);

  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.bringIn([file(60, pngOf(40, 20, [200, 20, 20, 255]))]);
  await expect(page.getByText('title.ora: 2 brought up to date.').first()).toBeVisible();
  const second = await layersOn(desk, 'Credits');
  expect(second.map(({ id }) => id)).toEqual(first.map(({ id }) => id));
  expect(second[1]!.place.x).toMatchObject({ offset: 600 });
  expect(second[3]).not.toEqual(first[3]);
  expect([second[0], second[2]]).toEqual([first[0], first[2]]);

  await page.getByRole('tab', { name: 'Map' }).click();
  await desk.undo();
  expect((await layersOn(desk, 'Credits'))[1]!.place.x).toMatchObject({ offset: 500 });
});

test('a damaged file, and one with no screen to go on, are refused in words', async ({ desk }) => {
  const { page } = desk;
  await desk.bringIn([file(50)]);
  await expect(
    page.getByText(/title\.ora was refused: Choose the screen that its layers go on/).first(),
  ).toBeVisible();
  await page.getByRole('tab', { name: 'Map' }).click();
  await desk.choose('Credits');
  const whole = file(50);
  await desk.bringIn([{ ...whole, buffer: whole.buffer.subarray(0, 200) }]);
  await expect(
    page.getByText(/title\.ora was refused: It is damaged and cannot be unpacked/).first(),
  ).toBeVisible();
  expect(await layersOn(desk, 'Credits')).toEqual([]);
});

const drawing = (lampX: number): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 96 54" width="192" height="108"><defs><linearGradient id="sky"><stop offset="0" stop-color="#123"/></linearGradient></defs><g id="Sky"><rect width="96" height="54" fill="url(#sky)"/></g><g id="Lamp" opacity="0.5"><rect x="${lampX}" y="10" width="10" height="20" fill="#fc3"/></g></svg>`;
const svg = (lampX: number) => ({
  name: 'cliff.svg',
  mimeType: 'image/svg+xml',
  buffer: Buffer.from(drawing(lampX)),
});

test('the groups of a drawing become elements where they are seen, and are brought up to date from a newer file', async ({
  desk,
}) => {
  const { page } = desk;
  await desk.choose('Credits');
  await desk.bringIn([svg(30)]);
  const row = page
    .getByRole('region', { name: 'Pictures' })
    .getByRole('listitem')
    .filter({ hasText: '192 × 108' });
  await row.getByRole('button', { name: /^Add the groups of cliff/ }).click();
  await expect(page.getByText('cliff: 2 layers put on.').first()).toBeVisible();
  const lamp = async () => (await layersOn(desk, 'Credits')).find(({ name }) => name === 'Lamp')!;
  expect((await layersOn(desk, 'Credits')).map(({ name }) => name)).toEqual(['Sky', 'Lamp']);
  // Ten design pixels for each of the drawing's own two.
  expect(await lamp()).toMatchObject({
    opacity: 0.5,
    place: { x: { offset: 600, size: 200 }, y: { offset: 200, size: 400 } },
  });
  const chooser = page.waitForEvent('filechooser');
  await row.getByRole('button', { name: 'Replace cliff by another file' }).click();
  await (await chooser).setFiles([svg(40)]);
  await row.getByRole('button', { name: /^Add the groups of cliff/ }).click();
  await expect(
    page
      .getByText('cliff: one brought up to date', { exact: false })
      .or(page.getByText('cliff: 1 brought up to date'))
      .first(),
  ).toBeVisible();
  expect((await lamp()).place.x).toMatchObject({ offset: 800, size: 200 });
});
