import type { Link, Project } from '../packages/core/src/model';
import { projectFromNames } from '../packages/core/src/starter';
import { expect, test } from './desk';

/** What is typed and found at the desk, and where the keyboard goes on. */
test('what is typed finds what it means: effects, buttons by their words, conditions whole and in words', async ({
  desk,
}) => {
  await desk.choose('Title');
  const when = async (typed: string): Promise<void> => {
    await desk.reading.getByRole('button', { name: 'When …' }).click();
    await desk.typing.fill(typed);
  };
  const first = desk.page.getByRole('dialog').getByRole('option').first();
  // The button’s name is another.
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Credits/ })
    .click();
  await desk.fillIn('Name of this button', 'Thanks');
  await desk.choose('Title');
  await when('credits');
  await expect(first).toHaveText(/^Thanks \(“Credits”\)/);
  await desk.page.keyboard.press('Escape');
  await desk.chooseSentence(/^When Options is pressed/);
  await desk.reading.getByRole('button', { name: 'Also show or say something' }).click();
  for (const [typed, found] of [
    ['save to', 'Save to a slot'],
    ['load from', 'Load from a slot'],
  ] as const) {
    await desk.typing.fill(typed);
    await expect(first).toContainText(found);
  }
  await desk.page.keyboard.press('Enter');
  await expect(desk.sentence(/^When Options is pressed, load/)).toBeVisible();

  await when('lamp_oil >= 10');
  await expect(first).toContainText('As soon as lamp oil is at least 10');
  await desk.page.keyboard.press('Enter');
  const rises = desk.sentence(/^As soon as lamp oil is at least 10/);
  await expect(rises).toBeVisible();

  const condition = async (): Promise<void> => {
    await desk.chooseSentence(/^As soon as lamp oil is at least 10/);
    await rises.getByRole('button', { name: /only if|^if/i }).click();
  };
  await condition();
  const field = desk.page.getByRole('combobox', { name: 'Only if' });
  const offers = desk.page.getByRole('listbox', { name: 'What could stand here' }).getByRole('option');
  await expect(offers.nth(0)).toContainText('is up …');
  await expect(offers.nth(1)).toContainText('not while …');
  await expect(offers.nth(2)).toContainText('a save exists');
  await field.fill('not while pau');
  await expect(offers.first()).toContainText('not while Pause');
  await field.press('ArrowDown');
  await field.press('Enter');
  await expect(field).toHaveValue('!isUp(Pause)');
  await field.fill('storm == "Gale"');
  await field.press('Enter');
  await expect(desk.sentence(/^As soon as lamp oil is at least 10.*storm is Gale/)).toBeVisible();
});

test('Find brings the map along and leaves the keyboard where one goes on; what one can do is found', async ({
  desk,
}) => {
  const find = async (typed: string, option: RegExp): Promise<void> => {
    await desk.page.keyboard.press('Control+k');
    const dialog = desk.page.getByRole('dialog', { name: 'Find anything' });
    await dialog.getByRole('combobox').fill(typed);
    await dialog.getByRole('option', { name: option }).first().click();
    await expect(dialog).toHaveCount(0);
  };
  await find('credits', /^Credits base/);
  await expect(desk.card('Credits')).toBeFocused();
  await expect(desk.card('Credits')).toBeInViewport({ ratio: 0.9 });
  await find('start here', /^Start here/);
  await expect(desk.game).toBeFocused();
  await desk.expectUp('Credits');
  await desk.page.keyboard.press('Shift+Escape');
  await find('game says sunrise', /^The game says sunrise/);
  await expect(desk.game).toBeFocused();
  await desk.page.keyboard.press('Shift+Escape');
  await find('oil gauge', /^Oil gauge HUD/);
  await expect(desk.card('Oil gauge')).toBeFocused();
  await find('logbook not made', /not made yet/);
  await expect(
    desk
      .sentence(/go to Logbook/)
      .getByRole('button')
      .first(),
  ).toBeFocused();
  await desk.page.keyboard.press('Control+k');
  for (const typed of ['new project', 'schema', 'export', 'show the values']) {
    await desk.page.getByRole('dialog', { name: 'Find anything' }).getByRole('combobox').fill(typed);
    await expect(desk.page.getByRole('dialog').getByRole('option').first()).toBeVisible();
  }
});

