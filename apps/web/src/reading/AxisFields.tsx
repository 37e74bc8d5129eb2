'use client';

import type { Axis, Length } from '@tavu/core/model';
import { moveAxis, OWN, solveAxis } from '@tavu/core/layout';
import { Field } from '../ui/Field';
import { readLength, stepLength } from './numbers';
import { Select } from '../ui/Row';

const SPOTS = [
  ['start', 0],
  ['centre', 1],
  ['end', 2],
  ['stretch', 3],
] as const;

/** One axis: what it keeps its distance from, how far, how large, and by which point of its own. */
export function AxisFields({
  names: [startName, endName, sizeName],
  axis,
  room,
  onChange,
}: {
  names: [string, string, string];
  axis: Axis;
  room: number;
  onChange: (axis: Axis) => void;
}) {
  const words = {
    start: `from the ${startName.toLowerCase()}`,
    centre: 'from the middle',
    end: `from the ${endName.toLowerCase()}`,
    stretch: 'stretched',
  };
  const field = (label: string, value: Length, put: (length: Length) => void) => (
    <Field
      label={label}
      value={String(value)}
      read={(text) => readLength(text, room)}
      step={stepLength}
      onChange={put}
      className="min-w-0 flex-1"
    />
  );
  return (
    <div className="rounded border border-line p-2">
      <div className="mb-1 flex items-center justify-between">
        <span className="font-semibold">{sizeName === 'Width' ? 'Across' : 'Down'}</span>
        <Select
          label={`${sizeName === 'Width' ? 'Across' : 'Down'}: kept`}
          value={axis.at}
          options={SPOTS.map(([at]) => [at, words[at]] as const)}
          onChange={(at: Axis['at']) => onChange(anchored(axis, at, room))}
        />
      </div>
      <div className="flex gap-1.5">
        {field(axis.at === 'stretch' ? startName : 'Distance', axis.offset, (offset) =>
          onChange({ ...axis, offset }),
        )}
        {axis.at === 'stretch'
          ? field(endName, axis.far, (far) => onChange({ ...axis, far }))
          : field(sizeName, axis.size, (size) => onChange({ ...axis, size }))}
        {axis.at !== 'stretch' && (
          <label className="min-w-0 flex-1">
            <span className="mb-0.5 block text-sm text-soft">By its</span>
            <select
              value={axis.own ?? OWN[axis.at]}
              className="h-7 w-full rounded border border-line bg-sheet"
              onChange={(event) => onChange(heldBy(axis, Number(event.target.value), room))}
            >
              <option value={0}>{startName.toLowerCase()}</option>
              <option value={0.5}>middle</option>
              <option value={1}>{endName.toLowerCase()}</option>
            </select>
          </label>
        )}
      </div>
    </div>
  );
}

/** The same place on screen, kept by another anchor. */
function anchored(axis: Axis, at: Axis['at'], room: number): Axis {
  const { start, size } = solveAxis(axis, room);
  const round = (n: number): number => Math.round(n * 100) / 100;
  if (at === 'stretch') return { at, offset: round(start), far: round(room - start - size) };
  const kept = axis.at === 'stretch' ? round(size) : axis.size;
  const own = OWN[at];
  const point = start + own * size;
  const offset = at === 'start' ? point : at === 'centre' ? point - room / 2 : room - point;
  return { at, offset: round(offset), size: kept };
}

/** The same place on screen, measured to another point of the element. */
function heldBy(axis: Exclude<Axis, { at: 'stretch' }>, own: number, room: number): Axis {
  const before = solveAxis(axis, room).start;
  const next: Axis = { ...axis, own };
  return moveAxis(next, before - solveAxis(next, room).start, room);
}
