import { padOf, padCode } from '@tavu/core/keys';
import { type Flow } from '@tavu/core/compile';
import { DIRECTIONS, isTouch, type Id } from '@tavu/core/model';
import { paintRun, toSvg, type Sources } from '@tavu/core/paint';
import {
  begin,
  bindingsNow,
  beginAt,
  keptOf,
  nextDue,
  reconcile,
  step,
  tabLeaves,
  takerNow,
  type Before,
  type Device,
  type Input,
  type Outcome,
  type RunState,
  type Spot,
  type Stepped,
} from '@tavu/core/run';
import { Clock } from './clock';
import { patchChildren, svgElement } from './dom';
import { Keeping } from './keeping';
import { Mirror } from './mirror';
import { PadReader, USUAL_STICK, type Stick } from './pad';
import { listenToPointer } from './pointer';
import { paceOf, Repeats } from './repeats';
import { Sounds } from './sounds';
import { ENDS, Typing } from './typing';

export interface PlayerOptions {
  flow: Flow;
  sources: Sources;
  /** Told after every step: what it did, and the state it left. */
  onStep?: (outcomes: readonly Outcome[], state: RunState) => void;
  /** What players have chosen and saved in earlier runs. */
  kept?: Before;
  /** Told whenever any of that is otherwise. */
  onKept?: (kept: Required<Before>) => void;
  /** Told when running or drawing throws: it is held then. Absent: it is thrown on. */
  onFault?: (error: unknown, state: RunState) => void;
  /** Told once, when the first picture is there: whatever covered the page until then can go. */
  onShown?: () => void;
  /** Where keys are listened to. Absent: the host element, so that keys count while it has the focus. */
  keys?: HTMLElement | Window;
  /** Keys that stay with the page. */
  spares?: (event: KeyboardEvent) => boolean;
  /** The pointer press that gives the host the focus does nothing else. */
  takesHandFirst?: boolean;
  /** Tab goes on to the rest of the page after the last thing that can have the focus, as WCAG 2.1.2 wants of a part of a page. */
  tabLeaves?: boolean;
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
  /** Only this device plays; null is any. */
  only: Device | null = null;
  readonly #options: PlayerOptions;
  readonly #svg: SVGSVGElement;
  readonly #clock = new Clock();
  readonly #pad = new PadReader();
  readonly #down = new Set<string>();
  readonly #repeats = new Repeats();
  readonly #typing: Typing;
  readonly #mirror: Mirror;
  readonly #sounds: Sounds;
  readonly #keeping: Keeping;
  readonly #stop = new AbortController();
  #broken = false;
  #painted: { state: RunState; flow: Flow; sources: Sources; veiled: boolean } | null = null;
  #sources: Sources;
  #frame = 0;
  #last: Input | null = null;

