'use client';

import { alignTo, around, spread, type Edge } from '@tavu/core/layout';
import type { Rect, Axis } from '@tavu/core/geometry';
import { ownerById, stackable } from '@tavu/core/edit';
import { readName, type Screen, withId } from '@tavu/core/model';
import {
  AlignCenterHorizontal,
  AlignCenterVertical,
  AlignEndHorizontal,
  AlignEndVertical,
  AlignHorizontalDistributeCenter,
  AlignStartHorizontal,
  AlignStartVertical,
  AlignVerticalDistributeCenter,
  Columns3,
  Copy,
  Rows3,
  Trash2,
} from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { chosenTops, moved, putRects } from '../../canvas';
import { choose, chosenElements, edit, useStudio } from '../../store';
import { Field, Group, Button, IconButton, SelectRow } from '../../ui';
import { liveFlow } from '../../run';
import { ContentsList } from './Contents';
import { NearSiblings } from './NearSiblings';

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
    <section aria-label="Align" className="space-y-1">
      <SelectRow
        label="Align to"
        value={aim}
        options={[
          ...(several ? [['each other', 'each other'] as const] : []),
          ['parent', 'its parent'],
          ['margin', 'the safe margin'],
        ]}
        onChange={setTo}
      />
      <div className="flex flex-wrap gap-0.5">
        {EDGES.map(([way, edge, name, icon]) => (
          <IconButton
            key={name}
            name={name}
            onClick={() => apply(way, (rects, target) => alignTo(rects, target, way, edge))}
          >
            {icon}
          </IconButton>
        ))}
        {several && (
          <>
            <IconButton
              name="The same gaps, across"
              onClick={() => apply('x', (rects) => spread(rects, 'x'))}
            >
              <AlignHorizontalDistributeCenter size={16} />
            </IconButton>
            <IconButton name="The same gaps, down" onClick={() => apply('y', (rects) => spread(rects, 'y'))}>
              <AlignVerticalDistributeCenter size={16} />
            </IconButton>
          </>
        )}
      </div>
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

/** Several elements at once: lined up, copied, made a component, taken off. */
export function SeveralElements({ screen }: { screen: Screen }) {
  const chosen = useStudio((studio) => studio.chosen);
  const compiled = useStudio((studio) => studio.flow.screens.get(screen.id));
  const all = chosenElements(chosen);
  const own = all.filter((path) => !path.includes('/'));
  return (
    <>
      <Group title={`All of ${screen.name}`} unfolded={false}>
        <ContentsList screen={screen} />
      </Group>
      <section aria-label="Several elements">
        <h3 className="mb-1 font-bold">{all.length} elements</h3>
        <ul className="max-h-60 space-y-1 overflow-auto">
          {all.map((path) => {
            const element = compiled?.byId.get(path);
            if (!element) return null;
            const others = compiled!.screen.elements
              .filter((other) => other.id !== path)
              .map((item) => item.name);
            return (
              <li key={path} className="flex items-center gap-1">
                <Field
                  hidden
                  label={`Name of ${element.name}`}
                  value={element.name}
                  className="min-w-0 flex-1"
                  read={(text) => readName(text, others)}
                  onChange={(name) =>
                    edit('change element', { screen: screen.id, element: path, change: { name } })
                  }
                />
                <Button onClick={() => choose({ element: path })}>Only this</Button>
              </li>
            );
          })}
        </ul>
      </section>
      <NearSiblings screen={screen} />
      <AlignTools screen={screen} />
      <div className="flex flex-wrap gap-1">
        <Stacking screen={screen} elements={own} />
        <MakeComponent screen={screen} elements={own} />
        <Button
          onClick={() => {
            const made = edit('duplicate elements', { screen: screen.id, elements: own });
            if (made) choose({ element: made });
          }}
        >
          <Copy size={13} aria-hidden="true" /> Duplicate
        </Button>
        <Button look="danger" onClick={() => edit('delete elements', { screen: screen.id, elements: own })}>
          <Trash2 size={13} aria-hidden="true" /> Delete them
        </Button>
      </div>
    </>
  );
}

/** Elements that stand by themselves become a column or a row, which keeps its gap as it grows. */
function Stacking({ screen, elements }: { screen: Screen; elements: readonly string[] }) {
  const can = useStudio(
    ({ project }) => stackable(ownerById(project, screen.id) ?? screen, elements).length > 0,
  );
  if (!can) return null;
  const stack = (by: 'column' | 'row'): void => {
    const made = edit('stack elements', { screen: screen.id, elements: [...elements], by });
    if (made) choose({ element: made });
  };
  return (
    <>
      <Button title="One under another in a panel that keeps the gap" onClick={() => stack('column')}>
        <Rows3 size={13} aria-hidden="true" /> Make a column
      </Button>
      <Button title="Side by side in a panel that keeps the gap" onClick={() => stack('row')}>
        <Columns3 size={13} aria-hidden="true" /> Make a row
      </Button>
    </>
  );
}

export function MakeComponent({ screen, elements }: { screen: Screen; elements: readonly string[] }) {
  if (elements.length === 0) return null;
  const name = withId(screen.elements, elements[0])?.name ?? 'Component';
  return (
    <Button
      title="To be placed on many screens, and changed once"
      onClick={() => {
        const made = edit('make component', { screen: screen.id, elements: [...elements], name });
        if (made) choose({ element: made });
      }}
    >
      Make a component
    </Button>
  );
}
