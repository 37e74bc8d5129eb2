'use client';

import { READY } from '@tavu/core/animate';
import { freshId, toMicros, type Animation, type Element, type Keyframe } from '@tavu/core/model';
import { ClipboardPaste, Copy, Plus, Trash2 } from 'lucide-react';
import { ColourField } from '../looks/ColourField';
import { DurationField } from '../motion/DurationField';
import { EasingField } from '../motion/EasingField';
import type { Put } from '../reading/element/change';
import { say, useStudio } from '../studio/store';
import { Field } from '../ui/Field';
import { Group } from '../ui/Group';
import { Button, IconButton, Small } from '../ui/parts';
import { SelectRow } from '../ui/Row';
import { useCopied } from './copied';

const READY_WORDS: Record<keyof typeof READY, string> = {
  turn: 'Turn round',
  pulse: 'Pulse',
  bob: 'Bob',
  flicker: 'Flicker',
};

/** What an element does by itself: keyframes on arrival, focus, a press or an event; once, round and round, or there and back. */
export function Animations({ element, put }: { element: Element; put: Put }) {
  const animations = element.animations ?? [];
  const { copied, copy } = useCopied();
  const set = (next: Animation[], key?: string): void =>
    put({ animations: next.length > 0 ? next : undefined }, key);
  const add = (animation: Omit<Animation, 'id'>): void =>
    set([...animations, { id: freshId('a'), ...animation }]);
  return (
    <Group title="What it does by itself" unfolded={animations.length > 0}>
      {animations.map((animation, i) => (
        <OneAnimation
          key={animation.id}
          n={i + 1}
          animation={animation}
          onChange={(to) =>
            set(
              animations.flatMap((each, at) => (at === i ? (to ? [to] : []) : [each])),
              `animation ${animation.id}`,
            )
          }
          onCopy={() => {
            copy(animation);
            say('Animation copied. It can be put on other elements.');
          }}
        />
      ))}
      <div className="flex flex-wrap gap-1">
        {Object.entries(READY).map(([name, ready]) => (
          <Small key={name} onClick={() => add(ready)}>
            {READY_WORDS[name as keyof typeof READY]}
          </Small>
        ))}
        <Small onClick={() => add({ on: 'arrival', frames: [{ at: '0 s' }, { at: '1 s' }] })}>
          <Plus size={11} aria-hidden="true" className="inline" /> Keyframes
        </Small>
        {copied && (
          <Small onClick={() => add(copied)}>
            <ClipboardPaste size={11} aria-hidden="true" className="inline" /> The copied one
          </Small>
        )}
      </div>
    </Group>
  );
}

type On = 'arrival' | 'focus' | 'press' | 'step' | 'event';

