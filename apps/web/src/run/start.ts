import { messageOf } from '@tavu/core/compile';
import { Player } from '@tavu/player';
import { keepPlayed, storageFault } from '../persistence';
import { notify, useLanguage, useSkin, useStudio } from '../store';
import { showHeld } from './control';
import { hear } from './hear';
import { forget } from './past';
import { liveFlow, setPlayer } from './player';
import { showInSecond } from './second';
import { useSizes } from './sizes';
import { useRun } from './state';

const { setState } = useRun;

/** Starts the run in an element. Returns what ends it. */
export function startRun(host: HTMLElement, spares: (event: KeyboardEvent) => boolean): () => void {
  const { sources } = useStudio.getState();
  forget();
  setState({ held: false, fault: null });
  const { id } = useStudio.getState().project;
  const made = new Player(host, {
    flow: liveFlow(),
    sources,
    onStep: hear,
    playing: useRun,
    spares,
    takesHandFirst: true,
    veils: true,
    onFault: (error, state) => {
      const { screen } = state.overlays.at(-1) ?? state.base;
      setState({ fault: { screen, message: messageOf(error) } });
    },
    kept: useStudio.getState().played,
    onKept: (kept) => {
      keepPlayed(id, kept).catch((error: unknown) =>
        notify(`What was chosen while playing is not saved: ${storageFault(error)}`),
      );
    },
  });
  setPlayer(made);
  showInSecond(made);
  // Kept from an earlier run, another language than that of the window may be spoken.
  if (made.flow !== liveFlow()) made.load(liveFlow());
  const stop = useStudio.subscribe((now, before) => {
    if (now.sources !== before.sources) made.show(now.sources);
    if (now.flow !== before.flow) {
      // What stopped it may be mended.
      setState({ fault: null });
      made.load(liveFlow());
    }
    // What is chosen is what is seen, whichever part of the window it was chosen in.
    if (now.choices !== before.choices && now.chosen.screen !== null) showHeld(now.chosen.screen);
  });
  const stopSizes = useSizes.subscribe((now, before) => {
    if (now.size !== before.size) made.load(liveFlow());
  });
  const stopLanguage = useLanguage.subscribe(() => made.load(liveFlow()));
  const stopSkin = useSkin.subscribe(() => made.load(liveFlow()));
  return () => {
    stop();
    stopLanguage();
    stopSkin();
    stopSizes();
    made.destroy();
    setPlayer(null);
  };
}
