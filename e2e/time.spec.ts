import { expect, test } from './desk';
import { after, event, link, projectOf, screenOf } from '../packages/core/src/test/flows';
import { addStep, expectSaid, lines, openLines, page, said } from './talk';
import type { Desk } from './designer';

/** Time that can be seen: a countdown, what comes again and again, and lines said another way. */

const lobby = () => {
  const lobby = screenOf('Lobby', {}, ['Back']);
  lobby.elements[0] = { ...lobby.elements[0]!, name: 'Told', text: 'Begins in {remaining}' } as never;
  return projectOf(
    [lobby, screenOf('Match', {}, ['Leave'])],
    [
      link('Lobby', after('5 s'), 'go', 'Match'),
      ...[true, false].map((ready) =>
        link('Lobby', event(ready ? 'all ready' : 'one is not'), 'stay', undefined, {
          effects: [{ do: 'set', value: 'v-ready', to: String(ready) }],
        }),
      ),
    ],
    {
      name: 'Lobby',
      events: ['all ready', 'one is not'].map((name) => ({
        id: name,
        name,
        direction: 'in' as const,
        fields: [],
      })),
      values: [
        {
          id: 'v-ready',
          name: 'ready',
          section: 'Lobby',
          life: 'session',
          type: 'on/off',
          default: false,
          byGame: true,
        },
      ],
    },
  );
};
const left = async (desk: Desk): Promise<number> => {
  const words = (await desk.words()).find((words) => /^Begins in \d+$/.test(words));
  return words === undefined ? NaN : Number(words.slice('Begins in '.length));
};

test('a countdown of five seconds is seen, stops when one is not ready and begins afresh', async ({
  desk,
}) => {
  await desk.openMade(lobby());
  await desk.choose('Lobby');
  const sentence = desk.sentence(/^After 5 s/);
  await sentence.getByRole('button', { name: 'from the press that led here' }).click();
  await desk.page.getByRole('combobox', { name: 'Counts only while' }).fill('ready');
  await desk.page.keyboard.press('Enter');
  await expect(sentence).toContainText(', while ready is On');
  await desk.reading
    .getByRole('region', { name: 'Elements' })
    .getByRole('button', { name: /^Told button/ })
    .click();
  await desk.reading.getByRole('combobox', { name: 'Counts down to' }).selectOption({ index: 1 });

  await desk.playFrom('Lobby');
  await expect.poll(() => left(desk)).toBe(5);
  await desk.runFor(20);
  expect(await left(desk)).toBe(5);
  await desk.say('all ready');
  await expect.poll(() => left(desk)).toBeLessThan(4);
  await desk.say('one is not');
  await expect.poll(() => left(desk)).toBe(5);
  const begun = await desk.clock();
  await desk.say('all ready');
  await desk.expectUp('Match');
  expect(await desk.clock()).toBeGreaterThanOrEqual(begun + 50);
});

test('what happens every so often is picked as it is said, and happens again and again', async ({ desk }) => {
  const project = lobby();
  project.links = [];
  await desk.openMade(project);
  await desk.choose('Lobby');
  await desk.reading.getByRole('button', { name: 'When …' }).click();
  await desk.typing.fill('every 0.5 s');
  await desk.page.getByRole('option', { name: 'Every 0.5 s', exact: true }).click();
  desk.sentence(/^Every 0.5 s while it is up/);
  await desk.playFrom('Lobby');
  const taken = desk.log.getByText(/Every 0.5 s/);
  await expect.poll(() => taken.count()).toBeGreaterThan(3);
});

test('a line says something else when it is come to again', async ({ desk }) => {
  await desk.begin(['Talk']);
  await openLines(desk);
  await lines(desk).getByRole('button', { name: 'A new conversation' }).click();
  await said(desk).first().fill('Good evening.');
  await desk.reading.getByRole('button', { name: 'Say something else next time' }).click();
  await desk.fillIn('Next time 1', 'You again.');
  await addStep(desk, 'Place');
  await addStep(desk, 'Go to a place');
  await said(desk).first().press('Alt+ArrowDown');
  await page(desk).getByRole('combobox', { name: 'Where to' }).selectOption({ index: 1 });
  await lines(desk).getByRole('button', { name: 'Play it' }).click();
  await desk.takeInHand();
  await expectSaid(desk, 'Good evening.');
  for (const words of ['You again.', 'Good evening.']) {
    await desk.page.keyboard.press('Enter');
    await expectSaid(desk, words);
  }
});