function OneAnimation({
  n,
  animation,
  onChange,
  onCopy,
}: {
  n: number;
  animation: Animation;
  onChange: (animation: Animation | null) => void;
  onCopy: () => void;
}) {
  const events = useStudio((studio) => studio.project.events).filter((each) => each.direction === 'in');
  const rates = useStudio((studio) => studio.project.rates);
  const put = (change: Partial<Animation>): void =>
    onChange(JSON.parse(JSON.stringify({ ...animation, ...change })) as Animation);
  const { on, frames } = animation;
  const sorted = (next: readonly Keyframe[]): Keyframe[] =>
    [...next].sort((a, b) => toMicros(a.at, rates) - toMicros(b.at, rates));
  return (
    <div role="group" aria-label={`Animation ${n}`} className="space-y-1.5 rounded border border-line p-2">
      <div className="flex items-center">
        <span className="grow font-semibold">Animation {n}</span>
        <IconButton name="Copy this animation" onClick={onCopy}>
          <Copy size={13} />
        </IconButton>
        <IconButton name="Take this animation off" onClick={() => onChange(null)}>
          <Trash2 size={13} />
        </IconButton>
      </div>
      <SelectRow<On>
        label="Begins"
        value={typeof on === 'object' ? 'event' : on}
        options={[
          ['arrival', 'when its screen comes'],
          ['focus', 'while it has the focus'],
          ['press', 'when it is pressed'],
          ['step', 'when a conversation says so'],
          ...(events.length > 0 ? [['event', 'on an event'] as const] : []),
        ]}
        onChange={(to) => put({ on: to === 'event' ? { event: events[0]!.id } : to })}
      />
      {typeof on === 'object' && (
        <SelectRow<string>
          label="Which event"
          value={on.event}
          options={events.map((each) => [each.id, each.name] as const)}
          onChange={(event) => put({ on: { event } })}
        />
      )}
      <SelectRow<'once' | 'loop' | 'there and back'>
        label="Goes"
        value={animation.repeat ?? 'once'}
        options={[
          ['once', 'once'],
          ['loop', 'round and round'],
          ['there and back', 'there and back'],
        ]}
        onChange={(repeat) => put({ repeat: repeat === 'once' ? undefined : repeat })}
      />
      <DurationField
        label="Begins later by"
        optional
        value={animation.delay}
        onChange={(delay) => put({ delay })}
      />
      <ol aria-label="Keyframes" className="space-y-1.5">
        {frames.map((frame, i) => (
          <li key={i}>
            <OneFrame
              label={`Keyframe ${i + 1}`}
              frame={frame}
              last={i === frames.length - 1}
              onChange={(to) =>
                put({ frames: sorted(frames.flatMap((each, at) => (at === i ? (to ? [to] : []) : [each]))) })
              }
            />
          </li>
        ))}
      </ol>
      <Button
        onClick={() => {
          const end = frames.at(-1);
          const at = (toMicros(end?.at ?? '0 s', rates) + 1_000_000) / 1_000_000;
          put({ frames: [...frames, { at: `${Math.round(at * 1000) / 1000} s` }] });
        }}
      >
        <Plus size={13} aria-hidden="true" /> Keyframe
      </Button>
    </div>
  );
}

/** Empty says nothing: it is then between its neighbours. */
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
  const put = (change: Partial<Keyframe>): void =>
    onChange(JSON.parse(JSON.stringify({ ...frame, ...change })) as Keyframe);
  const number = (
    name: 'x' | 'y' | 'scale' | 'turn' | 'opacity',
    words: string,
    [least, most]: [number, number],
    by = 1,
  ) => (
    <Field<number | undefined>
      label={words}
      value={frame[name] === undefined ? '' : String(Math.round(frame[name] * by * 1000) / 1000)}
      read={(text) => readMaybe(text, least, most)}
      onChange={(to) => put({ [name]: to === undefined ? undefined : to / by })}
      className="min-w-0 flex-1"
    />
  );
  return (
    <div role="group" aria-label={label} className="space-y-1 rounded bg-mist p-1.5">
      <div className="flex items-end gap-1.5">
        <DurationField label="At" value={frame.at} unit="s" onChange={(at) => put({ at: at! })} />
        {number('opacity', 'Opacity, %', [0, 100], 100)}
        {number('turn', 'Turn, °', [-100_000, 100_000])}
        <IconButton name={`Take out: ${label}`} onClick={() => onChange(null)}>
          <Trash2 size={13} />
        </IconButton>
      </div>
      <div className="flex items-end gap-1.5">
        {number('x', 'Across', [-100_000, 100_000])}
        {number('y', 'Down', [-100_000, 100_000])}
        {number('scale', 'Size, %', [0, 10_000], 100)}
      </div>
      <div className="flex items-end gap-1.5">
        {frame.tint === undefined ? (
          <Small onClick={() => put({ tint: '#ffffff80' })}>Tint it</Small>
        ) : (
          <>
            <ColourField label="Tint" value={frame.tint} onChange={(tint) => put({ tint })} />
            <Small onClick={() => put({ tint: undefined })}>no tint</Small>
          </>
        )}
      </div>
      {!last && (
        <details>
          <summary className="cursor-pointer text-sm text-soft">
            Pace to the next: {frame.easing ?? 'linear'}
          </summary>
          <EasingField value={frame.easing ?? 'linear'} onChange={(easing) => put({ easing })} />
        </details>
      )}
    </div>
  );
}

function readMaybe(
  text: string,
  least: number,
  most: number,
): { ok: number | undefined } | { error: string } {
  const typed = text.trim().replace(',', '.').replace(/[%°]$/, '');
  if (typed === '') return { ok: undefined };
  const n = Number(typed);
  return Number.isFinite(n) && n >= least && n <= most
    ? { ok: n }
    : { error: `Write a number from ${least} to ${most}, or leave it empty.` };
}
