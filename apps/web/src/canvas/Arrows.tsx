'use client';

import type { CompiledScreen } from '@tavu/core/compile';
import type { Rect } from '@tavu/core/geometry';
import { movesOf, type Move } from '@tavu/core/focus';
import type { Direction, Id } from '@tavu/core/model';
import { useState, type PointerEvent } from 'react';
import type { Point } from './drag';
import { inPercent } from './percent';
import { setView, useView, edit } from '../store';

/** Where a direction leaves an element, or comes into one. */
function edgeOf({ x, y, width, height }: Rect, direction: Direction, aside: number): Point {
  switch (direction) {
    case 'up':
      return { x: x + width / 2 + aside, y };
    case 'down':
      return { x: x + width / 2 + aside, y: y + height };
    case 'left':
      return { x, y: y + height / 2 + aside };
    case 'right':
      return { x: x + width, y: y + height / 2 + aside };
  }
}
const OPPOSITE: Record<Direction, Direction> = { up: 'down', down: 'up', left: 'right', right: 'left' };
/** Arrows there and back are drawn side by side: on which side of the middle. */
const ASIDE: Record<Direction, number> = { up: -14, down: 14, left: -14, right: 14 };
const OUT: Record<Direction, Point> = {
  up: { x: 0, y: -1 },
  down: { x: 0, y: 1 },
  left: { x: -1, y: 0 },
  right: { x: 1, y: 0 },
};

/** The line of a move: straight to a neighbour, or out and round where it leads over an end. */
function pathOf(from: Point, to: Point, direction: Direction, width: number): string {
  const { x, y } = OUT[direction];
  const ahead = (to.x - from.x) * x + (to.y - from.y) * y > 0;
  if (ahead) return `M${from.x} ${from.y}L${to.x} ${to.y}`;
  const out = 60;
  const bulge = x === 0 ? { x: width * 0.22, y: 0 } : { x: 0, y: width * 0.12 };
  return `M${from.x} ${from.y}C${from.x + x * out + bulge.x} ${from.y + y * out + bulge.y} ${to.x - x * out + bulge.x} ${to.y - y * out + bulge.y} ${to.x} ${to.y}`;
}

/**
 * Where the focus goes, as arrows over the held picture. An arrow’s end is dragged onto another element to lead there; set by hand
 * they are double, and those that do not lead back are dashed.
 */
