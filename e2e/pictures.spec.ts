import { expect, test, type Desk } from './desk';
import { at, coloursAt } from './artwork';
import { projectOf, screenOf } from '../packages/core/src/test/flows';
import type { Element } from '../packages/core/src/model';

/** Pictures that play: cut from a sheet or numbered, and what is seen of them in Live. */

const PLACE = { x: 400, y: 300, width: 400, height: 400 };
/** Sixteen colours that are easily told apart; each frame is all of one. */
const COLOURS = Array.from({ length: 16 }, (_, i) => {
  const part = (n: number): string => ['00', '55', 'aa', 'ff'][n]!;
  return `#${part(i % 4)}${part(Math.floor(i / 4))}80`;
});

/** A PNG of squares of these colours in rows, with clear pixels between and around. */
async function sheet(desk: Desk, columns: number, colours: readonly string[], gap: number): Promise<Buffer> {
  const address = await desk.page.evaluate(
    ([across, all, between]) => {
      const canvas = document.createElement('canvas');
      const step = 32 + between;
      canvas.width = across * step + between;
      canvas.height = Math.ceil(all.length / across) * step + between;
      const context = canvas.getContext('2d')!;
      all.forEach((colour, i) => {
        context.fillStyle = colour;
        context.fillRect(between + (i % across) * step, between + Math.floor(i / across) * step, 32, 32);
      });
      return canvas.toDataURL('image/png');
    },
    [columns, colours, gap] as const,
  );
  return Buffer.from(address.split(',')[1]!, 'base64');
}

const made = () =>
  projectOf(
    [
      screenOf('title', {
        name: 'Title',
        elements: [
          {
            id: 'gull',
            name: 'Gull',
            type: 'picture',
            parent: null,
            place: at(PLACE),
            asset: null,
            fit: 'contain',
          } as Element,
        ],
      }),
    ],
    [],
    { name: 'Gulls' },
  );

/** The colour at a point of the frame; in the middle of where the picture is. */
async function seen(
  desk: Desk,
  x = PLACE.x + PLACE.width / 2,
  y = PLACE.y + PLACE.height / 2,
): Promise<string> {
  const by = (await desk.game.boundingBox())!.width / 1920;
  const middle = [x * by, y * by] as const;
  return (await coloursAt(desk, await desk.game.screenshot(), [middle]))[0]!;
}

/** Opens the frames of the picture on the title. */
async function framesOf(desk: Desk) {
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  const live = await desk.held('Title');
  await live.press(PLACE.x + 20, PLACE.y + 20);
  await desk.unfold('Frames');
  return desk.reading.getByRole('region', { name: 'Frames' });
}

test('a sheet is cut by columns and rows, plays, and is scrubbed to each of its frames', async ({ desk }) => {
  await desk.openMade(made());
  await desk.bringIn([{ name: 'gull.png', mimeType: 'image/png', buffer: await sheet(desk, 4, COLOURS, 0) }]);
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  const live = await desk.held('Title');
  await live.press(PLACE.x + 20, PLACE.y + 20);
  await desk.reading.getByRole('combobox', { name: 'Picture', exact: true }).selectOption('gull');
  const frames = await framesOf(desk);
  await frames.getByRole('combobox', { name: 'Cut into' }).selectOption('columns and rows');
  await frames.getByRole('textbox', { name: 'Rows' }).fill('4');
  await desk.page.keyboard.press('Enter');
  await expect(frames).toContainText('16 frames of 32 × 32.');
  await frames.getByRole('textbox', { name: 'Columns' }).fill('5');
  await desk.page.keyboard.press('Enter');
  await expect(frames).toContainText('20 frames of 25 × 32. Pixels left over: 3 at the right.');
  await desk.undo();
  await expect(frames).toContainText('16 frames');
  await frames.getByRole('combobox', { name: 'Shows' }).selectOption('all, playing');
  await expect(frames.getByRole('textbox', { name: 'Frames a second' })).toHaveValue('12');
  await frames.getByRole('textbox', { name: 'Frames a second' }).fill('10');
  await desk.page.keyboard.press('Enter');
  const head = desk.time.getByRole('slider', { name: /^Moment of Title/ });
  await head.focus();
  await desk.page.keyboard.press('Home');
  for (const colour of COLOURS) {
    await expect.poll(() => seen(desk), colour).toBe(colour);
    await desk.page.keyboard.press('Shift+ArrowRight');
  }
  // And round again, without a break.
  await expect.poll(() => seen(desk)).toBe(COLOURS[0]);
  expect((await desk.saved()).screens[0]!.elements[0]).toMatchObject({
    plays: { rate: 10, on: 'arrival', repeat: 'loop' },
  });
});

