import { expect, test, type Desk } from './desk';
import { coloursAt } from './artwork';

/** Shapes drawn by corners, by points, and from a drawing; what they hold cut off; wholes that are masked and tinted. */

const shapeOf = async (desk: Desk) =>
  (await desk.saved()).screens
    .flatMap(({ elements }) => elements)
    .find(({ type }) => type === 'shape') as unknown as {
    form: { is: string; lines: { points: { x: number; y: number; after?: object }[]; open?: true }[] };
    place: { x: { offset: number; size: number }; y: { offset: number; size: number } };
  };

test('a shape is put on by its key, and its points are moved by the pointer and by arrow keys', async ({
  desk,
}) => {
  await desk.begin(['Shop']);
  const live = await desk.held('Shop');
  await live.press(1900, 1070);
  await live.key('h');
  const form = desk.reading.getByRole('combobox', { name: 'Form' });
  await expect(form).toHaveValue('star');
  await form.selectOption('polygon');
  await desk.fillIn('Corners', '4');
  await form.selectOption('drawn by points');
  expect((await shapeOf(desk)).form.lines[0]!.points).toHaveLength(4);
  const before = await shapeOf(desk);
  // Its first point is at the top, in the middle.
  const top = desk.editing.getByRole('button', { name: 'Point 1', exact: true });
  await top.focus();
  await desk.page.keyboard.press('Shift+ArrowUp');
  await desk.page.keyboard.press('Shift+ArrowUp');
  const higher = await shapeOf(desk);
  expect(higher.place.y.size).toBeGreaterThan(before.place.y.size);
  expect(higher.form.lines[0]!.points[0]!.y).toBe(0);
  await desk.undo();
  await desk.undo();
  expect(await shapeOf(desk)).toEqual(before);
  // Dragged to the right beyond its place, the place follows; one undo takes all of the drag back.
  const right = desk.editing.getByRole('button', { name: 'Point 2', exact: true });
  const at = (await right.boundingBox())!;
  const [x, y] = [at.x + at.width / 2, at.y + at.height / 2];
  await desk.page.mouse.move(x, y);
  await desk.page.mouse.down();
  await desk.page.mouse.move(x + 20, y, { steps: 3 });
  await desk.page.mouse.move(x + 40, y + 10, { steps: 3 });
  await desk.page.mouse.up();
  await expect.poll(async () => (await shapeOf(desk)).place.x.size).toBeGreaterThan(before.place.x.size + 60);
  expect((await shapeOf(desk)).form.lines[0]!.points[1]!.x).toBe(1);
  await desk.undo();
  expect(await shapeOf(desk)).toEqual(before);
  // More points, fewer, and smooth ones.
  await top.focus();
  await desk.page.keyboard.press('Insert');
  expect((await shapeOf(desk)).form.lines[0]!.points).toHaveLength(5);
  await desk.editing.getByRole('button', { name: 'Point 5', exact: true }).focus();
  await desk.page.keyboard.press('Delete');
  await expect(desk.editing.getByRole('button', { name: 'Point 4', exact: true })).toBeFocused();
  expect((await shapeOf(desk)).form.lines[0]!.points).toHaveLength(4);
  await desk.unfold('Points');
  await desk.reading.getByRole('group', { name: 'Point 2', exact: true }).getByRole('checkbox').click();
  expect((await shapeOf(desk)).form.lines[0]!.points[1]!.after).toBeDefined();
  await expect(desk.editing.getByRole('button', { name: 'Point 2: handle after' })).toBeVisible();
});

test('the outline of a drawing becomes a shape in its proportions; what has none is refused in words', async ({
  desk,
}) => {
  await desk.begin(['Shop']);
  const live = await desk.held('Shop');
  await live.press(1900, 1070);
  await live.key('h');
  const take = async (svg: string): Promise<void> => {
    const chooser = desk.page.waitForEvent('filechooser');
    await desk.reading.getByRole('button', { name: 'Take the outline of an SVG file' }).click();
    await (
      await chooser
    ).setFiles([{ name: 'wave.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg) }]);
  };
  await take('<svg xmlns="http://www.w3.org/2000/svg"><text>Hi</text></svg>');
  await expect(
    desk.page.getByText(/wave.svg was not taken: There is no outline in it/).first(),
  ).toBeVisible();
  await take('<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0C20 -10 40 10 60 0L60 20H0Z"/></svg>');
  await expect(desk.reading.getByRole('combobox', { name: 'Form' })).toHaveValue('path');
  const { form, place } = await shapeOf(desk);
  expect(form.lines[0]!.points).toHaveLength(4);
  expect(place.x.size / place.y.size).toBeCloseTo(60 / 22.9, 1);
});

test('a picture masks a panel with all it holds, and a tint lies over both', async ({ desk }) => {
  await desk.begin(['Shop']);
  // Opaque on the left half, clear on the right.
  const half = await desk.page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [100, 100];
    canvas.getContext('2d')!.fillRect(0, 0, 50, 100);
    return canvas.toDataURL('image/png');
  });
  await desk.bringIn([
    { name: 'half.png', mimeType: 'image/png', buffer: Buffer.from(half.split(',')[1]!, 'base64') },
  ]);
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  const live = await desk.held('Shop');
  await live.press(1900, 1070);
  await live.key('p');
  for (const [name, to] of [
    ['X', '400'],
    ['Y', '300'],
    ['Width', '800'],
    ['Height', '400'],
  ] as const)
    await desk.fillIn(name, to);
  await desk.unfold('Mask and tint');
  const whole = desk.reading.getByRole('region', { name: 'Mask and tint' });
  await whole.getByRole('checkbox', { name: 'Tinted' }).click();
  await whole.getByRole('button', { name: /^Tint: / }).click();
  await desk.page
    .getByRole('dialog', { name: 'Tint' })
    .getByRole('textbox', { name: 'Colour' })
    .fill('#ff0000');
  await desk.page.keyboard.press('Enter');
  await desk.page.keyboard.press('Escape');
  await whole.getByRole('combobox', { name: 'Masked by' }).selectOption('half');
  const seen = async (): Promise<string[]> => {
    const by = (await desk.game.boundingBox())!.width / 1920;
    return coloursAt(desk, await desk.game.screenshot(), [
      [600 * by, 500 * by],
      [1000 * by, 500 * by],
      [200 * by, 200 * by],
    ]);
  };
  await expect
    .poll(async () => {
      const [left, right, away] = await seen();
      return left !== away && right === away && Number.parseInt(left!.slice(1, 3), 16) > 100;
    })
    .toBe(true);
});
