import type { Flow } from '@tavu/core/compile';
import type { Input, RunState } from '@tavu/core/run';
import { Hands } from './hands';
import { Mirror } from './mirror';
import { Picture } from './picture';
import type { Player, SecondPlace } from './player';
import { listenToPointer } from './pointer';
import type { Stage } from './stage';
import { Typing } from './typing';

/**
 * The run of a player once more, in an element of another window of the same page: it is seen and played there as well, and the
 * player keeps its time.
 */
export class SecondStage implements Stage, SecondPlace {
  readonly host: HTMLElement;
  readonly #player: Player;
  readonly #flow: () => Flow;
  readonly #picture: Picture;
  readonly #typing: Typing;
  readonly #hands: Hands;
  readonly #mirror: Mirror;
  readonly #stop = new AbortController();

  /** `flow` is the run's flow as it is laid out for that window. */
  constructor(host: HTMLElement, player: Player, flow: () => Flow) {
    this.host = host;
    this.#player = player;
    this.#flow = flow;
    this.#picture = new Picture(host);
    this.#typing = new Typing(this, this.#picture.root, this.#stop.signal);
    const window = host.ownerDocument.defaultView!;
    this.#hands = new Hands(this, this.#typing, { keys: window });
    this.#mirror = new Mirror(this.#picture.root, (serial, element) => player.press({ serial, element }));
    const { signal } = this.#stop;
    this.#hands.listen(signal);
    listenToPointer(this, this.#typing, signal);
    window.addEventListener('blur', () => this.releaseKeys(), { signal });
    player.second = this;
    // A page that nobody sees is given no frames; the other window still is.
    const tick = (): void => {
      if (signal.aborted) return;
      window.requestAnimationFrame(tick);
      if (document.hidden) player.frame();
    };
    window.requestAnimationFrame(tick);
  }

  get flow(): Flow {
    return this.#flow();
  }
  get state(): RunState {
    return this.#player.state;
  }
  get held(): boolean {
    return this.#player.held;
  }
  /** All of that window is the game's. */
  get byTouch(): boolean {
    return this.#player.byTouch;
  }
  get takesHand(): boolean {
    return false;
  }
  /** Whether anybody can see it. */
  get seen(): boolean {
    return !this.host.ownerDocument.hidden;
  }

  give(input: Input): void {
    this.#player.give(input);
  }
  passNow(): void {
    this.#player.passNow();
  }
  pointAt(clientX: number, clientY: number): { x: number; y: number } {
    return this.#picture.pointAt(this.flow, clientX, clientY);
  }
  releaseKeys(): void {
    for (const input of this.#hands.release()) this.#player.give(input);
  }

  /** Brings it up to date; `now` in milliseconds. */
  follow(now: number): void {
    if (!this.held) this.#hands.follow(now);
    const { state, sources, held } = this.#player;
    this.#picture.paint(this.flow, state, sources, held);
    this.#typing.follow();
    this.#mirror.show(this.flow, state, now);
  }

  end(): void {
    this.#stop.abort();
    if (this.#player.second === this) this.#player.second = null;
    this.#picture.root.replaceChildren();
  }
}
