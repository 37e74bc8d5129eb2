'use client';

import type { CompiledScreen } from '@tavu/core/compile';
import type { Axis } from '@tavu/core/geometry';
import { spanOf } from '@tavu/core/layout';
import type { Element } from '@tavu/core/model';
import { moved, putRects, putSize, roomOf, type Reached } from '../../canvas';
import { edit, useView } from '../../store';
import { Field, readLength, stepLength } from '../../ui';
import { MIXED, sharedBy } from '../shared';
import { SharedNumber } from './SharedNumber';

const SIZE = { x: 'width', y: 'height' } as const;
const hundredth = (n: number): number => Math.round(n * 100) / 100;

/**
 * Where elements stand in what holds them, how large, turned and lifted they are; of several what they share. A width or
 * height is shown as it is written: `40%` is of what holds it.
 */
export function PlaceNumbers({
  compiled,
  reached,
}: {
  compiled: CompiledScreen;
  reached: readonly Reached[];
}) {
  const start = (axis: Axis) => {
    const from = sharedBy(reached, ({ element, rect }) =>
      hundredth(spanOf(rect, axis).start - roomOf(compiled, element, axis).start),
    );
    return (
      <SharedNumber
        label={axis.toUpperCase()}
        value={from}
        min={-100_000}
        max={100_000}
        onChange={(to) =>
          putRects(
            compiled,
            reached.map((one) => {
              const by = to + roomOf(compiled, one.element, axis).start - spanOf(one.rect, axis).start;
              return { reached: one, to: moved(one.rect, axis === 'x' ? by : 0, axis === 'y' ? by : 0) };
            }),
          )
        }
      />
    );
  };
  const size = (axis: Axis) => {
    const now = sharedBy(reached, ({ element: { place }, rect }) => {
      const placement = place[axis];
      return String(placement.at === 'stretch' ? hundredth(rect[SIZE[axis]]) : placement.size);
    });
    const room = roomOf(compiled, reached[0]!.element, axis).size;
    return (
      <Field
        label={axis === 'x' ? 'Width' : 'Height'}
        shown={axis === 'x' ? 'W' : 'H'}
        value={now ?? ''}
        placeholder={MIXED}
        read={(text) => readLength(text, room)}
        step={now === undefined ? undefined : stepLength}
        onChange={(length) => putSize(compiled, reached, axis, length)}
      />
    );
  };
  const put = (change: Partial<Element>): void =>
    void edit('change elements', {
      screen: compiled.id,
      changes: reached.map(({ path }) => ({ element: path, change, here: useView.getState().here })),
    });
  const arranged = arrangedBy(compiled, reached);
  if (reached.length === 0) return null;
  return (
    <>
      {arranged && (
        <p className="text-sm text-soft">
          {arranged.name} places {reached.length === 1 ? 'it' : 'them'}, as a {arranged.by}.
        </p>
      )}
      <div className="grid grid-cols-4 gap-1.5">
        {!arranged && start('x')}
        {!arranged && start('y')}
        {size('x')}
        {size('y')}
        <SharedNumber
          label="Rotation"
          unit="°"
          value={sharedBy(reached, ({ element }) => element.turn ?? 0)}
          min={-3600}
          max={3600}
          onChange={(turn) => put({ turn: turn === 0 ? undefined : turn })}
        />
        <SharedNumber
          label="Lift over siblings"
          shown="Lift"
          value={sharedBy(reached, ({ element }) => element.lift ?? 0)}
          min={-1000}
          max={1000}
          onChange={(lift) => put({ lift: lift === 0 ? undefined : Math.round(lift) })}
        />
      </div>
    </>
  );
}

/** The panel that places all of them, if one does. */
function arrangedBy(compiled: CompiledScreen, reached: readonly Reached[]) {
  const holders = new Set(reached.map(({ element }) => element.parent));
  const holder = holders.size === 1 ? compiled.byId.get([...holders][0] ?? '') : undefined;
  return holder?.type === 'panel' && holder.arrange
    ? { name: holder.name, by: holder.arrange.by }
    : undefined;
}
