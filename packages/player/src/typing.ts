import { takerNow } from '@tavu/core/run';
import type { Stage } from './stage';

/**
 * While a text entry of the game has the keyboard, a field of the page that nobody sees takes what is typed, so that the system's
 * own ways of writing work: dead keys, input methods, a phone's keyboard, pasting.
 */
export class Typing {
  readonly #stage: Stage;
  readonly #root: ShadowRoot;
  #field: HTMLInputElement | null = null;

  constructor(stage: Stage, root: ShadowRoot) {
    this.#stage = stage;
    this.#root = root;
  }

  get active(): boolean {
    return this.#field !== null;
  }

  /** Puts the field there, or takes it away, as the run has it. */
  follow(): void {
    const { flow, state, host } = this.#stage;
    const taker = state.inputCapture === null || this.#stage.held ? null : takerNow(flow, { ...state });
    if (taker?.asksFor !== 'words') {
      const field = this.#field;
      if (!field) return;
      const had = this.#root.activeElement === field;
      // Removing it moves the focus, which calls this function again.
      this.#field = null;
      field.remove();
      if (had) host.focus({ preventScroll: true });
      return;
    }
    if (this.#field) {
      // Typed in another window that shows the same run.
      if (!host.ownerDocument.hasFocus()) this.#field.value = String(state.values[taker.value] ?? '');
      return;
    }
    const field = document.createElement('input');
    field.value = String(state.values[taker.value] ?? '');
    field.setAttribute('aria-label', taker.element.name);
    field.style.cssText =
      'position:absolute;left:0;bottom:0;width:1px;height:1px;opacity:0;border:0;padding:0';
    field.addEventListener('input', () => this.#stage.give({ type: 'text', text: field.value }));
    this.#root.append(field);
    this.#field = field;
    field.focus({ preventScroll: true });
  }
}
