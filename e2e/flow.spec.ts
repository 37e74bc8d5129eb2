import { expect, test, type Desk } from './desk';

/** Rules for sets of screens, conditions, values, answers, messages and time, as a designer meets them. */

const values = (desk: Desk) => desk.page.getByRole('region', { name: 'Values' });
const showValues = async (desk: Desk): Promise<void> => {
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  await expect(values(desk)).toBeVisible();
};
const holdsNow = (desk: Desk, value: string) => values(desk).getByLabel(`${value} now`);

test('a condition is typed with help: a wrong name offers the near one, and what cannot be is refused in words', async ({
  desk,
}) => {
  await desk.choose('The watch');
  const tide = desk.sentence(/^When Tide table/);
  await tide.click({ position: { x: 4, y: 8 } });
  await tide.getByRole('button', { name: 'if …' }).click();
  const blank = desk.page.getByRole('combobox', { name: 'Only if' });
  for (const [typed, words] of [
    ['lamp_oil <', 'Something is missing at the end.'],
    ['lamp_oil', 'This should be on or off; it is a number.'],
    ['storm == "wild"', 'none of its options'],
    ['x'.repeat(10_000), 'can have 2000 characters'],
  ] as const) {
    await blank.fill(typed);
    await blank.press('Enter');
    await expect(desk.page.getByRole('dialog').getByRole('alert')).toContainText(words);
  }
  await blank.fill('lamp_oli < 20');
  await desk.page.getByRole('button', { name: 'Write lamp_oil' }).click();
  await expect(blank).toHaveValue('lamp_oil < 20');
  await blank.press('Enter');
  await expect(tide).toHaveAccessibleName(/goes down, if lamp oil is less than 20 %, open Tide table/);

  // Not taken: the log says why, and leads to it.
  await desk.dock.getByRole('checkbox', { name: 'Ask at dead ends' }).uncheck();
  await desk.playFrom('The watch');
  await desk.page.keyboard.press('t');
  const why = desk.log.getByRole('button', {
    name: 'Not: lamp oil is less than 20 %, since lamp oil was 62 %',
  });
  await why.click();
  await expect(tide).toHaveAttribute('aria-current', 'true');
  await showValues(desk);
  await holdsNow(desk, 'lamp oil').fill('12');
  await holdsNow(desk, 'lamp oil').press('Enter');
  await desk.live.getByRole('button', { name: 'Resume' }).click();
  await desk.takeInHand();
  await desk.page.keyboard.press('t');
  await desk.expectUp('The watch', 'Tide table', 'Oil low');
});

test('names are completed by keyboard, and a name nothing is called by makes a value', async ({ desk }) => {
  await desk.choose('Credits');
  const back = desk.sentence(/^When Back .* goes down/);
  await back.click({ position: { x: 4, y: 8 } });
  await back.getByRole('button', { name: 'if …' }).click();
  const blank = desk.page.getByRole('combobox', { name: 'Only if' });
  await blank.pressSequentially('storm == ');
  await blank.press('ArrowDown');
  await blank.press('Enter');
  await expect(blank).toHaveValue('storm == "calm"');
  await blank.fill('fog > 2');
  await desk.page.getByRole('button', { name: 'Make a value “fog”' }).click();
  await blank.press('Enter');
  await expect(back).toHaveAccessibleName(/if fog is more than 2/);
  await showValues(desk);
  await values(desk).getByRole('button', { name: 'Unfold fog' }).click();
  await values(desk).getByRole('button', { name: 'Credits' }).click();
  await expect(desk.reading.getByText('Credits').first()).toBeVisible();
  // Gone, it is pointed out where it is named.
  await values(desk).getByRole('button', { name: 'Delete this value' }).click();
  await expect(back).toContainText('There is nothing called fog.');
  await desk.undo();
  await expect(back).not.toContainText('There is nothing called fog.');
});

