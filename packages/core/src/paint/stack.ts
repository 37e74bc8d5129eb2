import type { CompiledScreen, Flow } from '../compile';
import type { Rect } from '../geometry';
import type { Id } from '../model';

/**
 * How far a notice is moved down (negative: up), in design pixels, so that stacked notices stand beside one another,
 * away
 * from the nearer edge of the frame.
 */
export function stackLift(flow: Flow, { screen, slot }: { screen: Id; slot: number }): number {
  const round = slot === 0 ? null : roundAll(flow.screens.get(screen)!);
  if (!round) return 0;
  const by = slot * (round.height + 16);
  return round.y + round.height / 2 > flow.frame.height / 2 ? -by : by;
}

/** The rect round all that lies on a screen. */
export function roundAll({ placed }: CompiledScreen): Rect | null {
  if (placed.length === 0) return null;
  const left = Math.min(...placed.map(({ rect }) => rect.x));
  const top = Math.min(...placed.map(({ rect }) => rect.y));
  return {
    x: left,
    y: top,
    width: Math.max(...placed.map(({ rect }) => rect.x + rect.width)) - left,
    height: Math.max(...placed.map(({ rect }) => rect.y + rect.height)) - top,
  };
}
