import { timeOf } from '@tavu/core/triggers';
import {
  linksFrom,
  timeIn,
  toMicros,
  type Duration,
  type Link,
  type Project,
  type Rates,
  type Screen,
  type TextFrames,
} from '@tavu/core/model';
import { edit } from '../store';

/** How long a screen stays by itself, and what says so: what it loads, a notice's time, or a link after a time. */
export type Stay = { duration: Duration } & ({ by: 'loading' | 'notice' } | { by: 'link'; link: Link });

export function stayOf(project: Project, screen: Screen): Stay | null {
  const { loading } = screen;
  if (loading?.by === 'pretending') return { duration: loading.lasts, by: 'loading' };
  if (screen.layer === 'notice' && (screen.until ?? 'time') === 'time')
    return { duration: screen.lasts ?? '2 s', by: 'notice' };
  const goes = linksFrom(project, screen.id)
    .filter(({ kind }) => ['go', 'swap', 'back', 'end'].includes(kind))
    .flatMap((link) => {
      const after = timeOf(link.trigger);
      return after === null ? [] : [{ link, after }];
    })
    .sort((a, b) => toMicros(a.after, project.rates) - toMicros(b.after, project.rates))[0];
  return goes ? { duration: goes.after, by: 'link', link: goes.link } : null;
}

/** Makes a screen stay as long as that. */
export function matchStay(screen: Screen, stay: Stay, duration: Duration): void {
  if (stay.by === 'link') {
    const trigger = { ...stay.link.trigger, after: duration } as Link['trigger'];
    edit('change link', { link: stay.link.id, change: { trigger } });
    return;
  }
  const change: Partial<Screen> =
    stay.by === 'notice'
      ? { lasts: duration }
      : { loading: { ...screen.loading!, lasts: duration } as Screen['loading'] };
  edit('change screen', { screen: screen.id, change });
}

/**
 * The same frames with every hold shared out so that all of them take so long, to the microsecond: what does not divide
 * goes to the last frame; where rounds have no last one, all of them end at most a microsecond a round too soon.
 */
export function withLength(frames: TextFrames, from: number, to: number, rates: Rates): TextFrames {
  const share = (hold: Duration): number => Math.round((toMicros(hold, rates) * to) / from);
  const { last } = frames;
  const rounds = frames.rounds ?? 1;
  const holds = frames.frames.map(({ hold }) => share(hold));
  const sum = holds.reduce((all, hold) => all + hold, 0);
  const ending = last ? Math.max(1000, to - sum * rounds) : 0;
  if (!last && holds.length > 0) holds[holds.length - 1]! += Math.floor(to / rounds) - sum;
  return {
    ...frames,
    frames: frames.frames.map((frame, i) => ({ ...frame, hold: exactly(holds[i]!, rates) })),
    ...(last ? { last: { ...last, hold: exactly(ending, rates) } } : {}),
  };
}

/** In seconds where those say it to the millisecond, else in milliseconds, which say it to the microsecond. */
const exactly = (micros: number, rates: Rates): Duration =>
  timeIn(micros, micros % 1000 === 0 ? 's' : 'ms', rates);

/** Whether frames end with the stay: what rounds cannot share out does not count. */
export const isMatched = (sum: number, stay: number, { rounds = 1 }: TextFrames): boolean =>
  Math.abs(stay - sum) < Math.max(1, rounds);
