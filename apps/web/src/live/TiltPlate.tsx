'use client';

import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { give } from '../run';

/** The furthest the plate goes, and how far one press of an arrow takes it, in degrees. */
const FAR = 45;
const STEP = 5;
const ARROWS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

/** A device seen from above: dragged, or by arrow keys, it is tilted; let go of with the pointer, it is level again. */
export function TiltPlate() {
  const [tilt, setTilt] = useState({ x: 0, y: 0 });
  const pressed = useRef(false);
  const to = (x: number, y: number): void => {
    const held = (degrees: number): number => Math.round(Math.min(FAR, Math.max(-FAR, degrees)));
    const next = { x: held(x), y: held(y) };
    setTilt(next);
    give({ type: 'tilt', ...next });
  };
  const follow = (event: PointerEvent<HTMLDivElement>): void => {
    const box = event.currentTarget.getBoundingClientRect();
    to(
      ((event.clientX - box.left) / box.width - 0.5) * 2 * FAR,
      ((event.clientY - box.top) / box.height - 0.5) * 2 * FAR,
    );
  };
  const key = (event: KeyboardEvent): void => {
    const by = ARROWS[event.key];
    if (by) to(tilt.x + by[0], tilt.y + by[1]);
    else if (event.key === 'Home') to(0, 0);
    else return;
    event.preventDefault();
  };
  const words = tiltWords(tilt);
  return (
    <div className="flex items-center gap-3">
      <div
        role="slider"
        tabIndex={0}
        aria-label="Tilt of the device"
        aria-valuemin={-FAR}
        aria-valuemax={FAR}
        aria-valuenow={tilt.x}
        aria-valuetext={words}
        title="Drag to tilt the device; arrow keys by 5°, Home for level"
        className="relative size-24 shrink-0 cursor-move touch-none rounded-xl border border-strong bg-mist"
        style={{ perspective: '200px' }}
        onPointerDown={(event) => {
          pressed.current = true;
          event.currentTarget.setPointerCapture(event.pointerId);
          follow(event);
        }}
        onPointerMove={(event) => pressed.current && follow(event)}
        onPointerUp={() => {
          pressed.current = false;
          to(0, 0);
        }}
        onPointerCancel={() => {
          pressed.current = false;
          to(0, 0);
        }}
        onKeyDown={key}
      >
        <span
          aria-hidden="true"
          className="absolute inset-x-5 inset-y-3 rounded-md border-2 border-live bg-sheet"
          style={{ transform: `rotateX(${-tilt.y}deg) rotateY(${tilt.x}deg)` }}
        />
      </div>
      <p className="text-sm text-soft" aria-hidden="true">
        Tilt: {words}
      </p>
    </div>
  );
}

function tiltWords({ x, y }: { x: number; y: number }): string {
  const across = x === 0 ? '' : `${Math.abs(x)}° to the ${x < 0 ? 'left' : 'right'}`;
  const along = y === 0 ? '' : `${Math.abs(y)}° ${y < 0 ? 'forward' : 'back'}`;
  return [across, along].filter(Boolean).join(', ') || 'level';
}
