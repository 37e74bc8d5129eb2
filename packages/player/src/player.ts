import type { Flow } from '@tavu/core/compile';
import type { Id } from '@tavu/core/model';
import { hitTest, paintRun, toSvg, type Sources } from '@tavu/core/paint';
import {
  begin,
  beginAt,
  nextDue,
  reconcile,
  step,
  type Input,
  type Outcome,
  type RunState,
  type Stepped,
} from '@tavu/core/run';
import { Clock } from './clock';
import { patchChildren, svgElement } from './dom';
import { PadReader } from './pad';
import { Sounds } from './sounds';

export interface PlayerOptions {
  flow: Flow;
  sources: Sources;
  /** Told after every step: what it did, and the state it left. */
  onStep?: (outcomes: readonly Outcome[], state: RunState) => void;
  /** Where keys are listened to. Absent: the host element, so that keys count while it has the focus. */
  keys?: HTMLElement | Window;
  /** Keys that stay with the page. */
  spares?: (event: KeyboardEvent) => boolean;
  /** Held, it leaves out what is hidden while editing. */
  veils?: boolean;
}

/**
 * Runs a flow in a page: paints it into a shadow root, passes real time on, and gives it keyboard, pointer, touch and
 * the first pad. It plays from the start; `hold` stops it where it is.
 */
export class Player {
  readonly host: HTMLElement;
  flow: Flow;
  state: RunState;
  held = false;
  readonly #options: PlayerOptions;
  readonly #svg: SVGSVGElement;
  readonly #clock = new Clock();
  readonly #pad = new PadReader();
  readonly #down = new Set<string>();
  readonly #sounds: Sounds;
  readonly #stop = new AbortController();
  #painted: { state: RunState; flow: Flow; sources: Sources; veiled: boolean } | null = null;
  #sources: Sources;
  #frame = 0;
  #last: Input | null = null;

