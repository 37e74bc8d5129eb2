'use client';

import { BEZIERS, bezierOf, ease, EASINGS, readEasing, type Bezier } from '@tavu/core/motion';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { Field, SelectRow } from '../ui';

/** The curve is drawn with room above and below for what goes beyond its ends. */
const SIDE = 96;
const OVER = 28;

const sure = (n: number): string => String(Math.round(n * 100) / 100);
const written = ([x1, y1, x2, y2]: Bezier): string =>
  `cubic-bezier(${sure(x1)}, ${sure(y1)}, ${sure(x2)}, ${sure(y2)})`;

/** How a change is spread over its time: by name, by dragging the two handles of a curve, or as CSS writes it. */
export function EasingField({
  value,
  onChange,
  label = 'Easing',
}: {
  value: string;
  onChange: (easing: string) => void;
  label?: string;
}) {
  const handles = bezierOf(value);
  const named = (EASINGS as readonly string[]).includes(value);
  return (
    <div className="space-y-1.5" role="group" aria-label={label}>
      <SelectRow<string>
        label={label}
        value={named ? value : handles ? 'curve' : 'written'}
        options={[
          ...EASINGS.map((word): [string, string] => [word, WORDS[word]]),
          ['curve', 'a custom curve'],
          ['written', 'as written below'],
        ]}
        onChange={(to) => {
          if (to === 'curve') onChange(written(handles ?? BEZIERS.ease!));
          else onChange(to === 'written' ? 'steps(4)' : to);
        }}
      />
      <Curve value={value} onChange={onChange} />
      <Field
        hidden
        label={`${label}, as CSS writes it`}
        value={value}
        read={readEasing}
        onChange={onChange}
      />
    </div>
  );
}

const WORDS: Record<(typeof EASINGS)[number], string> = {
  linear: 'linear',
  ease: 'ease',
  'ease-in': 'ease in',
  'ease-out': 'ease out',
  'ease-in-out': 'ease in and out',
};

function Curve({ value, onChange }: { value: string; onChange: (easing: string) => void }) {
  const plot = useRef<SVGSVGElement>(null);
  const handles = bezierOf(value);
  const points = Array.from({ length: 49 }, (_, i) => {
    const p = i / 48;
    return `${(p * SIDE).toFixed(1)} ${(SIDE - ease(value, p) * SIDE).toFixed(1)}`;
  });
  const put = (n: 0 | 1, x: number, y: number): void => {
    const next = [...handles!] as [number, number, number, number];
    next[n * 2] = Math.min(1, Math.max(0, x));
    next[n * 2 + 1] = Math.min(1.28, Math.max(-0.28, y));
    onChange(written(next));
  };
  const drag = (n: 0 | 1) => (event: PointerEvent<SVGGElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const box = plot.current!.getBoundingClientRect();
    put(n, (event.clientX - box.left - 8) / SIDE, 1 - (event.clientY - box.top - OVER) / SIDE);
  };
  const nudge = (n: 0 | 1) => (event: KeyboardEvent) => {
    const way = WAYS[event.key];
    if (!way) return;
    event.preventDefault();
    event.stopPropagation();
    const by = event.shiftKey ? 0.1 : 0.02;
    put(n, handles![n * 2]! + way[0] * by, handles![n * 2 + 1]! + way[1] * by);
  };
  return (
    <svg
      ref={plot}
      viewBox={`-8 ${-OVER} ${SIDE + 16} ${SIDE + 2 * OVER}`}
      width={SIDE + 16}
      height={SIDE + 2 * OVER}
      className="block touch-none rounded bg-mist"
      role="group"
      aria-label="The curve"
    >
      <path d={`M0 ${SIDE}H${SIDE}M0 0H${SIDE}`} className="stroke-line" />
      <polyline points={points.join(' ')} fill="none" strokeWidth={2} className="stroke-chosen" />
      {handles &&
        ([0, 1] as const).map((n) => {
          const [x, y] = [handles[n * 2]! * SIDE, SIDE - handles[n * 2 + 1]! * SIDE];
          return (
            <g key={n}>
              <path d={`M${n * SIDE} ${SIDE - n * SIDE}L${x} ${y}`} className="stroke-strong" />
              <g
                role="slider"
                tabIndex={0}
                aria-label={n === 0 ? 'First handle' : 'Second handle'}
                aria-valuenow={handles[n * 2]!}
                aria-valuemin={0}
                aria-valuemax={1}
                aria-valuetext={`${sure(handles[n * 2]!)} along, ${sure(handles[n * 2 + 1]!)} up`}
                className="cursor-grab"
                onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
                onPointerMove={drag(n)}
                onKeyDown={nudge(n)}
              >
                <circle cx={x} cy={y} r={12} fill="transparent" />
                <circle cx={x} cy={y} r={5} className="fill-live" />
              </g>
            </g>
          );
        })}
    </svg>
  );
}

const WAYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};
