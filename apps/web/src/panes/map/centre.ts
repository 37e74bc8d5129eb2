import type { Id } from '@tavu/core/model';

/** The map that is shown, for those who choose a screen elsewhere. */
let centre: ((card: Id) => void) | null = null;

/** Says how the shown map brings a card to its middle, and the keyboard to it. Returns what ends that. */
export function listenToCentre(bring: (card: Id) => void): () => void {
  centre = bring;
  return () => {
    if (centre === bring) centre = null;
  };
}

/** Brings the map along to a screen; false where no map is shown. */
export function centreOnMap(screen: Id): boolean {
  centre?.(screen);
  return centre !== null;
}
