import { expect, test, type Desk } from './desk';

/** What the window looks like, measured: letters large enough, nothing cut without its whole, fields of a row alike. */

const SIZES = [
  { width: 1024, height: 768 },
  { width: 1280, height: 800 },
  { width: 1920, height: 1080 },
];
const PANES = ['Map', 'Grid', 'Lines', 'Values', 'Events', 'Input', 'Assets'];

/** What is wrong with what is seen now, each in words. */
const faults = (desk: Desk): Promise<string[]> =>
  desk.page.evaluate(() => {
    const found = new Set<string>();
    const seen = (node: Element): boolean => {
      const box = node.getBoundingClientRect();
      return box.width > 1 && box.height > 1 && !node.closest('[aria-hidden="true"], svg');
    };
    for (const node of document.querySelectorAll<HTMLElement>('body *')) {
      const words = [...node.childNodes]
        .filter(({ nodeType }) => nodeType === Node.TEXT_NODE)
        .map(({ textContent }) => textContent!.trim())
        .join('');
      if (words === '' || !seen(node)) continue;
      const style = getComputedStyle(node);
      // The map is seen from any distance; its names are measured where it is.
      const near = !node.closest('[aria-label="Map"] [style*="transform"]');
      if (near && parseFloat(style.fontSize) < 11) found.add(`small: ${words}`);
      const cut = style.textOverflow === 'ellipsis' && node.scrollWidth > node.clientWidth + 1;
      // As when the pointer comes over it.
      if (cut) node.dispatchEvent(new PointerEvent('pointerover', { bubbles: true }));
      if (near && cut && !node.closest('[title]')) found.add(`cut: ${words}`);
    }
    const fields = [...document.querySelectorAll<HTMLElement>('aside input, aside select')].filter(
      (node) => seen(node) && getComputedStyle(node).borderTopWidth !== '0px' && node.offsetWidth > 24,
    );
    for (const [i, one] of fields.entries())
      for (const other of fields.slice(i + 1)) {
        const [a, b] = [one.getBoundingClientRect(), other.getBoundingClientRect()];
        const row = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > a.height / 2;
        if (row && (Math.abs(a.top - b.top) > 1 || Math.abs(a.height - b.height) > 1))
          found.add(
            `uneven: ${one.getAttribute('aria-label') ?? one.id}, ${other.getAttribute('aria-label') ?? other.id}`,
          );
      }
    // A page that can be scrolled is scrolled by whatever brings something into view.
    const { scrollHeight, scrollWidth } = document.documentElement;
    if (scrollHeight > innerHeight || scrollWidth > innerWidth)
      found.add(`the page can be scrolled: ${scrollWidth} × ${scrollHeight}`);
    return [...found];
  });

for (const colorScheme of ['light', 'dark'] as const)
  test.describe(() => {
    test.use({ colorScheme, apart: true });
    test(`no letter is too small, nothing is cut without its whole, fields of a row are alike: ${colorScheme}`, async ({
      desk,
    }) => {
      test.setTimeout(180_000);
      const all: string[] = [];
      for (const size of SIZES) {
        const look = async (what: string): Promise<void> => {
          for (const fault of await faults(desk)) all.push(`${what}, ${size.width} wide: ${fault}`);
        };
        await desk.page.setViewportSize(size);
        for (const pane of PANES) {
          await desk.page.getByRole('tab', { name: pane, exact: true }).click();
          await expect(desk.page.getByRole('tabpanel', { name: pane })).not.toBeEmpty();
          await look(pane);
        }
        await desk.page.getByRole('tab', { name: 'Map' }).click();
        await desk.held('Pause');
        await look('a screen');
        await desk.reading
          .getByRole('region', { name: 'Elements' })
          .getByRole('button', { name: /^Options/ })
          .click();
        for (const title of ['Anchors', 'Opacity', 'Animations', 'Focus links', 'Notes'])
          await desk.unfold(title);
        await look('an element');
        await desk.openDock('Devices');
        await desk.openDock('Screen sizes');
        await look('all of the dock');
        await desk.page.getByTitle('Projects').click();
        await expect(desk.page.getByRole('dialog', { name: 'Projects' })).toBeVisible();
        await look('projects');
        await desk.page.keyboard.press('Escape');
        await desk.readProject();
      }
      expect(all).toEqual([]);
    });
  });
