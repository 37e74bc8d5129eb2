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
import { edit } from '../studio/store';

/** How long a screen stays by itself, and what says so: what it loads, a notice's time, or a link after a time. */
export type Stay = { duration: Duration } & ({ by: 'loading' | 'notice' } | { by: 'link'; link: Link });

export function stayOf(project: Project, screen: Screen): Stay | null {
  const { loading } = screen;
  if (loading?.by === 'pretending') return { duration: loading.lasts, by: 'loading' };
  if (screen.layer === 'notice' && (screen.until ?? 'time') === 'time')
    return { duration: screen.lasts ?? '2 s', by: 'notice' };
  const goes = linksFrom(project, screen.id)
    .filter((link) => link.cue.on === 'time' && ['go', 'swap', 'back', 'end'].includes(link.kind))
    .map((link) => ({ link, after: (link.cue as { after: Duration }).after }))
    .sort((a, b) => toMicros(a.after, project.rates) - toMicros(b.after, project.rates))[0];
  return goes ? { duration: goes.after, by: 'link', link: goes.link } : null;
}

/** Makes a screen stay as long as that. */
export function matchStay(screen: Screen, stay: Stay, duration: Duration): void {
  if (stay.by === 'link') {
    const cue = { ...stay.link.cue, after: duration } as Link['cue'];
    edit('change link', { link: stay.link.id, change: { cue } });
    return;
  }
  const change: Partial<Screen> =
    stay.by === 'notice'
      ? { lasts: duration }
      : { loading: { ...screen.loading!, lasts: duration } as Screen['loading'] };
  edit('change screen', { screen: screen.id, change });
}

/** The same frames with every hold shared out so that all of them take so long. */
export function withLength(frames: TextFrames, from: number, to: number, rates: Rates): TextFrames {
  const share = (hold: Duration): Duration => {
    const micros = (toMicros(hold, rates) * to) / from;
    return timeIn(Math.round(micros), 's', rates);
  };
  return {
    ...frames,
    frames: frames.frames.map((each) => ({ ...each, hold: share(each.hold) })),
    ...(frames.last ? { last: { ...frames.last, hold: share(frames.last.hold) } } : {}),
  };
}
