import type { Flow } from '../compile';
import type { Rect } from '../layout';
import { stackLift } from './run';
import { reachable, sampleInstance, type RunState, type Spot } from '../run';

/**
 * What a press at a point (design pixels) lands on: the topmost element that can be pressed, on the screens a press may
 * reach, where motion has them at this time. A modal overlay catches all that misses its elements.
 */
export function hitTest(flow: Flow, state: RunState, x: number, y: number): Spot | null {
  const { width, height } = flow.project.design;
  for (const level of reachable(flow, state)) {
    const screen = flow.screens.get(level.screen)!;
    const sample = sampleInstance(level, state.now);
    if (!sample) continue;
    const px = x - (sample.x + sample.contentX) * width;
    const py = y - (sample.y + sample.contentY) * height - stackLift(flow, level);
    for (let i = screen.screen.elements.length - 1; i >= 0; i--) {
      const { id } = screen.screen.elements[i]!;
      const element = screen.pressable.get(id);
      if (element && contains(screen.layout.get(id)!, px, py)) return { serial: level.serial, element };
    }
    if (screen.modal) return { serial: level.serial, element: null };
  }
  return { serial: state.base.serial, element: null };
}

export const contains = (rect: Rect, x: number, y: number): boolean =>
  x >= rect.x && x <= rect.x + rect.width && y >= rect.y && y <= rect.y + rect.height;
