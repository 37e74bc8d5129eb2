import { expect, test, type Desk } from './desk';
import { plugIn } from './hands';
import { addStep, expectSaid, expectUnsaid, lines, openLines, page, part, said } from './talk';

/** Dialogue: written by keyboard, played from any line, chosen, cut short; routines, speakers, and texts in languages. */

test('a dialogue is written by keyboard alone, with who says it, and played from a line', async ({
  desk,
}) => {
  await desk.begin(['Harbour talk']);
  await openLines(desk);
  const { keyboard } = desk.page;
  await part(desk, 'Speakers');
  for (const name of ['Ines', 'Tobias']) {
    await lines(desk).getByRole('button', { name: 'A speaker', exact: true }).click();
    const field = lines(desk).getByRole('textbox', { name: 'Name', exact: true }).last();
    await field.fill(name);
    await field.press('Enter');
  }
  await part(desk, 'Conversations');
  await said(desk).first().click();
  await keyboard.press('Control+a');
  await keyboard.type('Ines: Fog again.');
  await keyboard.press('Enter');
  // As much of a name as tells it from the others.
  await keyboard.type('t: I can hear it.');
  await keyboard.press('Enter');
  await keyboard.type('Nobody can hear fog.');
  await keyboard.press('Alt+w');
  await expect(said(desk)).toHaveCount(3);
  const who = page(desk).getByRole('combobox', { name: 'Who says it' });
  await expect(who.nth(0)).toHaveValue(
    (await who.nth(0).getByRole('option', { name: 'Ines' }).getAttribute('value')) ?? '',
  );
  await expect(who.nth(1)).toHaveValue(
    (await who.nth(1).getByRole('option', { name: 'Tobias' }).getAttribute('value')) ?? '',
  );
  // Moved up, copied, and taken out again.
  await keyboard.press('Alt+ArrowUp');
  await expect(said(desk).nth(1)).toHaveValue('Nobody can hear fog.');
  await keyboard.press('Control+d');
  await expect(said(desk)).toHaveCount(4);
  await keyboard.press('Escape');
  await keyboard.press('Delete');
  await expect(said(desk)).toHaveCount(3);
  // A pause between, by its name.
  await said(desk).nth(0).click();
  await keyboard.press('End');
  await keyboard.press('Enter');
  await keyboard.type('/');
  await expect(desk.page.getByRole('dialog', { name: 'Another step' }).getByRole('combobox')).toBeFocused();
  await keyboard.type('pause');
  await keyboard.press('Enter');
  await expect(page(desk).getByRole('textbox', { name: 'How long' })).toHaveValue('1 s');
  await said(desk).nth(1).click();
  await keyboard.press('Control+Enter');
  await expectSaid(desk, /hear/);
  await desk.takeInHand();
  await expectSaid(desk, /I can hear it\.|Nobody can hear fog\./);
});

/** Two lines of thirty letters, played; each press is a confirm. */
async function confirmFour(desk: Desk, confirm: () => Promise<void>): Promise<void> {
  await desk.begin(['Harbour talk']);
  await openLines(desk);
  await said(desk).first().fill('a'.repeat(30));
  await said(desk).first().press('Enter');
  await said(desk).nth(1).fill('b'.repeat(30));
  await lines(desk).getByRole('button', { name: 'Play it' }).click();
  await expectSaid(desk, /^.*a/);
  await desk.takeInHand();
  await confirm();
  await expectSaid(desk, 'a'.repeat(30));
  await confirm();
  await expectSaid(desk, /b/);
  await expectUnsaid(desk, /a{5}/);
  await confirm();
  await expectSaid(desk, 'b'.repeat(30));
  await confirm();
  await desk.expectUp('Play');
}

