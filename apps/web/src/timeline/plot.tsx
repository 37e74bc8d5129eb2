'use client';

import { useRef, type HTMLAttributes, type KeyboardEvent, type ReactNode } from 'react';
import { endStep } from '../store';
import { useMoment, type Moment } from './played';
import { marksOn, tidyTime } from './scale';

/** An axis of time, with what stands on it. */

export interface Scale {
  /** Microseconds from end to end. */
  length: number;
  /** Where a time stands, as CSS. */
  at: (micros: number) => string;
  wide: (micros: number) => string;
  /** The time under a point of the page. */
  timeAt: (clientX: number) => number;
}

/** How high a row is: enough to be pressed. */
export const ROW = 24;

/** Room on the left for what stands at zero. */
const INSET = 8;

export function Plot({
  length,
  words,
  height,
  label,
  children,
}: {
  length: number;
  words: (micros: number) => string;
  height: number;
  label: string;
  children: (scale: Scale) => ReactNode;
}) {
  const plot = useRef<HTMLDivElement>(null);
  const scale: Scale = {
    length,
    at: (micros) => `${(micros / length) * 100}%`,
    wide: (micros) => `max(2px, ${(micros / length) * 100}%)`,
    timeAt: (clientX) => {
      const box = plot.current!.getBoundingClientRect();
      return tidyTime(Math.min(1, Math.max(0, (clientX - box.left) / box.width)) * length, length);
    },
  };
  return (
    <div role="group" aria-label={label} className="relative min-h-full min-w-0 flex-1" style={{ height }}>
      <div ref={plot} className="absolute inset-y-0 right-10" style={{ left: INSET }}>
        {marksOn(length).map((time) => (
          <div
            key={time}
            className="absolute inset-y-0 border-l border-line"
            style={{ left: scale.at(time) }}
          >
            <span className="absolute top-0 left-1 font-mono text-xs whitespace-nowrap text-soft">
              {words(time)}
            </span>
          </div>
        ))}
        {children(scale)}
      </div>
    </div>
  );
}

export function RowLabel({ inner = false, children }: { inner?: boolean; children: ReactNode }) {
  return (
    <div className={`truncate text-xs leading-6 ${inner ? 'pl-3 text-soft' : ''}`} style={{ height: ROW }}>
      {children}
    </div>
  );
}

/** Arrow keys move by a hundredth of a second, with Shift by a tenth; Home and End lead to either end. */
function nudged(event: KeyboardEvent, at: number, length: number): number | null {
  const end = { Home: 0, End: length }[event.key];
  const way = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
  if (way === 0 && end === undefined) return null;
  event.preventDefault();
  event.stopPropagation();
  return end ?? Math.max(0, at + way * (event.shiftKey ? 100_000 : 10_000));
}

const seconds = (micros: number): number => micros / 1_000_000;

/** What makes something stand at a time that the pointer and the arrow keys move. */
const slider = (
  scale: Scale,
  at: number,
  label: string,
  words: string,
  onMove: (to: number) => void,
): HTMLAttributes<HTMLElement> => ({
  role: 'slider',
  tabIndex: 0,
  'aria-label': label,
  'aria-valuemin': 0,
  'aria-valuemax': seconds(scale.length),
  'aria-valuenow': seconds(at),
  'aria-valuetext': words,
  onPointerMove: (event) => {
    if (event.currentTarget.hasPointerCapture(event.pointerId)) onMove(scale.timeAt(event.clientX));
  },
  onKeyDown: (event) => {
    const to = nudged(event, at, scale.length);
    if (to !== null) onMove(to);
  },
});

/** The end of a bar, to be dragged. */
export function BarHandle({
  scale,
  at,
  top,
  label,
  words,
  onMove,
}: {
  scale: Scale;
  at: number;
  top: number;
  label: string;
  words: string;
  onMove: (to: number) => void;
}) {
  return (
    <div
      {...slider(scale, at, label, words, onMove)}
      title={`${label} at ${words}`}
      className="absolute z-10 flex w-6 -translate-x-1/2 cursor-ew-resize touch-none justify-center"
      style={{ left: scale.at(at), top, height: ROW }}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        // A drag is one step of undo, by itself.
        endStep();
      }}
      onPointerUp={endStep}
    >
      <span className="my-1.5 w-1 rounded bg-strong" />
    </div>
  );
}

/** Where the chart stands; it takes presses all over what has no handle. */
export function PlayHead({
  scale,
  moment,
  label,
  words,
  onMove,
}: {
  scale: Scale;
  moment: Moment;
  label: string;
  words: (micros: number) => string;
  onMove: (to: number) => void;
}) {
  const at = useMoment(moment);
  return (
    <>
      <div
        {...slider(scale, at ?? 0, label, words(at ?? 0), (to) => onMove(Math.min(scale.length, to)))}
        className="absolute inset-0 cursor-ew-resize touch-none"
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          onMove(scale.timeAt(event.clientX));
        }}
      />
      {at !== null && (
        <div
          aria-hidden="true"
          className="pointer-events-none absolute inset-y-0 w-0.5 bg-live"
          style={{ left: scale.at(at) }}
        />
      )}
    </>
  );
}