test('what an event sets off comes in the order of the sentence, and dragging changes it', async ({
  desk,
}) => {
  const order = async () =>
    (await desk.log.getByRole('button').allInnerTexts())
      .map(
        (row) =>
          /Oil found shows|Bell plays|lamp oil is|turn the lamp .*→ game/.exec(row)?.[0].split(' (')[0],
      )
      .filter(Boolean)
      .reverse();
  await desk.playFrom('The watch');
  await desk.say('oil found', { amount: '5' });
  await expect(desk.log).toContainText('→ game');
  expect(await order()).toEqual(['Oil found shows', 'Bell plays', 'lamp oil is', 'turn the lamp']);
  // What comes 0.9 s later comes 0.9 s later.
  const at = async (words: RegExp) =>
    Number((await desk.log.getByRole('button', { name: words }).first().innerText()).split('\n')[0]);
  expect((await at(/turn the lamp .*→ game/)) - (await at(/Bell plays/))).toBeCloseTo(0.9, 3);
  await expect(desk.time.getByRole('button', { name: /turn the lamp .*→ game/ })).toBeVisible();

  const found = desk.sentence(/^When the game says oil found/);
  await found.click({ position: { x: 4, y: 8 } });
  const handles = found
    .getByRole('list', { name: 'In this order' })
    .getByRole('button', { name: 'Move this effect' });
  const from = (await handles.nth(2).boundingBox())!;
  const to = (await handles.nth(0).boundingBox())!;
  await desk.page.mouse.move(from.x + 8, from.y + 8);
  await desk.page.mouse.down();
  await desk.page.mouse.move(to.x + 8, to.y - 4, { steps: 6 });
  await desk.page.mouse.up();
  await expect(found).toHaveAccessibleName(/oil found, set lamp oil to lamp_oil \+ amount, show Oil found/);
  await desk.live.getByRole('button', { name: /^Restart/ }).click();
  await desk.playFrom('The watch');
  await desk.say('oil found', { amount: '5' });
  await expect(desk.log).toContainText('→ game');
  expect(await order()).toEqual(['lamp oil is', 'Oil found shows', 'Bell plays', 'turn the lamp']);
});

test('HUD pieces stay up through pause and hide by condition; the menu button is gone while paused and back after', async ({
  desk,
}) => {
  await desk.playFrom('The watch');
  const menu = desk.card('Menu button');
  await expect(menu).toHaveAccessibleName(/up now/);
  await desk.page.keyboard.press('Escape');
  await desk.expectUp('The watch', 'Pause');
  await expect(menu).not.toHaveAccessibleName(/up now/);
  await expect(desk.card('Oil gauge')).toHaveAccessibleName(/up now/);
  await desk.settled();
  await desk.page.keyboard.press('Escape');
  await expect(menu).toHaveAccessibleName(/up now/);
  await desk.say('oil gone');
  await desk.expectUp('Lamp out');
  await expect(desk.card('Oil gauge')).not.toHaveAccessibleName(/up now/);
});

test('one confirm serves leaving, overwriting a slot and quitting, each with its own question', async ({
  desk,
}) => {
  const press = async (...keys: string[]) => {
    for (const key of keys) {
      await desk.page.keyboard.press(key);
      await desk.settled();
    }
  };
  await desk.playFrom('The watch');
  await press('Escape', 'ArrowDown', 'ArrowDown', 'Enter', 'Enter');
  await expect(desk.log).toContainText('Saved in slot 1');
  await press('Enter', 'Enter');
  await desk.expectUp('The watch', 'Pause', 'Slots', 'Confirm');
  await expect.poll(() => desk.words()).toContain('Write over this slot?');
  await press('ArrowRight', 'Enter');
  await desk.expectUp('The watch', 'Pause');
  await press('ArrowDown', 'Enter');
  await expect.poll(() => desk.words()).toContain('Leave the lamp untended?');
  await press('ArrowRight', 'Enter');
  await desk.expectUp('Title');
  await press('ArrowUp', 'Enter');
  await expect.poll(() => desk.words()).toContain('Put the lamp out?');
  await press('ArrowRight');
  await desk.page.keyboard.press('Enter');
  await expect(desk.log).toContainText('The end');
});

test('a rule of the whole project opens its popup above a modal confirm when marked so, and not when not', async ({
  desk,
}) => {
  await desk.playFrom('Title');
  await desk.page.keyboard.press('ArrowUp');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Title', 'Confirm');
  await desk.say('radio lost');
  await desk.expectUp('Title', 'Confirm', 'Radio lost');

  await desk.playFrom('Title');
  await desk.reading.getByRole('button', { name: 'Base' }).click();
  const rule = desk.sentence(/^When the game says radio lost/);
  await rule.getByRole('button', { name: 'also above modal screens' }).click();
  await desk.page.getByRole('button', { name: 'Remove this' }).click();
  await desk.dock.getByRole('checkbox', { name: 'Ask at dead ends' }).uncheck();
  await desk.takeInHand();
  await desk.page.keyboard.press('ArrowUp');
  await desk.page.keyboard.press('Enter');
  await desk.expectUp('Title', 'Confirm');
  await desk.say('radio lost');
  await expect(desk.log).toContainText('A modal screen lies above');
  await desk.expectUp('Title', 'Confirm');
});

