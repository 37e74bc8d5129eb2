import type { Side } from '../model';
import type { Check } from './finding';

interface Faceless {
  why: 'picture gone' | 'no portrait' | 'no place';
  /** The speaker, or the screen that has no place for a portrait on a side. */
  name?: string;
  side?: Side;
}

export const faceless: Check<Faceless> = {
  severity: 'error',
  about: 'Who speaks is not seen: no portrait, no place for it on the screen, or its picture is gone.',
  // That a speaker has no portrait is told once, where they speak first.
  spoken: ({ flow, screen, op: { speaker: id, face, side }, told }) => {
    const speaker = id === null ? undefined : flow.speakers.get(id);
    const { talkParts } = screen;
    const pictured = talkParts.left !== null || talkParts.right !== null || talkParts.middle !== null;
    const gone = face !== null && !flow.project.assets.some((asset) => asset.id === face);
    const found: Faceless[] = gone ? [{ why: 'picture gone' }] : [];
    if (!pictured) return found;
    if (speaker && face === null && !speaker.unseen && !told.has(speaker.id)) {
      told.add(speaker.id);
      found.push({ why: 'no portrait', name: speaker.name });
    }
    if (face !== null && talkParts[side] === null)
      found.push({ why: 'no place', name: screen.screen.name, side });
    return found;
  },
  phrase: ({ why, name, side }) => {
    switch (why) {
      case 'picture gone':
        return 'The picture of its face is gone.';
      case 'no portrait':
        return `${name} has no portrait.`;
      case 'no place':
        return `${name} has no portrait ${side === 'middle' ? 'in the middle' : `on the ${side}`}.`;
    }
  },
};
