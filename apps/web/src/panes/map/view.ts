'use client';

import { CARD, type MapPlan } from '@tavu/core/map';
import { select } from 'd3-selection';
import { zoom, zoomIdentity, type D3ZoomEvent, type ZoomBehavior } from 'd3-zoom';
import { useCallback, useEffect, useMemo, useRef, useState, type UIEvent } from 'react';

/** Where the map is seen from: its offset in pixels, and how near. */
export interface View {
  x: number;
  y: number;
  k: number;
}

/** How far from the frame's edge what has the keyboard is kept, in pixels; the rulers lie there. */
const EDGE = 30;

/** How far out and how near one zooms by hand; a map that is larger still is seen from as far as it takes. */
const FARTHEST = 0.15;
const NEAREST = 2.5;

/** What the map itself keeps free at its beginning, in its own pixels. */
const MARGIN = 28;

/** What is drawn reaches at least this far over the frame's edge, in pixels of the page. */
const STEP = 240;

/** What is seen stays as it is while the map is not shown, for the project that is open. */
let kept: { opened: number; view: View } = { opened: 0, view: { x: 0, y: 0, k: 1 } };

/** Panning and zooming by wheel, drag and keys. A newly opened project is seen as wide as the pane, from its start. */
export function useView(opened: number, plan: MapPlan) {
  const frame = useRef<HTMLDivElement>(null);
  const zooming = useRef<ZoomBehavior<HTMLDivElement, unknown> | null>(null);
  const [view, setView] = useState<View>(kept.view);
  const [size, setSize] = useState({ width: 0, height: 0 });
  const goTo = useCallback((x: number, y: number, k: number): void => {
    select(frame.current!).call(zooming.current!.transform, zoomIdentity.translate(x, y).scale(k));
  }, []);
  // Edits leave the view alone: only the width at the beginning counts.
  const [width] = useState(plan.width);

  useEffect(() => {
    const watch = new ResizeObserver(([entry]) => setSize(entry!.contentRect));
    watch.observe(frame.current!);
    return () => watch.disconnect();
  }, []);
  useEffect(() => {
    const behaviour = zoom<HTMLDivElement, unknown>()
      .scaleExtent([FARTHEST, NEAREST])
      .filter((event: Event) => {
        if (event.type === 'dblclick') return false;
        const target = event.target as Element;
        return event.type === 'wheel' || !target.closest('[data-stays]');
      })
      .on('zoom', ({ transform: { x, y, k } }: D3ZoomEvent<HTMLDivElement, unknown>) => {
        kept = { opened, view: { x, y, k } };
        setView(kept.view);
      });
    zooming.current = behaviour;
    select(frame.current!).call(behaviour);
    if (kept.opened === opened) return goTo(kept.view.x, kept.view.y, kept.view.k);
    goTo(0, 0, Math.max(0.72, Math.min(1, frame.current!.getBoundingClientRect().width / (width + 8))));
  }, [opened, width, goTo]);

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
    /** Whether a card's place is in the frame, or nearly. */
    inView,
    nearer: (by: number): void => {
      select(frame.current!).call(zooming.current!.scaleBy, by);
    },
    /** The whole map. */
    fit: (): void => {
      const box = frame.current!.getBoundingClientRect();
      const max = Math.min((box.width - EDGE) / (plan.width + 8), (box.height - EDGE) / (plan.height + 8));
      const k = Math.min(1.2, max);
      // As far out as the whole of it needs, and no further.
      zooming.current!.scaleExtent([Math.min(FARTHEST, k), NEAREST]);
      // Keeps the first cards clear of the rulers.
      goTo(Math.max(EDGE - MARGIN * k, (box.width - plan.width * k) / 2), Math.max(2, EDGE - MARGIN * k), k);
    },
    /** Brings a place of the map to the middle. */
    centreOn: (x: number, y: number): void => {
      const box = frame.current!.getBoundingClientRect();
      const k = Math.max(0.6, view.k);
      goTo(box.width / 2 - x * k, box.height / 2 - y * k, k);
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
      if (x !== 0 || y !== 0) goTo(view.x + x, view.y + y, view.k);
    },
    /** The browser scrolls what gets the focus into view; the map pans there instead. */
    panOnScroll: (event: UIEvent): void => {
      const { scrollLeft, scrollTop } = event.currentTarget;
      if (scrollLeft === 0 && scrollTop === 0) return;
      event.currentTarget.scrollTo(0, 0);
      goTo(view.x - scrollLeft, view.y - scrollTop, view.k);
    },
  };
}