test.describe('complete, next, complete, close', () => {
  test('by key', ({ desk }) => confirmFour(desk, () => desk.page.keyboard.press('Enter')));
  test('by pad', async ({ desk }) => {
    const pad = await plugIn(desk.page);
    await confirmFour(desk, () => pad.press(0));
  });
  test('by click', ({ desk }) => confirmFour(desk, () => desk.game.click({ position: { x: 200, y: 120 } })));
  test.describe('with a finger', () => {
    test.use({ hasTouch: true });
    test('by touch', ({ desk }) =>
      confirmFour(desk, async () => {
        const box = (await desk.game.boundingBox())!;
        await desk.page.touchscreen.tap(box.x + 200, box.y + 120);
      }));
  });
});

test('every sort of step is put in by its name, with what it needs', async ({ desk }) => {
  await openLines(desk);
  await lines(desk)
    .getByRole('combobox', { name: 'Which conversation' })
    .selectOption({ label: 'Tides explained' });
  for (const [name, field] of [
    ['Choice', 'A choice'],
    ['Music', 'Which music'],
    ['Wait for the game', 'Which event'],
    ['Place', 'Name of the place'],
    ['Go to a place', 'Where to'],
    ['Routine', 'Routine'],
    ['Another conversation', 'Which conversation'],
    ['Show', 'With which picture'],
    ['Hide', 'Which element'],
    ['End here', 'What it answers'],
  ] as const) {
    const before = await page(desk).getByLabel(field, { exact: true }).count();
    await addStep(desk, name);
    await expect.poll(() => page(desk).getByLabel(field, { exact: true }).count()).toBeGreaterThan(before);
  }
  // What there is nothing to name for is told.
  await addStep(desk, 'Move');
  await expect(
    desk.word(/Nothing on the dialogue screen has an animation that begins by a step/),
  ).toBeVisible();
  // The picker stays, for another.
  await desk.page.keyboard.press('Escape');
  await addStep(desk, 'Do');
  await page(desk)
    .getByRole('button', { name: /^tell |^put back/ })
    .last()
    .click();
  await desk.typing.fill('set hour');
  await desk.page.getByRole('option', { name: /^hour/ }).first().click();
  await expect(page(desk).getByRole('button', { name: /^set hour/ })).toBeVisible();
  // A way that leads nowhere is marked.
  await expect(page(desk)).toContainText('The place it goes to is gone.');
});

test('the radio call: lines, a choice by keyboard, waiting for the game, and what was chosen has its consequence', async ({
  desk,
}) => {
  await desk.playFrom('The watch');
  await desk.say('radio call');
  await desk.takeInHand();
  const { keyboard } = desk.page;
  await expectSaid(desk, /Do you read\?/);
  // What the routine shows goes with its line.
  await expectSaid(desk, /Channel 16/);
  await keyboard.press('Enter');
  await expectSaid(desk, /Oil at 62 %, and the wind is asleep/);
  await expectUnsaid(desk, /Channel 16/);
  await keyboard.press('Enter');
  await expectSaid(desk, /with ninety aboard/);
  // What was said can be read again, and the call waits meanwhile.
  await keyboard.press('l');
  await desk.expectUp('The watch', 'Radio', 'Radio log');
  await expectSaid(desk, /Ines: Saltwick reads you/);
  await desk.settled();
  await keyboard.press('l');
  await desk.settled();
  await expectSaid(desk, /She is late\./);
  await keyboard.press('Enter');
  await expectSaid(desk, /What do I tell her/);
  await expectSaid(desk, /Hold off until it turns/);
  await keyboard.press('Enter');
  await expectSaid(desk, /Follow the beam/);
  await keyboard.press('Enter');
  await expectUnsaid(desk, /Follow the beam/);
  await desk.say('Perpetua in sight');
  await desk.takeInHand();
  await expectSaid(desk, /I have your light\. Bless you/);
  await keyboard.press('Enter');
  await expectSaid(desk, /not going anywhere/);
  await keyboard.press('Enter');
  await desk.expectUp('The watch');
  await expectSaid(desk, /Keep the beam on the Perpetua/);
  await expect(desk.log).toContainText('Chosen: “Come in under my light”');
});

