import { expect, test } from './desk';

test('typing over a text in Live while held changes it where it runs, and one undo brings it back', async ({
  desk,
}) => {
  await desk.choose('Title');
  const box = (await desk.editing.boundingBox())!;
  const heading = { x: box.x + box.width * 0.2, y: box.y + box.height * 0.29 };
  await desk.page.mouse.dblclick(heading.x, heading.y);
  const words = desk.page.getByRole('textbox', { name: 'Text of Heading' });
  await words.fill('Saltwick Dark');
  await words.press('Enter');
  await expect.poll(() => desk.words()).toContain('Saltwick Dark');
  await desk.live.getByRole('button', { name: 'Resume' }).click();
  await desk.expectUp('Title');
  await desk.runFor(3);
  await expect.poll(() => desk.words()).toContain('Saltwick Dark');
  await desk.undo();
  await expect.poll(() => desk.words()).toContain('Saltwick Light');
  await desk.expectUp('Title');
});

test('a drag moves an element, sums move it exactly, and each is one step back', async ({ desk }) => {
  await desk.choose('Title');
  const box = (await desk.editing.boundingBox())!;
  const scale = box.width / 1920;
  await desk.page.mouse.move(box.x + 386 * scale, box.y + 562 * scale);
  await desk.page.mouse.down();
  await desk.page.mouse.move(box.x + 500 * scale, box.y + 600 * scale, { steps: 4 });
  await desk.page.mouse.move(box.x + 686 * scale, box.y + 662 * scale, { steps: 4 });
  await desk.page.mouse.up();
  await desk.unfold('Anchors');
  const across = desk.reading.getByRole('textbox', { name: 'Offset' }).first();
  await expect.poll(async () => Math.abs(Number(await across.inputValue()) - 456)).toBeLessThan(6);
  await across.fill('512+36');
  await across.press('Enter');
  await expect(across).toHaveValue('548');
  await across.fill('to the left');
  await across.press('Enter');
  await expect(desk.reading.getByRole('alert')).toContainText('Write a number');
  await across.press('Escape');
  await desk.undo();
  await expect(across).not.toHaveValue('548');
  await desk.undo();
  await expect(across).toHaveValue('156');
});

test('changing where a link leads, how it moves, and deleting what is up: the run goes on each time', async ({
  desk,
}) => {
  await desk.playFrom('Title');
  const begin = desk.sentence(/^When Begin the watch is pressed/);
  await desk.fill(begin, 'The watch', 'Dawn', 'Dawn');
  await expect(begin).toHaveAccessibleName(/go to Dawn/);
  await desk.live.getByRole('button', { name: 'Resume' }).click();
  await desk.takeInHand();
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Dawn');
  await desk.undo();
  await expect(begin).toHaveAccessibleName(/go to The watch/);

  await desk.playFrom('Title');
  await begin.getByRole('button', { name: 'On watch’s motion' }).click();
  const half = desk.page.getByRole('textbox', { name: 'Duration' });
  await half.fill('-5');
  await half.press('Enter');
  await expect(desk.page.getByText('A time cannot be negative.')).toBeVisible();
  await half.fill('1.2 s');
  await half.press('Enter');
  await desk.page.keyboard.press('Escape');
  await expect(begin).toHaveAccessibleName(/with a 1.2 s slide from the right/);
  await desk.expectUp('Title');
  await desk.undo();
  await expect(begin).toHaveAccessibleName(/On watch’s motion/);

  await desk.playFrom('The watch');
  await desk.card('The watch').focus();
  await desk.page.keyboard.press('Delete');
  await desk.expectUp('Warning');
  await desk.runFor(3);
  await expect(desk.card('The watch')).toHaveAccessibleName(/not made yet/);
  await desk.undo();
  await expect(desk.card('The watch')).toHaveAccessibleName(/base/);
  await desk.playFrom('The watch');
  await desk.expectUp('The watch');
});

test('screens are added, renamed, duplicated and deleted on the map, with undo', async ({ desk }) => {
  await desk.choose('Credits');
  await desk.page.keyboard.press('n');
  await desk.typing.fill('Credits');
  await expect(desk.page.getByText('“Credits” is already in use.')).toBeVisible();
  await desk.typing.fill('Harbour');
  await desk.page.getByRole('option', { name: 'Make “Harbour” a screen' }).click();
  await expect(desk.card('Harbour')).toBeVisible();
  await desk.card('Harbour').press('F2');
  const name = desk.map.getByRole('textbox', { name: 'Name' });
  await name.fill('Harbour wall');
  await name.press('Enter');
  await expect(desk.card('Harbour wall')).toBeVisible();
  await desk.card('Harbour wall').press('Control+d');
  await expect(desk.card('Harbour wall 2')).toBeVisible();
  await desk.card('Harbour wall 2').press('Delete');
  await expect(desk.card('Harbour wall 2')).toHaveCount(0);
  for (let i = 0; i < 4; i++) await desk.undo();
  await expect(desk.map.getByRole('button', { name: /^Harbour/ })).toHaveCount(0);
});

