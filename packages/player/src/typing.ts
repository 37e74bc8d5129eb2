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
  /** What the run was told last that the field says. */
  #told = '';

  constructor(stage: Stage, root: ShadowRoot, signal: AbortSignal) {
    this.#stage = stage;
    this.#root = root;
    // The selection of a field is told to its document alone, in most browsers.
    stage.host.ownerDocument.addEventListener('selectionchange', () => this.#tell(), { signal });
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
      // A press on the game gives its host the keyboard, which is the field's while words are typed.
      const isHost = host.ownerDocument.activeElement === host;
      if (isHost && this.#root.activeElement !== this.#field) this.#field.focus({ preventScroll: true });
      // Typed in another window that shows the same run.
      if (!host.ownerDocument.hasFocus())
        this.#told = this.#field.value = String(state.values[taker.value] ?? '');
      return;
    }
    const field = document.createElement('input');
    field.value = String(state.values[taker.value] ?? '');
    this.#told = field.value;
    field.setAttribute('aria-label', taker.element.name);
    field.style.cssText =
      'position:absolute;left:0;bottom:0;width:1px;height:1px;opacity:0;border:0;padding:0';
    field.addEventListener('input', () => this.#tell());
    field.addEventListener('selectionchange', () => this.#tell());
    this.#root.append(field);
    this.#field = field;
    field.focus({ preventScroll: true });
  }

  /** Selects words from one place to another, where typing goes on; both in UTF-16 code units. */
  select(anchor: number, caret: number): void {
    const [from, to] = [Math.min(anchor, caret), Math.max(anchor, caret)];
    this.#field?.focus({ preventScroll: true });
    this.#field?.setSelectionRange(from, to, caret < anchor ? 'backward' : 'forward');
    this.#tell();
  }

  /** Selects the word at a place. */
  selectWord(at: number): void {
    const around = Array.from(words.segment(this.#field?.value ?? '')).filter(
      ({ index, segment }) => index <= at && at <= index + segment.length,
    );
    const found = around.find(({ isWordLike }) => isWordLike) ?? around[0];
    if (found) this.select(found.index, found.index + found.segment.length);
  }

  /** What is selected from, in UTF-16 code units. */
  get anchor(): number {
    return this.#stage.state.inputCapture?.words?.anchor ?? 0;
  }

  /** Tells the run what the field says, and what of it is selected. */
  #tell(): void {
    const field = this.#field;
    const now = this.#stage.state.inputCapture?.words;
    // Two windows that show the same run have a field each; the one that is typed in counts.
    if (!field || !now || this.#stage.held || this.#root.activeElement !== field) return;
    const { value: text, selectionStart, selectionEnd, selectionDirection } = field;
    const [from, to] = [selectionStart ?? text.length, selectionEnd ?? text.length];
    const [anchor, caret] = selectionDirection === 'backward' ? [to, from] : [from, to];
    if (text === this.#told && anchor === now.anchor && caret === now.caret) return;
    this.#told = text;
    this.#stage.give({ type: 'text', text, anchor, caret });
  }
}

const words = new Intl.Segmenter(undefined, { granularity: 'word' });