test('back in time by dragging along the strip; an edit made meanwhile is kept', async ({ desk }) => {
  await desk.playFrom('The watch');
  await desk.say('oil gone');
  await desk.expectUp('Lamp out');
  await desk.runFor(5);
  const strip = desk.time.getByRole('slider', { name: 'The run’s time' });
  const box = (await strip.boundingBox())!;
  await desk.page.mouse.move(box.x + 120, box.y + 40);
  await desk.page.mouse.down();
  await desk.page.mouse.move(box.x + 60, box.y + 40, { steps: 4 });
  await desk.page.mouse.up();
  await expect(desk.time).toContainText('taken back to');
  await desk.expectUp('The watch');
  await desk.choose('Lamp out');
  await desk.page.keyboard.press('Delete');
  await desk.live.getByRole('button', { name: 'Resume' }).click();
  await desk.dock.getByRole('checkbox', { name: 'Ask at dead ends' }).uncheck();
  await desk.playFrom('The watch');
  await desk.say('oil gone');
  await desk.expectUp('Lamp out');
  expect(await desk.words()).not.toContain('The lamp is out');
});

test('step by step from one due moment to the next', async ({ desk }) => {
  await desk.live.getByRole('button', { name: /^Restart/ }).click();
  await desk.live.getByRole('button', { name: 'Hold', exact: true }).click();
  const step = desk.live.getByRole('button', { name: /^Step to the next event/ });
  for (let n = 0; n < 12 && !(await desk.log.innerText()).includes('Loading is up'); n++) await step.click();
  await expect(desk.log.getByRole('button', { name: /Loading is up/ })).toContainText('4.500');
  await expect(desk.live.getByText('Held.')).toBeVisible();
});

test('a message that waits in line, and an objective that stays until its text is replaced', async ({
  desk,
}) => {
  await desk.choose('Oil found');
  await desk.reading.getByRole('combobox', { name: 'When shown again' }).selectOption('queue');
  await desk.playFrom('The watch');
  await desk.say('oil found', { amount: '5' });
  await desk.say('oil found', { amount: '7' });
  await expect(desk.log).toContainText('Oil found waits in line');
  await expect.poll(() => desk.words()).toContain('Oil found: 7 % more');
  const times = async (words: RegExp) =>
    (await desk.log.getByRole('button', { name: words }).allInnerTexts()).map((row) =>
      Number(row.split('\n')[0]),
    );
  await expect.poll(async () => (await times(/Oil found goes/)).length).toBe(2);
  const [second, first] = await times(/Oil found goes/);
  expect(second! - first!).toBeCloseTo(1.6, 2);
  await expect.poll(() => desk.words()).toContain('Keep the light burning until sunrise');
  await desk.say('objective', { text: 'Signal the ferry' });
  await expect.poll(() => desk.words()).toContain('Signal the ferry');
});

test('a run begins at a screen with the values chosen, and goes to what they lead to', async ({ desk }) => {
  await showValues(desk);
  await holdsNow(desk, 'lamp oil').fill('15');
  await holdsNow(desk, 'lamp oil').press('Enter');
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.playFrom('The watch');
  await desk.expectUp('The watch', 'Oil low');
  await expect.poll(() => desk.words()).toContain('Oil low: 15 % left');
  await expect.poll(() => desk.words()).toContain('[X]  All right');
  await desk.page.keyboard.press('x');
  await desk.expectUp('The watch');
});

test('two values that set one another off stop with a plain word, and everything goes on', async ({
  desk,
}) => {
  await desk.begin();
  await desk.choose('Play');
  const add = async (when: string, to: string) => {
    await desk.reading.getByRole('button', { name: 'When …' }).click();
    await desk.typing.fill('as soon');
    await desk.page.getByRole('option', { name: /As soon as/ }).click();
    const made = desk.reading.locator('[aria-current="true"][role=group]');
    await made.getByRole('button', { name: 'Also show or say something' }).click();
    await desk.typing.fill('ping');
    await desk.page
      .getByRole('option', { name: to === 'first' ? /Set “ping” on/ : /^ping/ })
      .first()
      .click();
    if (to !== 'first') {
      await made.getByRole('button', { name: 'true', exact: true }).last().click();
      await desk.page.getByRole('combobox', { name: 'ping becomes' }).fill(to);
      await desk.page.keyboard.press('Enter');
    }
    await made
      .getByRole('button', { name: /^(true|ping is On)$/ })
      .first()
      .click();
    await desk.page.getByRole('combobox', { name: 'What becomes true' }).fill(when);
    await desk.page.keyboard.press('Enter');
  };
  await add('!ping', 'first');
  await add('ping', 'false');
  await desk.playFrom('Play');
  await expect(desk.log).toContainText('stopped after 100');
  await desk.page.keyboard.press('Escape');
  await desk.expectUp('Play', 'Pause');
});
