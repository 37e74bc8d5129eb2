import { expect, test } from './desk';
import { at, FIELDS, faceOf, png } from './artwork';
import { projectOf, screenOf } from '../packages/core/src/test/flows';
import type { Element, Project } from '../packages/core/src/model';

/** Parts of controls and bars of every sort, set by their fields and seen in what is painted. */

const row = (id: string, type: string, y: number, over: object): Element =>
  ({
    id,
    name: id,
    type,
    parent: null,
    place: at({ x: 200, y, width: 720, height: 90 }),
    look: { style: 't-button' },
    box: { style: 'b-panel' },
    ...over,
  }) as Element;
const controls = (): Project =>
  projectOf(
    [
      screenOf('title', {
        name: 'Title',
        elements: [
          row('Volume', 'slider', 100, { text: '', sample: 50, min: 0, max: 100 }),
          row('Grain', 'switch', 220, { text: '', sample: true }),
          row('Oil', 'progress', 400, { value: 'oil', bar: { style: 'b-button', fill: '#00ff00' } }),
        ],
      }),
    ],
    [],
    {
      name: 'Parts',
      values: [
        {
          id: 'oil',
          name: 'oil',
          type: 'number',
          min: 0,
          max: 100,
          default: 80,
          section: 'Lamp',
          life: 'session',
        },
      ] as Project['values'],
    },
  );

test('parts of controls get pictures and sizes of their own, and give them back', async ({ desk }) => {
  await desk.openMade(controls());
  const thumb = { ...faceOf('normal'), width: 40, height: 40, fields: FIELDS.map(() => '#ff00ff') };
  await desk.bringIn([{ name: 'thumb.png', mimeType: 'image/png', buffer: await png(desk, thumb) }]);
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  const live = await desk.held('Title');
  const images = () =>
    desk.game.evaluate((host) =>
      [...host.shadowRoot!.querySelectorAll('svg image')].map((image) =>
        ['x', 'y', 'width', 'height'].map((name) => Number(image.getAttribute(name))),
      ),
    );
  await live.press(210, 110);
  await desk.unfold('Parts');
  const parts = desk.reading.getByRole('region', { name: 'Parts', exact: true });
  await parts.getByRole('button', { name: 'Thumb' }).click();
  const own = desk.reading.getByRole('region', { name: 'Thumb', exact: true });
  await own.getByRole('combobox', { name: 'Picture on it' }).selectOption('thumb');
  await own.getByRole('combobox', { name: 'Fit' }).selectOption('contain');
  await own.getByRole('textbox', { name: 'Width', exact: true }).fill('60');
  await own.getByRole('textbox', { name: 'Height', exact: true }).fill('50');
  await desk.page.keyboard.press('Enter');
  // Half way along, about the middle of the slider's height.
  await expect.poll(async () => (await images())[0]?.slice(1)).toEqual([120, 60, 50]);
  await expect(parts.getByRole('button', { name: 'Thumb' })).toHaveCount(0);
  await own.getByRole('button', { name: 'As the control draws it' }).click();
  await expect.poll(images).toEqual([]);
  await desk.undo();
  await expect.poll(async () => (await images()).length).toBe(1);
});

test('a bar is a ring, a row of things, or its number, and looks otherwise when there is little', async ({
  desk,
}) => {
  await desk.openMade(controls());
  const live = await desk.held('Title');
  await live.press(210, 410);
  const fills = desk.reading.getByRole('combobox', { name: 'Fills' });
  await fills.selectOption('round a ring');
  const paths = () =>
    desk.game.evaluate((host) =>
      [...host.shadowRoot!.querySelectorAll('svg path')].map((path) => path.getAttribute('fill')),
    );
  await expect.poll(paths).toContain('#00ff00');
  await fills.selectOption('a row of things');
  await desk.fillIn('Things', '3');
  const greens = () =>
    desk.game.evaluate(
      (host) =>
        [...host.shadowRoot!.querySelectorAll('svg rect')].filter(
          (rect) => rect.getAttribute('fill') === '#00ff00',
        ).length,
    );
  // Four fifths of three things, in halves: two and a half.
  await expect.poll(greens).toBe(3);
  await fills.selectOption('from the bottom');
  await desk.unfold('More of the bar');
  await desk.reading.getByRole('button', { name: 'Look when there is little' }).click();
  const little = desk.reading.getByRole('region', { name: /^Filled part below/ });
  await little.getByRole('textbox', { name: 'Below' }).fill('90');
  await desk.page.keyboard.press('Enter');
  await expect.poll(greens).toBe(0);
  await desk.undo();
  await expect.poll(greens).toBe(1);
  await desk.reading.getByRole('button', { name: 'Lost part' }).click();
  await desk.fillIn('Changes take', '0.4 s');
  await fills.selectOption('no bar: its number');
  await expect.poll(() => desk.words()).toContain('80');
  const saved = await desk.saved();
  expect(saved.screens[0]!.elements[2]).toMatchObject({
    fills: { by: 'number' },
    eases: '0.4 s',
    loss: { after: '600 ms', over: '400 ms' },
    levels: [{ below: 0.25 }],
  });
});
