import { expect, test, type Desk } from './desk';
import { fingers } from './fingers';
import { standing } from './rings';

/** A stick and touch buttons, by several fingers at once, and the device tilted. */

const STICK = [0.19, 0.69] as const;
const HORN = [0.89, 0.82] as const;
const TIDES = [0.79, 0.74] as const;
const shown = async (desk: Desk): Promise<boolean> =>
  (await standing(desk)).some(({ words }) => words === 'Horn');

test.describe('with fingers', () => {
  test.use({ hasTouch: true });

  test('the lamp is turned while the horn sounds and the tide table is opened by a third finger', async ({
    desk,
  }) => {
    await desk.playFrom('The watch');
    const { down, move, up, tap } = await fingers(desk);
    await tap([0.5, 0.2]);
    await expect.poll(() => shown(desk)).toBe(true);

    await down(1, STICK);
    await move(1, [STICK[0] + 0.2, STICK[1]]);
    await expect(desk.log).toContainText('Turn the lamp at 1, 0 → game');
    await down(2, HORN);
    await expect(desk.log).toContainText('Sound the horn by touch → game');
    await up(2);
    await expect(desk.log).toContainText('Sound the horn by touch ↑ → game');
    await move(1, [STICK[0], STICK[1] + 0.3]);
    await expect(desk.log).toContainText('Turn the lamp at 0, 1 → game');
    // The table that opens covers the stick, which is let go of with the thumb still down.
    await down(3, TIDES);
    await desk.expectUp('The watch', 'Tide table');
    await expect(desk.log).toContainText('Turn the lamp at 0, 0 → game');
    await up(3);
    await up(1);
    await desk.expectUp('The watch', 'Tide table');
  });

  test('keys in hand put the thumbs’ controls away', async ({ desk }) => {
    await desk.playFrom('The watch');
    const { tap } = await fingers(desk);
    await tap([0.5, 0.2]);
    await expect.poll(() => shown(desk)).toBe(true);
    await desk.page.keyboard.press('ArrowDown');
    await expect.poll(() => shown(desk)).toBe(false);
  });
});

test('a stick is put on a screen, set up, and pushed by the mouse while touch alone plays', async ({
  desk,
}) => {
  await desk.held('Dawn');
  await desk.editing.press('j');
  const { reading, page, game } = desk;
  await reading.getByRole('combobox', { name: 'Goes' }).selectOption('four ways');
  await reading.getByRole('combobox', { name: 'Where it is' }).selectOption('where the thumb comes down');
  const stick = async () =>
    (await desk.saved()).screens
      .find(({ name }) => name === 'Dawn')!
      .elements.find(({ type }) => type === 'stick');
  expect(await stick()).toMatchObject({ ways: 4, floats: true });
  await desk.undo();
  await desk.undo();
  expect(await stick()).not.toHaveProperty('ways');

  const input = await desk.openDock('Devices');
  await input.getByRole('combobox', { name: 'Device' }).selectOption('touch alone');
  await desk.playFrom('The watch');
  await expect.poll(() => shown(desk)).toBe(true);
  const box = (await game.boundingBox())!;
  const at = (x: number, y: number) => [box.x + x * box.width, box.y + y * box.height] as const;
  await page.mouse.move(...at(...STICK));
  await page.mouse.down();
  await page.mouse.move(...at(STICK[0] - 0.2, STICK[1]));
  await expect(desk.log).toContainText('Turn the lamp at -1, 0 → game');
  await page.mouse.up();
  await expect(desk.log).toContainText('Turn the lamp at 0, 0 → game');
});

test('tilting is bound, and the drawn plate tilts the device, by mouse and by keys', async ({ desk }) => {
  await desk.page.getByRole('tab', { name: 'Input' }).click();
  const row = desk.page
    .getByRole('region', { name: 'Actions' })
    .getByRole('group', { name: 'Tide table', exact: true });
  await row.getByRole('combobox', { name: 'A gesture for Tide table' }).selectOption('device: tilt left');
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.playFrom('The watch');
  const input = await desk.openDock('Devices');
  const plate = input.getByRole('slider', { name: 'Tilt of the device' });
  await plate.focus();
  await desk.page.keyboard.press('ArrowLeft');
  await expect(plate).toHaveAttribute('aria-valuetext', '5° to the left');
  await desk.expectUp('The watch');
  await desk.page.keyboard.press('ArrowLeft');
  await desk.expectUp('The watch', 'Tide table');
  await desk.page.keyboard.press('Home');
  await expect(plate).toHaveAttribute('aria-valuetext', 'level');
});
