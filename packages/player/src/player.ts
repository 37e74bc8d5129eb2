import { type Flow } from '@tavu/core/compile';
import type { Id } from '@tavu/core/model';
import type { Sources } from '@tavu/core/paint';
import {
  begin,
  beginAt,
  chosenValues,
  keptOf,
  nextDue,
  reconcile,
  step,
  withRows,
  type Before,
  type Device,
  type Input,
  type Outcome,
  type RunState,
  type Spot,
  type Stepped,
} from '@tavu/core/run';
import { fileInSkin } from '@tavu/core/style';
import { Clock } from './clock';
import { deviceOf } from './device';
import { Hands } from './hands';
import { Keeping } from './keeping';
import { Mirror } from './mirror';
import { ownPlaying, type PlayingStore } from './playing';
import { Picture } from './picture';
import { listenToPointer } from './pointer';
import { Sounds } from './sounds';
import type { Stage } from './stage';
import { listenToTilt } from './tilt';
import { Typing } from './typing';

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
  /**
   * Tab goes on to the rest of the page after the last thing that can have the focus, as WCAG 2.1.2 wants of a part
   * of a page.
   */
  tabLeaves?: boolean;
  /** What is in the player's hands before anything is used. Absent: keys. */
  device?: Device;
  /** Where the playback settings are kept. Absent: in the player. */
  playing?: PlayingStore;
  /** Held, it leaves out what is hidden while editing. */
  veils?: boolean;
}

/** Another place that shows a player's run. */
export interface SecondPlace {
  /** Whether anybody can see it. */
  readonly seen: boolean;
  /** Brings it up to date; `now` in milliseconds. */
  follow(now: number): void;
}

/**
 * Runs a flow in a page: paints it into a shadow root, passes real time on, and gives it keyboard, pointer, touch and
 * the first pad. It plays from the start; `hold` stops it where it is.
 */
export class Player implements Stage {
  readonly host: HTMLElement;
  /** As it was given; what lists hold is put in for each state. */
  #whole: Flow;
  state: RunState;
  readonly #options: PlayerOptions;
  readonly #picture: Picture;
  readonly #clock = new Clock();
  readonly #playing: PlayingStore;
  readonly #hands: Hands;
  readonly #typing: Typing;
  readonly #mirror: Mirror;
  readonly #sounds: Sounds;
  readonly #keeping: Keeping;
  readonly #stop = new AbortController();
  #broken = false;
  #sources: Sources;
  /** Where else the run is shown, which follows every frame. */
  second: SecondPlace | null = null;
  #frame = 0;
  #last: Input | null = null;

