import { padCode, padOf } from '@tavu/core/keys';
import { DIRECTIONS } from '@tavu/core/model';
import { ENDS_TYPING, bindingsNow, tabLeaves, takerNow, type Input } from '@tavu/core/run';
import { PadReader, USUAL_STICK, type Stick } from './pad';
import type { Stage } from './stage';
import { paceOf, Repeats } from './repeats';
import type { Typing } from './typing';

export interface HandsOptions {
  /** Where keys are listened to. */
  keys: HTMLElement | Window;
  /** Keys that stay with the page. */
  spares?: (event: KeyboardEvent) => boolean;
  /** Tab goes on to the rest of the page after the last thing that can have the focus. */
  tabLeaves?: boolean;
}

/** The keyboard and the first pad: what of them is the game's, and directions that repeat while they are held. */
export class Hands {
  readonly #stage: Stage;
  readonly #typing: Typing;
  readonly #options: HandsOptions;
  readonly #pad = new PadReader();
  readonly #down = new Set<string>();
  readonly #repeats = new Repeats();

  constructor(stage: Stage, typing: Typing, options: HandsOptions) {
    this.#stage = stage;
    this.#typing = typing;
    this.#options = options;
  }

  listen(signal: AbortSignal): void {
    const { keys } = this.#options;
    keys.addEventListener('keydown', (event) => this.#key(event as KeyboardEvent, 'down'), { signal });
    keys.addEventListener('keyup', (event) => this.#key(event as KeyboardEvent, 'up'), { signal });
  }

  /** What has happened on the pad, and directions that are due again; `now` in milliseconds. */
  follow(now: number): void {
    if (this.haveKeys()) this.#readPad(now);
    for (const code of this.#repeats.due(now, paceOf(this.#stage.flow.project))) this.#repeat(code);
  }

  /** The pad plays only while the host would get the keyboard; of two windows, only in the one that has it. */
  haveKeys(): boolean {
    const { host } = this.#stage;
    const { activeElement } = host.ownerDocument;
    if (this.#options.keys !== host) return this.#options.keys === window || host.ownerDocument.hasFocus();
    return activeElement === host && host.ownerDocument.hasFocus();
  }

  /** Everything that is down, as it comes up when the keyboard goes elsewhere. */
  release(): Input[] {
    const ups = [
      ...this.#pad.release(),
      ...[...this.#down].map((code): Input => ({ type: 'key', code, phase: 'up' })),
    ];
    this.#down.clear();
    this.#repeats.clear();
    return ups;
  }

  #readPad(now: number): void {
    const { project } = this.#stage.flow;
    const stick: Stick = {
      pushed: project.input?.stick ?? USUAL_STICK.pushed,
      rest: project.input?.rest ?? USUAL_STICK.rest,
    };
    for (const item of this.#pad.read(firstPad(), stick)) {
      const code = padCode(item.button);
      if (item.phase === 'up') this.#repeats.up(code);
      else if (this.#isDirection(code)) this.#repeats.down(code, now, paceOf(project));
      this.#stage.give(item);
    }
  }

  /** Directions repeat at the project's own pace, not at the system's. */
  #repeat(code: string): void {
    const pad = padOf(code);
    this.#stage.give(
      pad === null
        ? { type: 'key', code, phase: 'down', repeat: true }
        : { type: 'pad', button: pad, phase: 'down', repeat: true },
    );
  }

  #isDirection(code: string): boolean {
    const actions = bindingsNow(this.#stage.flow, this.#stage.state).get(code) ?? [];
    return actions.some((action) => (DIRECTIONS as readonly string[]).includes(action));
  }

  #key(event: KeyboardEvent, phase: 'down' | 'up'): void {
    const stage = this.#stage;
    if (stage.held || event.isComposing || this.#options.spares?.(event)) return;
    // Words that are typed are the field's; only what ends the typing is the game's.
    if (this.#typing.active && !ENDS_TYPING.has(event.code)) return;
    if (phase === 'down' ? !this.#isForGame(event) : !this.#down.has(event.code)) return;
    event.preventDefault();
    // The system's repeats are not the game's.
    if (event.repeat) return;
    if (phase === 'down') {
      this.#down.add(event.code);
      if (this.#isDirection(event.code))
        this.#repeats.down(event.code, performance.now(), paceOf(stage.flow.project));
    } else {
      this.#repeats.up(event.code);
      this.#down.delete(event.code);
    }
    stage.give({ type: 'key', code: event.code, phase, ...(event.shiftKey ? { shift: true } : {}) });
  }

  /**
   * What the game has bound, or asks a player to choose, is the game's; the page's and the system's own keys stay
   * theirs.
   */
  #isForGame(event: KeyboardEvent): boolean {
    const { code } = event;
    const { flow, state } = this.#stage;
    const bound = bindingsNow(flow, state);
    const has = (...codes: string[]): boolean => codes.some((other) => bound.has(other));
    const chooses = state.inputCapture !== null && takerNow(flow, { ...state })?.asksFor === 'a key';
    if (chooses || has(code)) {
      // With a modifier that the game has no use for it is the page's shortcut all the same.
      const page =
        (event.ctrlKey && !has('ControlLeft', 'ControlRight') && !code.startsWith('Control')) ||
        (event.altKey && !has('AltLeft', 'AltRight') && !code.startsWith('Alt')) ||
        (event.metaKey && !code.startsWith('Meta'));
      return !page;
    }
    if (MODIFIER.test(code) || /^F\d+$/.test(code)) return false;
    if (event.ctrlKey || event.metaKey || event.altKey) return false;
    return code !== 'Tab' || !this.#options.tabLeaves || !tabLeaves(flow, state, event.shiftKey);
  }
}

const MODIFIER = /^$|^(Shift|Control|Alt|Meta|OS|CapsLock|NumLock)/;

function firstPad(): Gamepad | null {
  return navigator.getGamepads?.().find((pad) => pad?.connected) ?? null;
}
