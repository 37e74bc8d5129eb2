'use client';

import type { CompiledScreen } from '@tavu/core/compile';
import type { PointerEvent } from 'react';
import { isKeying, keyedTurn } from './keying';
import { endStep, edit, useView } from '../store';
import { dragHandle, dragTurn, useGuides, type Handle, type Point } from './drag';
import { inPercent } from './percent';
import type { Reached } from './reach';

const HANDLES: readonly Handle[] = [
  { x: -1, y: -1 },
  { x: 0, y: -1 },
  { x: 1, y: -1 },
  { x: 1, y: 0 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
  { x: -1, y: 1 },
  { x: -1, y: 0 },
];

const CURSORS: Record<string, string> = {
  '-1 -1': 'nwse-resize',
  '1 1': 'nwse-resize',
  '1 -1': 'nesw-resize',
  '-1 1': 'nesw-resize',
  '0 -1': 'ns-resize',
  '0 1': 'ns-resize',
  '1 0': 'ew-resize',
  '-1 0': 'ew-resize',
};

/** The selection with its handles; while it is dragged, the guides it has snapped to and the distances around it. */
export function Frames({
  compiled,
  chosen,
  width,
  height,
  pointOf,
  scale,
}: {
  compiled: CompiledScreen;
  chosen: readonly Reached[];
  width: number;
  height: number;
  pointOf: (event: { clientX: number; clientY: number }) => Point;
  scale: () => number;
}) {
  return (
    <>
      {chosen.map((reached, i) => (
        <div
          key={reached.path}
          className={`pointer-events-none absolute outline-2 outline-offset-1 ${reached.path.includes('/') ? 'outline-dashed' : ''} outline-live`}
          style={{
            ...inPercent(reached.rect, width, height),
            transform: reached.element.turn ? `rotate(${reached.element.turn}deg)` : undefined,
          }}
        >
          {i === 0 && <Label reached={reached} count={chosen.length} />}
          {chosen.length === 1 && (
            <Handles compiled={compiled} reached={reached} pointOf={pointOf} scale={scale} />
          )}
        </div>
      ))}
      <Guides width={width} height={height} />
    </>
  );
}

function Label({ reached: { element, rect }, count }: { reached: Reached; count: number }) {
  return (
    <span className="absolute bottom-full left-0 mb-1 rounded bg-live px-1 text-xs whitespace-nowrap text-sheet">
      {element.name}
      {count > 1
        ? ` and ${count - 1} more`
        : ` · ${Math.round(rect.x)}, ${Math.round(rect.y)} · ${Math.round(rect.width)} × ${Math.round(rect.height)}`}
    </span>
  );
}

/** Small squares that resize, and a round one that turns. The keyboard has its own keys for both. */
function Handles({
  compiled,
  reached,
  pointOf,
  scale,
}: {
  compiled: CompiledScreen;
  reached: Reached;
  pointOf: (event: { clientX: number; clientY: number }) => Point;
  scale: () => number;
}) {
  const start = (event: PointerEvent, drag: () => void): void => {
    if (event.button !== 0) return;
    event.stopPropagation();
    event.preventDefault();
    drag();
  };
  const turnTo = (turn: number): void =>
    void edit(
      'change element',
      {
        screen: compiled.id,
        element: reached.path,
        change: isKeying(compiled.id)
          ? keyedTurn(reached.element, turn - (reached.element.turn ?? 0))
          : { turn: turn === 0 ? undefined : turn },
        here: useView.getState().here,
      },
      { key: `turn ${reached.path}` },
    );
  return (
    <>
      {HANDLES.map((handle) => (
        <span
          key={`${handle.x} ${handle.y}`}
          data-handle={`${handle.x} ${handle.y}`}
          className="pointer-events-auto absolute size-2.25 -translate-1/2 rounded-[2px] border-2 border-live bg-sheet"
          style={{
            left: `${(handle.x + 1) * 50}%`,
            top: `${(handle.y + 1) * 50}%`,
            cursor: CURSORS[`${handle.x} ${handle.y}`],
          }}
          onPointerDown={(event) =>
            start(event, () => dragHandle(event, compiled, reached, handle, pointOf, scale()))
          }
        />
      ))}
      <span
        data-handle="turn"
        title="Turn"
        className="pointer-events-auto absolute top-full left-1/2 mt-3 size-2.75 -translate-x-1/2 cursor-grab rounded-full border-2 border-live bg-sheet"
        onPointerDown={(event) =>
          start(event, () => {
            dragTurn(event, reached, pointOf, turnTo);
            endStep();
          })
        }
      />
    </>
  );
}

function Guides({ width, height }: { width: number; height: number }) {
  const lines = useGuides((guides) => guides.lines);
  const gaps = useGuides((guides) => guides.gaps);
  if (lines.length === 0 && gaps.length === 0) return null;
  const x = (n: number): string => `${(n / width) * 100}%`;
  const y = (n: number): string => `${(n / height) * 100}%`;
  return (
    <>
      <svg className="pointer-events-none absolute inset-0 size-full overflow-visible" aria-hidden="true">
        {gaps.map((gap) => (
          <line
            key={gap.side}
            x1={x(gap.from.x)}
            y1={y(gap.from.y)}
            x2={x(gap.to.x)}
            y2={y(gap.to.y)}
            className="stroke-warn"
            strokeDasharray="3 3"
          />
        ))}
        {lines.map((line) => (
          <line
            key={line.axis}
            x1={x(line.axis === 'x' ? line.at : line.from)}
            x2={x(line.axis === 'x' ? line.at : line.to)}
            y1={y(line.axis === 'x' ? line.from : line.at)}
            y2={y(line.axis === 'x' ? line.to : line.at)}
            className="stroke-live"
            strokeWidth={1.5}
          />
        ))}
      </svg>
      {gaps
        .filter((gap) => gap.distance >= 1)
        .map((gap) => (
          <span
            key={gap.side}
            className="pointer-events-none absolute -translate-1/2 rounded bg-sheet px-1 font-mono text-xs text-warn"
            style={{ left: x((gap.from.x + gap.to.x) / 2), top: y((gap.from.y + gap.to.y) / 2) }}
          >
            {Math.round(gap.distance)}
          </span>
        ))}
    </>
  );
}
