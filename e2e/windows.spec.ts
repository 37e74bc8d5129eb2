import type { BrowserContext, Page } from '@playwright/test';
import { Desk, expect, test } from './desk';

/** Two windows on one project: whatever one does and then the other, nothing is lost and nothing is said that is not so. */

const ACTS = ['rename', 'edit', 'picture', 'delete', 'close'] as const;
type Act = (typeof ACTS)[number];

/** What there must be to be seen, in every window and in the store. */
interface Shown {
  project: string;
  screen: string;
  pictures: string[];
}

const stored = (page: Page): Promise<(Shown & { bytes: string[] })[]> =>
  page.evaluate(async () => {
    const base = await new Promise<IDBDatabase>((done, failed) => {
      const opening = indexedDB.open('tavu');
      opening.onsuccess = () => done(opening.result);
      opening.onerror = () => failed(opening.error);
    });
    const all = <T>(store: string, read: 'getAll' | 'getAllKeys') =>
      new Promise<T[]>((done) => {
        const asked = base.transaction(store).objectStore(store)[read]();
        asked.onsuccess = () => done(asked.result as T[]);
      });
    type Named = { id: string; name: string };
    const projects = await all<Named & { screens: Named[]; assets: Named[] }>('projects', 'getAll');
    const keys = await all<[string, string]>('assets', 'getAllKeys');
    base.close();
    return projects.map(({ id, name, screens, assets }) => ({
      project: name,
      screen: screens.find((screen) => screen.id === 's-credits')?.name ?? '',
      pictures: assets.map((asset) => asset.name).filter((value) => value.startsWith('Fog')),
      bytes: assets
        .filter((asset) => keys.some(([of, key]) => of === id && key === asset.id))
        .map((asset) => asset.name),
    }));
  });

class Windows {
  /** Windows that have the project open, the writer first. */
  open: Desk[] = [];
  readonly shown: Shown = { project: 'Saltwick Light', screen: 'Credits', pictures: [] };
  readonly #context: BrowserContext;
  readonly #faults: string[] = [];
  #n = 0;
  constructor(context: BrowserContext) {
    this.#context = context;
    context.on('weberror', (error) => this.#faults.push(error.error().message));
  }

  async end(): Promise<null> {
    expect(this.#faults).toEqual([]);
    await this.#context.close();
    return null;
  }

  async add(): Promise<void> {
    const desk = new Desk(await this.#context.newPage());
    await desk.open();
    // Games that play in every window would take the machine's time from what is looked at here.
    await desk.live.getByRole('button', { name: 'Hold', exact: true }).click();
    this.open.push(desk);
    await this.expectAllShown();
  }

  /** Does something in one of the windows, and holds everything to what must be seen then. */
  async does(act: Act, desk: Desk): Promise<void> {
    const writes = desk === this.open[0];
    const n = ++this.#n;
    const { page } = desk;
    // Behind another, a window draws once a second.
    await page.bringToFront();
    switch (act) {
      case 'rename': {
        await desk.fillIn('The project’s name', `Light ${n}`);
        if (writes) this.shown.project = `Light ${n}`;
        break;
      }
      case 'edit': {
        await desk.choose(this.shown.screen);
        await desk.fillIn('Name', `Thanks ${n}`);
        if (writes) this.shown.screen = `Thanks ${n}`;
        break;
      }
      case 'picture': {
        const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><title>${n}</title></svg>`;
        await desk.bringIn([{ name: `Fog ${n}.svg`, mimeType: 'image/svg+xml', buffer: Buffer.from(svg) }]);
        if (writes) this.shown.pictures.push(`Fog ${n}`);
        break;
      }
      case 'delete':
        return this.#deletes(desk);
      case 'close':
        await page.close();
        this.open = this.open.filter((other) => other !== desk);
        return this.expectAllShown();
    }
    if (!writes) await expect(desk.word(/Change it there/)).toBeVisible();
    await this.expectAllShown();
  }

  /** Only from another project can one be deleted, so that this window goes to one and comes back. */
  async #deletes(desk: Desk): Promise<void> {
    const { page } = desk;
    const { project } = this.shown;
    await desk.begin();
    this.open = this.open.filter((other) => other !== desk);
    await this.expectAllShown();
    await page.bringToFront();
    await page.getByTitle('Projects').click();
    const kept = page.getByRole('region', { name: 'Kept in this browser' });
    await kept.getByRole('button', { name: `Delete ${project}` }).click();
    if (this.open.length > 0) {
      await expect(desk.word(/is open in another window. Close it there first/)).toBeVisible();
      await this.expectAllShown();
      await kept.getByRole('button', { name: new RegExp(`^${project} \\d+ screens`) }).click();
      this.open.push(desk);
      await this.expectAllShown();
    } else {
      await expect(kept.getByText(`“${project}” is deleted.`)).toBeVisible();
      await expect(kept.getByRole('listitem')).toHaveCount(1);
      expect((await stored(page)).map((item) => item.project)).not.toContain(project);
    }
  }

  /** One window says it keeps it, the others that they follow; all show the same, and so does the store. */
  async expectAllShown(): Promise<void> {
    const { project, screen, pictures } = this.shown;
    for (const [i, { page }] of this.open.entries()) {
      await page.bringToFront();
      if (i === 0) await expect(page.locator('[data-state="kept"]')).toBeVisible();
      else await expect(page.getByText('open in another window, following it')).toBeVisible();
      await expect(page.getByTitle('Projects')).toHaveText(project);
      if (pictures.length > 0) await page.getByRole('tab', { name: 'Assets' }).click();
      for (const picture of pictures)
        await expect(page.getByRole('textbox', { name: `Name of ${picture}`, exact: true })).toBeVisible();
      await page.getByRole('tab', { name: 'Map' }).click();
      await expect(new Desk(page).card(screen)).toBeVisible();
    }
    const [any] = this.open;
    if (!any) return;
    const kept = (await stored(any.page)).find((item) => item.project === project)!;
    expect(kept).toMatchObject({ screen, pictures });
    for (const picture of pictures) expect(kept.bytes).toContain(picture);
  }
}

/** What a follower does to the project is refused; what comes after is as if nothing had been done. */
const FIRST = [
  ...ACTS.map((act) => ['the writer', act] as const),
  ['the follower', 'delete'],
  ['the follower', 'close'],
] as const;

for (const [who, first] of FIRST)
  test(`first ${who} does this, then the other anything: ${first}`, async ({ browser }) => {
    test.setTimeout(300_000);
    let windows: Windows | null = null;
    for (const second of ACTS) {
      windows ??= new Windows(await browser.newContext());
      while (windows.open.length < 2) await windows.add();
      const [a, b] = windows.open as [Desk, Desk];
      const [one, two] = who === 'the writer' ? [a, b] : [b, a];
      await windows.does(first, one);
      await windows.does(second, two);
      if (windows.open.length === 0) windows = await windows.end();
    }
    await windows?.end();
  });