test('clear gaps part a sheet by themselves; a value then says which frame is shown', async ({ desk }) => {
  const project = made();
  project.values = [
    { id: 'oil', name: 'oil', type: 'number', section: 'Game', life: 'session', default: 2 } as never,
  ];
  await desk.openMade(project);
  const full = await sheet(desk, 2, COLOURS.slice(0, 6), 6);
  await desk.bringIn([
    { name: 'gauge.png', mimeType: 'image/png', buffer: full },
    { name: 'plain.png', mimeType: 'image/png', buffer: await sheet(desk, 1, ['#112233'], 0) },
  ]);
  await desk.page.getByRole('button', { name: 'frames of gauge' }).click();
  const cut = desk.page.getByRole('dialog', { name: 'Frames of gauge' });
  await cut.getByRole('combobox', { name: 'Cut into' }).selectOption('parts, by clear gaps');
  await expect(cut).toContainText('6 frames.');
  // The first takes away what was said.
  await desk.page.keyboard.press('Escape');
  await desk.page.keyboard.press('Escape');
  await expect(desk.page.getByRole('button', { name: '6 frames of gauge' })).toBeVisible();
  await desk.page.getByRole('button', { name: 'frames of plain' }).click();
  await desk.page
    .getByRole('dialog', { name: 'Frames of plain' })
    .getByRole('combobox')
    .selectOption('parts, by clear gaps');
  await expect(
    desk.page.getByText('plain has no clear gaps: all of it is one picture.').first(),
  ).toBeVisible();
  await desk.page.keyboard.press('Escape');
  await desk.page.keyboard.press('Escape');
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  const live = await desk.held('Title');
  await live.press(PLACE.x + 20, PLACE.y + 20);
  await desk.reading.getByRole('combobox', { name: 'Picture', exact: true }).selectOption('gauge');
  const frames = await framesOf(desk);
  await frames.getByRole('combobox', { name: 'Shows' }).selectOption('the one a value says');
  await expect.poll(() => seen(desk)).toBe(COLOURS[2]);
});

test('numbered pictures dropped on a screen are one that plays', async ({ desk }) => {
  await desk.openMade(made());
  await desk.held('Title');
  const files = [];
  for (const n of [3, 1, 2])
    files.push({
      name: `walk_0${n}.png`,
      data: (await sheet(desk, 1, [COLOURS[n]!], 0)).toString('base64'),
    });
  const transfer = await desk.page.evaluateHandle((given) => {
    const data = new DataTransfer();
    for (const { name, data: bytes } of given)
      data.items.add(
        new File([Uint8Array.from(atob(bytes), (c) => c.charCodeAt(0))], name, { type: 'image/png' }),
      );
    return data;
  }, files);
  for (const type of ['dragover', 'drop'])
    await desk.game.dispatchEvent(type, { dataTransfer: transfer, bubbles: true });
  await expect(desk.page.getByText(/3 numbered ones play as one picture/).first()).toBeVisible();
  const saved = await desk.saved();
  const [, walk, ...more] = saved.screens[0]!.elements;
  expect(more).toEqual([]);
  const names = new Map(saved.assets.map(({ id, name }) => [id, name]));
  expect(walk).toMatchObject({ name: 'walk', plays: { rate: 12, on: 'arrival', repeat: 'loop' } });
  expect((walk as { pictures: string[] }).pictures.map((id) => names.get(id))).toEqual([
    'walk_01',
    'walk_02',
    'walk_03',
  ]);
  // While it plays it is one of them at every moment, and never none.
  await desk.playFrom('Title');
  const shown = new Set<string>();
  for (let i = 0; i < 40; i++) shown.add(await seen(desk, 960, 540));
  expect([...shown].sort()).toEqual([COLOURS[1], COLOURS[2], COLOURS[3]].sort());
  await desk.undo();
  expect((await desk.saved()).assets).toEqual([]);
});
