'use client';

import { CARD, type MapPlan } from '@tavu/core/map';
import { memo, type KeyboardEvent, type PointerEvent } from 'react';
import { useRun } from '../../run';
import type { View } from './seenFrom';

/** The most room the overview takes, in pixels of the page. */
const MOST = { width: 120, height: 84 };
/** A map of fewer cards, or one of which so much is seen at once, needs no overview, which lies over some of it. */
const MANY = 40;
const ENOUGH = 0.45;
/** How much of the frame an arrow key moves. */
const STEP = 1 / 3;

/** The whole map in small, with the part that is seen: pressed or dragged, that part is seen instead. */
export function Overview({
  plan,
  view,
  size,
  onLook,
}: {
  plan: MapPlan;
  view: View;
  /** The frame, in pixels of the page. */
  size: { width: number; height: number };
  onLook: (view: View) => void;
}) {
  const scale = Math.min(MOST.width / plan.width, MOST.height / plan.height);
  const seen = {
    x: -view.x / view.k,
    y: -view.y / view.k,
    width: size.width / view.k,
    height: size.height / view.k,
  };
  const visible = Math.min(1, seen.width / plan.width) * Math.min(1, seen.height / plan.height);
  if (plan.cards.length < MANY || size.width === 0 || visible > ENOUGH) return null;
  const jump = (event: PointerEvent<HTMLElement>): void => {
    const box = event.currentTarget.getBoundingClientRect();
    const x = (event.clientX - box.left) / scale;
    const y = (event.clientY - box.top) / scale;
    onLook({ k: view.k, x: size.width / 2 - x * view.k, y: size.height / 2 - y * view.k });
  };
  const keys = (event: KeyboardEvent): void => {
    const [x, y] = WAYS[event.key] ?? [0, 0];
    if (x === 0 && y === 0) return;
    event.preventDefault();
    event.stopPropagation();
    onLook({ ...view, x: view.x - x * STEP * size.width, y: view.y - y * STEP * size.height });
  };
  const words = 'Overview: press where to look, or move with the arrow keys';
  return (
    <button
      type="button"
      data-stays
      aria-label={words}
      title={words}
      className="absolute bottom-2 left-9 cursor-crosshair touch-none overflow-hidden rounded-md border border-line bg-sheet shadow-sm"
      style={{ width: plan.width * scale + 2, height: plan.height * scale + 2 }}
      onKeyDown={keys}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        jump(event);
      }}
      onPointerMove={(event) => {
        if (event.currentTarget.hasPointerCapture(event.pointerId)) jump(event);
      }}
    >
      <svg viewBox={`0 0 ${plan.width} ${plan.height}`} className="block size-full" aria-hidden="true">
        <Small plan={plan} />
        <rect
          {...seen}
          fill="var(--chosen)"
          fillOpacity={0.12}
          stroke="var(--chosen)"
          strokeWidth={1.5}
          vectorEffect="non-scaling-stroke"
        />
      </svg>
    </button>
  );
}

const WAYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const Small = memo(function Small({ plan }: { plan: MapPlan }) {
  const up = useRun((run) => run.up);
  return plan.cards.map(({ id, x, y, deep }) => (
    <rect
      key={id}
      x={x}
      y={y}
      width={CARD.width}
      height={deep}
      fill={up.includes(id) ? 'var(--live)' : 'var(--line-strong)'}
    />
  ));
});
