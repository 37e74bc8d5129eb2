import { reachesPages } from '@tavu/core/model';
import type { Binding } from './bindings';

/**
 * Waits for the next key or pad button of the real devices, so that one is bound by pressing it. Modifiers count when they are let go of
 * by themselves; the press goes nowhere else. Keys that no page is given are told of, and it waits on. Returns what ends
 * the waiting.
 */
export function capture(heard: (binding: Binding) => void, refused: (code: string) => void): () => void {
  const stop = new AbortController();
  const { signal } = stop;
  const done = (binding: Binding): void => {
    if (binding.on === 'keys' && !reachesPages(binding.code)) return refused(binding.code);
    stop.abort();
    cancelAnimationFrame(frame);
    heard(binding);
  };
  const swallow = (event: KeyboardEvent): void => {
    event.preventDefault();
    event.stopPropagation();
  };
  window.addEventListener(
    'keydown',
    (event) => {
      swallow(event);
      if (!event.repeat && !MODIFIER.test(event.code)) done({ on: 'keys', code: event.code });
    },
    { signal, capture: true },
  );
  window.addEventListener(
    'keyup',
    (event) => {
      swallow(event);
      if (MODIFIER.test(event.code)) done({ on: 'keys', code: event.code });
    },
    { signal, capture: true },
  );
  // Buttons that are down already do not count until they have come up.
  const before = new Set(pressed());
  const look = (): void => {
    const now = pressed();
    const fresh = now.find((button) => !before.has(button));
    for (const button of before) if (!now.includes(button)) before.delete(button);
    if (fresh !== undefined) return done({ on: 'pad', button: fresh });
    frame = requestAnimationFrame(look);
  };
  let frame = requestAnimationFrame(look);
  return () => {
    stop.abort();
    cancelAnimationFrame(frame);
  };
}

const MODIFIER = /^(Shift|Control|Alt|Meta|OS)/;

function pressed(): number[] {
  const pad = navigator.getGamepads?.().find((getGamepad) => getGamepad?.connected);
  return pad ? pad.buttons.flatMap((button, i) => (button.pressed ? [i] : [])) : [];
}
