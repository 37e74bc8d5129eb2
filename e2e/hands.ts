import type { Page } from '@playwright/test';

/** Keys and pads, as a game takes them. */

/** A pad whose buttons are pressed by number, as the W3C's standard mapping counts them. */
export interface Pad {
  press: (button: number) => Promise<void>;
}

/**
 * Sends a key's up right after its down, without waiting for what the down does: on a busy machine a game would
 * otherwise take a direction to be held.
 */
export function pressAtOnce(keyboard: Page['keyboard']): void {
  const press = keyboard.press.bind(keyboard);
  keyboard.press = async (key, options) => {
    if (options?.delay !== undefined || key.includes('+')) return press(key, options);
    await Promise.all([keyboard.down(key), keyboard.up(key)]);
  };
}

/** Plugs in a pad with the standard mapping. */
export async function plugIn(page: Page): Promise<Pad> {
  await page.evaluate(() => {
    const buttons = Array.from({ length: 17 }, () => ({ pressed: false, touched: false, value: 0 }));
    const pad = { connected: true, mapping: 'standard', index: 0, id: 'test', axes: [0, 0, 0, 0], buttons };
    Object.assign(window, { testPad: pad });
    navigator.getGamepads = () => [pad as unknown as Gamepad];
  });
  const set = (button: number, pressed: boolean) =>
    page.evaluate(
      ([n, down]) => {
        const { testPad } = window as unknown as { testPad: { buttons: { pressed: boolean }[] } };
        testPad.buttons[n]!.pressed = down;
        return new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
      },
      [button, pressed] as const,
    );
  return {
    press: async (button) => {
      await set(button, true);
      await set(button, false);
    },
  };
}
