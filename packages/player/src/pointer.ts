import { dragTest, hitTest, scrollTest, tooltipTest } from '@tavu/core/paint';
import { isSameSpot } from '@tavu/core/run';
import type { Gesture } from '@tavu/core/model';
import type { Stage } from './stage';

/** How far a finger moves, in CSS pixels, until it scrolls, and until it has swiped. */
const SLIP = 12;
const SWIPE = 60;
/** The longest a swipe takes, in milliseconds. */
const QUICK = 700;

interface Finger {
  id: number;
  x: number;
  y: number;
  at: number;
  /** What it scrolls, once it does. */
  scrolls: { serial: number; area: string; lastX: number; lastY: number } | null;
  moved: boolean;
}

/** Gives a run what the pointer and fingers do over its host: presses, drags, scrolling, wheel, swipes. */
export function listenToPointer(stage: Stage, signal: AbortSignal): void {
  const { host } = stage;
  let finger: Finger | null = null;
  const on = <K extends keyof HTMLElementEventMap>(
    name: K,
    heard: (event: HTMLElementEventMap[K]) => void,
  ): void => host.addEventListener(name, heard, { signal, passive: false });
  const gesture = (name: Gesture): boolean => {
    if (!stage.flow.bindings.has(name)) return false;
    stage.give({ type: 'gesture', gesture: name });
    return true;
  };
  const isTouch = (event: PointerEvent): boolean => event.pointerType === 'touch';
  const deviceOf = (event: PointerEvent) => (isTouch(event) ? 'touch' : 'pointer');

  on('pointerdown', (event) => {
    if (stage.held) return;
    // The press that gives the game the keyboard is no press in the game.
    if (stage.takesHand) return;
    if (isTouch(event) && finger) {
      // A second finger: what the first was about to press is let go of.
      stage.give({ type: 'pointer', device: 'touch', phase: 'up', spot: null });
      finger.moved = true;
      gesture('two fingers');
      return;
    }
    if (event.button === 1 && gesture('middle button')) return event.preventDefault();
    if (event.button > 0) return;
    // A release outside the frame counts too.
    host.setPointerCapture(event.pointerId);
    stage.passNow();
    const { x, y } = stage.pointAt(event.clientX, event.clientY);
    if (isTouch(event))
      finger = {
        id: event.pointerId,
        x: event.clientX,
        y: event.clientY,
        at: event.timeStamp,
        scrolls: null,
        moved: false,
      };
    stage.give({
      type: 'pointer',
      device: deviceOf(event),
      phase: 'down',
      spot: hitTest(stage.flow, stage.state, x, y),
    });
  });

  on('pointermove', (event) => {
    if (stage.held) return;
    const { x, y } = stage.pointAt(event.clientX, event.clientY);
    if (isTouch(event) && finger?.id === event.pointerId && slips(event, finger, x, y)) return;
    const drag = dragTest(stage.flow, stage.state, x, y);
    if (drag) {
      stage.give({ type: 'pointer', device: deviceOf(event), phase: 'move', spot: drag });
      return;
    }
    if (isTouch(event)) return;
    stage.passNow();
    const spot = hitTest(stage.flow, stage.state, x, y);
    const over = tooltipTest(stage.flow, stage.state, x, y);
    const { hover, over: was } = stage.state;
    const same = (spot?.element ?? null) === (hover?.element ?? null);
    if (!same || (hover && hover.serial !== spot?.serial) || !isSameSpot(over, was))
      stage.give({ type: 'pointer', device: 'pointer', phase: 'move', spot, over });
  });

  /** Once a finger has moved along what can be scrolled, it scrolls, and what it was on is not pressed. */
  function slips(event: PointerEvent, now: Finger, x: number, y: number): boolean {
    const [dx, dy] = [event.clientX - now.x, event.clientY - now.y];
    if (!now.moved && Math.hypot(dx, dy) > SLIP) {
      now.moved = true;
      const along = stage.state.pressed?.share !== undefined && Math.abs(dx) > Math.abs(dy);
      const start = stage.pointAt(now.x, now.y);
      const found = along ? null : scrollTest(stage.flow, stage.state, start.x, start.y);
      if (found) {
        stage.give({ type: 'pointer', device: 'touch', phase: 'up', spot: null });
        now.scrolls = { ...found, lastX: start.x, lastY: start.y };
      }
    }
    if (!now.scrolls) return false;
    const { serial, area, lastX, lastY } = now.scrolls;
    stage.give({ type: 'scroll', device: 'touch', serial, area, x: lastX - x, y: lastY - y });
    now.scrolls = { serial, area, lastX: x, lastY: y };
    return true;
  }

  const up = (event: PointerEvent): void => {
    const own = finger?.id === event.pointerId ? finger : null;
    if (own) finger = null;
    if (stage.held || (isTouch(event) && !own) || own?.scrolls) return;
    const [dx, dy] = own ? [event.clientX - own.x, event.clientY - own.y] : [0, 0];
    const swept = own && Math.hypot(dx, dy) > SWIPE && event.timeStamp - own.at < QUICK;
    const dragging = stage.state.pressed?.share !== undefined;
    const way: Gesture =
      Math.abs(dx) > Math.abs(dy)
        ? dx > 0
          ? 'swipe right'
          : 'swipe left'
        : dy > 0
          ? 'swipe down'
          : 'swipe up';
    if (swept && !dragging && stage.flow.bindings.has(way)) {
      stage.give({ type: 'pointer', device: 'touch', phase: 'up', spot: null });
      gesture(way);
      return;
    }
    stage.passNow();
    const { x, y } = stage.pointAt(event.clientX, event.clientY);
    const spot =
      event.type === 'pointercancel'
        ? null
        : (dragTest(stage.flow, stage.state, x, y) ?? hitTest(stage.flow, stage.state, x, y));
    stage.give({ type: 'pointer', device: deviceOf(event), phase: 'up', spot });
  };
  on('pointerleave', (event) => {
    if (stage.held || isTouch(event) || !(stage.state.hover || stage.state.over)) return;
    stage.give({ type: 'pointer', device: 'pointer', phase: 'move', spot: null });
  });
  on('pointerup', up);
  on('pointercancel', up);

  on('contextmenu', (event) => {
    if (!stage.held && gesture('right button')) event.preventDefault();
  });

  on('wheel', (event) => {
    if (stage.held) return;
    const { x, y } = stage.pointAt(event.clientX, event.clientY);
    const found = scrollTest(stage.flow, stage.state, x, y);
    if (found) {
      event.preventDefault();
      const scale = stage.flow.frame.width / host.getBoundingClientRect().width;
      stage.give({
        type: 'scroll',
        device: 'pointer',
        ...found,
        x: event.deltaX * scale,
        y: event.deltaY * scale,
      });
    } else if (event.deltaY !== 0 && gesture(event.deltaY < 0 ? 'wheel up' : 'wheel down'))
      event.preventDefault();
  });
}
