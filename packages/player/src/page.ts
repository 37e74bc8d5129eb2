import { compile } from '@tavu/core/compile';
import type { Id, Project } from '@tavu/core/model';
import { familyOf, loadFonts } from './fonts';
import { Player } from './player';

/** What a one-file page carries. */
export interface PageData {
  project: Project;
  pictures: Record<Id, string>;
  fonts: Record<string, string>;
}

/**
 * Plays the project that one element of the page holds as JSON over the whole of another, with the page's keyboard. At
 * the end it shows a way to begin again.
 */
export async function playPage(hostId: string, dataId: string): Promise<Player> {
  const host = document.getElementById(hostId)!;
  const data = JSON.parse(document.getElementById(dataId)!.textContent!) as PageData;
  await loadFonts(data.fonts);
  const flow = compile(data.project);
  const player: Player = new Player(host, {
    flow,
    sources: { asset: (id) => data.pictures[id] ?? '', family: familyOf },
    keys: window,
    onStep: (outcomes) => {
      if (outcomes.some((each) => each.did === 'end')) offerAgain(host, () => player.restart());
    },
  });
  return player;
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