test('a call that is cut short leaves nothing of itself up', async ({ desk }) => {
  await desk.playFrom('The watch');
  await desk.say('radio call');
  await expectSaid(desk, /Do you/);
  await desk.say('sunrise');
  await desk.expectUp('Dawn');
  await desk.settled();
  await expectUnsaid(desk, /Do you|Tobias|Channel/);
  await expect(desk.log).not.toContainText('Radio has finished');
});

test('explained from two places; subtitles over the watch follow their setting; a line is gone back to', async ({
  desk,
}) => {
  await desk.playFrom('The watch');
  const { keyboard } = desk.page;
  await keyboard.press('t');
  await desk.expectUp('The watch', 'Tide table');
  await desk.settled();
  await keyboard.press('ArrowLeft');
  await keyboard.press('Enter');
  await desk.expectUp('The watch', 'Tide table', 'Radio');
  await expectSaid(desk, /Low water is at ten past two/);
  await keyboard.press('Backspace');
  await desk.playFrom('The watch');
  await desk.say('harbour chatter');
  await expectSaid(desk, /All small boats in\./);
  // On its mark the strip leads back to just before it.
  await desk.time
    .getByRole('button', { name: /All small boats in/ })
    .first()
    .click();
  await expectUnsaid(desk, /All small boats/);
  await desk.page.getByRole('tab', { name: 'Values' }).click();
  await desk.page.getByRole('switch', { name: 'subtitles now' }).uncheck();
  await desk.say('harbour chatter');
  await expect(desk.log).toContainText('All small boats in');
  await expectUnsaid(desk, /All small boats/);
});

test('a routine is written once, told otherwise where it is called, and changed for all', async ({
  desk,
}) => {
  await openLines(desk);
  await part(desk, 'Routines');
  await expect(lines(desk)).toContainText('called by Storm call, Tides explained');
  await said(desk).first().fill('{words} Over.');
  await part(desk, 'Conversations');
  await lines(desk)
    .getByRole('combobox', { name: 'Which conversation' })
    .selectOption({ label: 'Tides explained' });
  await lines(desk).getByRole('button', { name: 'Play it' }).click();
  await desk.takeInHand();
  await expectSaid(desk, /shows its teeth\. Over\./);
  await page(desk).getByRole('textbox', { name: 'words' }).first().fill('Two o’clock.');
  await expectSaid(desk, /Two o’clock\. Over\./);
  // What it says otherwise stands wherever nothing else is told.
  await part(desk, 'Routines');
  const otherwise = lines(desk).getByRole('textbox', { name: 'What words is otherwise' });
  await otherwise.fill('Say again?');
  await otherwise.press('Enter');
  await part(desk, 'Conversations');
  await page(desk).getByRole('textbox', { name: 'words' }).first().fill('');
  await expectSaid(desk, /Say again\? Over\./);
});

test('what cannot be is marked before any run', async ({ desk }) => {
  await desk.begin(['Harbour talk']);
  await openLines(desk);
  await said(desk).first().fill('');
  await expect(page(desk)).toContainText('It says nothing yet.');
  await part(desk, 'Speakers');
  await lines(desk).getByRole('button', { name: 'A speaker', exact: true }).click();
  await lines(desk)
    .getByRole('combobox', { name: 'A line too long for its text box' })
    .selectOption('marked');
  await part(desk, 'Conversations');
  await page(desk).getByRole('combobox', { name: 'Who says it' }).selectOption({ label: 'Speaker' });
  await said(desk).first().fill('Word after word, and no end to it. '.repeat(20));
  await expect(page(desk)).toContainText('Speaker has no portrait.');
  await part(desk, 'Speakers');
  await lines(desk).getByRole('checkbox', { name: 'Never seen: needs no portrait' }).check();
  await part(desk, 'Conversations');
  await expect(page(desk)).not.toContainText('has no portrait.');
  await expect(page(desk)).toContainText(/It does not fit: \d+ px too high/);
  // Without a part that says lines, the whole conversation is marked.
  await lines(desk).getByRole('combobox', { name: 'Its dialogue screen' }).selectOption('');
  await expect(lines(desk)).toContainText('It has no dialogue screen');
});

