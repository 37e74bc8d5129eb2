import { codeName } from '../keys';
import { BEATS, codeOn, type RenderState } from '../drawing';
import { movesWords } from '../marks';
import { frameAt, progressAt, seedOf } from '../animate';
import type { CompiledScreen, Flow } from '../compile';
import type { TextPart } from '../message';
import type { BindingElement, Id, PromptElement, Scalar } from '../model';
import {
  barAt,
  facesAt,
  promptsFor,
  secondsLeft,
  timeLeft,
  typedAlone,
  wordsOf,
  type Instance,
  type Leaving,
  type RunState,
  type TalkLooks,
} from '../run';

/** What an instance's own texts, pictures and controls show: its parameters, and the values as they are now. */
export type Words = Pick<
  RenderState,
  | 'texts'
  | 'typed'
  | 'shapes'
  | 'inks'
  | 'rows'
  | 'assets'
  | 'holds'
  | 'faces'
  | 'bars'
  | 'device'
  | 'codes'
  | 'taking'
  | 'grain'
  | 'beat'
>;

/** `made` is what a conversation makes of it now. */
export function resolveContent(
  flow: Flow,
  screen: CompiledScreen,
  state: RunState,
  thing: Instance | Leaving,
  made: TalkLooks,
): Words {
  const { args } = thing;
  const texts: Record<Id, string> = {};
  const said = (parts: readonly TextPart[]): string => wordsOf(flow, state, thing, parts);
  for (const [element, parts] of screen.texts) texts[element] = said(parts);
  const elapsed = state.now - thing.shown;
  for (const { element, frames, parts, last } of screen.frames) {
    const at = frameAt(frames, elapsed, frames.shuffled ? seedOf(state.seed, thing.serial, element) : 0);
    texts[element] = said(at === 'last' ? last : parts[at]!);
  }
  const assets: Record<Id, Id> = {};
  for (const { element, from } of screen.pictured) {
    const given = args[from] ?? state.values[from];
    if (typeof given === 'string' && given !== '') assets[element] = given;
  }
  const { typed, shapes, inks, rows, ...talk } = made;
  Object.assign(texts, talk.texts);
  const alone = typedAlone(flow, state, thing, texts);
  Object.assign(texts, alone.texts);
  Object.assign(assets, talk.assets);
  const holds: Record<Id, Scalar> = {};
  for (const { element, value } of screen.bound)
    if (state.values[value] !== undefined) holds[element] = state.values[value];
  for (const { element, value } of screen.tabs)
    if (value === null && 'tabs' in thing) holds[element] = thing.tabs[element] ?? 0;
  const { loading } = screen;
  if (loading)
    for (const element of screen.progresses)
      holds[element] = progressAt(loading, elapsed, Math.max(0, thing.progress));
  for (const { element, link, seconds } of screen.timers) {
    const left = timeLeft(flow, thing, link);
    holds[element] = seconds ? secondsLeft(left) : left / (flow.links.get(link)?.after || 1);
  }
  const bars: Words['bars'] = {};
  for (const bar of screen.bars) {
    const now = barAt(bar, thing, state.now);
    if (now) bars[bar.element] = now;
  }
  return {
    texts,
    typed: thing.talk === null ? alone.typed : typed,
    shapes,
    inks,
    rows,
    assets,
    holds,
    faces: screen.fading.length > 0 ? facesAt(screen.fading, thing, state.now) : NONE,
    bars,
    device: promptsFor(state),
    codes: state.rebound,
    taking:
      state.inputCapture?.serial === thing.serial
        ? {
            element: state.inputCapture.element,
            clash: state.inputCapture.clash,
            words: state.inputCapture.words,
          }
        : null,
    grain: screen.screen.background.grain?.moves && !flow.reduced ? Math.floor(state.now / GRAIN) % 12 : 0,
    beat:
      flow.reduced || !Object.values(texts).some(movesWords) ? null : Math.floor(state.now / BEAT) % BEATS,
  };
}

/** What is said and held on something that is up, also by the keys it is pressed with. */
export function shownOn(
  flow: Flow,
  state: RunState,
  instance: Instance,
  made: TalkLooks,
): Pick<Words, 'texts' | 'holds' | 'taking' | 'rows'> & {
  tooltips: Record<Id, string>;
  codeWords: (element: PromptElement | BindingElement) => string;
} {
  const screen = flow.screens.get(instance.screen)!;
  const words = resolveContent(flow, screen, state, instance, made);
  return {
    ...words,
    tooltips: Object.fromEntries(
      [...screen.tooltips].map(([id, parts]) => [id, wordsOf(flow, state, instance, parts)] as const),
    ),
    codeWords: (element) => {
      const device = 'device' in element ? element.device : words.device;
      const code =
        element.action === null ? undefined : codeOn(flow.project, element.action, { ...words, device });
      return code === undefined ? '' : codeName(code);
    },
  };
}

const NONE: Words['faces'] = {};

/** How long moving grain stands, and words that move, in microseconds. */
const GRAIN = 83_333;
const BEAT = 33_333;