  constructor(host: HTMLElement, options: PlayerOptions) {
    this.host = host;
    this.#options = options;
    this.flow = options.flow;
    this.#sources = options.sources;
    this.#sounds = new Sounds((asset) => this.#sources.asset(asset));
    const root = host.shadowRoot ?? host.attachShadow({ mode: 'open' });
    root.replaceChildren();
    const style = document.createElement('style');
    style.textContent =
      ':host{all:initial;display:block;outline:none;touch-action:none;user-select:none}svg{display:block;width:100%;height:100%}';
    this.#svg = svgElement();
    this.#svg.setAttribute('role', 'img');
    root.append(style, this.#svg);
    const begun = begin(this.flow);
    this.state = begun.state;
    this.#listen();
    this.#tell(begun);
    this.#frame = requestAnimationFrame(this.#tick);
  }

  /** Takes an edited flow; the run goes on from where it is. */
  load(flow: Flow): void {
    this.flow = flow;
    this.#tell({ state: reconcile(flow, this.state), outcomes: [] });
    this.paint();
  }

  show(sources: Sources): void {
    this.#sources = sources;
  }

  /** From the first screen, with every value at its default. Saved games stay. */
  restart(): void {
    this.#tell(begin(this.flow, { saves: this.state.saves }));
  }

  /** Begins at a screen with the values as they are now; `atRest` shows it with nothing moving. */
  beginAt(screen: Id, atRest: boolean): void {
    const { values, saves } = this.state;
    this.#tell(beginAt(this.flow, screen, atRest, { values, saves }));
    this.paint();
  }

  /** Lets time pass at once, by microseconds. */
  pass(micros: number): void {
    this.#tell(step(this.flow, this.state, { type: 'time', pass: micros }));
    this.paint();
  }

  /** Goes on to the next moment at which anything happens of itself. False when nothing is due. */
  passToDue(): boolean {
    const due = nextDue(this.flow, this.state);
    if (due === Infinity) return false;
    this.pass(due - this.state.now);
    return true;
  }

  set muted(muted: boolean) {
    this.#sounds.muted = muted;
  }

  /** Goes to a state there was before. */
  goTo(state: RunState): void {
    this.#tell({ state: reconcile(this.flow, state), outcomes: [] });
    this.paint();
  }

  give(input: Input): void {
    if (!this.held) this.#pass(performance.now());
    this.#last = input;
    this.#tell(step(this.flow, this.state, input));
  }

  /** Gives the last input once more. */
  again(): void {
    if (this.#last) this.#tell(step(this.flow, this.state, this.#last));
  }

  hold(): void {
    if (this.held) return;
    this.#pass(performance.now());
    this.held = true;
    this.#sounds.still = true;
    this.releaseKeys();
  }

  letGo(): void {
    this.held = false;
    this.#sounds.still = false;
    this.#clock.pause();
  }

  set speed(speed: number) {
    this.#pass(performance.now());
    this.#clock.speed = speed;
  }

  /** Lets all keys and pad buttons come up, as when the keyboard goes elsewhere. */
  releaseKeys(): void {
    for (const input of this.#pad.release()) this.#tell(step(this.flow, this.state, input));
    for (const code of this.#down)
      this.#tell(step(this.flow, this.state, { type: 'key', code, phase: 'up' }));
    this.#down.clear();
  }

  /** The design pixel under a point of the page. */
  pointAt(clientX: number, clientY: number): { x: number; y: number } {
    const box = this.#svg.getBoundingClientRect();
    const { width, height } = this.flow.frame;
    const [across, down] = [box.width / width, box.height / height];
    const scale = (covers(this.flow) ? Math.max(across, down) : Math.min(across, down)) || 1;
    return {
      x: (clientX - box.left - (box.width - width * scale) / 2) / scale,
      y: (clientY - box.top - (box.height - height * scale) / 2) / scale,
    };
  }

  paint(): void {
    const { state, flow } = this;
    const sources = this.#sources;
    const last = this.#painted;
    const veiled = this.held && this.#options.veils === true;
    const same = last?.state === state && last.flow === flow && last.sources === sources;
    if (same && last.veiled === veiled) return;
    if (last?.flow !== flow) {
      const { width, height } = flow.frame;
      this.#svg.setAttribute('viewBox', `0 0 ${width} ${height}`);
      this.#svg.setAttribute('preserveAspectRatio', covers(flow) ? 'xMidYMid slice' : 'xMidYMid meet');
    }
    const name = flow.screens.get((state.overlays.at(-1) ?? state.base).screen)!.screen.name;
    if (this.#svg.getAttribute('aria-label') !== name) this.#svg.setAttribute('aria-label', name);
    patchChildren(this.#svg, toSvg(paintRun(flow, state, veiled), sources));
    this.#painted = { state, flow, sources, veiled };
  }

  destroy(): void {
    cancelAnimationFrame(this.#frame);
    this.#stop.abort();
    this.#sounds.stop();
    this.host.shadowRoot?.replaceChildren();
  }

  readonly #tick = (now: number): void => {
    this.#frame = requestAnimationFrame(this.#tick);
    if (!this.held) {
      this.#pass(now);
      if (this.#hasKeys()) for (const input of this.#pad.read(firstPad(), now)) this.give(input);
    }
    this.paint();
  };

  #pass(now: number): void {
    const pass = this.#clock.take(now);
    if (pass > 0 && !this.held && !document.hidden)
      this.#tell(step(this.flow, this.state, { type: 'time', pass }));
  }

  #tell({ state, outcomes }: Stepped): void {
    this.state = state;
    this.#sounds.hear(this.flow, state, outcomes);
    this.#options.onStep?.(outcomes, state);
  }

  /** A pad in the hand plays wherever the keyboard would. */
  #hasKeys(): boolean {
    return this.#options.keys === window || this.host.matches(':focus');
  }

  #listen(): void {
    const { signal } = this.#stop;
    const keys = this.#options.keys ?? this.host;
    keys.addEventListener('keydown', (event) => this.#key(event as KeyboardEvent, 'down'), { signal });
    keys.addEventListener('keyup', (event) => this.#key(event as KeyboardEvent, 'up'), { signal });
    const leave = (): void => this.releaseKeys();
    this.host.addEventListener('blur', leave, { signal });
    window.addEventListener('blur', leave, { signal });
    document.addEventListener('visibilitychange', () => this.#clock.pause(), { signal });
    for (const [name, phase] of POINTER)
      this.host.addEventListener(name, (event) => this.#pointer(event as PointerEvent, phase), { signal });
  }

  #key(event: KeyboardEvent, phase: 'down' | 'up'): void {
    if (this.held || event.isComposing || this.#options.spares?.(event)) return;
    // A modifier by itself is no press, unless the game has a use for it.
    if (MODIFIER.test(event.code) && !this.flow.bindings.has(event.code)) return;
    // The page's and the system's own shortcuts stay theirs.
    if (
      phase === 'down' &&
      (event.ctrlKey || event.metaKey || event.altKey || event.code === 'Tab' || /^F\d+$/.test(event.code))
    )
      return;
    event.preventDefault();
    if (phase === 'down') this.#down.add(event.code);
    else if (!this.#down.delete(event.code)) return;
    this.give({ type: 'key', code: event.code, phase, ...(event.repeat ? { repeat: true } : {}) });
  }

  #pointer(event: PointerEvent, phase: 'down' | 'up' | 'move'): void {
    if (this.held || (phase !== 'move' && event.button !== 0)) return;
    const device = event.pointerType === 'touch' ? 'touch' : 'pointer';
    if (phase === 'move' && device === 'touch') return;
    this.#pass(performance.now());
    const { x, y } = this.pointAt(event.clientX, event.clientY);
    const spot = hitTest(this.flow, this.state, x, y);
    const { hover } = this.state;
    if (
      phase === 'move' &&
      (spot?.element ?? null) === (hover?.element ?? null) &&
      (!hover || hover.serial === spot?.serial)
    )
      return;
    this.give({ type: 'pointer', device, phase, spot });
  }
}

const covers = (flow: Flow): boolean => flow.project.design.fits === 'cover';

const MODIFIER = /^$|^(Shift|Control|Alt|Meta|OS|CapsLock|NumLock)/;

const POINTER = [
  ['pointerdown', 'down'],
  ['pointerup', 'up'],
  ['pointermove', 'move'],
] as const;

function firstPad(): Gamepad | null {
  return navigator.getGamepads?.().find((pad) => pad?.connected) ?? null;
}