test('a link is drawn from one card to another, and from a card to a new name', async ({ desk }) => {
  await desk.begin(['Help']);
  await desk.map.getByRole('button', { name: 'The whole map' }).click();
  const handle = async (name: string) => {
    const card = (await desk.card(name).boundingBox())!;
    await desk.card(name).hover();
    return { x: card.x + card.width + 2, y: card.y + card.height / 2 };
  };
  const from = await handle('Help');
  const to = (await desk.card('Game over').boundingBox())!;
  await desk.page.mouse.move(from.x, from.y);
  await desk.page.mouse.down();
  await desk.page.mouse.move(to.x + 20, to.y + 20, { steps: 5 });
  await desk.page.mouse.up();
  await expect(desk.sentence(/go to Game over/)).toBeVisible();
  await desk.choose('Game over');
  await desk.page.keyboard.press('l');
  await desk.typing.fill('Shipyard');
  await desk.page.getByRole('option', { name: 'Go to “Shipyard”' }).click();
  await expect(desk.card('Shipyard')).toBeVisible();
});

test('every trigger and kind can be said in a sentence', async ({ desk }) => {
  await desk.choose('Credits');
  const add = async (typed: string, option: RegExp) => {
    await desk.reading.getByRole('button', { name: 'When …' }).click();
    await desk.typing.fill(typed);
    await desk.page.getByRole('option', { name: option }).first().click();
  };
  await add('next', /Next tab/);
  const tab = desk.sentence(/^When Next tab/);
  await desk.fill(tab, 'go to', 'open', /open over this/);
  await desk.fill(tab, 'Somewhere', 'Tide', /Tide table/);
  await expect(tab).toHaveAccessibleName(/goes down, open Tide table over this, default motion/);
  await desk.fill(tab, 'goes down', 'held', /is held/);
  await tab.getByRole('button', { name: '500 ms', exact: true }).click();
  await desk.page.getByRole('textbox', { name: 'Long press after' }).fill('1 s');
  await desk.page.keyboard.press('Enter');
  await expect(tab).toHaveAccessibleName(/is held for 1 s/);

  await add('12 s', /After 12 s/);
  const timer = desk.sentence(/^After 12 s/);
  await timer.getByRole('button', { name: 'from the press that led here' }).click();
  await desk.page.getByRole('radio', { name: 'from standing still' }).check();
  await desk.page.getByRole('radio', { name: /the game’s clock/ }).check();
  await desk.page.keyboard.press('Escape');
  await desk.fill(timer, 'go to', 'close', /close everything/);
  await expect(timer).toHaveAccessibleName(
    /^After 12 s from standing still on the game’s clock, close everything/,
  );

  await add('arrival', /On arrival/);
  const arrival = desk.sentence(/^On arrival/);
  await desk.fill(arrival, 'go to', 'do', /^do/);
  await arrival.getByRole('button', { name: 'Also show or say something' }).click();
  await desk.typing.fill('Fog tonight');
  await desk.page.getByRole('option', { name: /Show “Fog tonight”/ }).click();
  await expect(arrival).toHaveAccessibleName('On arrival, show Fog tonight, and stay here.');

  await add('fog lifts', /When the game says “fog lifts”/);
  const fog = desk.sentence(/^When the game says fog lifts/);
  await desk.fill(fog, 'go to', 'the end', /^the end/);
  await expect(fog).toHaveAccessibleName('When the game says fog lifts, it is the end.');
  await desk.playFrom('Credits');
  await expect.poll(() => desk.words()).toContain('Fog tonight');
  await desk.say('fog lifts');
  await expect(desk.log).toContainText('The end');
});

test('nonsense in a blank is refused with words or cleaned, and nothing is lost', async ({ desk }) => {
  await desk.choose('Lamp out');
  const stay = desk.sentence(/^After 2.5 s/);
  await stay.getByRole('button', { name: '2.5 s' }).click();
  const time = desk.page.getByRole('textbox', { name: /^How long/ });
  for (const typed of ['soon', '-1 s', '99999 s', 'x'.repeat(5000)]) {
    await time.fill(typed);
    await time.press('Enter');
    await expect(desk.page.getByRole('dialog').getByRole('alert')).toBeVisible();
  }
  await desk.page.keyboard.press('Escape');
  await desk.page.keyboard.press('Escape');
  await expect(stay).toHaveAccessibleName(/^After 2.5 s/);
  const name = desk.reading.getByRole('textbox', { name: 'Name' });
  await name.fill('   ');
  await name.press('Enter');
  await expect(desk.reading.getByRole('alert')).toContainText('at least one letter');
  await name.press('Escape');
  await expect(name).toHaveValue('Lamp out');
});
