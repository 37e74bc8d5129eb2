import { compile, wordingsOf, wordsRoom, type CompiledScreen, type Flow, type OpOf } from '../compile';
import { inLanguage } from '../language';
import { screenById, type Conversation, type Id, type Project, withId } from '../model';
import { firstState, lay, pageTimes, type RunState } from '../run';
import { textStyle } from '../style';
import { laySaid } from '../lettering';
import { fits } from '../text';

/** Whether lines fit where they are said, and how long they can be read. */

export interface Over {
  /** Design pixels. */
  by: number;
  way: 'high' | 'wide';
}

/** By how much words do not fit where lines are said; null when they do. Kept with what is laid. */
export function overflowing(flow: Flow, screen: CompiledScreen, words: string): Over | null {
  const { says } = screen.talkParts;
  const room = says === null ? null : wordsRoom(screen, says);
  if (!room) return null;
  const look = textStyle(flow.project, room.use);
  const block = laySaid(flow.project, words, look, room);
  if (fits(block)) return null;
  const { across, down } = block.over;
  return down > 0 ? { by: Math.ceil(down), way: 'high' } : { by: Math.ceil(across), way: 'wide' };
}

export type Laid = ReturnType<typeof lay>;

/** A line or choice as it is laid out at the beginning of a run. */
export const laidOn = (flow: Flow, screen: CompiledScreen, op: OpOf<'line' | 'choice'>): Laid =>
  lay(
    flow,
    firstState(flow),
    { screen: screen.id, args: fallbacksOf(screen), talk: null, layer: screen.layer, timers: {} },
    op,
  );

const fallbacksOf = ({ parameters }: CompiledScreen) =>
  Object.fromEntries(parameters.map(({ id, fallback }) => [id, fallback]));

/** Letters a second while a line is up, where it goes on after its reading time. */
export function readingSpeed(flow: Flow, state: RunState, laid: Laid): number {
  let time = 0;
  laid.pages.forEach((_, i) => {
    const { typing, reading } = pageTimes(flow, state, laid, i);
    time += typing + reading;
  });
  return time === 0 ? Infinity : laid.typed.letters.length / (time / 1_000_000);
}

/** Lines that do not fit in other languages, or come in parts there: by the key of the step, the languages' names. */
export function overflowingTranslations(project: Project, { id }: Conversation): ReadonlyMap<Id, string[]> {
  const found = new Map<Id, string[]>();
  for (const { code, name } of (project.languages ?? []).slice(1)) {
    const said = inLanguage(project, code);
    const own = withId(said.conversations, id);
    const screen = own && screenById(said, own.screen);
    if (!screen) continue;
    const flow = compile({ ...said, screens: [screen], links: [], start: screen.id }, undefined, {
      language: code,
    });
    const compiled = flow.screens.get(screen.id)!;
    for (const op of flow.talks.get(id)!.ops) {
      if (op.op !== 'line') continue;
      const fits = wordingsOf(op).every((wording) => {
        const { typed, pages } = laidOn(flow, compiled, wording);
        return pages.length === 1 && overflowing(flow, compiled, typed.text) === null;
      });
      if (!fits) found.set(op.key, [...(found.get(op.key) ?? []), name]);
    }
  }
  return found;
}