/** A cover over a title, that comes at once and goes as said. */
function covered(leaving: Link['motion']): Project {
  const project = projectFromNames('Leaving', ['Title', 'Pause']);
  const [title, pause] = ['Title', 'Pause'].map((name) =>
    project.screens.find((screen) => screen.name === name)!,
  );
  title!.background = { colour: '#000000' };
  pause!.background = { colour: '#ff0000' };
  for (const element of pause!.elements) if (element.type === 'text') element.name = 'Cover';
  const down = { on: 'action', action: 'menu', when: 'down' } as const;
  project.links = [
    {
      id: 'l-open',
      from: title!.id,
      trigger: down,
      kind: 'open',
      to: { screen: pause!.id },
      effects: [],
      motion: { name: 'none' },
    },
    { id: 'l-back', from: pause!.id, trigger: down, kind: 'back', effects: [], motion: leaving },
  ];
  project.start = title!.id;
  return project;
}

test.describe('with a clock that the test sets', () => {
  test.use({ apart: true });

  for (const [name, over] of [
    ['fade', {}],
    ['slide', { from: 'bottom', by: 400 }],
    ['grow', { scale: 0.5 }],
    ['blur', { strength: 20 }],
  ] as const)
    test(`a leaving half of its own ends away: ${name}, as drawn and to the pixel, at each quarter`, async ({
      desk,
      context,
    }) => {
      await desk.page.clock.install();
      await desk.open();
      const leaving = { name, duration: '400 ms', easing: 'linear', ...over } as NonNullable<Link['motion']>;
      await desk.openMade(covered({ name: 'none', leaving } as Link['motion']));
      const { clock, keyboard } = desk.page;
      await desk.takeInHand();
      await clock.pauseAt(Date.now() + 60_000);
      await clock.runFor(500);
      await keyboard.press('Escape');
      await clock.runFor(100);
      await desk.expectUp('Title', 'Pause');
      const other = await context.newPage();
      await other.goto('about:blank');
      /** The red of a corner of the picture, which only the cover's background is on. */
      const red = async (): Promise<number> => {
        const shot = (await desk.game.screenshot()).toString('base64');
        return other.evaluate(async (png) => {
          const image = new Image();
          image.src = `data:image/png;base64,${png}`;
          await image.decode();
          const canvas = new OffscreenCanvas(image.width, image.height);
          const context = canvas.getContext('2d')!;
          context.drawImage(image, 0, 0);
          // Clear of the corners' rounding, and of what grows smaller.
          return context.getImageData(image.width / 2, 4, 1, 1).data[0]!;
        }, shot);
      };
      /** Opacity of the words, with all that they lie in; null where they are not drawn. */
      const opacity = (): Promise<number | null> =>
        desk.game.evaluate((host) => {
          const found = [...host.shadowRoot!.querySelectorAll('text')].find(
            (node) => node.textContent === 'Pause',
          );
          if (!found) return null;
          let opacity = 1;
          for (let at: Element | null = found; at && at.tagName !== 'svg'; at = at.parentElement)
            opacity *= Number(at.getAttribute('opacity') ?? 1);
          return opacity;
        });
      await expect.poll(red).toBeGreaterThan(250);
      await keyboard.press('Escape');
      for (const share of [0, 0.25, 0.5, 0.75]) {
        if (share > 0) await clock.runFor(100);
        expect((await opacity())!).toBeCloseTo(1 - share, 1);
        if (name === 'fade') expect(Math.abs((await red()) - 255 * (1 - share))).toBeLessThan(12);
      }
      // A frame more: the press came between two.
      await clock.runFor(130);
      expect(await opacity()).toBeNull();
      expect(await red()).toBeLessThan(5);
    });
});

test('the grid of three hundred screens draws what is in view alone, wherever it is scrolled to', async ({
  desk,
}) => {
  await desk.page.getByTitle('Projects').click();
  await desk.page.getByRole('button', { name: '300 screens' }).click();
  await desk.page.getByRole('tab', { name: 'Grid' }).click();
  await desk.page.getByRole('checkbox', { name: 'Only where there are links' }).uncheck();
  const grid = desk.page.getByRole('region', { name: 'Grid' });
  const table = grid.getByRole('table');
  const rows = Number(await table.getAttribute('aria-rowcount'));
  expect(rows).toBeGreaterThan(250);
  expect(await grid.evaluate((pane) => pane.querySelectorAll('*').length)).toBeLessThan(3000);
  const last = grid.getByRole('row', { name: /^Everywhere/ });
  await expect(last).toHaveCount(0);
  await grid.evaluate((pane) => pane.scrollTo(0, pane.scrollHeight));
  await expect(last).toBeVisible();
  await expect(last).toHaveAttribute('aria-rowindex', String(rows));
  await grid.evaluate((pane) => pane.scrollTo(pane.scrollWidth, 0));
  const columns = Number(await table.getAttribute('aria-colcount'));
  await expect(grid.getByRole('columnheader').last()).toHaveAttribute('aria-colindex', String(columns));
  expect(await grid.evaluate((pane) => pane.querySelectorAll('*').length)).toBeLessThan(3000);
});

