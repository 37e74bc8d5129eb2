import type { Transition, PictureBar } from '@tavu/core/run';

/** What stands on a line of its own in a transition: a picture, or a part of it that moves by itself. */
export interface Row {
  key: string;
  label: string;
  picture: PictureBar;
  /** Microseconds from the beginning of the transition. */
  from: number;
  until: number;
  /** A part of it; null for all of it. */
  part: string | null;
  /** Its place among the elements that come in turn; null where it is none. */
  turn: number | null;
}

/** What the parts of a picture are called that are no elements. */
export const PARTS: Readonly<Record<string, string>> = {
  screen: 'all of it',
  background: 'its background',
  content: 'what is on it',
};

/** A row a picture, and one for each part where parts move apart. */
export function rowsOf(
  { pictures }: Transition,
  nameOf: (screen: string, part: string | null) => string,
): Row[] {
  return pictures.flatMap((picture) => {
    const { screen, way, from, until, parts } = picture;
    const whole: Row = {
      key: `${picture.serial} ${way}`,
      label: `${nameOf(screen, null)} ${way === 'leaving' ? 'leaves' : 'comes'}`,
      picture,
      from,
      until,
      part: null,
      turn: null,
    };
    if (parts.length < 2) return [whole];
    const turns = parts.filter(({ part }) => !(part in PARTS));
    return [
      whole,
      ...parts.map(({ part, from: start, until: end }): Row => ({
        key: `${picture.serial} ${way} ${part}`,
        label: nameOf(screen, part),
        picture,
        from: start,
        until: end,
        part,
        turn: turns.findIndex((turn) => turn.part === part),
      })),
    ];
  });
}
