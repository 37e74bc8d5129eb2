import { pngOf } from '../packages/core/src/test/layered';
import { expect, test, type Desk } from './desk';

/** Artists' kits: matched by name to states and parts, and replaced by a newer one. */

const BROWN = [120, 80, 40, 255];
const file = (name: string, width: number, height: number) => ({
  name,
  mimeType: 'image/png',
  buffer: Buffer.from(pngOf(width, height, BROWN)),
});
const table = (desk: Desk) => desk.page.getByRole('dialog', { name: 'Matched by name' });
const wood = async (desk: Desk) => {
  const { assets, styles, screens, components = [] } = await desk.saved();
  const named = (id: string | undefined) => assets.find((asset) => asset.id === id)?.name;
  const of = (face: { picture?: unknown } | undefined) =>
    named((face?.picture as { asset: string } | undefined)?.asset);
  const style = styles.box.find(({ name }) => name === 'Button')!;
  const sliders = [...screens, ...components]
    .flatMap(({ elements }) => elements)
    .flatMap((element) => (element.type === 'slider' ? [of(element.parts?.thumb)] : []));
  return { faces: [of(style), of(style.hovered), of(style.pressed)], sliders: new Set(sliders) };
};

test('a kit that is dropped at once dresses a style and the parts of controls, as one step', async ({
  desk,
}) => {
  const before = await wood(desk);
  await desk.bringIn([
    file('button.png', 60, 30),
    file('button_hover.png', 60, 30),
    file('button_pressed.png', 60, 30),
    file('slider_thumb.png', 20, 20),
    file('scroll_thumb.png', 16, 40),
  ]);
  const faces = table(desk).getByRole('listitem').filter({ hasText: 'button, hovered, pressed' });
  await expect(faces.getByRole('combobox')).toHaveValue('b-button');
  await expect(table(desk)).toContainText(/The thumb of every slider, \d+ in all/);
  await expect(table(desk)).toContainText('The scroll bar thumb of every panel with a scroll bar, 3 in all');
  await table(desk).getByRole('button', { name: 'Apply what is ticked' }).click();
  await expect
    .poll(() => wood(desk))
    .toEqual({
      faces: ['button', 'button_hover', 'button_pressed'],
      sliders: new Set(['slider_thumb']),
    });
  await desk.undo();
  await expect.poll(() => wood(desk)).toEqual(before);
});

test('a newer kit takes the place of the old one where it is ticked, side by side with it', async ({
  desk,
}) => {
  const { page } = desk;
  await desk.bringIn([file('rope.png', 40, 20), file('sail.png', 10, 10)]);
  await expect(page.getByText('2 files brought in.').first()).toBeVisible();
  await expect(table(desk)).toBeHidden();
  await desk.bringIn([file('rope.png', 80, 20), file('sail.png', 12, 12)]);
  await expect(table(desk).getByRole('listitem').filter({ hasText: 'rope' })).toContainText(
    '40 × 20 becomes 80 × 20',
  );
  // By keys alone: the second is not ticked.
  await table(desk).getByRole('checkbox', { name: 'Replace sail' }).press('Space');
  await table(desk).getByRole('button', { name: 'Apply what is ticked' }).press('Enter');
  await expect(table(desk)).toBeHidden();
  const sizes = async () =>
    (await desk.saved()).assets
      .filter(({ name }) => /^(rope|sail)/.test(name))
      .map(({ name, width }) => `${name} ${width}`)
      .sort();
  await expect.poll(sizes).toEqual(['rope 80', 'sail 10', 'sail 2 12']);
  await desk.undo();
  await expect.poll(sizes).toEqual(['rope 40', 'sail 10']);
  // Put away, everything comes in beside what is there.
  await desk.bringIn([file('rope.png', 90, 20)]);
  await expect(table(desk)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect.poll(sizes).toEqual(['rope 2 90', 'rope 40', 'sail 10']);
});
