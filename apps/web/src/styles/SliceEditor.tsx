'use client';

import { titleCase, type Asset, type Slice } from '@tavu/core/model';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { useStudio } from '../store';
import { NumberField } from '../ui';

/** The largest it is shown, in pixels of the page. */
const ROOM = { width: 268, height: 168 };
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
      <div
        ref={stage}
        className="relative mx-auto touch-none bg-mist outline outline-line"
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
              className={`group absolute flex items-center justify-center ${upright ? 'inset-y-0 w-3 cursor-ew-resize' : 'inset-x-0 h-3 cursor-ns-resize'}`}
              style={{ [side]: slice[side] * by - 6 }}
              onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
              onPointerMove={drag(side)}
              onKeyDown={nudge(side)}
            >
              <span
                className={`bg-live outline outline-sheet group-focus-visible:bg-chosen ${upright ? 'h-full w-0.5' : 'h-0.5 w-full'}`}
              />
            </div>
          );
        })}
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
