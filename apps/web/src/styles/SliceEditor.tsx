'use client';

import { titleCase, type Asset, type Slice } from '@tavu/core/model';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { useStudio } from '../store';
import { NumberField } from '../ui';

/** The largest it is shown, in pixels of the page. */
const ROOM = { width: 220, height: 150 };
const SIDES = ['top', 'right', 'bottom', 'left'] as const;
type Side = (typeof SIDES)[number];

/** How far corners and edges of a picture reach in: lines dragged on the picture itself, or numbers. */
export function SliceEditor({
  asset,
  slice,
  onChange,
}: {
  asset: Asset;
  slice: Slice;
  /** Changes with the same key, one after another, are one step. */
  onChange: (slice: Slice, key: string) => void;
}) {
  const sources = useStudio((studio) => studio.sources);
  const stage = useRef<HTMLDivElement>(null);
  const { width, height } = asset;
  if (!width || !height) return null;
  const by = Math.min(ROOM.width / width, ROOM.height / height, 8);
  const put = (side: Side, to: number): void => {
    const whole = side === 'left' || side === 'right' ? width : height;
    const most = whole - slice[OPPOSITE[side]];
    const next = Math.round(Math.min(Math.max(0, most), Math.max(0, to)));
    if (next !== slice[side]) onChange({ ...slice, [side]: next }, `slice ${side}`);
  };
  const drag = (side: Side) => (event: PointerEvent) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const box = stage.current!.getBoundingClientRect();
    const x = (event.clientX - box.left) / by;
    const y = (event.clientY - box.top) / by;
    put(side, { top: y, bottom: height - y, left: x, right: width - x }[side]);
  };
  const nudge = (side: Side) => (event: KeyboardEvent) => {
    const way = WAYS[side][event.key];
    if (way === undefined) return;
    event.preventDefault();
    put(side, slice[side] + way * (event.shiftKey ? 10 : 1));
  };
  return (
    <div className="space-y-1.5" role="group" aria-label="Nine-slice insets">
      {/* Round the picture is room for the handles, each on a side of its own, so that no two lie on one another. */}
      <div className="mx-auto w-fit p-6">
        <div
          ref={stage}
          className="relative touch-none bg-mist outline outline-line"
          style={{ width: width * by, height: height * by }}
        >
          <img
            alt=""
            src={sources.asset(asset.id)}
            draggable={false}
            className={`absolute inset-0 size-full ${by >= 2 ? '[image-rendering:pixelated]' : ''}`}
          />
          {SIDES.map((side) => {
            const upright = side === 'left' || side === 'right';
            const whole = upright ? width : height;
            return (
              <div
                key={side}
                role="slider"
                tabIndex={0}
                aria-label={`${titleCase(side)} inset`}
                aria-orientation={upright ? 'horizontal' : 'vertical'}
                aria-valuemin={0}
                aria-valuemax={whole}
                aria-valuenow={slice[side]}
                aria-valuetext={`${slice[side]} of ${whole} pixels`}
                title={`${titleCase(side)}: ${slice[side]} pixels. Drag it, or use the arrow keys`}
                className={`absolute flex size-6 items-center justify-center rounded ${upright ? 'cursor-ew-resize' : 'cursor-ns-resize'} ${HANDLES[side]}`}
                style={{ [side]: slice[side] * by - 12 }}
                onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
                onPointerMove={drag(side)}
                onKeyDown={nudge(side)}
              >
                <span className={`rounded-full bg-live ${upright ? 'h-4 w-2' : 'h-2 w-4'}`} />
                <span
                  className={`absolute bg-live outline outline-sheet ${LINES[side]}`}
                  style={{ [upright ? 'height' : 'width']: (upright ? height : width) * by }}
                />
              </div>
            );
          })}
        </div>
      </div>
      <div className="flex gap-1.5">
        {SIDES.map((side) => (
          <NumberField
            key={side}
            label={titleCase(side)}
            value={slice[side]}
            min={0}
            onChange={(to) => put(side, to)}
          />
        ))}
      </div>
    </div>
  );
}

/** Where the handle of each line is: above, to the right, to the left, and below the picture. */
const HANDLES: Record<Side, string> = {
  left: '-top-6',
  right: '-bottom-6',
  top: '-left-6',
  bottom: '-right-6',
};
/** The line across the picture, from its handle. */
const LINES: Record<Side, string> = {
  left: 'top-full w-0.5',
  right: 'bottom-full w-0.5',
  top: 'left-full h-0.5',
  bottom: 'right-full h-0.5',
};
const OPPOSITE: Record<Side, Side> = { top: 'bottom', bottom: 'top', left: 'right', right: 'left' };

/** Each arrow moves a line the way it points. */
const WAYS: Record<Side, Record<string, number>> = {
  top: { ArrowDown: 1, ArrowUp: -1 },
  bottom: { ArrowUp: 1, ArrowDown: -1 },
  left: { ArrowRight: 1, ArrowLeft: -1 },
  right: { ArrowLeft: 1, ArrowRight: -1 },
};

/** Where a picture is cut before anybody has said: a third of its shorter side in. */
export function firstSlice({ width, height }: Asset): Slice {
  const reach = Math.floor(Math.min(width, height) / 3);
  return { top: reach, right: reach, bottom: reach, left: reach };
}
