import { expect, type Locator, type Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { openProject } from '../packages/core/src/exchange/bundle';
import { compile } from '../packages/core/src/compile';
import type { Project } from '../packages/core/src/model';
import { writeProject } from '../packages/core/src/schema';

/** A held screen under the hand: points are design pixels. */
export interface Held {
  press: (x: number, y: number) => Promise<void>;
  drag: (from: [number, number], to: [number, number]) => Promise<void>;
  key: (key: string) => Promise<void>;
}

/** A designer at the window: what they see and reach for, by role and name. */
export class Desk {
  readonly page: Page;
  /** A test that breaks the policy on purpose says so. */
  expectsFaults = false;
  constructor(page: Page) {
    this.page = page;
  }

  get live(): Locator {
    return this.page.getByRole('region', { name: 'Live' });
  }
  get map(): Locator {
    return this.page.getByRole('region', { name: 'Map' });
  }
  get reading(): Locator {
    return this.page.getByRole('complementary', { name: 'Reading' });
  }
  get time(): Locator {
    return this.page.getByRole('region', { name: 'Time' });
  }
  get game(): Locator {
    return this.page.getByRole('application', { name: 'The game' });
  }
  get editing(): Locator {
    return this.page.getByRole('application', { name: /^Editing/ });
  }
  /** What stands below the game: the log, its events, input, sizes, the language. */
  get dock(): Locator {
    return this.page.getByRole('region', { name: 'Below the game' });
  }
  /** Opens a part of the dock, if it is not open. */
  async openDock(name: 'Time' | 'Log' | 'Game events' | 'Devices' | 'Screen sizes'): Promise<Locator> {
    const part = this.dock.getByRole('region', { name, exact: true });
    if ((await part.count()) === 0) await this.dock.getByRole('button', { name, exact: true }).click();
    return part;
  }
  get log(): Locator {
    return this.dock.getByRole('list', { name: 'Log' });
  }
  get asking(): Locator {
    return this.page.getByRole('form', { name: 'Where should this lead?' });
  }
  /** The note of a key that led nowhere. */
  get unusedKey(): Locator {
    return this.live.getByRole('status', { name: 'Unused key' });
  }
  /** Says where a key that was noted as leading nowhere should lead. */
  async askAboutKey(key: string): Promise<void> {
    await expect(this.unusedKey.getByText(`${key} leads nowhere.`)).toBeVisible();
    await this.page.keyboard.press('Shift+Enter');
    await expect(this.asking).toContainText(`When ${key} goes down,`);
  }
  /** The field of the picker that is open. */
  get typing(): Locator {
    return this.page.getByRole('dialog').getByRole('combobox');
  }
  /** A passing word of the window, as it is seen, over a dialog too; it is also read out, from elsewhere on the page. */
  word(text: string | RegExp): Locator {
    return this.page.getByRole('listitem', { name: 'Word', includeHidden: true }).getByText(text);
  }
  card(name: string): Locator {
    return this.map.getByRole('button', {
      name: new RegExp(`^${name}, (base|overlay|notice|HUD|not made)`),
    });
  }
  /** Chooses a card, wherever it is on the map; the keyboard brings it into view. */
  async choose(name: string, modifiers: ('Shift' | 'Control')[] = []): Promise<void> {
    await this.card(name).focus();
    // The map pans by itself; a click before that would have the browser scroll it as well.
    await expect(this.card(name)).toBeInViewport({ ratio: 0.5 });
    await this.card(name).click({ modifiers });
  }
  sentence(words: string | RegExp): Locator {
    return this.reading.getByRole('group', { name: words });
  }

  get defaults(): Locator {
    return this.reading.getByRole('region', { name: 'Default motion' });
  }

  /** Nothing chosen: the whole project is read. */
  async readProject(): Promise<void> {
    await this.reading.getByRole('button', { name: /^(Base|Overlay|Notice|HUD)$/ }).click();
    await expect(this.defaults).toBeVisible();
  }

  /** Chooses a sentence without pressing any of its blanks. */
  async chooseSentence(words: RegExp): Promise<void> {
    await this.sentence(words).click({ position: { x: 4, y: 8 } });
  }

  /** `first`: as somebody who has never been here, with the notes of the first time. */
  async open(first = false): Promise<void> {
    // Frames without storage of their own show no notes.
    const away = { content: `try { localStorage.setItem('tavu first notes', 'gone') } catch {}` };
    if (!first) await this.page.addInitScript(away);
    await this.page.goto('/');
    // A busy machine may take its time over the first page.
    await expect(this.live).toBeVisible({ timeout: 60_000 });
  }

  /** What is up, base first, as the window says it; but for the demo's objective line, which stands through the watch. */
  async expectUp(...names: string[]): Promise<void> {
    const up = this.live.getByRole('status', { name: 'Up now' });
    await expect.poll(async () => (await up.innerText()).replace(', Objective', '')).toBe(names.join(', '));
  }

  /** A new project of the given screens, begun from the dialog. */
  async begin(more: string[] = [], without: string[] = []): Promise<void> {
    await this.page.getByTitle('Projects').click();
    const form = this.page.getByRole('form', { name: 'New project' });
    for (const name of without) await form.getByRole('checkbox', { name, exact: true }).uncheck();
    if (more.length > 0) await form.getByRole('textbox', { name: /^More/ }).fill(more.join('\n'));
    await form.getByRole('button', { name: 'Make it and run it' }).click();
    await expect(this.page.getByTitle('Projects')).toHaveText(/^My game/);
    // It runs, and the keyboard is in it.
    await expect(this.game).toBeFocused();
  }

  /** A project made for a test, opened as a file. */
  async openMade(project: Project): Promise<void> {
    expect(() => compile(project)).not.toThrow();
    await this.page.getByTitle('Projects').click();
    await this.page.getByLabel('Project file').setInputFiles({
      name: 'made.json',
      mimeType: 'application/json',
      buffer: Buffer.from(writeProject(project)),
    });
    await expect(this.page.getByTitle('Projects')).toHaveText(project.name);
  }

  /** Chooses a screen and plays from it, with the keyboard in the game. */
  async playFrom(name: string): Promise<void> {
    await this.choose(name);
    // What comes with being held moves what stands under it.
    await expect(this.live.getByRole('toolbar', { name: 'Put on the screen' })).toBeVisible();
    await this.live.getByRole('button', { name: 'Start here' }).click();
    await this.takeInHand();
    await this.settled();
  }

  async takeInHand(): Promise<void> {
    await this.game.focus();
    await expect(this.live.getByText('In hand:')).toBeVisible();
  }

  /** Run time in tenths of a second. */
  async clock(name: 'Run clock' | 'Game clock' = 'Run clock'): Promise<number> {
    const text = await this.live.getByRole('group', { name }).innerText();
    const [, minutes, seconds, tenths] = /(\d\d):(\d\d)\.(\d)/.exec(text)!;
    return (Number(minutes) * 60 + Number(seconds)) * 10 + Number(tenths);
  }

  /** Waits until the run's own clock has gone on by so many tenths of a second; told by the page, so that nothing is asked meanwhile. */
  async runFor(tenths: number): Promise<void> {
    const clock = this.live.getByRole('group', { name: 'Run clock' });
    await clock.evaluate((shown, more) => {
      const now = (): number => {
        const [, minutes, seconds, tenth] = /(\d\d):(\d\d)\.(\d)/.exec(shown.textContent ?? '')!;
        return (Number(minutes) * 60 + Number(seconds)) * 10 + Number(tenth);
      };
      const until = now() + more;
      return new Promise<void>((done) => {
        const look = (): boolean => now() >= until && (done(), true);
        const watch = new MutationObserver(() => look() && watch.disconnect());
        watch.observe(shown, { subtree: true, childList: true, characterData: true });
        if (look()) watch.disconnect();
      });
    }, tenths);
  }

  /** Listens to what the page is asked to sound from the next opening on; the machine need not have a loudspeaker. */
  async listen(): Promise<void> {
    await this.page.addInitScript(() => {
      const heard: HTMLAudioElement[] = [];
      Object.assign(window, { heard });
      globalThis.Audio = class extends Audio {
        constructor(address?: string) {
          super(address);
          heard.push(this);
        }
      };
    });
  }
  /** The music that plays now. */
  async music(): Promise<{ address: string; volume: number }[]> {
    return this.page.evaluate(() =>
      (window as unknown as { heard: HTMLAudioElement[] }).heard
        .filter((node) => node.loop && !node.paused)
        .map((node) => ({ address: node.src, volume: node.volume })),
    );
  }

  /** Waits out any transition. */
  async settled(): Promise<void> {
    await this.runFor(8);
  }

  async speed(name: string): Promise<void> {
    await this.live.getByRole('combobox', { name: 'Speed' }).selectOption({ label: name });
  }

  /** The game says something; what comes with it is filled in by name. */
  async say(event: string, fields?: Record<string, string>): Promise<void> {
    if (!fields) return this.dock.getByRole('button', { name: event, exact: true }).click();
    await this.dock.getByRole('button', { name: `${event} …` }).click();
    const sheet = this.page.getByRole('dialog', { name: `What comes with ${event}` });
    for (const [name, value] of Object.entries(fields))
      await sheet.getByRole('textbox', { name }).fill(value);
    await sheet.getByRole('button', { name: 'Say it' }).click();
  }

  /** A field of the reading column, by its very name. */
  field(name: string): Locator {
    return this.reading.getByRole('textbox', { name, exact: true });
  }
  /** Opens a group of the right column, if it is folded. */
  async unfold(title: string): Promise<void> {
    const group = this.reading.getByRole('button', { name: title, exact: true });
    if ((await group.getAttribute('aria-expanded')) === 'false') await group.click();
  }
  async fillIn(name: string, value: string): Promise<void> {
    await this.field(name).fill(value);
    await this.field(name).press('Enter');
  }

  /** Lets the text on the loading screen go through frames, and gives the list of them. */
  async textFrames(): Promise<Locator> {
    await this.begin();
    await this.choose('Loading');
    await this.reading
      .getByRole('region', { name: 'Elements' })
      .getByRole('button', { name: /text/ })
      .first()
      .click();
    await this.reading.getByRole('button', { name: 'Make it a text sequence' }).click();
    return this.reading.getByRole('region', { name: 'Text sequence' });
  }

  /** Chooses a screen, which is held then, and gives what helps to press and drag on it in design pixels. */
  async held(screen: string): Promise<Held> {
    await this.choose(screen);
    await expect(this.editing).toBeVisible();
    const at = async (x: number, y: number): Promise<[number, number]> => {
      const box = (await this.editing.boundingBox())!;
      return [box.x + (x / 1920) * box.width, box.y + (y / 1080) * box.height];
    };
    const { mouse } = this.page;
    return {
      press: async (x, y) => mouse.click(...(await at(x, y))),
      drag: async (from, to) => {
        await mouse.move(...(await at(...from)));
        await mouse.down();
        await mouse.move(...(await at((from[0] + to[0]) / 2, (from[1] + to[1]) / 2)));
        await mouse.move(...(await at(...to)), { steps: 4 });
        await mouse.up();
      },
      key: (key) => this.editing.press(key),
    };
  }

  /** What the picture in Live says. */
  async words(): Promise<string[]> {
    return this.game.evaluate((host) =>
      [...host.shadowRoot!.querySelectorAll('text')].map((node) => node.textContent ?? ''),
    );
  }

  /** Brings files into the project, and stays with its assets. */
  async bringIn(files: { name: string; mimeType: string; buffer: Buffer }[]): Promise<void> {
    await this.page.getByRole('tab', { name: 'Assets' }).click();
    const chooser = this.page.waitForEvent('filechooser');
    await this.page
      .getByRole('region', { name: 'Assets' })
      .getByRole('button', { name: 'Import files' })
      .click();
    await (await chooser).setFiles(files);
  }

  async kept(): Promise<void> {
    await expect(this.page.locator('[data-state="kept"]')).toBeVisible();
  }

  async undo(): Promise<void> {
    await this.page.getByRole('button', { name: 'Undo' }).click();
  }

  /** Fills a blank of the chosen sentence by typing into its picker. */
  async fill(sentence: Locator, blank: string, typed: string, choice?: string | RegExp): Promise<void> {
    await sentence.getByRole('button', { name: blank, exact: true }).click();
    await this.typing.fill(typed);
    if (choice) await this.page.getByRole('dialog').getByRole('option', { name: choice }).first().click();
    else await this.page.keyboard.press('Enter');
  }

  async download(press: () => Promise<void>): Promise<{ name: string; bytes: Buffer; path: string }> {
    const [file] = await Promise.all([this.page.waitForEvent('download'), press()]);
    const path = await file.path();
    return { name: file.suggestedFilename(), bytes: await readFile(path), path };
  }

  /** The project as it would be saved now. */
  async saved(): Promise<Project> {
    const { bytes } = await this.exportAs(/The project as a file/);
    const opened = await openProject(bytes);
    if ('problems' in opened) throw new Error('What was saved cannot be opened.');
    return opened.project;
  }

  async exportAs(what: RegExp): Promise<{ name: string; bytes: Buffer; path: string }> {
    return this.download(async () => {
      await this.page.getByRole('button', { name: 'Export' }).click();
      await this.page.getByRole('menuitem', { name: what }).click();
    });
  }
}