export function Arrows({
  compiled,
  width,
  height,
  pointOf,
  chosen,
}: {
  compiled: CompiledScreen;
  width: number;
  height: number;
  pointOf: (event: { clientX: number; clientY: number }) => Point;
  /** Only the ways of these have ends to drag; none is all. */
  chosen: readonly Id[];
}) {
  const [dragged, setDragged] = useState<{ move: Move; at: Point } | null>(null);
  const { layout, screen, focus, byId } = compiled;
  const moves = movesOf(focus, screen.focus);
  const hit = (at: Point): Id | undefined =>
    [...focus.order].reverse().find((id) => {
      const rect = layout.get(id)!;
      return at.x >= rect.x && at.x <= rect.x + rect.width && at.y >= rect.y && at.y <= rect.y + rect.height;
    });
  const drop = (move: Move, at: Point): void => {
    const to = hit(at);
    if (to !== undefined && to !== move.from && to !== move.to)
      edit('lead focus', { screen: screen.id, from: move.from, direction: move.direction, to });
  };
  const ends = moves.map((move) => {
    const aside = ASIDE[move.direction];
    const from = edgeOf(layout.get(move.from)!, move.direction, aside);
    const to = edgeOf(layout.get(move.to)!, OPPOSITE[move.direction], aside);
    return { move, from, to: dragged?.move === move || same(dragged?.move, move) ? dragged!.at : to };
  });
  return (
    <>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        aria-hidden="true"
        className="pointer-events-none absolute inset-0 size-full overflow-visible"
      >
        <defs>
          <marker
            id="way"
            viewBox="0 0 10 10"
            refX="9"
            refY="5"
            markerWidth="5"
            markerHeight="5"
            orient="auto"
          >
            <path d="M0 1L9 5L0 9Z" fill="context-stroke" />
          </marker>
        </defs>
        {ends.map(({ move, from, to }) => {
          const path = pathOf(from, to, move.direction, width);
          return (
            <g key={`${move.from} ${move.direction}`} data-way={`${move.from} ${move.direction} ${move.to}`}>
              <path d={path} fill="none" stroke="#fff" strokeOpacity="0.75" strokeWidth="11" />
              <path
                d={path}
                fill="none"
                className={move.own ? 'stroke-live' : 'stroke-chosen'}
                strokeWidth={move.own ? 7 : 5}
                strokeDasharray={move.oneWay ? '14 10' : undefined}
                markerEnd="url(#way)"
              />
            </g>
          );
        })}
      </svg>
      {ends
        .filter(({ move }) => chosen.length === 0 || chosen.includes(move.from))
        .map(({ move, to }) => {
          const name = `${byId.get(move.from)?.name}, ${move.direction}: leads to ${byId.get(move.to)?.name}${move.own ? ', set by hand' : ''}`;
          return (
            <button
              key={`${move.from} ${move.direction}`}
              type="button"
              tabIndex={-1}
              aria-label={name}
              title={`${name}. Drag it onto another; press it twice to go by the layout again.`}
              className={`absolute -translate-1/2 touch-none cursor-grab rounded-full border border-sheet ${chosen.length > 0 ? 'size-3.5 bg-chosen' : 'size-2.5 bg-chosen/60 hover:size-3.5'}`}
              style={{ left: `${(to.x / width) * 100}%`, top: `${(to.y / height) * 100}%` }}
              onPointerDown={(event) => {
                event.stopPropagation();
                event.currentTarget.setPointerCapture(event.pointerId);
                setDragged({ move, at: pointOf(event) });
              }}
              onPointerMove={(event: PointerEvent) => dragged && setDragged({ move, at: pointOf(event) })}
              onPointerUp={(event) => {
                if (dragged) drop(move, pointOf(event));
                setDragged(null);
              }}
              onPointerCancel={() => setDragged(null)}
              onDoubleClick={(event) => {
                event.stopPropagation();
                edit('lead focus', {
                  screen: screen.id,
                  from: move.from,
                  direction: move.direction,
                  to: undefined,
                });
              }}
            />
          );
        })}
    </>
  );
}

const same = (a: Move | undefined, b: Move): boolean => a?.from === b.from && a.direction === b.direction;

/** The order things are read in, as numbers; clicked through one after another to set it. */
export function Ordering({
  compiled,
  width,
  height,
}: {
  compiled: CompiledScreen;
  width: number;
  height: number;
}) {
  const ordering = useView((view) => view.ordering);
  if (!ordering) return null;
  const { order } = compiled.focus;
  const press = (id: Id): void => {
    if (ordering.includes(id)) return;
    const next = [...ordering, id];
    edit(
      'change focus',
      {
        screen: compiled.id,
        change: { order: [...next, ...order.filter((value) => !next.includes(value))] },
      },
      { key: 'ordering' },
    );
    setView({ ordering: next.length === order.length ? null : next });
  };
  return (
    <div role="group" aria-label="Click what is read next">
      {order.map((id, i) => (
        <button
          key={id}
          type="button"
          aria-label={`${i + 1}: ${compiled.byId.get(id)?.name}${ordering.includes(id) ? ', set' : ''}`}
          className={`absolute flex items-start border-2 ${ordering.includes(id) ? 'border-live bg-live/15' : 'border-dashed border-chosen bg-chosen/10'}`}
          style={inPercent(compiled.layout.get(id)!, width, height)}
          onPointerDown={(event) => event.stopPropagation()}
          onClick={() => press(id)}
        >
          <span
            className={`rounded-br px-1.5 font-mono text-sm text-sheet ${ordering.includes(id) ? 'bg-live' : 'bg-chosen'}`}
          >
            {i + 1}
          </span>
        </button>
      ))}
    </div>
  );
}
