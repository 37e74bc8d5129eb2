import { isTouch } from '@tavu/core/model';
import type { Device, Input } from '@tavu/core/run';

/** The device an input came from; null for anything but a player's hand. */
export function deviceOf(input: Input): Device | null {
  switch (input.type) {
    case 'key':
      return 'keys';
    case 'pad':
      return 'pad';
    case 'pointer':
    case 'scroll':
      return input.device;
    case 'tilt':
      return 'touch';
    case 'gesture':
      return isTouch(input.gesture) ? 'touch' : 'pointer';
    default:
      return null;
  }
}
