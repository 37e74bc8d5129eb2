import { timeOf } from '@tavu/core/triggers';
import { compileAnimation, compileFrames, compilePlays, lengthOf } from '@tavu/core/animate';
import { framesOf, linksFrom, toMicros, type Element, type Project, type Screen } from '@tavu/core/model';
import { timeToRead, wordsShown } from '@tavu/core/words';
import { stayOf } from '../animation';
import { choose } from '../store';

/** One thing of a screen in its own time, in microseconds since it was shown. */
export interface Line {
  key: string;
  label: string;
  from: number;
  /** Infinity goes on for ever. */
  until: number;
  /** Moments on it, in microseconds. */
  marks: readonly number[];
  look: string;
  words: string;
  onChoose?: () => void;
}

/**
 * How long a screen stays, what it loads, its timers, the loops of its elements, the frames of its texts, and how
 * long they take to read.
 */
export function linesOf(
  project: Project,
  screen: Screen,
  elements: readonly Element[],
  words: (micros: number) => string,
): Line[] {
  const { rates } = project;
  const found: Line[] = [];
  const stay = stayOf(project, screen);
  if (stay)
    found.push({
      key: 'stay',
      label: 'stays',
      from: 0,
      until: toMicros(stay.duration, rates),
      marks: [],
      look: 'border-chosen bg-chosen-wash',
      words: `It stays ${stay.duration}`,
    });
  if (screen.minTime)
    found.push({
      key: 'min',
      label: 'at least',
      from: 0,
      until: toMicros(screen.minTime, rates),
      marks: [],
      look: 'border-dashed border-strong',
      words: `It stays at least ${screen.minTime}`,
    });
  if (screen.loading?.limit)
    found.push({
      key: 'limit',
      label: 'fails after',
      from: 0,
      until: toMicros(screen.loading.limit, rates),
      marks: [],
      look: 'border-dashed border-warn',
      words: `It has failed after ${screen.loading.limit}`,
    });
  for (const link of linksFrom(project, screen.id)) {
    const after = timeOf(link.trigger);
    if (after === null || (stay?.by === 'link' && stay.link.id === link.id)) continue;
    found.push({
      key: link.id,
      label: 'timer',
      from: 0,
      until: toMicros(after, rates),
      marks: [],
      look: 'border-strong bg-mist',
      words: `A timer of ${after}`,
      onChoose: () => choose({ link: link.id }),
    });
  }
  for (const element of elements) {
    const pick = (): void => choose({ element: element.id });
    for (const animation of element.animations ?? []) {
      const { span, delay, repeat } = compileAnimation(element.id, animation, rates, false);
      const moments = animation.frames.map((frame) => delay + toMicros(frame.at, rates));
      found.push({
        key: `${element.id} ${animation.id}`,
        label: element.name,
        from: delay,
        until: repeat ? Infinity : delay + span,
        marks: moments,
        look: 'border-live bg-live-wash',
        words: `${element.name}: ${moments.length} keyframes over ${words(span)}${repeat ? ', again and again' : ''}`,
        onChoose: pick,
      });
    }
    if (element.type === 'picture' && element.plays && element.value === undefined) {
      const count = framesOf(project, element).length;
      const { span, delay, repeat } = compilePlays(element.id, element.plays, count, rates, false);
      if (count > 1)
        found.push({
          key: `${element.id} plays`,
          label: element.name,
          from: delay,
          until: repeat ? Infinity : delay + span,
          marks: Array.from({ length: count }, (_, i) => delay + (i * 1e6) / element.plays!.rate),
          look: 'border-live bg-live-wash',
          words: `${element.name}: ${count} frames over ${words(span)}${repeat ? ', again and again' : ''}`,
          onChoose: pick,
        });
    }
    if (element.type === 'text' && element.frames) {
      const frames = compileFrames(element.frames, rates);
      let at = 0;
      const starts = frames.holds.map((hold) => (at += hold) - hold);
      found.push({
        key: `${element.id} frames`,
        label: element.name,
        from: 0,
        until: lengthOf(frames),
        marks: starts,
        look: 'border-strong bg-marsh',
        words: `${element.name}: frames over ${words(frames.round)}`,
        onChoose: pick,
      });
    }
  }
  const said = wordsShown(project, screen, elements);
  const reading = timeToRead(project, said) * 1000;
  if (said !== '')
    found.push({
      key: 'reading',
      label: 'to read it',
      from: 0,
      until: reading,
      marks: [],
      look: 'border-dotted border-strong',
      words: `Its words take ${words(reading)} to read`,
    });
  return found;
}
