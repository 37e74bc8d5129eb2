'use client';

import { compileFrames, lengthOf } from '@tavu/core/animate';
import {
  timeIn,
  toMicros,
  type Screen,
  type TextElement,
  type TextFrame,
  type TextFrames,
} from '@tavu/core/model';
import { Plus, Trash2 } from 'lucide-react';
import { DurationField } from '../motion';
import type { Put } from '../fields';
import { useStudio, useUnits } from '../store';
import { Check, NumberField, IconButton, Small } from '../ui';
import { isMatched, matchStay, stayOf, withLength } from './stay';

/** A text that goes through frames, with the sum of its holds beside the stay of its screen. */
export function TextFrameFields({
  screen,
  element,
  put,
}: {
  screen: Screen;
  element: TextElement;
  put: Put;
}) {
  const { frames } = element;
  const set = (next: TextFrames | undefined): void => put({ frames: next }, 'frames');
  if (!frames)
    return (
      <p className="text-sm text-soft">
        One text.{' '}
        <Small
          onClick={() =>
            set({
              frames: ['.', '..', '...'].map((dots) => ({ text: `${element.text}${dots}`, hold: '0.5 s' })),
            })
          }
        >
          Make it a text sequence
        </Small>
      </p>
    );
  const change = (i: number, to: TextFrame | null): void =>
    set({ ...frames, frames: frames.frames.flatMap((frame, n) => (n === i ? (to ? [to] : []) : [frame])) });
  return (
    <section aria-label="Text sequence" className="space-y-1.5 rounded border border-line p-2">
      <ol className="space-y-1">
        {frames.frames.map((frame, i) => (
          <li key={i}>
            <OneFrame label={`Frame ${i + 1}`} frame={frame} onChange={(to) => change(i, to)} />
          </li>
        ))}
      </ol>
      <div className="flex flex-wrap gap-1">
        <Small
          onClick={() =>
            set({
              ...frames,
              frames: [...frames.frames, { text: element.text, hold: frames.frames.at(-1)?.hold ?? '0.5 s' }],
            })
          }
        >
          <Plus size={11} aria-hidden="true" className="inline" /> Frame
        </Small>
        {!frames.last && (
          <Small onClick={() => set({ ...frames, last: { text: element.text, hold: '1 s' } })}>
            End on another
          </Small>
        )}
        <Small onClick={() => set(undefined)}>Back to one text</Small>
      </div>
      {frames.last && (
        <>
          <OneFrame
            label="Last text"
            frame={frames.last}
            onChange={(last) => {
              const { last: _, ...rest } = frames;
              set(last ? { ...rest, last } : rest);
            }}
          />
          <NumberField
            label="Repeats before that"
            value={frames.rounds ?? 1}
            min={1}
            max={10_000}
            onChange={(rounds) => set({ ...frames, rounds: Math.round(rounds) })}
          />
        </>
      )}
      {frames.frames.length > 1 && (
        <Check
          on={frames.shuffled ?? false}
          onChange={(on) => {
            const { shuffled: _, ...rest } = frames;
            set(on ? { ...rest, shuffled: true } : rest);
          }}
        >
          Shuffled: in another order each round
        </Check>
      )}
      <Sum screen={screen} frames={frames} onChange={set} />
    </section>
  );
}

function OneFrame({
  label,
  frame,
  onChange,
}: {
  label: string;
  frame: TextFrame;
  onChange: (frame: TextFrame | null) => void;
}) {
  return (
    <div role="group" aria-label={label} className="flex items-end gap-1.5">
      <label className="min-w-0 flex-1">
        <span className="mb-0.5 block text-sm text-soft">{label}</span>
        <input
          value={frame.text}
          maxLength={10_000}
          className="h-7 w-full rounded border border-line bg-sheet px-1.5"
          onChange={(event) => onChange({ ...frame, text: event.target.value })}
        />
      </label>
      <DurationField
        label="Duration"
        unit="s"
        value={frame.hold}
        onChange={(hold) => onChange({ ...frame, hold: hold! })}
        className="w-18"
      />
      <IconButton name={`Take out: ${label}`} onClick={() => onChange(null)}>
        <Trash2 size={13} />
      </IconButton>
    </div>
  );
}

/** The sum of the holds beside the screen's stay; either can be made to match the other. */
function Sum({
  screen,
  frames,
  onChange,
}: {
  screen: Screen;
  frames: TextFrames;
  onChange: (frames: TextFrames) => void;
}) {
  const project = useStudio((studio) => studio.project);
  const unit = useUnits((units) => units.unit);
  const { rates } = project;
  const sum = lengthOf(compileFrames(frames, rates));
  const stay = stayOf(project, screen);
  if (sum === Infinity)
    return (
      <p role="note" className="text-sm text-soft">
        It goes round without end, {timeIn(compileFrames(frames, rates).round, unit, rates)} a round.
      </p>
    );
  const told = `All of it takes ${timeIn(sum, unit, rates)}`;
  if (!stay)
    return (
      <p role="note" className="text-sm text-soft">
        {told}. The screen stays until something leads on.
      </p>
    );
  const micros = toMicros(stay.duration, rates);
  if (isMatched(sum, micros, frames))
    return (
      <p role="note" className="text-sm text-soft">
        {told}, just as long as the screen stays.
      </p>
    );
  return (
    <div role="note" className="space-y-1 text-sm">
      <p className="text-warn">
        {told}; the screen stays {timeIn(micros, unit, rates)}: {timeIn(Math.abs(micros - sum), unit, rates)}{' '}
        {sum < micros ? 'short' : 'too long'}.
      </p>
      <div className="flex flex-wrap gap-1">
        <Small onClick={() => onChange(withLength(frames, sum, micros, rates))}>Match the stay</Small>
        <Small onClick={() => matchStay(screen, stay, timeIn(sum, 's', rates))}>Match the text</Small>
      </div>
    </div>
  );
}
