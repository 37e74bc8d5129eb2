'use client';

import type { CompiledScreen } from '@tavu/core/compile';
import { fittedLines, movedPoint, withPoint, withPointAfter } from '@tavu/core/drawing';
import type { Element, ShapeElement, ShapeLine, ShapePoint } from '@tavu/core/model';
import type { KeyboardEvent, PointerEvent } from 'react';
import { edit, endStep, useView } from '../store';
import { track, type Point } from './drag';
import { toRect, type Reached } from './reach';

type Handle = 'point' | 'before' | 'after';

const STEPS: Record<string, Point> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** The points of a chosen shape on the held picture, and the handles of those that are smooth. */
export function Points({
  compiled,
  reached,
  width,
  height,
  pointOf,
}: {
  compiled: CompiledScreen;
  reached: Reached & { element: ShapeElement };
  width: number;
  height: number;
  pointOf: (event: { clientX: number; clientY: number }) => Point;
}) {
  const { element, rect, path } = reached;
  const { form } = element;
  // A turned shape would turn about another middle with every point that moves.
  if (form.is !== 'path' || element.turn) return null;
  const key = `points ${path}`;
  const { here } = useView.getState();
  const put = (lines: ShapeLine[]): void =>
    void edit(
      'change elements',
      { screen: compiled.id, changes: [{ element: path, change: { form: { is: 'path', lines } }, here }] },
      { key },
    );
  /** The shape is as large as what is drawn of it. */
  const settle = (lines: readonly ShapeLine[]): void => {
    const fitted = fittedLines(lines, rect);
    const moved = toRect(compiled, reached, fitted.rect);
    const change = { ...moved.change, form: { is: 'path', lines: fitted.lines } } as Partial<Element>;
    edit('change elements', { screen: compiled.id, changes: [{ ...moved, change }] }, { key });
  };
  const movedBy = (at: [number, number], handle: Handle, by: Point): ShapeLine[] => {
    const point = form.lines[at[0]]!.points[at[1]]!;
    const share = { x: by.x / rect.width, y: by.y / rect.height };
    return withPoint(form.lines, at[0], at[1], movedHandle(point, handle, share));
  };
  const drag = (event: PointerEvent, at: [number, number], handle: Handle): void => {
    if (event.button !== 0) return;
    event.stopPropagation();
    let last: ShapeLine[] | null = null;
    track(
      event,
      pointOf,
      (by) => put((last = movedBy(at, handle, { x: Math.round(by.x), y: Math.round(by.y) }))),
      () => {
        if (last) settle(last);
        endStep();
      },
    );
  };
  const press = (event: KeyboardEvent, [line, point]: [number, number], handle: Handle): void => {
    const step = STEPS[event.key];
    const by = event.shiftKey ? useView.getState().grid : 1;
    if (step) settle(movedBy([line, point], handle, { x: step.x * by, y: step.y * by }));
    else if (event.key === 'Delete' || event.key === 'Backspace') {
      if (form.lines.flatMap(({ points }) => points).length <= 2) return;
      // The keyboard stays among the points when the last of them goes.
      (event.currentTarget.previousElementSibling as HTMLElement | null)?.focus();
      settle(withPoint(form.lines, line, point, null));
    } else if (event.key === 'Insert' || event.key === '+') settle(withPointAfter(form.lines, line, point));
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const drawn = (at: Point, where: [number, number], handle: Handle, name: string) => (
    <button
      key={`${where.join()} ${handle}`}
      type="button"
      aria-label={name}
      title={`${name}. Drag it, or use the arrow keys; Insert adds one after it, Delete takes it out`}
      className={`absolute size-2.5 -translate-1/2 outline outline-sheet before:absolute before:-inset-1.5 focus-visible:outline-3 focus-visible:outline-chosen ${
        handle === 'point' ? 'bg-live' : 'rounded-full bg-live/60'
      }`}
      style={{
        left: `${((rect.x + at.x * rect.width) / width) * 100}%`,
        top: `${((rect.y + at.y * rect.height) / height) * 100}%`,
      }}
      onPointerDown={(event) => drag(event, where, handle)}
      onKeyDown={(event) => press(event, where, handle)}
    />
  );
  return form.lines.map((line, i) =>
    line.points.flatMap((point, n) => {
      const name = `Point ${n + 1}${form.lines.length > 1 ? ` of line ${i + 1}` : ''}`;
      return [
        ...(point.before ? [drawn(point.before, [i, n], 'before', `${name}: handle before`)] : []),
        ...(point.after ? [drawn(point.after, [i, n], 'after', `${name}: handle after`)] : []),
        drawn(point, [i, n], 'point', name),
      ];
    }),
  );
}

/** A handle of a smooth point turns the other with it, in one line through the point. */
function movedHandle(point: ShapePoint, handle: Handle, by: Point): ShapePoint {
  if (handle === 'point') return movedPoint(point, by);
  const own = point[handle]!;
  const to = { x: own.x + by.x, y: own.y + by.y };
  const other = handle === 'before' ? 'after' : 'before';
  const across = { x: 2 * point.x - to.x, y: 2 * point.y - to.y };
  return { ...point, [handle]: to, ...(point[other] ? { [other]: across } : {}) };
}
