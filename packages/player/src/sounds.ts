import type { Flow } from '@tavu/core/compile';
import { toMicros, type Id } from '@tavu/core/model';
import { allUp, goingOn, isCovered, typingNow, type Outcome, type RunState } from '@tavu/core/run';
import { ownPlaying, type Playing, type PlayingStore } from './playing';
import { usualSound } from './usual';

interface Music {
  asset: Id;
  audio: HTMLAudioElement;
  /** How much of it is there while pieces give way to one another, 0 to 1. */
  there: number;
  leaves: boolean;
}

/** A voice is heard every so many letters. */
const BETWEEN = 3;

/**
 * Plays what a run asks for: single sounds, the usual ones, and the music of what is up, as loud as the project's
 * values say.
 */
export class Sounds {
  readonly #address: (asset: Id) => string;
  readonly #how: PlayingStore;
  readonly #unfollow: () => void;
  readonly #playing = new Map<Id, HTMLAudioElement>();
  #music: Music[] = [];
  #loud: Loudness = { music: 1, effects: 1, fade: 0 };
  #last: number | null = null;
  /** The line a voice was last heard at, and how far that was. */
  #spoken: { key: string; letters: number } | null = null;

  constructor(address: (asset: Id) => string, how: PlayingStore = ownPlaying()) {
    this.#address = address;
    this.#how = how;
    this.#unfollow = how.subscribe((now, before) => this.#follow(now, before));
  }

  /** Sound stands still while the run is held. */
  #follow({ held, muted }: Playing, before: Playing): void {
    if (muted !== before.muted) for (const audio of this.#all()) audio.muted = muted;
    if (held === before.held) return;
    for (const audio of this.#all()) {
      if (held) audio.pause();
      else void audio.play().catch(() => undefined);
    }
  }

  hear(flow: Flow, before: RunState, state: RunState, outcomes: readonly Outcome[]): void {
    this.#loud = loudness(flow, state);
    for (const outcome of outcomes) {
      if (outcome.did === 'sound') this.#play(outcome.asset);
      if (outcome.did === 'stop sound') this.#stop(outcome.asset);
    }
    const usual = usualSound(flow, before, state, outcomes);
    if (usual !== null) this.#play(usual);
    this.#speak(flow, state);
    const wanted = musicOf(flow, state);
    const now = this.#music.find((music) => !music.leaves);
    if (wanted !== (now?.asset ?? null)) {
      if (now) now.leaves = true;
      if (wanted !== null) this.#begin(wanted);
      if (this.#loud.fade === 0) this.#drop((music) => music.leaves);
    }
    this.#level();
  }

  /** A voice is heard as the letters come, and not at each of them. */
  #speak(flow: Flow, state: RunState): void {
    for (const instance of allUp(state)) {
      if (!instance.talk) continue;
      const typing = typingNow(flow, state, instance);
      const blip = typing?.speaker ? flow.speakers.get(typing.speaker)?.blip : undefined;
      if (!typing || blip === undefined) continue;
      const last = this.#spoken;
      if (last?.key === typing.key && typing.letters - last.letters < BETWEEN) return;
      if (typing.letters > 0) this.#play(blip);
      this.#spoken = { key: typing.key, letters: typing.letters };
      return;
    }
  }

  /** Lets music come and go; `now` in milliseconds. */
  pass(now: number): void {
    const passed = this.#last === null ? 0 : now - this.#last;
    this.#last = now;
    const fading = this.#music.filter((music) => music.leaves || music.there < 1);
    if (this.#how.getState().held || fading.length === 0 || passed <= 0) return;
    const by = this.#loud.fade === 0 ? 1 : passed / this.#loud.fade;
    for (const music of fading)
      music.there = Math.min(1, Math.max(0, music.there + (music.leaves ? -by : by)));
    this.#drop((music) => music.leaves && music.there === 0);
    this.#level();
  }

  stop(): void {
    this.#unfollow();
    for (const audio of this.#all()) audio.pause();
    this.#playing.clear();
    this.#music = [];
  }

  #all(): HTMLAudioElement[] {
    return [...this.#playing.values(), ...this.#music.map((music) => music.audio)];
  }

  #level(): void {
    for (const { audio, there } of this.#music) audio.volume = there * this.#loud.music;
    for (const audio of this.#playing.values()) audio.volume = this.#loud.effects;
  }

  /** A piece of music that is fading out and wanted again fades back in from where it is. */
  #begin(asset: Id): void {
    const known = this.#music.find((music) => music.asset === asset);
    if (known) {
      known.leaves = false;
      return;
    }
    const audio = this.#start(asset);
    if (!audio) return;
    audio.loop = true;
    const first = this.#music.length === 0 && this.#last === null;
    this.#music.push({ asset, audio, there: this.#loud.fade === 0 || first ? 1 : 0, leaves: false });
  }

  #drop(gone: (each: Music) => boolean): void {
    for (const music of this.#music) if (gone(music)) music.audio.pause();
    this.#music = this.#music.filter((music) => !gone(music));
  }

  #play(asset: Id): void {
    this.#stop(asset);
    const audio = this.#start(asset);
    if (!audio) return;
    audio.volume = this.#loud.effects;
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
    const { held, muted } = this.#how.getState();
    audio.muted = muted;
    // Browsers allow sound only after a first press; until then the flow plays silently.
    if (!held) void audio.play().catch(() => undefined);
    return audio;
  }
}

/**
 * The music a conversation asks for, else that of what is up: the base's own, or that of its innermost area that has
 * some.
 */
export function musicOf(flow: Flow, state: RunState): Id | null {
  for (const instance of allUp(state).reverse()) {
    const asked = goingOn(flow, instance)?.talk.music ?? null;
    if (asked !== null) return asked === 'none' ? null : asked;
  }
  const base = flow.screens.get(state.base.screen);
  const own = base?.screen.music;
  if (own !== undefined) return own === 'none' ? null : own;
  for (const id of base?.areas ?? []) {
    const music = flow.areas.get(id)?.area.music;
    if (music !== undefined) return music;
  }
  return null;
}

export interface Loudness {
  /** 0 to 1. */
  music: number;
  effects: number;
  /** Milliseconds one piece of music gives way to the next in. */
  fade: number;
}

/** How loud things are now: by the values that say so, and music lower under a modal overlay. */
export function loudness(flow: Flow, state: RunState): Loudness {
  const { volumes = {}, under = 1, fade } = flow.project.sound ?? {};
  const share = (id: Id | undefined): number => {
    const value = id === undefined ? undefined : flow.values.get(id);
    if (value?.type !== 'number') return 1;
    const { min = 0, max = 100 } = value;
    const now = Number(state.values[value.id] ?? value.default);
    return max > min ? Math.min(1, Math.max(0, (now - min) / (max - min))) : 1;
  };
  const all = share(volumes.all);
  const gives = flow.screens.get(state.base.screen)?.screen.musicFade ?? fade;
  return {
    music: all * share(volumes.music) * (isCovered(flow, state, state.base) ? under : 1),
    effects: all * share(volumes.effects),
    fade: gives === undefined ? 0 : toMicros(gives, flow.project.rates) / 1000,
  };
}