test('the keyboard goes on after a link, a name and a blank, and in a column of a button that leads nowhere', async ({
  desk,
}) => {
  const { keyboard } = desk.page;
  await desk.choose('Credits');
  await keyboard.press('F2');
  await keyboard.type('Thanks');
  await keyboard.press('Enter');
  await expect(desk.card('Thanks')).toBeFocused();
  await keyboard.press('l');
  await desk.typing.fill('Dawn');
  await keyboard.press('Enter');
  await expect(desk.card('Thanks')).toBeFocused();
  await keyboard.press('n');
  await desk.typing.fill('Cellar');
  await keyboard.press('Enter');
  await expect(desk.card('Cellar')).toBeFocused();

  await desk.reading.getByRole('button', { name: 'When …' }).click();
  await desk.typing.fill('on arrival');
  await keyboard.press('Enter');
  const sentence = desk.sentence(/^On arrival, go to/);
  await expect(sentence.getByRole('button', { name: 'Somewhere' })).toBeFocused();
  await keyboard.press('Enter');
  await desk.typing.fill('Dawn');
  await keyboard.press('Enter');
  await expect(sentence.getByRole('button', { name: 'Dawn' })).toBeFocused();
  await sentence.getByRole('button', { name: 'go to' }).focus();
  await keyboard.press('Enter');
  await desk.typing.fill('close everything');
  await keyboard.press('Enter');
  await expect(
    desk.sentence(/^On arrival, close everything/).getByRole('button', { name: 'close everything' }),
  ).toBeFocused();

  await desk.choose('Title');
  await desk.editing.press('b');
  const pressing = desk.reading.getByRole('region', { name: 'What pressing it does' });
  await expect(pressing).toContainText('It leads nowhere yet.');
  await pressing.getByRole('button', { name: 'When it is pressed …' }).click();
  await expect(pressing.getByRole('button', { name: 'Somewhere' })).toBeFocused();
  await keyboard.press('Enter');
  await desk.typing.fill('Dawn');
  await keyboard.press('Enter');
  await expect(pressing).not.toContainText('nowhere');
  await expect(desk.sentence(/^When Button is pressed, go to Dawn/)).toBeVisible();
});

test('pasted elements are all chosen; Enter ends the words on one and Shift Enter breaks them; a moved effect keeps the keyboard', async ({
  desk,
}) => {
  const { keyboard } = desk.page;
  await desk.held('Title');
  await desk.editing.press('b');
  const words = desk.reading.getByRole('textbox', { name: 'Text', exact: true });
  await words.fill('One');
  await words.press('Shift+Enter');
  await keyboard.type('two');
  await expect(words).toHaveValue('One\ntwo');
  await words.press('Enter');
  await expect(desk.editing).toBeFocused();
  await expect(words).toHaveValue('One\ntwo');
  await keyboard.press('Control+a');
  const several = desk.reading
    .getByRole('heading', { name: /elements/ })
    .or(desk.reading.getByText(/^\d+ elements$/));
  const count = await several.first().innerText();
  await keyboard.press('Control+c');
  await desk.held('Dawn');
  await desk.editing.focus();
  await keyboard.press('Control+v');
  await expect(several.first()).toHaveText(count);

  await desk.choose('The watch');
  await desk.chooseSentence(/^When the game says oil found/);
  const effects = desk.reading.getByRole('list', { name: 'In this order' }).getByRole('listitem');
  const first = await effects.first().innerText();
  await effects.first().getByRole('button', { name: 'Move this effect' }).focus();
  await keyboard.press('Alt+ArrowDown');
  await expect(effects.nth(1)).toHaveText(first);
  await expect(effects.nth(1).getByRole('button', { name: 'Move this effect' })).toBeFocused();
  await keyboard.press('Alt+ArrowDown');
  await expect(effects.nth(2)).toHaveText(first);
});

test('what crosses the safe margin is told, until it does not', async ({ desk }) => {
  await desk.held('Title');
  await desk.editing.press('b');
  const told = desk.reading.getByText(/crosses the safe margin/);
  await expect(told).toHaveCount(0);
  await desk.unfold('Anchors');
  const across = desk.reading.getByRole('textbox', { name: 'Offset' }).first();
  const before = await across.inputValue();
  await across.fill('-900');
  await across.press('Enter');
  await expect(told).toBeVisible();
  await across.fill(before);
  await across.press('Enter');
  await expect(told).toHaveCount(0);
});
