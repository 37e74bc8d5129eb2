'use client';

import { toMicros, type Keyframe, lean } from '@tavu/core/model';
import { Plus, Trash2 } from 'lucide-react';
import { ColourField } from '../fields';
import { DurationField, EasingField } from '../motion';
import { useStudio } from '../store';
import { bare, Field, Button, IconButton, Small, Fold, withUnit, type NumberUnit } from '../ui';

/** Keyframes as rows of numbers, always in the order of their times. */
export function Keyframes({
  frames,
  onChange,
}: {
  frames: readonly Keyframe[];
  onChange: (frames: Keyframe[]) => void;
}) {
  const rates = useStudio((studio) => studio.project.rates);
  const put = (next: readonly Keyframe[]): void =>
    onChange([...next].sort((a, b) => toMicros(a.at, rates) - toMicros(b.at, rates)));
  return (
    <>
      <ol aria-label="Keyframes" className="space-y-1.5">
        {frames.map((frame, i) => (
          <li key={i}>
            <OneFrame
              label={`Keyframe ${i + 1}`}
              frame={frame}
              last={i === frames.length - 1}
              onChange={(to) =>
                put(frames.flatMap((keyframe, at) => (at === i ? (to ? [to] : []) : [keyframe])))
              }
            />
          </li>
        ))}
      </ol>
      <Button
        onClick={() => {
          const end = frames.at(-1);
          const at = (toMicros(end?.at ?? '0 s', rates) + 1_000_000) / 1_000_000;
          put([...frames, { at: `${Math.round(at * 1000) / 1000} s` }]);
        }}
      >
        <Plus size={13} aria-hidden="true" /> Keyframe
      </Button>
    </>
  );
}

/** An empty field leaves the property out: it is interpolated between its neighbours. */
function OneFrame({
  label,
  frame,
  last,
  onChange,
}: {
  label: string;
  frame: Keyframe;
  last: boolean;
  onChange: (frame: Keyframe | null) => void;
}) {
  const put = (change: Partial<Keyframe>): void => onChange(lean({ ...frame, ...change }));
  const number = (
    name: 'x' | 'y' | 'scale' | 'turn' | 'opacity',
    words: string,
    [min, max]: [number, number],
    unit: NumberUnit,
    by = 1,
  ) => (
    <Field<number | undefined>
      label={words}
      value={frame[name] === undefined ? '' : withUnit(Math.round(frame[name] * by * 1000) / 1000, unit)}
      read={(text) => readMaybe(text, min, max)}
      onChange={(to) => put({ [name]: to === undefined ? undefined : to / by })}
      className="min-w-0 flex-1"
    />
  );
  return (
    <div role="group" aria-label={label} className="space-y-1 rounded bg-mist p-1.5">
      <div className="flex items-end gap-1.5">
        <DurationField label="At" value={frame.at} unit="s" onChange={(at) => put({ at: at! })} />
        {number('opacity', 'Opacity', [0, 100], '%', 100)}
        {number('turn', 'Rotation', [-100_000, 100_000], '°')}
        <IconButton name={`Take out: ${label}`} onClick={() => onChange(null)}>
          <Trash2 size={13} />
        </IconButton>
      </div>
      <div className="flex items-end gap-1.5">
        {number('x', 'X', [-100_000, 100_000], 'px')}
        {number('y', 'Y', [-100_000, 100_000], 'px')}
        {number('scale', 'Scale', [0, 10_000], '%', 100)}
      </div>
      <div className="flex items-end gap-1.5">
        {frame.tint === undefined ? (
          <Small onClick={() => put({ tint: '#ffffff80' })}>Add a tint</Small>
        ) : (
          <>
            <ColourField label="Tint" value={frame.tint} onChange={(tint) => put({ tint })} />
            <Small onClick={() => put({ tint: undefined })}>no tint</Small>
          </>
        )}
      </div>
      {!last && (
        <Fold title={<>Easing to the next: {frame.easing ?? 'linear'}</>}>
          <EasingField value={frame.easing ?? 'linear'} onChange={(easing) => put({ easing })} />
        </Fold>
      )}
    </div>
  );
}

function readMaybe(text: string, min: number, max: number): { ok: number | undefined } | { error: string } {
  const typed = bare(text.trim().replace(',', '.'));
  if (typed === '') return { ok: undefined };
  const n = Number(typed);
  return Number.isFinite(n) && n >= min && n <= max
    ? { ok: n }
    : { error: `Write a number from ${min} to ${max}, or leave it empty.` };
}
