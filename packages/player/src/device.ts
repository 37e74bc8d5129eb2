import { isTouch } from '@tavu/core/model';
import type { Device, Input } from '@tavu/core/run';

/** What an input came from; null where it is no hand. */
export function deviceOf(input: Input): Device | null {
  switch (input.type) {
    case 'key':
      return 'keys';
    case 'pad':
      return 'pad';
    case 'pointer':
    case 'scroll':
      return input.device;
    case 'gesture':
      return isTouch(input.gesture) ? 'touch' : 'pointer';
    default:
      return null;
  }
}
