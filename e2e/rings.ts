import { expect, type Desk } from './desk';

/** What the picture in Live shows of the focus and of controls. */

/** Every menu by keys, pad, pointer and touch; options that are kept; keys that players choose; the focus led by hand. */

/** The words of the picture that are in view, with where they stand in it, 0 to 1. */
export const standing = (desk: Desk) =>
  desk.game.evaluate((host) => {
    const frame = host.getBoundingClientRect();
    return [...host.shadowRoot!.querySelectorAll('text')].map((node) => {
      const box = node.getBoundingClientRect();
      return {
        words: node.textContent ?? '',
        x: (box.x + box.width / 2 - frame.x) / frame.width,
        y: (box.y + box.height / 2 - frame.y) / frame.height,
      };
    });
  });

/** Where the ring of the focus is in the picture, 0 to 1; null where none is drawn. */
export const ring = (desk: Desk) =>
  desk.game.evaluate((host) => {
    const frame = host.getBoundingClientRect();
    const found = host.shadowRoot!.querySelector('svg rect[fill="none"]')?.getBoundingClientRect();
    return found
      ? { top: (found.top - frame.top) / frame.height, bottom: (found.bottom - frame.top) / frame.height }
      : null;
  });

export async function pointOf(desk: Desk, words: string): Promise<[number, number]> {
  let at: [number, number] | undefined;
  await expect
    .poll(async () => {
      const found = (await standing(desk)).filter((item) => item.words === words).at(-1);
      const box = (await desk.game.boundingBox())!;
      if (found) at = [box.x + found.x * box.width, box.y + found.y * box.height];
      return found !== undefined;
    })
    .toBe(true);
  return at!;
}

/** The words a row of options shows beside its name. */
export async function stateOf(desk: Desk, name: string): Promise<string | undefined> {
  const all = await standing(desk);
  for (const row of all.filter((item) => item.words === name).reverse()) {
    const beside = all.find((item) => item !== row && Math.abs(item.y - row.y) < 0.01 && item.x > row.x);
    if (beside) return beside.words;
  }
  return undefined;
}
