import { expect, test } from './desk';
import { addStep, expectSaid, expectUnsaid, lines, openLines, page, said } from './talk';

/** Steps of a conversation besides its lines, as they are met in the window. */

test('a step moves an element and the next waits for it, another plays music, and what the game does not say is gone on without', async ({
  desk,
}) => {
  await desk.listen();
  await desk.open();
  await desk.held('Radio');
  const inside = desk.page.getByRole('region', { name: 'Elements' });
  await inside.getByText('Radio set', { exact: true }).first().click();
  await desk.reading.getByRole('button', { name: 'Animations' }).click();
  const moves = desk.reading.getByRole('region', { name: 'Animations' });
  await moves.getByRole('button', { name: 'Keyframes' }).click();
  await moves.getByRole('combobox', { name: 'Starts' }).selectOption('on a conversation step');
  const last = moves.getByRole('group', { name: 'Keyframe 2' });
  await last.getByRole('textbox', { name: 'X', exact: true }).fill('300');
  await last.getByRole('textbox', { name: 'X', exact: true }).press('Enter');
  await last.getByRole('textbox', { name: 'At', exact: true }).fill('2');
  await last.getByRole('textbox', { name: 'At', exact: true }).press('Enter');

  await openLines(desk);
  await lines(desk).getByRole('button', { name: 'A new conversation' }).click();
  await lines(desk).getByRole('combobox', { name: 'Its dialogue screen' }).selectOption('Radio');
  await said(desk).first().fill('Turn the lamp about.');
  await addStep(desk, 'Music');
  await page(desk).getByRole('combobox', { name: 'Which music' }).selectOption('Keeper’s tune');
  await addStep(desk, 'Move');
  await page(desk).getByRole('combobox', { name: 'What moves' }).selectOption('Radio set');
  await page(desk).getByRole('checkbox', { name: 'and go on when it is over' }).check();
  await addStep(desk, 'Line');
  await said(desk).last().fill('It turns.');
  await addStep(desk, 'Wait for the game');
  await page(desk).getByRole('textbox', { name: 'Timeout' }).fill('1.5 s');
  await page(desk).getByRole('textbox', { name: 'Timeout' }).press('Enter');
  await page(desk).getByRole('button', { name: 'else …' }).click();
  await page(desk).getByRole('button', { name: 'Say something when it takes too long' }).click();
  await said(desk).last().fill('Nobody answers.');

  await lines(desk).getByRole('button', { name: 'Play it' }).click();
  await desk.takeInHand();
  await expectSaid(desk, 'Turn the lamp about.');
  const surf = await desk.music();
  // Each picture, as it is drawn: how far across the set is, and what is said.
  await desk.game.evaluate((host) => {
    const drawn: { away: number; words: string }[] = [];
    Object.assign(window, { drawn });
    const all = (selector: string) => [...host.shadowRoot!.querySelectorAll(selector)];
    const look = () => {
      const across = all('g[transform]').map((element) =>
        Number(/^translate\(([\d.]+)/.exec(element.getAttribute('transform')!)?.[1] ?? 0),
      );
      drawn.push({
        away: Math.max(0, ...across),
        words: all('text')
          .map((element) => element.textContent)
          .join(' '),
      });
      requestAnimationFrame(look);
    };
    look();
  });
  const { keyboard } = desk.page;
  await keyboard.press('Enter');
  const from = await desk.clock();
  await expectSaid(desk, 'It turns.');
  expect((await desk.clock()) - from).toBeGreaterThanOrEqual(19);
  const drawn = await desk.page.evaluate(
    () => (window as unknown as { drawn: { away: number; words: string }[] }).drawn,
  );
  // It is seen on its way, and nothing is said until it is there.
  expect(drawn.some(({ away }) => away > 20 && away < 280)).toBe(true);
  expect(drawn.filter(({ away, words }) => away < 300 && words.includes('turns'))).toEqual([]);
  await expect
    .poll(async () => (await desk.music()).map(({ address }) => address))
    .not.toEqual(surf.map(({ address }) => address));
  await keyboard.press('Enter');
  const waits = await desk.clock();
  await expectSaid(desk, 'Nobody answers.');
  expect((await desk.clock()) - waits).toBeGreaterThanOrEqual(14);
  // Said in time, the other way is not taken.
  await lines(desk).getByRole('button', { name: 'Play from line 4' }).click();
  await desk.takeInHand();
  await expectSaid(desk, 'It turns.');
  await keyboard.press('Enter');
  await desk.say('radio call');
  await desk.expectUp('The watch');
  await expectUnsaid(desk, /Nobody/);
});

test('a flag, a person put together of several, and an accent are typed as one letter each', async ({
  desk,
}) => {
  await openLines(desk);
  await lines(desk).getByRole('button', { name: 'A new conversation' }).click();
  await lines(desk).getByRole('combobox', { name: 'Its dialogue screen' }).selectOption('Radio');
  const words = '🇳🇴👩‍🚀e\u0301🏳️‍🌈'.repeat(3);
  await said(desk).first().fill(words);
  await desk.reading.getByRole('textbox', { name: 'Time per letter' }).fill('250 ms');
  await desk.reading.getByRole('textbox', { name: 'Time per letter' }).press('Enter');
  // Slowly, so that a busy machine sees more than the end of it.
  await desk.speed('¼×');
  await lines(desk).getByRole('button', { name: 'Play it' }).click();
  await desk.takeInHand();
  const whole = [...new Intl.Segmenter('en', { granularity: 'grapheme' }).segment(words)].map(
    (segment) => segment.segment,
  );
  const prefixes = new Set(whole.map((_, i) => whole.slice(0, i + 1).join('')));
  const seen = new Set<string>();
  await expect
    .poll(
      async () => {
        for (const value of await desk.words()) if (value !== '' && words.startsWith(value)) seen.add(value);
        return seen.has(words);
      },
      { intervals: [60], timeout: 120_000 },
    )
    .toBe(true);
  expect([...seen].filter((value) => !prefixes.has(value))).toEqual([]);
  expect(seen.size).toBeGreaterThan(4);
});

test('the time a conversation shows is the time its run takes, a pause of 1.7 s among it', async ({
  desk,
}) => {
  await openLines(desk);
  await lines(desk)
    .getByRole('combobox', { name: 'Which conversation' })
    .selectOption({ label: 'Harbour chatter' });
  const total = lines(desk).getByRole('status', { name: 'Duration' });
  const before = await total.innerText();
  const pause = page(desk).getByRole('textbox', { name: 'How long' }).first();
  expect(await pause.inputValue()).not.toBe('1.7 s');
  await pause.fill('1.7 s');
  await pause.press('Enter');
  await expect(total).not.toHaveText(before);
  const shown = Number.parseFloat(await total.innerText());
  await desk.page.getByRole('tab', { name: 'Map' }).click();
  await desk.playFrom('The watch');
  await desk.say('harbour chatter');
  await expect(desk.log).toContainText('Overheard goes', { timeout: 120_000 });
  const rows = await desk.log.innerText();
  const at = (words: string): number => Number(new RegExp(`(\\d+\\.\\d+)\\s+${words}`).exec(rows)![1]);
  // From when the first line begins, to the hundredth it is shown in.
  expect(at('Overheard goes') - at('Tobias: “All small boats')).toBeCloseTo(shown, 2);
});
