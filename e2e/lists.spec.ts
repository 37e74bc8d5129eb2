import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { expect, test } from './desk';
import { event, link, press, projectOf, screenOf } from '../packages/core/src/test/flows';
import { listed } from '../packages/core/src/test/listed';

/** Lists that the game fills, as a designer makes them and as a player meets them. */

const TABLE = 'name\tready\tping\nInes\tyes\t40\nOda\tno\t80\nTam\tx\t12\nBruno\tmaybe\t30';

test('a list is made in Values, pasted from a spreadsheet, shown on a screen and filled at one press', async ({
  desk,
}) => {
  const { page } = desk;
  await page.getByRole('tab', { name: 'Values' }).click();
  const pane = page.getByRole('region', { name: 'Values', exact: true });
  await pane.getByRole('combobox', { name: 'Type of the new value' }).selectOption('List');
  await pane.getByRole('textbox', { name: 'A new value' }).fill('players');
  await page.keyboard.press('Enter');
  await pane.getByRole('button', { name: 'Unfold players' }).click();
  for (const [name, type] of [
    ['ready', 'On/off'],
    ['ping', 'Number'],
  ] as const) {
    await pane.getByRole('textbox', { name: 'New field' }).fill(name);
    await page.keyboard.press('Enter');
    await pane.getByRole('combobox', { name: `Type of ${name}` }).selectOption(type);
  }
  await pane.getByRole('combobox', { name: 'Key of players' }).selectOption('name');
  await pane.getByRole('button', { name: 'Row', exact: true }).click();
  await pane.getByRole('textbox', { name: 'name of row 1' }).evaluate((cell, text) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', text);
    cell.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  }, TABLE);
  await expect(
    page.getByText(/4 rows taken in\. In line 5, “maybe” does not fit ready/).first(),
  ).toBeVisible();
  await expect(pane.getByRole('switch', { name: 'ready of row 3' })).toBeChecked();
  const { name, bytes } = await desk.download(() => pane.getByRole('button', { name: 'CSV' }).click());
  expect([name, bytes.toString().replace('\ufeff', '').split('\r\n')[1]]).toEqual([
    'players.csv',
    'Ines,On,40',
  ]);

  await page.getByRole('tab', { name: 'Map' }).click();
  await desk.choose('Title');
  await desk.editing.press('m');
  await desk.reading.getByRole('combobox', { name: 'Shows', exact: true }).selectOption('players');
  await desk.reading.getByRole('button', { name: 'Make a row of its fields' }).click();
  await expect
    .poll(() => desk.words())
    .toEqual(expect.arrayContaining(['Ines', 'Oda', 'Tam', 'Bruno', 'Ready']));
  await desk.reading.getByRole('button', { name: 'Sort by …' }).click();
  await desk.reading.getByRole('combobox', { name: 'Sorted by' }).selectOption('ping');
  const order = async () => (await desk.words()).filter((word) => /^(Ines|Oda|Tam|Bruno)$/.test(word));
  await expect.poll(order).toEqual(['Tam', 'Bruno', 'Ines', 'Oda']);

  await page.getByRole('tab', { name: 'Values' }).click();
  await pane.getByRole('button', { name: 'Unfold players' }).click();
  const fill = (how: string) =>
    pane
      .getByRole('group', { name: 'players in Live' })
      .getByRole('button', { name: how, exact: true })
      .click();
  await fill('None');
  await expect.poll(order).toEqual([]);
  await expect(pane.getByLabel('players now')).toHaveText('0 rows');
  await fill('Full');
  await expect(pane.getByLabel('players now')).toHaveText('200 rows');
  await fill('Failed');
  await expect(pane.getByLabel('players now')).toHaveText('failed, 200 rows');
  await fill('Some');
  await expect.poll(order).toHaveLength(4);
});

/** A lobby: players come by an event, and a row leads to a screen about it. */
const lobby = () => {
  const { list, element, row } = listed();
  const screen = screenOf('Lobby', {}, ['Back']);
  screen.elements.push(element);
  const told = screenOf('Player', { parameters: [{ id: 'who', name: 'who', type: 'text' }] }, ['Home']);
  told.elements[0] = { ...told.elements[0]!, text: 'It is {who}' } as never;
  return projectOf(
    [screen, told],
    [
      link('Lobby', event('joins'), 'stay', undefined, {
        effects: [{ do: 'add row', list: list.id, args: { name: 'who' } }],
      }),
      link('Lobby', event('leaves'), 'stay', undefined, {
        effects: [{ do: 'remove rows', list: list.id, where: 'name == who' }],
      }),
      link('Lobby', press(element.id), 'open', 'Player', { args: { who: 'row.name' } }),
    ],
    {
      name: 'Lobby',
      lists: [list],
      components: [row],
      events: ['joins', 'leaves'].map((name) => ({
        id: name,
        name,
        direction: 'in' as const,
        fields: [{ id: 'who', name: 'who', type: 'text' as const }],
      })),
    },
  );
};

test('rows come and go while a player goes through them, and one that is pressed leads on with what it holds', async ({
  desk,
}) => {
  const project = lobby();
  project.screens[1]!.layer = 'overlay';
  await desk.openMade(project);
  await desk.playFrom('Lobby');
  for (const who of ['Ines', 'Oda', 'Tam']) await desk.say('joins', { who });
  await expect.poll(() => desk.words()).toEqual(expect.arrayContaining(['Ines', 'Oda', 'Tam']));
  await desk.takeInHand();
  const told = desk.game.getByRole('button', { name: /^2 of 3, Oda/ });
  for (let n = 0; n < 3 && (await told.getAttribute('aria-current')) === null; n++) {
    await desk.page.keyboard.press('ArrowDown');
    await desk.runFor(3);
  }
  await expect(told).toHaveAttribute('aria-current', 'true');
  await desk.say('leaves', { who: 'Ines' });
  await expect(desk.game.getByRole('button', { name: '1 of 2, Oda' })).toHaveAttribute(
    'aria-current',
    'true',
  );
  await desk.say('leaves', { who: 'Oda' });
  await expect(desk.game.getByRole('button', { name: '1 of 1, Tam' })).toHaveAttribute(
    'aria-current',
    'true',
  );
  await desk.takeInHand();
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Lobby', 'Player');
  await expect.poll(() => desk.words()).toContain('It is Tam');
});

test('the exported page shows its lists', async ({ desk, context }) => {
  const project = lobby();
  project.lists![0]!.default = [{ name: 'Ines' }, { name: 'Oda' }];
  await desk.openMade(project);
  const { bytes } = await desk.exportAs(/One page that plays/);
  const path = join(mkdtempSync(join(tmpdir(), 'tavu-lists-')), 'page.html');
  writeFileSync(path, bytes);
  const page = await context.newPage();
  await page.goto(pathToFileURL(path).href);
  await expect(page.getByRole('button', { name: '2 of 2, Oda' })).toBeAttached();
});
