import { readFileSync } from 'node:fs';
import { Desk, expect, test } from './desk';

/** Whatever goes wrong, the window stays, says what it was, and every way out works. */

const demo = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as {
  screens: { name: string; elements: { name: string; text?: string; place: { x: { offset: unknown } } }[] }[];
};

async function pickText(desk: Desk, screen: string, element: RegExp) {
  await desk.held(screen);
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: element })
    .first()
    .click();
  return desk.reading.getByRole('textbox', { name: 'Text', exact: true });
}

test('a text that can be read and not said is shown as it is typed and pointed out, and all else goes on', async ({
  desk,
}) => {
  const words = await pickText(desk, 'Title', /^Begin the watch|^Begin/);
  for (const text of [
    '{lamp_oil, number, currency}',
    '{lamp_oil, number, ::currency/X}',
    '{lamp_oil, number, ::unit/banana}',
  ]) {
    await words.fill(text);
    await expect
      .poll(async () => (await desk.words()).join('').replace(/\s/g, ''))
      .toContain(text.replace(/\s/g, ''));
    await expect(desk.reading.getByText(/is said as it is written/)).toBeVisible();
  }
  await desk.kept();
  await desk.page.reload();
  await expect(desk.card('Title')).toBeVisible();
  const other = new Desk(await desk.page.context().newPage());
  await other.open();
  await other.page.getByTitle('Projects').click();
  await other.page.getByRole('button', { name: '300 screens' }).click();
  await expect(other.page.getByTitle('Projects')).not.toHaveText('Saltwick Light');
});

/** What is asked of the browser fails once a certain number or colour of the project comes up in it, as a fault of the tool would. */
const failing = () => {
  const min = Math.min;
  Math.min = (...all) => {
    if (all.includes(75_001)) throw new Error('Out of the world.');
    return min(...all);
  };
  const set = Element.prototype.setAttribute;
  Element.prototype.setAttribute = function (this: Element, name: string, value: string) {
    if (name === 'fill' && value === '#bada55') throw new Error('No such green.');
    return set.call(this, name, value);
  };
};

test('what cannot be worked out is left out and named; undo, other projects and saving work, and so does a reload', async ({
  page,
}) => {
  await page.addInitScript(failing);
  const desk = new Desk(page);
  await desk.open();
  await desk.held('Pause');
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Options/ })
    .first()
    .click();
  await desk.fillIn('Width', '75001');
  const told = page.getByRole('alert', { name: 'What cannot be shown' });
  await expect(told).toContainText('“Options” on Pause cannot be shown, and is left out: Out of the world.');
  await expect(desk.card('Title')).toBeVisible();
  await desk.undo();
  await expect(told).toHaveCount(0);
  await expect(desk.game).toBeVisible();
  await page.keyboard.press('Control+Shift+z');
  await expect(told).toBeVisible();
  await desk.kept();
  await page.reload();
  await expect(told).toContainText('on Pause cannot be shown');
  const file = await desk.exportAs(/The project as a file/);
  expect(file.name).toBe('saltwick-light.tavu.zip');
  await page.getByTitle('Projects').click();
  await page.getByRole('button', { name: '300 screens' }).click();
  await expect(told).toHaveCount(0);
  await expect(desk.game).toBeVisible();
});

test('what stops the game is told over it with the screen it stopped on, and ends with the undo', async ({
  page,
}) => {
  await page.addInitScript(failing);
  const desk = new Desk(page);
  await desk.open();
  await desk.held('Pause');
  await desk.reading.getByRole('button', { name: /^Colour over what is beneath/ }).click();
  const colour = page.getByRole('dialog').getByRole('textbox', { name: 'Colour', exact: true });
  await colour.fill('#bada55');
  await colour.press('Enter');
  await page.keyboard.press('Escape');
  const stopped = page.getByRole('alert', { name: 'The game has stopped' });
  await expect(stopped).toContainText('The game has stopped on Pause.');
  await expect(stopped).toContainText('No such green.');
  await expect(desk.card('Title')).toBeVisible();
  await desk.undo();
  await expect(stopped).toHaveCount(0);
  await page.keyboard.press('Control+Shift+z');
  await expect(stopped).toBeVisible();
  // Without playing, all of it can be reached.
  await stopped.getByRole('button', { name: 'Leave it still' }).click();
  await expect(desk.live).toContainText('open without being played');
  await expect(desk.card('Pause')).toBeVisible();
  await desk.kept();
  await page.getByTitle('Projects').click();
  await page.getByRole('button', { name: 'Open Saltwick Light without playing it' }).click();
  await expect(desk.live).toContainText('open without being played');
  await desk.live.getByRole('button', { name: 'Play it' }).click();
  await expect(desk.game).toBeVisible();
});

test('a part of the window that fails leaves the rest, and comes back with the next edit', async ({
  page,
}) => {
  // The list of assets asks of each what sort it is.
  await page.addInitScript(() => {
    const starts = String.prototype.startsWith;
    String.prototype.startsWith = function (this: string, ...args: Parameters<typeof starts>) {
      if ((window as { broken?: boolean }).broken && args[0] === 'image/')
        throw new Error('No pictures today.');
      return starts.apply(this, args);
    };
  });
  const desk = new Desk(page);
  await desk.open();
  await page.evaluate(() => Object.assign(window, { broken: true }));
  await page.getByRole('tab', { name: 'Assets' }).click();
  const gone = page.getByRole('alert', { name: 'The assets' });
  await expect(gone).toContainText('The assets cannot be shown.');
  await expect(gone).toContainText('No pictures today.');
  await expect(desk.live).toBeVisible();
  await page.evaluate(() => Object.assign(window, { broken: false }));
  await gone.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('region', { name: 'Assets' })).toBeVisible();
});

test('what takes long says so after half a second, and can be stopped', async ({ desk }) => {
  await desk.page.getByTitle('Projects').click();
  const texts = Object.fromEntries(Array.from({ length: 1_000_000 }, (_, i) => [`k${i}`, 't']));
  await desk.page.getByLabel('Project file').setInputFiles({
    name: 'long.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...demo, texts: { de: texts } })),
  });
  const busy = desk.page.getByRole('status', { name: 'In progress' });
  await expect(busy).toContainText('Reading long.json …');
  await busy.getByRole('button', { name: 'Stop' }).click();
  await expect(busy).toHaveCount(0);
  await expect(desk.page.getByRole('alert').filter({ hasText: 'long.json' })).toContainText(
    'It was stopped before all of it was read.',
  );
  // Another worker has taken the place of the one that was stopped.
  await desk.page.getByRole('button', { name: 'Saltwick Light', exact: true }).click();
  await expect(desk.card('Title')).toBeVisible();
});
