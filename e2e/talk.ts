import { expect, type Desk } from './desk';

/** What is at hand in the Lines pane, and what the picture says. */

export const lines = (desk: Desk) => desk.page.getByRole('region', { name: 'Lines' });
export const page = (desk: Desk) => lines(desk).getByRole('list', { name: /^Steps of/ });
export const said = (desk: Desk) => page(desk).getByRole('textbox', { name: 'What is said' });
export const openLines = (desk: Desk) => desk.page.getByRole('tab', { name: 'Lines' }).click();
export const part = (desk: Desk, name: string) =>
  lines(desk).getByRole('radiogroup', { name: 'What is written' }).getByRole('radio', { name }).click();
/** All that the picture says, as one. */
const picture = async (desk: Desk): Promise<string> => (await desk.words()).join(' ');
export const expectSaid = (desk: Desk, words: string | RegExp) =>
  expect.poll(() => picture(desk), { timeout: 30_000 }).toMatch(words);
export const expectUnsaid = (desk: Desk, words: RegExp) =>
  expect.poll(() => picture(desk), { timeout: 30_000 }).not.toMatch(words);

/** Puts a step in at the end, by its name. */
export async function addStep(desk: Desk, name: string): Promise<void> {
  await lines(desk).getByRole('button', { name: 'Another step …' }).click();
  const picker = desk.page.getByRole('dialog', { name: 'Another step' });
  await picker.getByRole('combobox').fill(name);
  await picker
    .getByRole('option', { name: new RegExp(`^${name} `) })
    .first()
    .click();
}
