import type { Flow } from '@tavu/core/compile';
import type { Input, RunState } from '@tavu/core/run';

/** A place of a page where a run is seen and played: what keyboard, pad, pointer and typing need of it. */
export interface Stage {
  readonly host: HTMLElement;
  /** The flow as it is laid out there. */
  readonly flow: Flow;
  readonly state: RunState;
  readonly held: boolean;
  /** Whether the pointer counts as a finger, since only touch plays. */
  readonly byTouch: boolean;
  /** Whether a pointer press only gives the host the focus. */
  readonly takesHand: boolean;
  give(input: Input): void;
  /** Lets the time pass that has passed. */
  passNow(): void;
  /** The design pixel under a point of the page. */
  pointAt(clientX: number, clientY: number): { x: number; y: number };
}