test('a thousand pasted lines are searched and played from near their end without a wait', async ({
  desk,
}) => {
  await desk.begin(['Harbour talk']);
  await openLines(desk);
  await lines(desk).getByRole('button', { name: 'Paste a dialogue' }).click();
  const text = Array.from(
    { length: 1000 },
    (_, i) => `${i % 2 ? 'TOBIAS' : 'INES'}: Line number ${i} of them.`,
  );
  await desk.page.getByRole('textbox', { name: /^A name and a colon/ }).fill(text.join('\n'));
  await desk.page.getByRole('button', { name: 'Put these lines in' }).click();
  await lines(desk).getByRole('searchbox', { name: 'Find in these lines' }).fill('number 987 ');
  const row = page(desk)
    .getByRole('listitem')
    .filter({ has: desk.page.getByText('Line number 987 of them.') });
  await expect(row).toBeVisible();
  await row.getByRole('button', { name: /^Play from line/ }).click();
  await desk.takeInHand();
  await expectSaid(desk, /Line number 987/);
  await expectSaid(desk, /Tobias/);
});

test('texts go out to translators as XLIFF and come back; what has changed since is marked; Live says them', async ({
  desk,
}) => {
  await openLines(desk);
  await part(desk, 'Texts');
  const find = lines(desk).getByRole('searchbox', { name: 'Find in the texts' });
  const rows = lines(desk).getByRole('list', { name: 'Texts' }).getByRole('listitem');
  await find.fill('This game has flashing light');
  await expect(rows).toHaveCount(1);
  const german = rows.first().getByRole('textbox', { name: /, in de$/ });
  await expect(german).toHaveValue('Dieses Spiel hat Lichtblitze');
  await german.fill('');
  await expect(rows.first()).toContainText('missing');
  const out = await desk.download(() => lines(desk).getByRole('button', { name: 'XLIFF' }).click());
  expect(out.name).toBe('saltwick-light.de.xlf');
  const text = out.bytes.toString('utf8');
  expect(text).toContain('Komm unter meinem Licht herein');
  const back = text.replace(
    /(<source[^>]*>This game has flashing light<\/source>)/,
    '$1<target>Dieses Spiel blitzt</target>',
  );
  const take = async (name: string, body: string) => {
    const chooser = desk.page.waitForEvent('filechooser');
    await lines(desk).getByRole('button', { name: 'Import' }).click();
    await (await chooser).setFiles([{ name, mimeType: 'text/xml', buffer: Buffer.from(body) }]);
  };
  await take('bad.xlf', '<!DOCTYPE x []><xliff version="2.0"/>');
  await expect(desk.word('bad.xlf cannot be read: line 1: A document type is not allowed')).toBeVisible();
  await take('good.xlf', back);
  await expect(german).toHaveValue('Dieses Spiel blitzt');
  // As a table too.
  const table = await desk.download(() => lines(desk).getByRole('button', { name: 'CSV' }).click());
  expect(table.bytes.toString('utf8')).toContain('"Dieses Spiel blitzt"');

  await part(desk, 'Conversations');
  await lines(desk)
    .getByRole('combobox', { name: 'Which conversation' })
    .selectOption({ label: 'Tides explained' });
  await said(desk).first().fill('So she has until one o’clock.');
  await part(desk, 'Texts');
  await find.fill('until one o’clock');
  await expect(rows.first()).toContainText('changed since');
  await desk.dock.getByRole('combobox', { name: 'Language of Live' }).selectOption({ label: 'German' });
  await part(desk, 'Conversations');
  await lines(desk).getByRole('button', { name: 'Play it' }).click();
  await expectSaid(desk, /Niedrigwasser ist um zehn nach zwei/);
  const timed = await desk.download(() =>
    lines(desk)
      .getByRole('button', { name: /^Save its lines with their times/ })
      .click(),
  );
  expect(timed.name).toBe('tides-explained.vtt');
  expect(timed.bytes.toString('utf8')).toMatch(
    /^WEBVTT\n\n1\n00:00:00\.000 --> 00:00:0\d\.\d{3}\n<v Tobias>/,
  );
});
