import { canScroll } from '../elements';
import { group, type Item, box, saidText } from '../drawing';
import type { Flow } from '../compile';
import type { Rect } from '../geometry';
import type { Id } from '../model';
import { scrollOf, tooltipOn, type Instance, type RunState } from '../run';
import { boxLook, inColour, textLook, tooltipLook } from '../style';
import { laySaid } from '../lettering';
import { stackLift } from './stack';

/** How wide the words of a tooltip get before they are broken, as a share of the frame. */
const WIDEST = 0.32;
/** Room round the words, and between the element and the tooltip, in sizes of the lettering. */
const PAD = { x: 0.7, y: 0.45 };
const GAP = 0.4;
/** How long a tooltip takes to come, in microseconds. */
const FADE = 120_000;

/** The tooltip that is shown, over all else: beneath its element, or above it where there is no room. */
export function tooltipNow(flow: Flow, state: RunState): Item[] {
  const tooltip = tooltipOn(flow, state);
  if (!tooltip) return [];
  const { project, frame } = flow;
  const look = tooltipLook(project);
  const face = boxLook(project, look.box);
  const lettering = textLook(project, look.text);
  const ink = face.ink ? inColour(lettering, face.ink) : lettering;
  const { lines, height: high } = laySaid(project, tooltip.words, ink, {
    width: frame.width * WIDEST,
    height: frame.height,
  });
  const wide = Math.max(...lines.map((line) => line.width));
  const pad = { x: ink.size * PAD.x, y: ink.size * PAD.y };
  const size = { width: wide + 2 * pad.x, height: high + 2 * pad.y };
  const beside = rectOf(flow, tooltip.instance, tooltip.element);
  const rect = placed(size, beside, frame, ink.size * GAP, project.design.margin / 100);
  // A hair of room, so that words measured as wide as this do not break again.
  const inner = { x: rect.x + pad.x, y: rect.y + pad.y, width: wide + 1, height: high };
  const items = [...box(null, rect, face), ...saidText(project, tooltip.element, inner, tooltip.words, ink)];
  return [group(items, { opacity: flow.reduced ? 1 : Math.min(1, (state.now - tooltip.from) / FADE) })];
}

/** Within the safe margin wherever it fits there. */
function placed(
  { width, height }: { width: number; height: number },
  beside: Rect,
  frame: { width: number; height: number },
  gap: number,
  margin: number,
): Rect {
  const [left, top] = [frame.width * margin, frame.height * margin];
  const below = beside.y + beside.height + gap;
  const fits = below + height <= frame.height - top;
  const middle = beside.x + (beside.width - width) / 2;
  return {
    x: Math.max(left, Math.min(middle, frame.width - left - width)),
    y: fits ? Math.max(top, below) : Math.max(top, Math.min(beside.y - gap, frame.height - top) - height),
    width,
    height,
  };
}

/** Where an element stands in the frame, stacked and scrolled as it is. */
function rectOf(flow: Flow, instance: Instance, element: Id): Rect {
  const screen = flow.screens.get(instance.screen)!;
  const rect = { ...screen.layout.get(element)! };
  rect.y += stackLift(flow, instance);
  const parentOf = (id: Id): Id | null => screen.byId.get(id)?.parent ?? null;
  for (let at = parentOf(element); at !== null; at = parentOf(at)) {
    if (!canScroll(screen.byId.get(at))) continue;
    const by = scrollOf(screen, at, instance.focus, instance.scrolled);
    rect.x += by.x;
    rect.y += by.y;
  }
  return rect;
}
