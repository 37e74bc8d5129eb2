import type { Input } from '@tavu/core/run';

/** How far a stick must go to count as a direction, and how far back until it no longer does. */
const PUSHED = 0.55;
const LET_GO = 0.4;
/** Milliseconds until a held direction repeats, and between repeats. */
const REPEAT_AFTER = 420;
const REPEAT_EVERY = 130;

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

/** Turns readings of a pad (W3C Gamepad, standard mapping) into presses; the left stick counts as the direction buttons. */
export class PadReader {
  #down = new Map<number, number>();
  /** Held since before a release; they count again once they have come up. */
  #ignored = new Set<number>();

  /** `now` in milliseconds. A reading of null is a pad that is gone: all its buttons come up. */
  read(pad: PadReading | null, now: number): Input[] {
    const pressed = new Set<number>();
    pad?.buttons.forEach((button, i) => button.pressed && pressed.add(i));
    for (const { button, axis, sign } of STICK) {
      const limit = this.#down.has(button) ? LET_GO : PUSHED;
      if (pad && (pad.axes[axis] ?? 0) * sign > limit) pressed.add(button);
    }
    for (const button of this.#ignored) if (!pressed.delete(button)) this.#ignored.delete(button);
    const inputs: Input[] = [];
    for (const button of this.#down.keys())
      if (!pressed.has(button)) {
        this.#down.delete(button);
        inputs.push({ type: 'pad', button, phase: 'up' });
      }
    for (const button of pressed) {
      const due = this.#down.get(button);
      if (due === undefined) {
        this.#down.set(button, now + REPEAT_AFTER);
        inputs.push({ type: 'pad', button, phase: 'down' });
      } else if (button >= 12 && now >= due) {
        this.#down.set(button, now + REPEAT_EVERY);
        inputs.push({ type: 'pad', button, phase: 'down', repeat: true });
      }
    }
    return inputs;
  }

  /** Lets everything come up, as when the game is stopped while buttons are down. */
  release(): Input[] {
    const buttons = [...this.#down.keys()];
    this.#down.clear();
    for (const button of buttons) this.#ignored.add(button);
    return buttons.map((button) => ({ type: 'pad', button, phase: 'up' }));
  }
}