  constructor(host: HTMLElement, options: PlayerOptions) {
    this.host = host;
    this.#options = options;
    this.#whole = options.flow;
    this.#sources = options.sources;
    this.#keeping = new Keeping(() => this.flow, options.onKept ?? (() => undefined));
    this.#playing = options.playing ?? ownPlaying();
    this.#sounds = new Sounds(
      (asset) => this.#sources.asset(fileInSkin(this.flow.project, this.flow.skin, asset)),
      this.#playing,
    );
    this.#picture = new Picture(host);
    const { root } = this.#picture;
    this.#typing = new Typing(this, root, this.#stop.signal);
    this.#hands = new Hands(this, this.#typing, {
      keys: options.keys ?? host,
      spares: options.spares,
      tabLeaves: options.tabLeaves,
    });
    this.#mirror = new Mirror(root, (serial, element) => this.press({ serial, element }));
    const begun = begin(options.flow, { ...options.kept, device: options.device, seed: anySeed() });
    this.state = begun.state;
    this.#listen();
    this.#tell(begun);
    this.#frame = requestAnimationFrame(this.#tick);
  }

  get flow(): Flow {
    return withRows(this.#whole, this.state);
  }

  /** Takes an edited flow; the run goes on from where it is. */
  load(flow: Flow): void {
    this.#whole = flow;
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
    this.#safely(() =>
      this.#tell(
        begin(this.flow, { ...keptOf(this.flow, this.state), device: this.#inHand, seed: anySeed() }),
      ),
    );
  }

  /** From the first screen, with nothing chosen or saved. */
  forget(): void {
    this.#broken = false;
    this.#safely(() => this.#tell(begin(this.flow, { device: this.#inHand, seed: anySeed() })));
  }

  /**
   * Begins at a screen with the values as they are now; `atRest` shows it with nothing moving, `line` plays a conversation
   * on it from one of its steps on, or shows the `whole` of that.
   */
  beginAt(screen: Id, atRest: boolean, line?: { conversation: Id; key: string; whole?: boolean }): void {
    const { saves, rebound, lists } = this.state;
    const values = chosenValues(this.state);
    this.#broken = false;
    // What is only looked at is the same each time.
    const seed = atRest ? 0 : anySeed();
    const before = { values, lists, saves, rebound, device: this.#inHand, seed };
    this.#safely(() => this.#tell(beginAt(this.flow, screen, atRest, before, line)));
    this.paint();
  }

  /** Lets time pass at once, by microseconds. */
  pass(micros: number): void {
    this.#safely(() => this.#tell(this.#step({ type: 'time', pass: micros })));
    this.paint();
  }

  /** Goes on to the next moment at which anything happens of itself. False when nothing is due. */
  passToDue(): boolean {
    const due = nextDue(this.flow, this.state);
    if (due === Infinity) return false;
    this.pass(due - this.state.now);
    return true;
  }

  /** Goes to a state there was before. */
  goTo(state: RunState): void {
    this.#broken = false;
    this.#safely(() => this.#tell({ state: reconcile(this.#whole, state), outcomes: [] }));
    this.paint();
  }

  /** Shows a state of this very flow, as it is. */
  see(state: RunState): void {
    this.state = state;
    this.paint();
  }

  /** One input, at what the clock on the wall says. */
  #step(input: Input): Stepped {
    return step(this.flow, this.state, { ...input, clock: Date.now() });
  }

  give(input: Input): void {
    const device = deviceOf(input);
    // Keys that were down are still released.
    const { only } = this.#playing.getState();
    const isUp = 'phase' in input && input.phase === 'up';
    if (only !== null && device !== null && device !== only && !isUp) return;
    if (!this.held) this.#pass(performance.now());
    this.#last = input;
    this.#safely(() => this.#tell(this.#step(input), true));
  }

  /** Gives the last input once more. */
  again(): void {
    const last = this.#last;
    if (last) this.#safely(() => this.#tell(this.#step(last), true));
  }

  hold(): void {
    if (this.held) return;
    this.#pass(performance.now());
    this.#playing.setState({ held: true });
    this.releaseKeys();
  }

  letGo(): void {
    this.#broken = false;
    this.#playing.setState({ held: false });
    this.#clock.pause();
  }

  get held(): boolean {
    return this.#playing.getState().held;
  }

  /** Lets all keys, pad buttons and fingers come up, as when the keyboard goes elsewhere; the device is level again. */
  releaseKeys(): void {
    const { touches, tilt } = this.state;
    const inputs: Input[] = [
      ...this.#hands.release(),
      ...touches.map(({ finger }): Input => ({
        type: 'pointer',
        device: 'touch',
        finger,
        phase: 'up',
        spot: null,
      })),
      ...(tilt ? [{ type: 'tilt', x: 0, y: 0 } as const] : []),
    ];
    for (const input of inputs) this.#safely(() => this.#tell(this.#step(input), true));
  }

  /** Lets the time pass that has passed. */
  passNow(): void {
    this.#pass(performance.now());
  }

  /** The design pixel under a point of the page. */
  pointAt(clientX: number, clientY: number): { x: number; y: number } {
    return this.#picture.pointAt(this.flow, clientX, clientY);
  }

  paint(): void {
    this.#safely(() => this.#paintNow());
  }

  #paintNow(): void {
    const veiled = this.held && this.#options.veils === true;
    if (this.#picture.paint(this.flow, this.state, this.#sources, veiled)) this.#options.onShown?.();
  }

  get sources(): Sources {
    return this.#sources;
  }

  /** One frame, for a page that is given none because nobody sees it, while another window shows its run. */
  frame(): void {
    this.#safely(() => this.#follow(performance.now()));
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
      this.#playing.setState({ held: true });
      if (!this.#options.onFault) throw error;
      this.#options.onFault(error, this.state);
    }
  }

  #follow(now: number): void {
    if (!this.held) {
      this.#pass(now);
      this.#hands.follow(now);
    }
    this.#sounds.pass(now);
    this.paint();
    this.#typing.follow();
    this.#mirror.show(this.flow, this.state, now);
    this.second?.follow(now);
  }

  #pass(now: number, speed = this.#playing.getState().speed): void {
    const pass = this.#clock.take(now, speed);
    const seen = !document.hidden || this.second?.seen === true;
    if (pass > 0 && !this.held && seen)
      this.#safely(() => this.#tell(this.#step({ type: 'time', pass }), true));
  }

  /** A press from where no pointer is, as a screen reader gives it. */
  press(spot: Spot): void {
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

  get byTouch(): boolean {
    return this.#playing.getState().only === 'touch';
  }

  /** Whoever plays by touch goes on so when the game begins anew; the focus is not drawn before it is used. */
  get #inHand(): Device {
    return this.byTouch || this.state.device === 'touch' ? 'touch' : 'keys';
  }

  get takesHand(): boolean {
    return this.#options.takesHandFirst === true && !this.#hands.haveKeys();
  }

  #listen(): void {
    const { signal } = this.#stop;
    this.#hands.listen(signal);
    const leave = (): void => this.releaseKeys();
    this.host.addEventListener('blur', leave, { signal });
    window.addEventListener('blur', leave, { signal });
    document.addEventListener('visibilitychange', () => this.#clock.pause(), { signal });
    // A hidden page may never come back, so pending data is written now.
    window.addEventListener('pagehide', () => this.#keeping.now(), { signal });
    listenToPointer(this, this.#typing, signal);
    listenToTilt(this, signal);
    // The time so far passed at the old speed.
    const follow = this.#playing.subscribe((now, before) => {
      if (now.only !== null && now.only !== before.only) this.give({ type: 'in hand', device: now.only });
      if (now.speed !== before.speed) this.#pass(performance.now(), before.speed);
    });
    signal.addEventListener('abort', follow);
  }
}

/** What decides all that is left to chance in a run. */
const anySeed = (): number => crypto.getRandomValues(new Uint32Array(1))[0]!;
