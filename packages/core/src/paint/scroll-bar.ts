import type { CompiledScreen } from '../compile';
import { box, partOf, plain, type Item } from '../drawing';
import type { Rect } from '../geometry';
import type { Element, Id, PanelElement, Project } from '../model';
import { BAR_AWAY, barWidth, hasBars } from '../elements';
import { mostOf, scrollOf, type Instance } from '../run';
import { boxLook } from '../style';

/** A scroll bar in design pixels of its screen. */
export interface ScrollBar {
  axis: 'x' | 'y';
  track: Rect;
  thumb: Rect;
  /** How far what is scrolled goes for each pixel of the thumb. */
  times: number;
}

/** The colour of a bar on a box without a border: it is seen on dark and on light. */
const NEUTRAL = '#8c8c8c';
/** The shortest a thumb gets, so that a finger can take hold of it. */
const SHORTEST = 40;

/** The scroll bars of an element; none where it has none, or where all it holds is seen. */
export function scrollBarsOf(
  project: Project,
  screen: Pick<CompiledScreen, 'byId' | 'layout' | 'tree'>,
  element: Element,
  focus: Id | null,
  scrolled: Instance['scrolled'],
): ScrollBar[] {
  if (element.type !== 'panel' || !hasBars(element)) return [];
  const view = screen.layout.get(element.id)!;
  const most = mostOf(screen, element.id);
  const by = scrollOf(screen, element.id, focus, scrolled);
  const { thumb } = partsOf(project, element);
  const wide = barWidth(element);
  const room = wide + BAR_AWAY;
  const bars: ScrollBar[] = [];
  for (const axis of ['x', 'y'] as const) {
    if (most[axis] <= 0) continue;
    const other = axis === 'x' ? 'y' : 'x';
    const [size, across] = axis === 'x' ? (['width', 'height'] as const) : (['height', 'width'] as const);
    const length = view[size] - 2 * BAR_AWAY - (most[other] > 0 ? room : 0);
    if (length <= 0) continue;
    const own = thumb?.height ?? Math.max(SHORTEST, (length * view[size]) / (view[size] + most[axis]));
    const part = Math.min(own, length);
    const free = length - part;
    const place = (start: number, long: number, thick: number): Rect =>
      ({
        [axis]: start,
        [other]: view[other] + view[across] - BAR_AWAY - wide / 2 - thick / 2,
        [size]: long,
        [across]: thick,
      }) as unknown as Rect;
    const start = view[axis] + BAR_AWAY;
    const share = Math.min(1, Math.max(0, -by[axis] / most[axis]));
    bars.push({
      axis,
      track: place(start, length, wide),
      thumb: place(start + free * share, part, thumb?.width ?? wide),
      times: free > 0 ? most[axis] / free : 0,
    });
  }
  return bars;
}

function partsOf(project: Project, { parts }: PanelElement) {
  const track = partOf(project, parts?.scrollTrack, []);
  const thumb = partOf(project, parts?.scrollThumb, []);
  // A thumb whose length is not given is as long as what is seen is of the whole, whatever its picture is like.
  if (thumb && parts?.scrollThumb?.height === undefined) delete thumb.height;
  return { track, thumb };
}

/** Draws the bars of an element. */
export function scrollBarItems(project: Project, element: Element, bars: readonly ScrollBar[]): Item[] {
  if (element.type !== 'panel' || bars.length === 0) return [];
  const { track, thumb } = partsOf(project, element);
  const { border, borderWidth } = boxLook(project, element.box);
  const isSeen = borderWidth > 0 && !(border.length === 9 && border.endsWith('00'));
  const colour = isSeen ? border.slice(0, 7) : NEUTRAL;
  const round = (rect: Rect): number => Math.min(rect.width, rect.height) / 2;
  return bars.flatMap((bar) => [
    ...(track
      ? box(null, bar.track, track.look)
      : [{ ...plain(null, bar.track, `${colour}40`), corner: round(bar.track) }]),
    ...(thumb
      ? box(null, bar.thumb, thumb.look)
      : [{ ...plain(null, bar.thumb, colour), corner: round(bar.thumb) }]),
  ]);
}
