import type { Flow } from '@tavu/core/compile';
import type { Id } from '@tavu/core/model';
import type { Outcome, RunState } from '@tavu/core/run';

/** Plays what a run asks for: single sounds, and the music of the innermost area that has some. */
export class Sounds {
  readonly #address: (asset: Id) => string;
  readonly #playing = new Map<Id, HTMLAudioElement>();
  #music: { asset: Id; audio: HTMLAudioElement } | null = null;
  #muted = false;
  #still = false;

  constructor(address: (asset: Id) => string) {
    this.#address = address;
  }

  set muted(muted: boolean) {
    this.#muted = muted;
    for (const audio of this.#all()) audio.muted = muted;
  }

  /** Stands still while the run is held. */
  set still(still: boolean) {
    if (this.#still === still) return;
    this.#still = still;
    for (const audio of this.#all()) {
      if (still) audio.pause();
      else void audio.play().catch(() => undefined);
    }
  }

  hear(flow: Flow, state: RunState, outcomes: readonly Outcome[]): void {
    for (const outcome of outcomes) {
      if (outcome.did === 'sound') this.#play(outcome.asset);
      if (outcome.did === 'stop sound') this.#stop(outcome.asset);
    }
    const music = musicOf(flow, state);
    if (music === (this.#music?.asset ?? null)) return;
    this.#music?.audio.pause();
    this.#music = null;
    const audio = music === null ? null : this.#start(music);
    if (music === null || !audio) return;
    audio.loop = true;
    this.#music = { asset: music, audio };
  }

  stop(): void {
    for (const audio of this.#all()) audio.pause();
    this.#playing.clear();
    this.#music = null;
  }

  #all(): HTMLAudioElement[] {
    return [...this.#playing.values(), ...(this.#music ? [this.#music.audio] : [])];
  }

  #play(asset: Id): void {
    this.#stop(asset);
    const audio = this.#start(asset);
    if (!audio) return;
    this.#playing.set(asset, audio);
    audio.addEventListener('ended', () => {
      if (this.#playing.get(asset) === audio) this.#playing.delete(asset);
    });
  }

  #stop(asset: Id): void {
    this.#playing.get(asset)?.pause();
    this.#playing.delete(asset);
  }

  #start(asset: Id): HTMLAudioElement | null {
    const address = this.#address(asset);
    if (address === '' || typeof Audio === 'undefined') return null;
    const audio = new Audio(address);
    audio.muted = this.#muted;
    // A page that nobody has touched yet may not sound; the flow goes on without.
    if (!this.#still) void audio.play().catch(() => undefined);
    return audio;
  }
}

/** The music that belongs to what is up: that of the base's innermost area that has some. */
export function musicOf(flow: Flow, state: RunState): Id | null {
  for (const id of flow.screens.get(state.base.screen)?.areas ?? []) {
    const music = flow.areas.get(id)?.area.music;
    if (music !== undefined) return music;
  }
  return null;
}
