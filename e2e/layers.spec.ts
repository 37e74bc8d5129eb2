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
