import { usesTilt } from '@tavu/core/model';
import type { Stage } from './stage';

/** Degrees: a smaller change is a hand that is not quite still. */
const STILL = 0.5;

/** Some browsers tell of the device's orientation only after the player has agreed, asked in answer to a press. */
type Asks = typeof DeviceOrientationEvent & { requestPermission?: () => Promise<'granted' | 'denied'> };

/**
 * Gives a run how far the device is tilted from how it is held at first (W3C Device Orientation), once the game has a use
 * for that. Level is wherever the screen was when it was last turned upright or on its side.
 */
export function listenToTilt(stage: Stage, signal: AbortSignal): void {
  if (typeof DeviceOrientationEvent === 'undefined') return;
  const { requestPermission } = DeviceOrientationEvent as Asks;
  let listens = false;
  let level: { x: number; y: number; turn: number } | null = null;

  const begin = (): void => {
    if (listens || !usesTilt(stage.flow.project)) return;
    listens = true;
    window.addEventListener('deviceorientation', heard, { signal });
  };
  const heard = ({ beta, gamma }: DeviceOrientationEvent): void => {
    if (stage.held || beta === null || gamma === null || !usesTilt(stage.flow.project)) return;
    const turn = screen.orientation?.angle ?? 0;
    const [sin, cos] = [Math.sin((turn * Math.PI) / 180), Math.cos((turn * Math.PI) / 180)];
    const now = { x: gamma * cos + beta * sin, y: beta * cos - gamma * sin, turn };
    if (level?.turn !== turn) level = now;
    const [x, y] = [now.x - level.x, now.y - level.y];
    const { tilt } = stage.state;
    if (Math.hypot(x - (tilt?.x ?? 0), y - (tilt?.y ?? 0)) < STILL) return;
    stage.give({ type: 'tilt', x: Math.round(x * 10) / 10, y: Math.round(y * 10) / 10 });
  };

  if (!requestPermission) {
    begin();
    stage.host.addEventListener('pointerdown', begin, { signal });
    return;
  }
  // A press is over when the finger comes up; before that no question may be asked.
  stage.host.addEventListener(
    'pointerup',
    () => {
      if (listens || !usesTilt(stage.flow.project)) return;
      requestPermission().then(
        (answer) => answer === 'granted' && begin(),
        // Without leave the game is played without tilting.
        () => undefined,
      );
    },
    { signal },
  );
}
