import { expect, test } from './desk';
import { commands } from '../packages/core/src/edit';
import type { Project } from '../packages/core/src/model';
import { event, link, press, projectOf, screenOf } from '../packages/core/src/test/flows';
import { listed } from '../packages/core/src/test/listed';

/** A screen to save on and to load from: a list with a row for each slot. */

const game = (): Project =>
  projectOf([screenOf('Slots', {}, ['Back'])], [], {
    name: 'Slots',
    values: [
      {
        id: 'v-oil',
        name: 'oil',
        section: 'Lamp',
        life: 'progress',
        type: 'number',
        default: 40,
        byGame: true,
      },
    ],
  });

test('a list of saved games is made in Values and shown on a screen, with empty slots', async ({ desk }) => {
  const { page, reading } = desk;
  await desk.openMade(game());
  await page.getByRole('tab', { name: 'Values' }).click();
  const pane = page.getByRole('region', { name: 'Values', exact: true });
  await pane.getByRole('combobox', { name: 'Type of the new value' }).selectOption('Saved games');
  await pane.getByRole('textbox', { name: 'A new value' }).fill('games');
  await page.keyboard.press('Enter');
  await pane.getByRole('button', { name: 'Unfold games' }).click();
  await pane.getByRole('textbox', { name: /^Slots/ }).fill('One, Two');
  await page.keyboard.press('Enter');
  await pane.getByRole('checkbox', { name: 'oil' }).check();

  await page.getByRole('tab', { name: 'Map' }).click();
  await desk.choose('Slots');
  await desk.editing.press('m');
  await reading.getByRole('combobox', { name: 'Shows', exact: true }).selectOption('games');
  await reading.getByRole('button', { name: 'Make a row of its fields' }).click();
  await expect.poll(() => desk.words()).toEqual(expect.arrayContaining(['One', 'Two', 'Empty']));

  await desk.choose('Slots');
  await reading.getByRole('button', { name: 'When …' }).click();
  await desk.typing.fill('list');
  await page.getByRole('option', { name: /^A row of List/ }).click();
  const sentence = desk.sentence(/^When a row of List is pressed/);
  await desk.fill(sentence, 'Also show or say something', 'save', /^Save to a slot/);
  await sentence.getByRole('button', { name: '1', exact: true }).click();
  await page.getByRole('dialog').getByRole('combobox').fill('row.slot');
  await page.keyboard.press('Enter');
  await expect(sentence).toContainText('save to slot row.slot');
  await desk.playFrom('Slots');
  const two = desk.game.getByRole('button', { name: /^2 of 2, Two, Empty/ });
  await two.dispatchEvent('click');
  await expect(desk.game.getByRole('button', { name: /^2 of 2, Two, .*Saved, 40/ })).toBeAttached();
});

/** A free slot is saved to at once, any other after a question. */
function slots(): Project {
  const project = game();
  const { element } = listed();
  const over = screenOf(
    'Over',
    { layer: 'overlay', modal: true, outcomes: ['Yes', 'No'].map((name) => ({ id: name, name })) },
    ['Yes', 'No'],
  );
  project.screens.push(over);
  project.events.push({ id: 'found', name: 'found', direction: 'in' });
  const list = commands['add saved games list'](project, { name: 'games' })!;
  commands['tell of saved value'](project, { list, value: 'v-oil', told: true });
  const row = commands['make row'](project, { list, width: 700, height: 80, look: { style: 't-body' } })!;
  project.screens[0]!.elements.push({ ...element, list, row });
  const save = { effects: [{ do: 'save' as const, slot: 'row.slot' }] };
  project.links.push(
    ...['Yes', 'No'].map((outcome) => link('Over', press(outcome), 'back', undefined, { outcome })),
    link('Slots', event('found'), 'stay', undefined, {
      effects: [{ do: 'set', value: 'v-oil', to: 'oil + 1' }],
    }),
    link('Slots', press(element.id), 'stay', undefined, { when: 'row.state != "saved"', ...save }),
    link('Slots', press(element.id), 'open', 'Over'),
    link('Slots', { on: 'returned', screen: 'Over', outcome: 'Yes' }, 'stay', undefined, save),
  );
  return project;
}

test('a game is saved in an empty slot, saved over once that is confirmed, and kept for the next run', async ({
  desk,
}) => {
  await desk.openMade(slots());
  await desk.playFrom('Slots');
  const row = (words: RegExp) => desk.game.getByRole('button', { name: words });
  await expect(row(/^2 of 3, 2, Empty/)).toBeAttached();
  const focus = async (words: RegExp) => {
    await desk.takeInHand();
    for (let n = 0; n < 5 && (await row(words).getAttribute('aria-current')) === null; n++) {
      await desk.page.keyboard.press('ArrowDown');
      await desk.runFor(3);
    }
    await expect(row(words)).toHaveAttribute('aria-current', 'true');
  };
  await focus(/^2 of 3/);
  await desk.page.keyboard.press('Enter');
  await expect(row(/^2 of 3, 2, .*Saved, 40/)).toBeAttached();
  const year = String(new Date().getFullYear()).slice(2);
  await expect.poll(async () => (await desk.words()).join(' ')).toContain(`/${year}`);

  await desk.say('found');
  const over = async (answer: string) => {
    await focus(/^2 of 3/);
    await desk.page.keyboard.press('Enter');
    await desk.expectUp('Slots', 'Over');
    await desk.game.getByRole('button', { name: answer }).dispatchEvent('click');
    await desk.expectUp('Slots');
  };
  await over('No');
  await expect(row(/^2 of 3, 2, .*Saved, 40/)).toBeAttached();
  await over('Yes');
  await expect(row(/^2 of 3, 2, .*Saved, 41/)).toBeAttached();
  await expect(row(/^1 of 3, 1, Empty/)).toBeAttached();

  await desk.kept();
  await desk.page.reload();
  await expect(row(/^2 of 3, 2, .*Saved, 41/)).toBeAttached();

  // Something in the store can no longer be read.
  await desk.page.evaluate(
    () =>
      new Promise<void>((done, fail) => {
        const asked = indexedDB.open('tavu');
        asked.onerror = () => fail(new Error('no store'));
        asked.onsuccess = () => {
          const base = asked.result;
          const change = base.transaction('played', 'readwrite');
          const cursor = change.objectStore('played').openCursor();
          cursor.onsuccess = () => {
            const at = cursor.result;
            if (!at) return;
            at.update({ ...at.value, saves: { ...at.value.saves, 2: 'torn' } });
            at.continue();
          };
          change.oncomplete = () => {
            base.close();
            done();
          };
        };
      }),
  );
  await desk.page.reload();
  await expect(row(/^2 of 3, 2, Damaged/)).toBeAttached();
  await focus(/^2 of 3/);
  await desk.page.keyboard.press('Enter');
  await expect(row(/^2 of 3, 2, .*Saved, 4\d/)).toBeAttached();
});
