import {
  caretTest,
  dragTest,
  gripMoved,
  gripTest,
  hitTest,
  scrollTest,
  tooltipTest,
  type Grip,
} from '@tavu/core/paint';
import { isSameSpot, swipeAction, type Spot } from '@tavu/core/run';
import type { Gesture } from '@tavu/core/model';
import type { Stage } from './stage';
import type { Typing } from './typing';

/** How far a finger moves, in CSS pixels, until it scrolls, and until it has swiped. */
const SLIP = 12;
const SWIPE = 60;
/** The longest a swipe takes, in milliseconds. */
const QUICK = 700;

/** A finger that is down. */
interface Finger {
  id: number;
  x: number;
  y: number;
  at: number;
  /** What it came down on. */
  spot: Spot | null;
  /** What it scrolls, once it does. */
  scrolls: { serial: number; area: string; lastX: number; lastY: number } | null;
  moved: boolean;
  /** What it was about to press has been let go of. */
  over: boolean;
}

/** Gives a run what the pointer and fingers do over its host: presses, drags, scrolling, wheel, swipes. */
export function listenToPointer(stage: Stage, typing: Typing, signal: AbortSignal): void {
  const { host } = stage;
  const fingers = new Map<number, Finger>();
  /** Scroll bars that are held, by the pointer that holds them. */
  const grips = new Map<number, Grip>();
  /** Words of a text entry that are being selected, from where. */
  let selects: { pointer: number; anchor: number } | null = null;
  const on = <K extends keyof HTMLElementEventMap>(
    name: K,
    heard: (event: HTMLElementEventMap[K]) => void,
  ): void => host.addEventListener(name, heard, { signal, passive: false });
  const gesture = (name: Gesture, spot?: Spot | null): boolean => {
    const own = spot && swipeAction(stage.flow, stage.state, spot, name);
    if (!own && !stage.flow.bindings.has(name)) return false;
    stage.give({ type: 'gesture', gesture: name, ...(spot ? { spot } : {}) });
    return true;
  };
  const isTouch = (event: PointerEvent): boolean => event.pointerType === 'touch' || stage.byTouch;
  /** How an event counts: by the pointer, or by one of several fingers. */
  const whose = (event: PointerEvent) =>
    isTouch(event)
      ? ({ device: 'touch', finger: event.pointerId } as const)
      : ({ device: 'pointer' } as const);
  /** Whether a finger holds a stick, or what stands for an action, or presses beside another. */
  const isHeld = (id: number): boolean => stage.state.touches.some(({ finger }) => finger === id);

  on('pointerdown', (event) => {
    if (stage.held) return;
    // The press that gives the game the keyboard is no press in the game.
    if (stage.takesHand) return;
    const pressing = [...fingers.values()].find(({ id, over }) => !over && !isHeld(id));
    if (isTouch(event) && pressing && stage.flow.bindings.has('two fingers')) {
      // A second finger: what the first was about to press is let go of.
      letGo(pressing);
      gesture('two fingers');
      return;
    }
    if (event.button === 1 && gesture('middle button')) return event.preventDefault();
    if (event.button > 0) return;
    // A release outside the frame counts too.
    host.setPointerCapture(event.pointerId);
    stage.passNow();
    const { x, y } = stage.pointAt(event.clientX, event.clientY);
    const held = gripTest(stage.flow, stage.state, x, y);
    if (held) {
      grips.set(event.pointerId, held.grip);
      scrollBy(event, held.grip, held.by);
      return;
    }
    const place = caretTest(stage.flow, stage.state, x, y);
    if (place !== null) {
      selects = { pointer: event.pointerId, anchor: event.shiftKey ? typing.anchor : place };
      typing.select(selects.anchor, place);
      return;
    }
    const spot = hitTest(stage.flow, stage.state, x, y);
    if (isTouch(event))
      fingers.set(event.pointerId, {
        id: event.pointerId,
        x: event.clientX,
        y: event.clientY,
        at: event.timeStamp,
        spot,
        scrolls: null,
        moved: false,
        over: false,
      });
    stage.give({ type: 'pointer', ...whose(event), phase: 'down', spot });
  });

  function scrollBy(event: PointerEvent, { serial, area, axis }: Grip, by: number): void {
    const { device } = whose(event);
    stage.give({ type: 'scroll', device, serial, area, x: 0, y: 0, [axis]: by });
  }

  function letGo(finger: Finger): void {
    stage.give({ type: 'pointer', device: 'touch', finger: finger.id, phase: 'up', spot: null });
    finger.moved = true;
    finger.over = true;
  }

  on('pointermove', (event) => {
    if (stage.held) return;
    const { x, y } = stage.pointAt(event.clientX, event.clientY);
    const grip = grips.get(event.pointerId);
    if (grip) {
      stage.passNow();
      scrollBy(event, grip, gripMoved(stage.flow, stage.state, grip, x, y));
      return;
    }
    if (selects?.pointer === event.pointerId) {
      const place = caretTest(stage.flow, stage.state, x, y, true);
      if (place !== null) typing.select(selects.anchor, place);
      return;
    }
    const finger = fingers.get(event.pointerId);
    if (finger && !isHeld(finger.id) && slips(event, finger, x, y)) return;
    if (finger?.over) return;
    const drag = dragTest(stage.flow, stage.state, x, y, finger?.id);
    if (drag) {
      stage.give({ type: 'pointer', ...whose(event), phase: 'move', spot: drag });
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
      const along = now.spot?.share !== undefined && Math.abs(dx) > Math.abs(dy);
      const start = stage.pointAt(now.x, now.y);
      const found = along ? null : scrollTest(stage.flow, stage.state, start.x, start.y);
      if (found) {
        letGo(now);
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
    if (grips.delete(event.pointerId)) return;
    if (selects?.pointer === event.pointerId) {
      selects = null;
      return;
    }
    const own = fingers.get(event.pointerId);
    fingers.delete(event.pointerId);
    if (stage.held || own?.over || (isTouch(event) && !own)) return;
    const way = own && event.type === 'pointerup' ? swipeOf(event, own) : null;
    if (own && way && own.spot?.share === undefined) {
      const held = isHeld(own.id);
      const spot = held && !swipeAction(stage.flow, stage.state, own.spot, way) ? null : own.spot;
      const bound = spot !== null && swipeAction(stage.flow, stage.state, spot, way) !== undefined;
      if (bound || (!held && stage.flow.bindings.has(way))) {
        stage.give({ type: 'pointer', ...whose(event), phase: 'up', spot: null });
        gesture(way, spot);
        return;
      }
    }
    stage.passNow();
    const { x, y } = stage.pointAt(event.clientX, event.clientY);
    const spot =
      event.type === 'pointercancel'
        ? null
        : (dragTest(stage.flow, stage.state, x, y, own?.id) ?? hitTest(stage.flow, stage.state, x, y));
    stage.give({ type: 'pointer', ...whose(event), phase: 'up', spot });
    // The press that gives a text entry the keyboard says where in its words typing goes on.
    const place = caretTest(stage.flow, stage.state, x, y);
    if (place !== null) typing.select(place, place);
  };
  on('dblclick', (event) => {
    if (stage.held) return;
    const { x, y } = stage.pointAt(event.clientX, event.clientY);
    const place = caretTest(stage.flow, stage.state, x, y);
    if (place !== null) typing.selectWord(place);
  });
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

/** The way a finger has swiped, when it comes up; null when it went too little, or too slowly. */
function swipeOf(event: PointerEvent, { x, y, at }: Finger): Gesture | null {
  const [dx, dy] = [event.clientX - x, event.clientY - y];
  if (Math.hypot(dx, dy) <= SWIPE || event.timeStamp - at >= QUICK) return null;
  if (Math.abs(dx) > Math.abs(dy)) return dx > 0 ? 'swipe right' : 'swipe left';
  return dy > 0 ? 'swipe down' : 'swipe up';
}
