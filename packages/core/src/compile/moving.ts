import {
  compileAnimation,
  compileFrames,
  compileLoading,
  compilePlays,
  endOf,
  lengthOf,
  type CompiledAnimation,
} from '../animate';
import type { Scope } from '../expression';
import {
  framesOf,
  SHORTEST,
  toMicros,
  valueById,
  type Duration,
  type Element,
  type Id,
  type Project,
  type Screen,
} from '../model';
import { textParts } from '../message';
import { boxStyle, MARKER, markerOf, markerPart } from '../style';
import type { CompiledBar, CompiledScreen } from './types';

/** What on a screen moves, changes or loads by itself, and when that has come to an end. */
export function compileMoving(
  project: Project,
  screen: Screen,
  elements: readonly Element[],
  scope: (element: Id) => Scope,
  { reduced, language }: { reduced: boolean; language: string },
): Pick<CompiledScreen, 'animations' | 'bars' | 'fading' | 'frames' | 'loading' | 'progresses' | 'ends'> {
  const { rates } = project;
  const animations = elements.flatMap((element) => [
    ...(element.animations ?? []).map((animation) => compileAnimation(element.id, animation, rates, reduced)),
    ...loopOfMarker(project, element, reduced),
    ...playing(project, element, reduced),
  ]);
  const frames = elements.flatMap((element): CompiledScreen['frames'] => {
    if (!('frames' in element) || !element.frames) return [];
    const { frames, last } = element.frames;
    return [
      {
        element: element.id,
        frames: compileFrames(element.frames, rates),
        parts: frames.map(({ text }) => textParts(text, scope(element.id), language)),
        last: textParts(last?.text ?? '', scope(element.id), language),
      },
    ];
  });
  const loading = screen.loading ? compileLoading(screen.loading, project) : null;
  return {
    animations,
    fading: elements.flatMap((element) => {
      const takes = 'box' in element ? toMicros(boxStyle(project, element.box).fades ?? '0 s', rates) : 0;
      return takes > 0 ? [{ element: element.id, takes }] : [];
    }),
    bars: elements.flatMap((element) => compileBar(project, element)),
    frames,
    loading,
    progresses: elements.flatMap((element) => ('loading' in element && element.loading ? [element.id] : [])),
    ends: endsAt(loading, [
      ...animations
        .filter((animation) => animation.on === 'arrival')
        .map((animation) => Math.max(SHORTEST, endOf(animation))),
      ...frames.map((frame) => lengthOf(frame.frames)),
    ]),
  };
}

/** A bar that takes its time, or tells of a loss; none shows its value as it is. */
function compileBar(project: Project, element: Element): CompiledBar[] {
  if (element.type !== 'progress' || element.loading || !valueById(project, element.value)) return [];
  const { eases, easing = 'linear', loss, animations = [] } = element;
  if (!eases && !loss && !animations.some(({ on }) => on === 'loss')) return [];
  const micros = (duration: Duration | undefined): number =>
    duration ? toMicros(duration, project.rates) : 0;
  return [
    {
      element: element.id,
      part: element,
      eases: micros(eases),
      easing,
      after: micros(loss?.after),
      over: micros(loss?.over),
    },
  ];
}

/** What the picture beside an element does for as long as that has the focus. */
function loopOfMarker(project: Project, element: Element, reduced: boolean): CompiledAnimation[] {
  const loop = markerOf(project, element)?.loop;
  if (!loop) return [];
  const animation = { id: MARKER, on: 'focus', ...loop } as const;
  return [compileAnimation(element.id, animation, project.rates, reduced, markerPart(element.id))];
}

/** A picture that goes through its frames by itself. */
function playing(project: Project, element: Element, reduced: boolean): CompiledAnimation[] {
  if (element.type !== 'picture' || !element.plays || element.value !== undefined) return [];
  const count = framesOf(project, element).length;
  return count < 2 ? [] : [compilePlays(element.id, element.plays, count, project.rates, reduced)];
}

/** Loading decides when a screen is done; without it, the last thing that ends. */
function endsAt(loading: CompiledScreen['loading'], ends: readonly number[]): number | null {
  if (loading) return Number.isFinite(loading.lasts) ? loading.lasts : null;
  const finite = ends.filter(Number.isFinite);
  return finite.length > 0 ? Math.max(...finite) : null;
}
