import type { Project } from '../model';
import type { TalkTimeline } from '../run';

/** A conversation's lines with their times, as WebVTT (W3C). */
export function toWebVtt(project: Project, { lines }: TalkTimeline): string {
  const cues = lines
    .filter(({ from, until }) => until > from)
    .map(({ from, until, speaker, text }, i) => {
      const name = project.speakers?.find((each) => each.id === speaker)?.name;
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
