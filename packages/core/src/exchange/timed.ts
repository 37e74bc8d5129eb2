import { type Project, withId } from '../model';
import { rehearseTalk, type TalkTimeline } from '../run';
import type { Export } from './format';

export const vttOut: Export<'lines'> = {
  of: 'lines',
  title: 'WebVTT',
  about: 'Its lines with their times, for subtitles',
  write: ({ project, conversation }) => ({
    bytes: toWebVtt(project, rehearseTalk(project, conversation) ?? { lines: [] }),
    ending: 'vtt',
    media: 'text/vtt',
  }),
};

/** A conversation's lines with their times, as WebVTT (W3C). */
export function toWebVtt(project: Project, { lines }: Pick<TalkTimeline, 'lines'>): string {
  const cues = lines
    .filter(({ from, until }) => until > from)
    .map(({ from, until, speaker, text }, i) => {
      const name = withId(project.speakers, speaker)?.name;
      const words = escaped(text).replace(/\n{2,}/g, '\n');
      const voiced = name === undefined ? words : `<v ${escaped(name).replace(/\n/g, ' ')}>${words}`;
      return `${i + 1}\n${stamp(from)} --> ${stamp(until)}\n${voiced}\n`;
    });
  return `WEBVTT\n\n${cues.join('\n')}`;
}

const escaped = (text: string): string =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');

function stamp(micros: number): string {
  const ms = Math.round(micros / 1000);
  const two = (n: number): string => String(n).padStart(2, '0');
  const [h, m, s] = [Math.floor(ms / 3_600_000), Math.floor(ms / 60_000) % 60, Math.floor(ms / 1000) % 60];
  return `${two(h)}:${two(m)}:${two(s)}.${String(ms % 1000).padStart(3, '0')}`;
}
