import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Project } from '../packages/core/src/model';
import { projectFromNames } from '../packages/core/src/starter';
import { expect, test, type Desk } from './desk';

/** The game in the hand: which keys reach it, where the focus is, and what is asked at a dead end. */

/** What has the focus on the picture, as a screen reader is told. */
const focused = (desk: Desk): Promise<string | null> =>
  desk.game.evaluate(
    (host) => host.shadowRoot!.querySelector('[aria-current="true"]')?.getAttribute('aria-label') ?? null,
  );
const FIVE = ['Sound', 'Picture', 'Access', 'Keys', 'Back'];
function five(): Project {
  const project = projectFromNames('Five', ['Title', 'Options']);
  const options = project.screens.find((screen) => screen.name === 'Options')!;
  const [button] = options.elements.filter((element) => element.type === 'button');
  options.elements = FIVE.map((name, i) => ({
    ...structuredClone(button!),
    id: `e-${name.toLowerCase()}`,
    name,
    text: name,
    place: {
      x: { at: 'start' as const, offset: 700, size: 440 },
      y: { at: 'start' as const, offset: 200 + i * 120, size: 84 },
    },
  }));
  options.layer = 'base';
  project.start = options.id;
  project.links = [];
  return project;
}

test('a click takes the game in hand and presses nothing; Enter then acts, and only a press on an element hides the focus', async ({
  desk,
}) => {
  await desk.choose('Title');
  await desk.live.getByRole('button', { name: 'Start here' }).click();
  await desk.settled();
  const box = (await desk.game.boundingBox())!;
  const middle = [box.x + box.width * 0.75, box.y + box.height * 0.2] as const;
  for (const _ of [1, 2]) {
    await desk.page.mouse.click(...middle);
    await expect(desk.live.getByText('In hand:')).toBeVisible();
    expect(await desk.live.getByRole('status', { name: 'Up now' }).innerText()).toBe('Title');
  }
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('The watch');
});

test('forty presses of Tab go round five controls eight times, in order: in Live, and in the page that is handed over', async ({
  desk,
  context,
}) => {
  await desk.openMade(five());
  await desk.takeInHand();
  await desk.settled();
  await expect.poll(() => focused(desk)).toBe('Sound');
  for (let n = 1; n <= 40; n++) {
    await desk.page.keyboard.press('Tab');
    await expect.poll(() => focused(desk)).toBe(FIVE[n % 5]);
  }
  await desk.page.keyboard.press('Shift+Tab');
  await expect.poll(() => focused(desk)).toBe('Back');
  await expect(desk.game).toBeFocused();
  await desk.page.keyboard.press('Shift+Escape');
  await expect(desk.game).not.toBeFocused();

  const file = await desk.exportAs(/One page that plays/);
  const page = await context.newPage();
  const path = join(mkdtempSync(join(tmpdir(), 'tavu-tab-')), file.name);
  writeFileSync(path, file.bytes);
  await page.goto(`file://${path}`);
  const now = () =>
    page.evaluate(() => {
      const host = [...document.querySelectorAll('*')].find((element) => element.shadowRoot);
      // While the first picture comes no press is heard yet.
      if (host?.shadowRoot?.querySelector('[aria-busy="true"]')) return null;
      return host?.shadowRoot?.querySelector('[aria-current="true"]')?.getAttribute('aria-label') ?? null;
    });
  await expect.poll(now).toBe('Sound');
  for (let n = 1; n <= 40; n++) {
    await page.keyboard.press('Tab');
    await expect.poll(now).toBe(FIVE[n % 5]);
  }
});

test('in a frame of somebody’s page Tab goes through the game and on to the rest of the page', async ({
  desk,
  context,
}) => {
  await desk.openMade(five());
  const file = await desk.exportAs(/One page that plays/);
  const folder = mkdtempSync(join(tmpdir(), 'tavu-frame-'));
  writeFileSync(join(folder, file.name), file.bytes);
  writeFileSync(
    join(folder, 'about.html'),
    `<button>Before</button><iframe title="The game" width="800" height="450" src="${file.name}"></iframe><button>After</button>`,
  );
  const page = await context.newPage();
  await page.goto(`file://${join(folder, 'about.html')}`);
  const now = page.frameLocator('iframe').locator('#game [aria-current="true"]');
  await expect(page.frameLocator('iframe').locator('#game [aria-busy]')).toHaveAttribute(
    'aria-busy',
    'false',
  );
  await page.getByRole('button', { name: 'Before' }).focus();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'Before' })).not.toBeFocused();
  for (const name of FIVE.slice(1)) {
    await page.keyboard.press('Tab');
    await expect(now).toHaveAttribute('aria-label', name);
  }
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'After' })).toBeFocused();
  // And back again: from the last to the first, and out.
  for (let n = 0; n < FIVE.length; n++) await page.keyboard.press('Shift+Tab');
  await expect(now).toHaveAttribute('aria-label', 'Sound');
  await page.keyboard.press('Shift+Tab');
  await expect(page.getByRole('button', { name: 'Before' })).toBeFocused();
});

