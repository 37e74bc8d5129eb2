import { compile, type Flow, type Frame } from '@tavu/core/compile';
import {
  fitScalar,
  LANGUAGE,
  languageValue,
  withChanges,
  type Replacement,
  type Id,
  type Project,
} from '@tavu/core/model';
import { knowMessages, type ReadMessages } from '@tavu/core/message';
import { pickResolution } from '@tavu/core/paint';
import { preferredLanguage } from '@tavu/core/language';
import { begin, readKept, skinNow, type Device } from '@tavu/core/run';
import { familyOf, loadFonts, loadOwnFonts } from './fonts';
import { Player } from './player';

/** What a one-file page carries. */
export interface PageData {
  project: Project;
  /** What is otherwise in the languages besides the first, by code. */
  languages: Record<string, Replacement[]>;
  /** What the messages among its texts are made of. */
  messages: ReadMessages;
  pictures: Record<Id, string>;
  fonts: Record<string, string>;
}

/**
 * Plays the project that one element of the page holds as JSON over the whole of another, with the page's keyboard. At
 * the end it shows a way to begin again.
 */
export async function playPage(hostId: string, dataId: string): Promise<Player> {
  const host = document.getElementById(hostId)!;
  // Lists that can never change are looked up by indexes that are made once.
  const data = JSON.parse(document.getElementById(dataId)!.textContent!, (_, value: unknown) =>
    Object.freeze(value),
  ) as PageData;
  knowMessages(data.messages);
  const address = (id: Id): string =>
    data.pictures[pickResolution(data.project.assets, id, devicePixelRatio)] ?? '';
  await Promise.all([loadFonts(data.fonts), loadOwnFonts(data.project.assets, address)]);
  const calm = matchMedia('(prefers-reduced-motion: reduce)');
  const stored = keptIn(`tavu ${data.project.id}`);
  const kept = readKept(stored.read());
  const prefers = preferredLanguage(data.project, navigator.languages);
  let worn: Id | null = null;
  const made = (language: string, previous?: Flow): Flow => {
    document.documentElement.lang = language;
    const frame = frameFor(data.project, host);
    return compile(withChanges(data.project, data.languages[language] ?? []), previous, {
      frame,
      asked: calm.matches,
      language,
      prefers,
      skin: worn,
    });
  };
  const plain = made(languageIn(data.project, kept.values) ?? prefers);
  let spoken = plain.language;
  worn = skinNow(plain, begin(plain, kept).state);
  const flow = worn === null ? plain : made(spoken, plain);
  const again = (): void => player.load(made(spoken, player.flow));
  const player: Player = new Player(host, {
    flow,
    sources: { asset: address, family: familyOf },
    keys: window,
    // In a frame of somebody's page, whoever goes by Tab alone has to get out again (WCAG 2.1.2).
    tabLeaves: window.parent !== window,
    kept,
    device: firstDevice(),
    onKept: stored.write,
    onShown: () => {
      document.getElementById('cover')?.remove();
      host.dispatchEvent(new CustomEvent('tavu-shown', { bubbles: true }));
    },
    onStep: (outcomes, state) => {
      const language = languageIn(data.project, state.values) ?? spoken;
      const skin = skinNow(flow, state);
      if (language !== spoken || skin !== worn) {
        [spoken, worn] = [language, skin];
        again();
      }
      for (const outcome of outcomes) if (outcome.did === 'address') askToOpen(outcome.url);
      if (outcomes.some((outcome) => outcome.did === 'end')) offerAgain(host, () => player.restart());
    },
  });
  if (data.project.design.fits === 'adapt')
    new ResizeObserver(() => {
      const frame = frameFor(data.project, host);
      const { width, height } = player.flow.frame;
      if (frame && (frame.width !== width || frame.height !== height)) again();
    }).observe(host);
  calm.addEventListener('change', again);
  return player;
}

/** A device that has nothing but fingers begins with touch in hand (Media Queries 4, Pointer Events). */
const firstDevice = (): Device =>
  navigator.maxTouchPoints > 0 && matchMedia('(pointer: coarse) and (not (any-pointer: fine))').matches
    ? 'touch'
    : 'keys';

/** The language that values hold, where it is one that the project speaks. */
function languageIn(project: Project, values: Readonly<Record<Id, unknown>> = {}): string | null {
  const value = languageValue(project);
  return value && (fitScalar(value, values[LANGUAGE]) as string | null);
}

/** A place in the browser's own store, where it lets a page have one. */
function keptIn(key: string): { read: () => unknown; write: (kept: unknown) => void } {
  return {
    read: () => {
      try {
        return JSON.parse(localStorage.getItem(key) ?? 'null') as unknown;
      } catch {
        return null;
      }
    },
    write: (kept) => {
      try {
        localStorage.setItem(key, JSON.stringify(kept));
      } catch {
        // A page without a store plays all the same, and forgets when it is closed.
      }
    },
  };
}

/** A project whose anchors decide is laid out in the host's own size; any other in the design's. */
function frameFor({ design }: Project, host: HTMLElement): Frame | undefined {
  const { clientWidth: width, clientHeight: height } = host;
  return design.fits === 'adapt' && width > 0 && height > 0 ? { width, height } : undefined;
}

/** Only web addresses are opened, and only when the player says so. */
function askToOpen(url: string): void {
  if (/^https?:\/\//.test(url) && window.confirm(`Open ${url}?`)) window.open(url, '_blank', 'noopener');
}

function offerAgain(host: HTMLElement, again: () => void): void {
  const button = document.createElement('button');
  button.textContent = 'The end. Play again';
  button.style.cssText =
    'position:fixed;inset:0;margin:auto;width:16em;height:3.5em;font:18px sans-serif;color:#fff;background:#16324d;border:2px solid #fff;border-radius:8px';
  button.addEventListener('click', () => {
    button.remove();
    again();
  });
  host.after(button);
  button.focus();
}
