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

test('words that do not stand out from the picture beneath them are marked, in the state in which that is so', async ({
  desk,
}) => {
  const look = { style: 't-button', colour: '#ffffff', size: 30 };
  const plank = row('Light it', 'button', 100, { text: 'Light it', look, box: { style: 'b-button' } });
  await desk.openMade(
    projectOf([screenOf('title', { name: 'Title', elements: [plank] })], [], { name: 'Faint' }),
  );
  const pale = { ...faceOf('normal'), fields: FIELDS.map(() => '#f4f0e0') };
  await desk.bringIn([{ name: 'pale.png', mimeType: 'image/png', buffer: await png(desk, pale) }]);
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  const live = await desk.held('Title');
  await live.press(210, 110);
  const told = desk.reading.getByRole('note').filter({ hasText: 'with what is behind it' });
  const mark = desk.live.getByText(/^contrast 1(\.\d)?$/);
  const box = desk.reading.getByRole('region', { name: 'Box', exact: true });
  await expect(told).toHaveCount(0);
  await box.getByRole('combobox', { name: 'Picture on it' }).selectOption('pale');
  await expect(told).toHaveText(
    /^The text has a contrast of 1(\.\d)? : 1 with what is behind it\. It needs 3 : 1 at its size\.\s*$/,
  );
  await expect(mark).toBeVisible();
  await desk.undo();
  await expect(told).toHaveCount(0);
  await expect(mark).toHaveCount(0);
  await box.getByRole('radio', { name: /^hovered/ }).click();
  const begin = box.getByRole('button', { name: 'Change this state' });
  if (await begin.isVisible()) await begin.click();
  await box.getByRole('combobox', { name: 'Picture on it' }).selectOption('pale');
  await expect(told).toHaveText(/^While it is hovered, the text has a contrast/);
});

test('a panel that scrolls has a bar, with a look of its own, that is dragged and pressed', async ({
  desk,
}) => {
  const area = { ...row('Log', 'panel', 100, { overflow: 'scrolls', arrange: { by: 'column', gap: 0 } }) };
  area.place = at({ x: 200, y: 100, width: 720, height: 400 });
  const rows = Array.from({ length: 14 }, (_, i) => ({
    ...row(`Entry ${i + 1}`, 'button', 0, { text: `Entry ${i + 1}`, parent: 'Log' }),
    place: at({ x: 0, y: 0, width: 600, height: 90 }),
  }));
  const elements = [area, ...rows];
  await desk.openMade(projectOf([screenOf('title', { name: 'Title', elements })], [], { name: 'Bars' }));
  const live = await desk.held('Title');
  await live.press(860, 300);
  await desk.reading.getByRole('checkbox', { name: 'With a scroll bar' }).check();
  await desk.unfold('Parts');
  const parts = desk.reading.getByRole('region', { name: 'Parts', exact: true });
  await parts.getByRole('button', { name: 'Scroll bar thumb' }).click();
  const thumbs = () =>
    desk.game.evaluate((host) =>
      [...host.shadowRoot!.querySelectorAll('svg rect')]
        .filter((rect) => rect.getAttribute('fill') === '#f0c25a')
        .map((rect) => ['y', 'height'].map((name) => Number(rect.getAttribute(name)))),
    );
  // As much of its track as is seen of fourteen rows of 90 and the 16 pixels beneath them.
  const height = Math.round((388 * 400) / (14 * 90 + 16));
  await expect
    .poll(async () => (await thumbs()).map(([y, high]) => [y, Math.round(high!)]))
    .toEqual([[106, height]]);
  await desk.playFrom('Title');
  const { mouse } = desk.page;
  const box = (await desk.game.boundingBox())!;
  const scale = box.width / 1920;
  const to = (x: number, y: number): [number, number] => [box.x + x * scale, box.y + y * scale];
  await mouse.move(...to(906, 150));
  await mouse.down();
  await mouse.move(...to(880, 250), { steps: 4 });
  await expect.poll(async () => Math.round((await thumbs())[0]![0]!)).toBeGreaterThan(200);
  await mouse.move(...to(700, 1000), { steps: 4 });
  await mouse.up();
  await expect.poll(async () => Math.round((await thumbs())[0]![0]!)).toBe(106 + 388 - height);
  // A press on its track brings it there, and presses nothing beneath.
  await mouse.click(...to(906, 110));
  await expect.poll(async () => Math.round((await thumbs())[0]![0]!)).toBe(106);
});