  constructor(host: HTMLElement, options: PlayerOptions) {
    this.host = host;
    this.#options = options;
    this.flow = options.flow;
    this.#sources = options.sources;
    this.#keeping = new Keeping(() => this.flow, options.onKept ?? (() => undefined));
    this.#sounds = new Sounds((asset) => this.#sources.asset(asset));
    const root = host.shadowRoot ?? host.attachShadow({ mode: 'open' });
    root.replaceChildren();
    const style = document.createElement('style');
    style.textContent =
      ':host{all:initial;display:block;outline:none;touch-action:none;user-select:none}svg{display:block;width:100%;height:100%}';
    this.#svg = svgElement();
    // Who cannot see the picture has the mirror.
    this.#svg.setAttribute('aria-hidden', 'true');
    root.append(style, this.#svg);
    this.#typing = new Typing(this, root);
    this.#mirror = new Mirror(root, (serial, element) => this.#pressed({ serial, element }));
    const begun = begin(this.flow, options.kept);
    this.state = begun.state;
    this.#listen();
    this.#tell(begun);
    this.#frame = requestAnimationFrame(this.#tick);
  }

  /** Takes an edited flow; the run goes on from where it is. */
  load(flow: Flow): void {
    this.flow = flow;
    this.#broken = false;
    this.#safely(() => this.#tell({ state: reconcile(flow, this.state), outcomes: [] }));
    this.paint();
  }

  show(sources: Sources): void {
    this.#sources = sources;
  }

  /** From the first screen, with every value at its default. What players have chosen and saved stays. */
  restart(): void {
    this.#broken = false;
    this.#safely(() => this.#tell(begin(this.flow, keptOf(this.flow, this.state))));
  }

  /** From the first screen, with nothing chosen or saved. */
  forget(): void {
    this.#broken = false;
    this.#safely(() => this.#tell(begin(this.flow)));
  }

  /**
   * Begins at a screen with the values as they are now; `atRest` shows it with nothing moving, `line` plays a conversation
   * on it from one of its steps on.
   */
  beginAt(screen: Id, atRest: boolean, line?: { conversation: Id; key: string }): void {
    const { values, saves, rebound } = this.state;
    this.#broken = false;
    this.#safely(() => this.#tell(beginAt(this.flow, screen, atRest, { values, saves, rebound }, line)));
    this.paint();
  }

  /** Lets time pass at once, by microseconds. */
  pass(micros: number): void {
    this.#safely(() => this.#tell(step(this.flow, this.state, { type: 'time', pass: micros })));
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
    this.#broken = false;
    this.#safely(() => this.#tell({ state: reconcile(this.flow, state), outcomes: [] }));
    this.paint();
  }

  /** Shows a state of this very flow, as it is. */
  see(state: RunState): void {
    this.state = state;
    this.paint();
  }

  give(input: Input): void {
    const device = deviceOf(input);
    // What was down still comes up.
    if (
      this.only !== null &&
      device !== null &&
      device !== this.only &&
      !('phase' in input && input.phase === 'up')
    )
      return;
    if (!this.held) this.#pass(performance.now());
    this.#last = input;
    this.#safely(() => this.#tell(step(this.flow, this.state, input), true));
  }

  /** Gives the last input once more. */
  again(): void {
    const last = this.#last;
    if (last) this.#safely(() => this.#tell(step(this.flow, this.state, last), true));
  }

  hold(): void {
    if (this.held) return;
    this.#pass(performance.now());
    this.held = true;
    this.#sounds.still = true;
    this.releaseKeys();
  }

  letGo(): void {
    this.#broken = false;
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
    const ups = [
      ...this.#pad.release(),
      ...[...this.#down].map((code): Input => ({ type: 'key', code, phase: 'up' })),
    ];
    for (const input of ups) this.#safely(() => this.#tell(step(this.flow, this.state, input), true));
    this.#down.clear();
    this.#repeats.clear();
  }

  /** Lets the time pass that has passed. */
  passNow(): void {
    this.#pass(performance.now());
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
    this.#safely(() => this.#paintNow());
  }

  #paintNow(): void {
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
    patchChildren(this.#svg, toSvg(paintRun(flow, state, veiled), sources));
    this.#painted = { state, flow, sources, veiled };
    if (!last) this.#options.onShown?.();
  }

  destroy(): void {
    cancelAnimationFrame(this.#frame);
    this.#stop.abort();
    this.#sounds.stop();
    this.#keeping.now();
    this.host.shadowRoot?.replaceChildren();
  }

  readonly #tick = (now: number): void => {
    this.#frame = requestAnimationFrame(this.#tick);
    this.#safely(() => this.#follow(now));
  };

  /**
   * Does something with the run; what is thrown stops the run where it is and is told, so that nothing around it is torn down.
   * Until it is let go or shown anew nothing more is drawn.
   */
  #safely(work: () => void): void {
    if (this.#broken) return;
    try {
      work();
    } catch (error) {
      this.#broken = true;
      this.held = true;
      this.#sounds.still = true;
      if (!this.#options.onFault) throw error;
      this.#options.onFault(error, this.state);
    }
  }

  #follow(now: number): void {
    if (!this.held) {
      this.#pass(now);
      if (this.#hasKeys()) this.#readPad(now);
      for (const code of this.#repeats.due(now, paceOf(this.flow.project))) this.#repeat(code);
    }
    this.#sounds.pass(now);
    this.paint();
    this.#typing.follow();
    this.#mirror.show(this.flow, this.state, now);
  }

  #pass(now: number): void {
    const pass = this.#clock.take(now);
    if (pass > 0 && !this.held && !document.hidden)
      this.#safely(() => this.#tell(step(this.flow, this.state, { type: 'time', pass }), true));
  }

  #readPad(now: number): void {
    const { input } = this.flow.project;
    const stick: Stick = {
      pushed: input?.stick ?? USUAL_STICK.pushed,
      rest: input?.rest ?? USUAL_STICK.rest,
    };
    for (const each of this.#pad.read(firstPad(), stick)) {
      const code = padCode(each.button);
      if (each.phase === 'up') this.#repeats.up(code);
      else if (this.#isDirection(code)) this.#repeats.down(code, now, paceOf(this.flow.project));
      this.give(each);
    }
  }

  /** Directions repeat at the project's own pace, not at the system's. */
  #repeat(code: string): void {
    const pad = padOf(code);
    this.give(
      pad === null
        ? { type: 'key', code, phase: 'down', repeat: true }
        : { type: 'pad', button: pad, phase: 'down', repeat: true },
    );
  }

  #isDirection(code: string): boolean {
    const actions = bindingsNow(this.flow, this.state).get(code) ?? [];
    return actions.some((action) => (DIRECTIONS as readonly string[]).includes(action));
  }

  /** A press from where no pointer is, as a screen reader gives it. */
  #pressed(spot: Spot): void {
    if (this.held) return;
    for (const phase of ['down', 'up'] as const)
      this.give({ type: 'pointer', device: 'pointer', phase, spot });
  }

