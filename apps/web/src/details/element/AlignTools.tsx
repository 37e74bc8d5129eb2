'use client';

import { alignTo, around, spread, type Edge } from '@tavu/core/layout';
import type { Rect, Axis } from '@tavu/core/geometry';
import type { Screen } from '@tavu/core/model';
import {
  AlignCenterHorizontal,
  AlignCenterVertical,
  AlignEndHorizontal,
  AlignEndVertical,
  AlignHorizontalDistributeCenter,
  AlignStartHorizontal,
  AlignStartVertical,
  AlignVerticalDistributeCenter,
} from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { chosenTops, moved, putRects } from '../../canvas';
import { liveFlow } from '../../run';
import { chosenElements, useStudio } from '../../store';
import { IconButton, Select } from '../../ui';

const EDGES: [Axis, Edge, string, ReactNode][] = [
  ['x', 'start', 'Align left edges', <AlignStartVertical key="a" size={16} />],
  ['x', 'middle', 'Align horizontal centres', <AlignCenterVertical key="b" size={16} />],
  ['x', 'end', 'Align right edges', <AlignEndVertical key="c" size={16} />],
  ['y', 'start', 'Align top edges', <AlignStartHorizontal key="d" size={16} />],
  ['y', 'middle', 'Align vertical centres', <AlignCenterHorizontal key="e" size={16} />],
  ['y', 'end', 'Align bottom edges', <AlignEndHorizontal key="f" size={16} />],
];

type To = 'each other' | 'parent' | 'margin';

/** Lines up what is chosen: to each other, to what holds it, or to the safe margin. */
export function AlignTools({ screen }: { screen: Screen }) {
  const chosen = useStudio((studio) => studio.chosen);
  const several = chosenElements(chosen).length > 1;
  const [to, setTo] = useState<To>('each other');
  const aim: To = several ? to : to === 'each other' ? 'parent' : to;
  const apply = (axis: Axis, by: (rects: Rect[], target: Rect) => number[]): void => {
    const at = liveFlow().screens.get(screen.id);
    if (!at) return;
    const tops = chosenTops(at);
    const rects = tops.map((top) => top.rect);
    if (rects.length === 0) return;
    const moves = by(rects, targetOf(at, tops[0]!.element.parent, rects, aim));
    putRects(
      at,
      tops.map((reached, i) => {
        const n = Math.round(moves[i]!);
        return { reached, to: moved(reached.rect, axis === 'x' ? n : 0, axis === 'y' ? n : 0) };
      }),
    );
  };

  return (
    <section aria-label="Align" className="flex flex-wrap items-center justify-between">
      <div className="flex flex-wrap">
        {EDGES.map(([way, edge, name, icon]) => (
          <IconButton
            key={name}
            name={name}
            small
            onClick={() => apply(way, (rects, target) => alignTo(rects, target, way, edge))}
          >
            {icon}
          </IconButton>
        ))}
        {several && (
          <>
            <IconButton
              name="The same gaps, across"
              small
              onClick={() => apply('x', (rects) => spread(rects, 'x'))}
            >
              <AlignHorizontalDistributeCenter size={16} />
            </IconButton>
            <IconButton
              name="The same gaps, down"
              small
              onClick={() => apply('y', (rects) => spread(rects, 'y'))}
            >
              <AlignVerticalDistributeCenter size={16} />
            </IconButton>
          </>
        )}
      </div>
      <Select
        label="Align to"
        value={aim}
        className="h-6 max-w-24 min-w-0 bg-sheet text-sm text-soft hover:bg-chosen-wash"
        options={[
          ...(several ? [['each other', 'to each other'] as const] : []),
          ['parent', 'to its parent'],
          ['margin', 'to the safe margin'],
        ]}
        onChange={setTo}
      />
    </section>
  );
}

function targetOf(
  compiled: { layout: ReadonlyMap<string, Rect> },
  parent: string | null,
  rects: Rect[],
  to: To,
): Rect {
  const { frame, project } = liveFlow();
  if (to === 'each other') return around(rects);
  const whole = { x: 0, y: 0, width: frame.width, height: frame.height };
  if (to === 'parent') return compiled.layout.get(parent ?? '') ?? whole;
  const [mx, my] = [
    (frame.width * project.design.margin) / 100,
    (frame.height * project.design.margin) / 100,
  ];
  return { x: mx, y: my, width: frame.width - 2 * mx, height: frame.height - 2 * my };
}
