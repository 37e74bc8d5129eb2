import { BUBBLES, SIDES, type Said, type Speaker, withId } from '@tavu/core/model';

/** What is typed at the beginning of a line to say who says it: as much of a name as tells it from the others. */
export function speakerTyped(
  text: string,
  speakers: readonly Speaker[],
): { speaker: Speaker; rest: string } | null {
  const match = /^([\p{L}\p{N}][^:\n]{0,39}):\s(.*)$/su.exec(text);
  if (!match) return null;
  const typed = match[1]!.trim().toLowerCase();
  const exact = speakers.filter((other) => other.name.toLowerCase() === typed);
  const begins = speakers.filter((other) => other.name.toLowerCase().startsWith(typed));
  const [speaker, ...others] = exact.length > 0 ? exact : begins;
  return speaker && others.length === 0 ? { speaker, rest: match[2]! } : null;
}

const after = <T>(all: readonly T[], now: T | undefined): T => all[(all.indexOf(now as T) + 1) % all.length]!;

/** The next side, face, bubble or speaker of a line; coming round, it is as its speaker’s again. */
export function turned(
  what: 'side' | 'face' | 'bubble' | 'speaker',
  said: Said,
  speakers: readonly Speaker[],
): Partial<Said> {
  const speaker = withId(speakers, said.speaker);
  switch (what) {
    case 'side':
      return { side: after([undefined, ...SIDES], said.side) };
    case 'bubble':
      return { bubble: after([undefined, ...BUBBLES], said.bubble) };
    case 'face': {
      const faces = (speaker?.faces ?? []).slice(1).map((face) => face.name);
      return { face: after([undefined, ...faces], said.face) };
    }
    case 'speaker':
      return {
        speaker: after([null, ...speakers.map((item) => item.id)], said.speaker),
        face: undefined,
        side: undefined,
        bubble: undefined,
      };
  }
}