  /** `led`: the state comes of the one before it, by a step of this flow. */
  #tell({ state, outcomes }: Stepped, led = false): void {
    const before = this.state;
    this.state = state;
    // At once, so that no letter is lost between a press and the next frame.
    this.#typing.follow();
    if (this.#options.onKept) this.#keeping.note(before, state);
    this.#sounds.hear(this.flow, led ? before : state, state, outcomes);
    this.#options.onStep?.(outcomes, state);
  }

  /** Whether a pointer press only gives the host the focus. */
  get takesHand(): boolean {
    return this.#options.takesHandFirst === true && !this.#hasKeys();
  }

  /** A pad in the hand plays wherever the keyboard would. */
  #hasKeys(): boolean {
    return this.#options.keys === window || document.activeElement === this.host;
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
    // A page that is left may not come back.
    window.addEventListener('pagehide', () => this.#keeping.now(), { signal });
    listenToPointer(this, signal);
  }

  #key(event: KeyboardEvent, phase: 'down' | 'up'): void {
    if (this.held || event.isComposing || this.#options.spares?.(event)) return;
    // Words that are typed are the field's; only what ends the typing is the game's.
    if (this.#typing.active && !ENDS.has(event.code)) return;
    if (phase === 'down' ? !this.#isForGame(event) : !this.#down.has(event.code)) return;
    event.preventDefault();
    // The system's repeats are not the game's.
    if (event.repeat) return;
    if (phase === 'down') {
      this.#down.add(event.code);
      if (this.#isDirection(event.code))
        this.#repeats.down(event.code, performance.now(), paceOf(this.flow.project));
    } else {
      this.#repeats.up(event.code);
      this.#down.delete(event.code);
    }
    this.give({ type: 'key', code: event.code, phase, ...(event.shiftKey ? { shift: true } : {}) });
  }

  /** What the game has bound, or asks a player to choose, is the game's; the page's and the system's own keys stay theirs. */
  #isForGame(event: KeyboardEvent): boolean {
    const { code } = event;
    const bound = bindingsNow(this.flow, this.state);
    const has = (...codes: string[]): boolean => codes.some((each) => bound.has(each));
    const chooses = this.state.taking !== null && takerNow(this.flow, { ...this.state })?.type === 'binding';
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
    return code !== 'Tab' || !this.#options.tabLeaves || !tabLeaves(this.flow, this.state, event.shiftKey);
  }
}

const covers = (flow: Flow): boolean => flow.project.design.fits === 'cover';

const MODIFIER = /^$|^(Shift|Control|Alt|Meta|OS|CapsLock|NumLock)/;

/** What an input came from; null where it is no hand. */
function deviceOf(input: Input): Device | null {
  switch (input.type) {
    case 'key':
      return 'keys';
    case 'pad':
      return 'pad';
    case 'pointer':
    case 'scroll':
      return input.device;
    case 'gesture':
      return isTouch(input.gesture) ? 'touch' : 'pointer';
    default:
      return null;
  }
}

function firstPad(): Gamepad | null {
  return navigator.getGamepads?.().find((pad) => pad?.connected) ?? null;
}
