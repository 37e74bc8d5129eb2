import { laySaid } from '../packages/core/src/lettering';
import { blankProject, type Element, type Project } from '../packages/core/src/model';
import { projectOf, screenOf } from '../packages/core/src/test/flows';
import { expect, test, type Desk } from './desk';
import { plugIn } from './hands';

/** Words within a text that look otherwise, and pictures and keys among them. */

const words = (desk: Desk) => desk.reading.getByRole('textbox', { name: 'Text', exact: true });
/** Chooses some of the words that are typed. */
const chooseWords = (desk: Desk, said: string): Promise<void> =>
  words(desk).evaluate((field, part) => {
    const area = field as HTMLTextAreaElement;
    const from = area.value.indexOf(part);
    area.focus();
    area.setSelectionRange(from, from + part.length);
  }, said);
const pick = async (desk: Desk, typed: string): Promise<void> => {
  await desk.reading.getByRole('button', { name: 'Mark or put in' }).click();
  await desk.page.getByRole('combobox', { name: 'Mark or put in' }).fill(typed);
  await desk.page.keyboard.press('Enter');
  await expect(words(desk)).toBeFocused();
};

test('words are made bold and coloured at one press, and a picture and a key stand among them', async ({
  desk,
}) => {
  await desk.choose('Dawn');
  await desk.reading.getByRole('region', { name: 'Elements' }).getByRole('button', { name: /^Line/ }).click();
  await words(desk).fill('Press to bank the lamp');
  await chooseWords(desk, 'the lamp');
  await desk.page.keyboard.press('Control+b');
  await expect(words(desk)).toHaveValue('Press to bank [bold]the lamp[/]');
  await pick(desk, 'brass');
  await expect(words(desk)).toHaveValue('Press to bank [bold][colour Brass]the lamp[/][/]');
  await chooseWords(desk, ' to');
  await words(desk).press('ArrowLeft');
  await words(desk).press('Space');
  await pick(desk, 'confirm');
  await expect(words(desk)).toHaveValue('Press {confirm} to bank [bold][colour Brass]the lamp[/][/]');
  await expect.poll(() => desk.words()).toContain('the lamp');
  await expect.poll(() => desk.words()).toContain('Enter');
  await desk.reading.getByRole('button', { name: 'Take the marks off' }).click();
  await words(desk).press('Control+a');
  await desk.reading.getByRole('button', { name: 'Take the marks off' }).click();
  await expect(words(desk)).toHaveValue('Press {confirm} to bank the lamp');
  await desk.undo();
  await expect(words(desk)).toHaveValue(/\[bold\]/);
  // A colour that is called otherwise goes on being meant; one that is not there is told of.
  await words(desk).fill('The [colour Copper]lamp[/]');
  await expect(desk.reading).toContainText(
    'It is marked with the colour “Copper”, and there is none called that.',
  );
});

const SAID =
  'Hold [bold]both lamps[/] and [bold]wait[/] for [colour Brass]Ines[/]: press {confirm} with the [picture Oil can] in hand, [italic]slowly[/], AV [size 150%]To[/] go on';
const LOOK = { font: 'plain', weight: 400, size: 40, line: 1.3 } as const;

/** A project with one screen that says it, at once and letter by letter. */
function saying(): Project {
  const place = (y: number): Element['place'] => ({
    x: { at: 'start', offset: 100, size: 900 },
    y: { at: 'start', offset: y, size: 300 },
  });
  const look = { style: 't-body', ...LOOK };
  const of = (id: string, type: 'text' | 'spoken', y: number): Element => ({
    id,
    name: id,
    type,
    parent: null,
    place: place(y),
    text: SAID,
    look,
  });
  const picture = { id: 'a-can', name: 'Oil can', media: 'image/svg+xml', width: 64, height: 64, bytes: 300 };
  const made = projectOf(
    [screenOf('Sill', { elements: [of('whole', 'text', 100), of('typed', 'spoken', 500)] })],
    [],
  );
  return {
    ...made,
    name: 'Sill',
    assets: [picture],
    styles: { ...blankProject('x').styles, colours: [{ id: 'c', name: 'Brass', colour: '#d9a441' }] },
  };
}

test('two bold words, a coloured one, a picture and a key break alike in core and Chromium, to half a pixel', async ({
  desk,
}) => {
  const project = saying();
  await desk.openMade(project);
  await desk.playFrom('Sill');
  await expect.poll(() => desk.words()).toContain('slowly');
  const measured = await desk.game.evaluate((host) => {
    const nodes = [...host.shadowRoot!.querySelectorAll<SVGTextElement>('text[style*="white-space"]')];
    return nodes.map((node) => ({
      words: node.textContent!,
      width: node.getComputedTextLength(),
      y: Number(node.getAttribute('y')),
    }));
  });
  const said = SAID.replace('{confirm}', '[key Enter]');
  const { lines } = laySaid(project, said, LOOK, { width: 900, height: 300 });
  const expected = lines.flatMap(({ runs = [] }) =>
    runs.flatMap(({ run, words: part, width }) => (run.inset ? [] : [{ words: part, width }])),
  );
  expect(lines.length).toBeGreaterThan(1);
  // The whole text comes first, and then what is typed of it.
  const whole = measured.slice(0, expected.length);
  expect(whole.map(({ words: part }) => part)).toEqual(expected.map(({ words: part }) => part));
  const off = whole.filter(({ width }, i) => Math.abs(width - expected[i]!.width) > 0.5);
  expect(off).toEqual([]);
});

test('the key among words is that of the device in hand, and letters come one by one with what stands among them', async ({
  desk,
}) => {
  const pad = await plugIn(desk.page);
  await desk.openMade(saying());
  await desk.playFrom('Sill');
  await expect.poll(() => desk.words()).toContain('Enter');
  // All of it is there in the end: each stretch twice.
  await expect
    .poll(async () => (await desk.words()).filter((part) => part === 'slowly').length, { timeout: 15_000 })
    .toBe(2);
  await pad.press(13);
  await expect.poll(() => desk.words()).not.toContain('Enter');
  await desk.page.keyboard.press('ArrowDown');
  await expect.poll(() => desk.words()).toContain('Enter');
});

test('what is pressed beneath a text with its bar is pressed, though the bar goes', async ({ desk }) => {
  await desk.choose('Dawn');
  await desk.reading.getByRole('region', { name: 'Elements' }).getByRole('button', { name: /^Line/ }).click();
  await words(desk).click();
  const bar = desk.reading.getByRole('group', { name: 'Marks' });
  await expect(bar.first()).toBeVisible();
  const button = desk.reading.getByRole('button', { name: 'Make it a text sequence' });
  const box = (await button.boundingBox())!;
  // Where it is before the bar goes.
  await desk.page.mouse.move(box.x + box.width / 2, box.y + box.height - 2);
  await desk.page.mouse.down();
  await desk.page.mouse.up();
  await expect(desk.reading.getByRole('region', { name: 'Text sequence' })).toBeVisible();
});