test('keys that are bound by pressing them reach the game; what the system keeps is refused with words', async ({
  desk,
}) => {
  await desk.openMade(projectFromNames('Keys', ['Play', 'Chart']));
  await desk.page.getByRole('tab', { name: 'Input' }).click();
  const values = desk.page.getByRole('region', { name: 'Input' });
  const menu = values.getByRole('group', { name: 'Menu', exact: true });
  for (const key of ['Tab', 'Control', 'Alt', 'F2', 'F8']) {
    await menu.getByRole('button', { name: 'Press one' }).click();
    await expect(menu.getByRole('status')).toBeVisible();
    await desk.page.keyboard.press(key);
    await expect(menu.getByRole('status')).toHaveCount(0);
  }
  await menu.getByRole('button', { name: 'Press one' }).click();
  await desk.page.keyboard.press('Meta');
  await expect(desk.word('is kept by the system')).toBeVisible();
  await menu.getByRole('button', { name: 'not now' }).click();
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.playFrom('Play');
  await desk.page.keyboard.press('Escape');
  await desk.askAboutKey('Esc');
  await desk.asking.getByRole('radio', { name: 'do something' }).click();
  await desk.asking.getByRole('combobox').fill('Pressed');
  await desk.asking.getByRole('option', { name: /Set “Pressed” to a number/ }).click();
  const happened = desk.log.getByText('When Menu', { exact: false });
  await expect(happened.first()).toBeVisible();
  for (const key of ['Tab', 'Control', 'Alt', 'F2', 'F8']) {
    const before = await happened.count();
    await desk.page.keyboard.press(key);
    await expect(happened).toHaveCount(before + 1);
    await expect(desk.game).toBeFocused();
  }
});

test('a dead end can lead back, end, or be left to the game, with the keyboard alone', async ({ desk }) => {
  await desk.openMade(projectFromNames('Ends', ['Title', 'Play', 'Chart']));
  await desk.playFrom('Chart');
  const ask = async (key: string, downs: number): Promise<void> => {
    await desk.page.keyboard.press(key);
    await desk.askAboutKey(key.toUpperCase());
    for (let n = 0; n < downs; n++) await desk.page.keyboard.press('ArrowDown');
  };
  await ask('j', 5);
  await expect(desk.asking.getByRole('radio', { checked: true })).toHaveText('leave it to the game');
  await desk.page.keyboard.press('Enter');
  await expect(desk.asking).toHaveCount(0);
  await expect(desk.game).toBeFocused();
  await desk.page.keyboard.press('j');
  await expect(desk.log.getByText('J ↓')).toHaveCount(2);
  await expect(desk.asking).toHaveCount(0);
  await ask('x', 4);
  await desk.page.keyboard.press('Enter');
  await expect(desk.log.getByText('The end', { exact: true })).toBeVisible();
});

test('a new event of the game asks at once, with the keyboard in it', async ({ desk }) => {
  await desk.begin();
  await desk.playFrom('Play');
  await desk.dock.getByRole('button', { name: 'new …' }).click();
  await desk.typing.fill('storm');
  await desk.page.keyboard.press('Enter');
  await expect(desk.asking.getByRole('textbox')).toBeFocused();
  await desk.page.keyboard.type('Storm over');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Storm over');
  await expect(desk.game).toBeFocused();
});

test('a screen made in an area while playing belongs to it, with the pieces of its kind', async ({
  desk,
}) => {
  await desk.playFrom('The watch');
  await desk.page.keyboard.press('m');
  await desk.askAboutKey('M');
  await desk.page.keyboard.press('ArrowDown');
  await desk.page.keyboard.type('Sea chart');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('The watch', 'Sea chart');
  await desk.choose('Sea chart');
  await expect(desk.reading.getByRole('navigation', { name: 'Location' })).toContainText('On watch');
  await desk.playFrom('The watch');
  await desk.page.keyboard.press('k');
  await desk.askAboutKey('K');
  await desk.page.keyboard.type('Lamp lost');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Lamp lost');
  await desk.settled();
  await expect.poll(() => desk.words()).toContain('Again');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('The watch');
});
