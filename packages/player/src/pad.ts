import type { Input } from '@tavu/core/run';

/** How far a stick must go to count as a direction, and how far back until it no longer does, 0 to 1. */
export interface Stick {
  pushed: number;
  rest: number;
}
export const USUAL_STICK: Stick = { pushed: 0.55, rest: 0.4 };

const STICK: { button: number; axis: 0 | 1; sign: 1 | -1 }[] = [
  { button: 12, axis: 1, sign: -1 },
  { button: 13, axis: 1, sign: 1 },
  { button: 14, axis: 0, sign: -1 },
  { button: 15, axis: 0, sign: 1 },
];

export interface PadReading {
  buttons: readonly { pressed: boolean }[];
  axes: readonly number[];
}

/**
 * Turns readings of a pad (W3C Gamepad, standard mapping) into presses; the left stick counts as the direction
 * buttons.
 */
export class PadReader {
  readonly #down = new Set<number>();
  /** Held since before everything was released; they count again once they have come up. */
  readonly #ignored = new Set<number>();

  /** What has changed since the last reading. One of null is a pad that is gone: all its buttons come up. */
  read(pad: PadReading | null, stick: Stick = USUAL_STICK): (Input & { type: 'pad' })[] {
    const pressed = new Set<number>();
    pad?.buttons.forEach((button, i) => button.pressed && pressed.add(i));
    for (const { button, axis, sign } of STICK) {
      const limit = this.#down.has(button) ? Math.min(stick.rest, stick.pushed) : stick.pushed;
      if (pad && (pad.axes[axis] ?? 0) * sign > limit) pressed.add(button);
    }
    for (const button of this.#ignored) if (!pressed.delete(button)) this.#ignored.delete(button);
    const inputs: (Input & { type: 'pad' })[] = [];
    for (const button of this.#down)
      if (!pressed.has(button)) {
        this.#down.delete(button);
        inputs.push({ type: 'pad', button, phase: 'up' });
      }
    for (const button of pressed)
      if (!this.#down.has(button)) {
        this.#down.add(button);
        inputs.push({ type: 'pad', button, phase: 'down' });
      }
    return inputs;
  }

  /** Releases everything, as when the game is stopped while buttons are down. */
  release(): Input[] {
    const buttons = [...this.#down];
    this.#down.clear();
    for (const button of buttons) this.#ignored.add(button);
    return buttons.map((button) => ({ type: 'pad', button, phase: 'up' }));
  }
}
