import { loadFontsIn, SecondStage, type Player } from '@tavu/player';
import { create } from 'zustand';
import { notify, useStudio } from '../store';
import { toggleHold } from './control';
import { livePlayer } from './player';
import { flowAt, useSizes } from './sizes';

/**
 * The run in a second window: for another display, or in the shape of a phone. It is drawn by this page, so that there is one
 * run, one clock and one project; it closes with the page.
 */

/** Pixels: the longer side of the window as it is first opened. */
const LONGEST = 960;

let other: (Window & typeof globalThis) | null = null;
let stage: SecondStage | null = null;

export const useSecond = create<{ open: boolean }>(() => ({ open: false }));

/** Opens the second window, or brings it to the front. */
export function openSecond(): void {
  if (other && !other.closed) return other.focus();
  const { project } = useStudio.getState();
  const shape = useSizes.getState().size ?? project.design;
  const scale = Math.min(1, LONGEST / Math.max(shape.width, shape.height));
  const [width, height] = [shape.width, shape.height].map((side) => Math.round(side * scale));
  const opened = window.open('', 'tavu-second', `popup,width=${width},height=${height}`);
  if (!opened) {
    notify('The browser let no second window open. Allow pop-up windows for this page, then try again.');
    return;
  }
  other = opened as Window & typeof globalThis;
  prepare(other);
  const player = livePlayer();
  if (player) showInSecond(player);
  useSecond.setState({ open: true });
  window.addEventListener('pagehide', closeSecond, { once: true });
  other.addEventListener('keydown', (event) => event.key === 'F8' && toggleHold());
  // Once the user has closed it, nothing more is drawn in it.
  other.addEventListener('pagehide', forgetSecond);
}

export function closeSecond(): void {
  other?.close();
  forgetSecond();
}

function forgetSecond(): void {
  stage?.end();
  [stage, other] = [null, null];
  useSecond.setState({ open: false });
}

/** Shows the run of a player in the second window, if there is one. */
export function showInSecond(player: Player): void {
  if (!other || other.closed) return;
  stage?.end();
  const here = other;
  here.document.title = `${useStudio.getState().project.name} – Tavu`;
  const host = here.document.getElementById('game')!;
  void loadFontsIn(here);
  stage = new SecondStage(host, player, () =>
    flowAt(useStudio.getState().flow, { name: '', width: here.innerWidth, height: here.innerHeight }),
  );
  host.focus();
}

/** An empty window becomes a place for the game, with nothing around it. */
function prepare({ document: page }: Window): void {
  page.documentElement.lang = document.documentElement.lang;
  const style = page.createElement('style');
  style.textContent =
    'html,body{margin:0;height:100%;background:#000}#game{width:100%;height:100%;outline:none}';
  page.head.replaceChildren(style);
  const game = page.createElement('main');
  game.id = 'game';
  game.tabIndex = 0;
  game.setAttribute('role', 'application');
  game.setAttribute('aria-label', 'The game');
  page.body.replaceChildren(game);
}

/** A window loads its fonts itself, so that those of this page are given to the second one too. */
export const loadSecondFonts = (): void => {
  if (other && !other.closed) void loadFontsIn(other);
};