test('words typed into an entry are gone back to, selected and written over, by keys and by pointer', async ({
  desk,
}) => {
  const name = { id: 'name', name: 'name', section: 'Game', life: 'progress', type: 'text', default: '' };
  const entry = row('Name', 'entry', 300, {
    text: 'Write here',
    value: 'name',
    parts: {
      selection: { style: 'none', fill: '#00ff00' },
      caret: { style: 'none', fill: '#ff00ff', width: 4 },
    },
  });
  entry.place = at({ x: 200, y: 300, width: 420, height: 90 });
  const screen = screenOf('title', { name: 'Title', elements: [entry] });
  await desk.openMade(projectOf([screen], [], { name: 'Words', values: [name] as Project['values'] }));
  await desk.playFrom('Title');
  const drawn = (colour: string) =>
    desk.game.evaluate((host, fill) => {
      const game = host.getBoundingClientRect();
      return [...host.shadowRoot!.querySelectorAll('svg rect')]
        .filter((rect) => rect.getAttribute('fill') === fill)
        .map((rect) => rect.getBoundingClientRect())
        .map(({ left, width }) => [left - game.left, width].map((px) => (px / game.width) * 1920));
    }, colour);
  const caret = async () => (await drawn('#ff00ff'))[0]?.[0] ?? -1;
  const { keyboard, mouse } = desk.page;
  await keyboard.press('Enter');
  await keyboard.type('Ines lit it');
  await expect.poll(() => desk.words()).toContain('Ines lit it');
  const end = await caret();
  await keyboard.press('Home');
  await expect.poll(caret).toBeLessThan(260);
  const start = await caret();
  await keyboard.press('Shift+End');
  await expect
    .poll(async () =>
      Math.max(
        ...(await drawn('#00ff00')).flat().map((px, i) => Math.abs(px - [start + 2, end - start][i]!)),
      ),
    )
    .toBeLessThan(1);
  await keyboard.press('End');
  await keyboard.press('Control+Shift+ArrowLeft');
  await keyboard.type('all');
  await expect.poll(() => desk.words()).toContain('Ines lit all');
  // The pointer puts the caret where it is pressed, and what it is dragged over is selected.
  const box = (await desk.game.boundingBox())!;
  const at1 = (x: number): [number, number] => [
    box.x + (x / 1920) * box.width,
    box.y + (345 / 1920) * box.width,
  ];
  await mouse.click(...at1(start + 3));
  await keyboard.type('O ');
  await expect.poll(() => desk.words()).toContain('O Ines lit all');
  await mouse.dblclick(...at1(start + 60));
  await expect.poll(async () => (await drawn('#00ff00')).length).toBe(1);
  await keyboard.type('Tomas');
  await expect.poll(() => desk.words()).toContain('O Tomas lit all');
  await mouse.move(...at1(start + 2));
  await mouse.down();
  await mouse.move(...at1(1500), { steps: 3 });
  await mouse.up();
  await keyboard.type('The last keeper of the Saltwick light');
  await expect.poll(() => desk.words()).toContain('The last keeper of the Saltwick light');
  // What is longer than its room is moved so that the caret is seen.
  await expect.poll(caret).toBeLessThan(620);
  await expect.poll(caret).toBeGreaterThan(500);
  await keyboard.press('Home');
  await expect.poll(caret).toBeCloseTo(start, 0);
  await keyboard.press('Enter');
  await expect.poll(() => drawn('#ff00ff')).toEqual([]);
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
