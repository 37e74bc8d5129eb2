'use client';

import { anchorAxis, attachAxis, holdAxisBy, ownOf } from '@tavu/core/layout';
import type { Span } from '@tavu/core/geometry';
import type { Placement, Element, Length } from '@tavu/core/model';
import { Field, Select, readLength, readNumber, stepLength } from '../../ui';

/** One axis: what it keeps its distance from, how far, by which point of its own, and between which sizes. */
export function AxisFields({
  names: [startName, endName, sizeName],
  axis,
  span,
  room,
  siblings,
  onChange,
}: {
  names: [string, string, string];
  axis: Placement;
  /** Where it stands now, measured in what holds it. */
  span: Span;
  room: number;
  /** The siblings it can be attached to, and where they are, in the same measure. */
  siblings: readonly { element: Element; span: Span }[];
  onChange: (placement: Placement) => void;
}) {
  const words = {
    start: `from the ${startName.toLowerCase()}`,
    centre: 'from the middle',
    end: `from the ${endName.toLowerCase()}`,
    stretch: 'stretched',
  };
  const title = sizeName === 'Width' ? 'Horizontal' : 'Vertical';
  const sibling =
    axis.at === 'stretch' ? undefined : siblings.find((sibling) => sibling.element.id === axis.to);
  const field = (label: string, value: Length, put: (length: Length) => void) => (
    <Field
      label={label}
      value={String(value)}
      read={(text) => readLength(text, room)}
      step={stepLength}
      onChange={put}
    />
  );
  const limit = (label: string, shown: string, key: 'min' | 'max') => (
    <Field
      label={label}
      shown={shown}
      placeholder="none"
      value={axis[key] === undefined ? '' : String(axis[key])}
      read={(text) => (text.trim() === '' ? { ok: undefined } : readNumber(text, 0, 100_000))}
      onChange={(n: number | undefined) => {
        const { [key]: _, ...rest } = axis;
        onChange((n === undefined ? rest : { ...rest, [key]: n }) as Placement);
      }}
    />
  );
  return (
    <div className="rounded border border-line p-2">
      <div className="mb-1 flex items-center justify-between">
        <span className="font-semibold">{title}</span>
        <Select
          label={`${title}: anchor`}
          value={sibling ? 'sibling' : axis.at}
          options={[
            ...(['start', 'centre', 'end', 'stretch'] as const).map((at): [string, string] => [
              at,
              words[at],
            ]),
            ...(siblings.length > 0 ? [['sibling', 'beside a sibling'] as [string, string]] : []),
          ]}
          onChange={(at: string) => {
            if (at !== 'sibling') return onChange(anchorAxis(axis, at as Placement['at'], span, room));
            const to = nearestOf(siblings, span);
            onChange(attachAxis(axis, to.element.id, to.side, span, to.span));
          }}
        />
      </div>
      {sibling && axis.at !== 'stretch' && (
        <div className="mb-1 flex items-center justify-end gap-1">
          <Select
            label={`${title}: side`}
            value={axis.at}
            options={[
              ['start', startName === 'Left' ? 'left of' : 'above'],
              ['centre', 'in the middle of'],
              ['end', startName === 'Left' ? 'right of' : 'below'],
            ]}
            onChange={(at: 'start' | 'centre' | 'end') =>
              onChange(attachAxis(axis, sibling.element.id, at, span, sibling.span))
            }
          />
          <Select
            label={`${title}: beside`}
            value={sibling.element.id}
            options={siblings.map(({ element }): [string, string] => [element.id, element.name])}
            onChange={(id: string) => {
              const to = siblings.find((sibling) => sibling.element.id === id)!;
              onChange(attachAxis(axis, id, axis.at as 'start', span, to.span));
            }}
          />
        </div>
      )}
      <div className="grid grid-cols-4 gap-1.5">
        {field(axis.at === 'stretch' ? startName : 'Offset', axis.offset, (offset) =>
          onChange({ ...axis, offset }),
        )}
        {axis.at === 'stretch' ? (
          field(endName, axis.far, (far) => onChange({ ...axis, far }))
        ) : (
          <label className="min-w-0">
            <span className="mb-0.5 block text-sm text-soft">Pivot</span>
            <select
              value={ownOf(axis)}
              className="h-7 w-full rounded border border-line bg-sheet"
              onChange={(event) => {
                const own = Number(event.target.value);
                onChange(
                  sibling
                    ? attachAxis(axis, sibling.element.id, axis.at, span, sibling.span, own)
                    : holdAxisBy(axis, own, span.size, room),
                );
              }}
            >
              <option value={0}>{startName.toLowerCase()}</option>
              <option value={0.5}>middle</option>
              <option value={1}>{endName.toLowerCase()}</option>
            </select>
          </label>
        )}
        {limit(`Min ${sizeName.toLowerCase()}`, 'Min', 'min')}
        {limit(`Max ${sizeName.toLowerCase()}`, 'Max', 'max')}
      </div>
    </div>
  );
}

/** The sibling nearest to it on this axis, and the side of it that it stands on. */
function nearestOf(
  siblings: readonly { element: Element; span: Span }[],
  span: Span,
): { element: Element; span: Span; side: 'start' | 'centre' | 'end' } {
  const gaps = siblings.map((sibling) => {
    const after = span.start - sibling.span.start - sibling.span.size;
    const before = sibling.span.start - span.start - span.size;
    const side = after >= 0 ? ('end' as const) : before >= 0 ? ('start' as const) : ('centre' as const);
    return { ...sibling, side, far: Math.max(after, before, 0) };
  });
  return gaps.reduce((best, gap) => (gap.far < best.far ? gap : best));
}
