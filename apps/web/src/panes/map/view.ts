'use client';

import { CARD, type MapPlan } from '@tavu/core/map';
import { useCallback, useEffect, useMemo, useRef, useState, type PointerEvent, type UIEvent } from 'react';
import { pinched, wheeled, whole, zoomedAt, type View } from './seenFrom';

/** How far from the frame's edge what has the keyboard is kept, in pixels; the rulers lie there. */
const EDGE = 30;

/** What the whole map keeps clear of at its left and top: the rulers, and blocks that grow for their names. */
const BESIDE = 40;

/** The nearest at which the whole map is shown, and at which an opened one is. */
const WHOLE = 1.2;

/** What the map itself keeps free at its beginning, in its own pixels. */
const MARGIN = 28;

/** What is drawn reaches at least this far over the frame's edge, in pixels of the page. */
const STEP = 240;

/** What is seen stays as it is while the map is not shown, for the project that is open. */
let kept: { opened: number; view: View } = { opened: 0, view: { x: 0, y: 0, k: 1 } };

/** Panning and zooming by wheel, drag, fingers and keys. A newly opened project is seen as wide as the pane, from its start. */
export function useView(opened: number, plan: MapPlan) {
  const frame = useRef<HTMLDivElement>(null);
  const [view, setView] = useState<View>(kept.view);
  const now = useRef(view);
  const [size, setSize] = useState({ width: 0, height: 0 });
  const look = useCallback(
    (next: View): void => {
      now.current = next;
      kept = { opened, view: next };
      setView(next);
    },
    [opened],
  );
  const around = { ruler: BESIDE, margin: MARGIN, nearest: WHOLE };
  const farthest = useRef(1);
  farthest.current = size.width > 0 ? whole(size, plan, around).k : 1;
  // Edits leave the view alone: only the width at the beginning counts.
  const [width] = useState(plan.width);

  useEffect(() => {
    const watch = new ResizeObserver(([entry]) => setSize(entry!.contentRect));
    watch.observe(frame.current!);
    return () => watch.disconnect();
  }, []);
  useEffect(() => {
    const box = frame.current!;
    // React listens to wheels passively, and the page would scroll or zoom as well.
    const wheel = (event: WheelEvent): void => {
      event.preventDefault();
      const { left, top } = box.getBoundingClientRect();
      const at = { x: event.clientX - left, y: event.clientY - top };
      look(wheeled(now.current, event, at, farthest.current));
    };
    box.addEventListener('wheel', wheel, { passive: false });
    return () => box.removeEventListener('wheel', wheel);
  }, [look]);
  useEffect(() => {
    if (kept.opened === opened) return look(kept.view);
    const fits = frame.current!.getBoundingClientRect().width / (width + 8);
    look({ x: 0, y: 0, k: Math.max(0.72, Math.min(1, fits)) });
  }, [opened, width, look]);
  const onPointerDown = usePanning(frame, now, look, farthest);

  // In steps, so that what is drawn changes now and then while the map pans, and not in every frame.
  const step = STEP / view.k;
  const left = Math.floor(-view.x / view.k / step) * step;
  const top = Math.floor(-view.y / view.k / step) * step;
  const across = Math.ceil(size.width / STEP + 1) * step;
  const down = Math.ceil(size.height / STEP + 1) * step;
  const inView = useMemo(
    () =>
      ({ x, y }: { x: number; y: number }): boolean =>
        x > left - CARD.width && x < left + across && y > top - CARD.height && y < top + down,
    [left, top, across, down],
  );

  return {
    frame,
    view,
    size,
    /** Whether a card's place is in the frame, or nearly. */
    inView,
    onPointerDown,
    look,
    nearer: (by: number): void => {
      look(zoomedAt(view, by, { x: size.width / 2, y: size.height / 2 }, farthest.current));
    },
    /** The whole map. */
    fit: (): void => look(whole(size, plan, around)),
    /** Brings a place of the map to the middle, so near that it can be read. */
    centreOn: (x: number, y: number, nearest = 0.6): void => {
      const k = Math.max(nearest, view.k);
      look({ x: size.width / 2 - x * k, y: size.height / 2 - y * k, k });
    },
    /** What gets the keyboard is panned into the frame. */
    panToFocus: (target: Element): void => {
      // Zooms about the pointer; sheets that open over the map are not part of it.
      if (target.matches(':active') || !frame.current!.contains(target)) return;
      const at = target.getBoundingClientRect();
      const box = frame.current!.getBoundingClientRect();
      const by = (low: number, high: number, min: number, max: number): number =>
        low < min ? min - low : high > max ? Math.max(max - high, min - low) : 0;
      const x = by(at.left, at.right, box.left + EDGE, box.right - EDGE);
      const y = by(at.top, at.bottom, box.top + EDGE, box.bottom - EDGE);
      if (x !== 0 || y !== 0) look({ ...view, x: view.x + x, y: view.y + y });
    },
    /** The browser scrolls what gets the focus into view; the map pans there instead. */
    panOnScroll: (event: UIEvent): void => {
      const { scrollLeft, scrollTop } = event.currentTarget;
      if (scrollLeft === 0 && scrollTop === 0) return;
      event.currentTarget.scrollTo(0, 0);
      look({ ...view, x: view.x - scrollLeft, y: view.y - scrollTop });
    },
  };
}

/** Pans by dragging where nothing else is, or with the middle button; two fingers zoom. */
function usePanning(
  frame: React.RefObject<HTMLDivElement | null>,
  now: React.RefObject<View>,
  look: (view: View) => void,
  farthest: React.RefObject<number>,
) {
  const down = useRef(new Map<number, { x: number; y: number }>());
  return useCallback(
    (event: PointerEvent): void => {
      const onSomething = (event.target as Element).closest('[data-stays]') !== null;
      const middle = event.button === 1;
      if (!middle && (event.button !== 0 || (onSomething && event.pointerType !== 'touch'))) return;
      if (middle) event.preventDefault();
      const fingers = down.current;
      const at = (e: { clientX: number; clientY: number }) => {
        const { left, top } = frame.current!.getBoundingClientRect();
        return { x: e.clientX - left, y: e.clientY - top };
      };
      // One finger on a card drags the card.
      const alone = onSomething && !middle && fingers.size === 0;
      fingers.set(event.pointerId, at(event));
      const move = (e: globalThis.PointerEvent): void => {
        const before = fingers.get(e.pointerId);
        if (!before || e.pointerId !== event.pointerId) return;
        const other = [...fingers].find(([id]) => id !== e.pointerId)?.[1];
        const here = at(e);
        fingers.set(e.pointerId, here);
        if (other) look(pinched(now.current, [before, other], [here, other], farthest.current));
        else if (!alone)
          look({
            ...now.current,
            x: now.current.x + here.x - before.x,
            y: now.current.y + here.y - before.y,
          });
      };
      const stop = (e: globalThis.PointerEvent): void => {
        if (e.pointerId !== event.pointerId) return;
        fingers.delete(e.pointerId);
        window.removeEventListener('pointermove', move);
        window.removeEventListener('pointerup', stop);
        window.removeEventListener('pointercancel', stop);
      };
      window.addEventListener('pointermove', move);
      window.addEventListener('pointerup', stop);
      window.addEventListener('pointercancel', stop);
    },
    [frame, now, look, farthest],
  );
}
