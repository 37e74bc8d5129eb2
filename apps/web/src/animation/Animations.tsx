'use client';

import { READY, READY_WORDS } from '@tavu/core/animate';
import { freshId, titleCase, type Animation, type Element, lean } from '@tavu/core/model';
import { ClipboardPaste, Copy, Plus, Trash2 } from 'lucide-react';
import { DurationField } from '../motion';
import type { Put } from '../fields';
import { notify, useStudio } from '../store';
import { Group, IconButton, Small, SelectRow } from '../ui';
import { useCopied } from './copied';
import { Keyframes } from './Keyframes';

/** What an element does by itself: keyframes on arrival, focus, a press or an event; once, loop, or there and back. */
export function Animations({ element, put }: { element: Element; put: Put }) {
  const animations = element.animations ?? [];
  const { copied, copy } = useCopied();
  const set = (next: Animation[], key?: string): void =>
    put({ animations: next.length > 0 ? next : undefined }, key);
  const add = (animation: Omit<Animation, 'id'>): void =>
    set([...animations, { id: freshId('a'), ...animation }]);
  return (
    <Group title="Animations" unfolded={animations.length > 0}>
      {animations.map((animation, i) => (
        <OneAnimation
          key={animation.id}
          n={i + 1}
          animation={animation}
          isBar={element.type === 'progress'}
          onChange={(to) =>
            set(
              animations.flatMap((item, at) => (at === i ? (to ? [to] : []) : [item])),
              `animation ${animation.id}`,
            )
          }
          onCopy={() => {
            copy(animation);
            notify('Animation copied. Paste it on other elements.');
          }}
        />
      ))}
      <div className="flex flex-wrap gap-1">
        {Object.entries(READY).map(([name, ready]) => (
          <Small key={name} onClick={() => add(ready)}>
            {titleCase(READY_WORDS[name as keyof typeof READY])}
          </Small>
        ))}
        <Small onClick={() => add({ on: 'arrival', frames: [{ at: '0 s' }, { at: '1 s' }] })}>
          <Plus size={11} aria-hidden="true" className="inline" /> Keyframes
        </Small>
        {copied && (
          <Small onClick={() => add(copied)}>
            <ClipboardPaste size={11} aria-hidden="true" className="inline" /> Paste animation
          </Small>
        )}
      </div>
    </Group>
  );
}

type On = Extract<Animation['on'], string> | 'event';

function OneAnimation({
  n,
  animation,
  isBar,
  onChange,
  onCopy,
}: {
  n: number;
  animation: Animation;
  /** What it shows can become less. */
  isBar: boolean;
  onChange: (animation: Animation | null) => void;
  onCopy: () => void;
}) {
  const events = useStudio((studio) => studio.project.events).filter((event) => event.direction === 'in');
  const put = (change: Partial<Animation>): void => onChange(lean({ ...animation, ...change } as Animation));
  const { on, frames } = animation;
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
        label="Starts"
        value={typeof on === 'object' ? 'event' : on}
        options={[
          ['arrival', 'when its screen opens'],
          ['focus', 'while it has the focus'],
          ['press', 'when it is pressed'],
          ['step', 'on a conversation step'],
          ...(isBar || on === 'loss' ? [['loss', 'when its bar shrinks'] as const] : []),
          ...(events.length > 0 ? [['event', 'on an event'] as const] : []),
        ]}
        onChange={(to) => put({ on: to === 'event' ? { event: events[0]!.id } : to })}
      />
      {typeof on === 'object' && (
        <SelectRow<string>
          label="Which event"
          value={on.event}
          options={events.map((event) => [event.id, event.name] as const)}
          onChange={(event) => put({ on: { event } })}
        />
      )}
      <SelectRow<'once' | 'loop' | 'there and back'>
        label="Plays"
        value={animation.repeat ?? 'once'}
        options={[
          ['once', 'once'],
          ['loop', 'loop'],
          ['there and back', 'there and back'],
        ]}
        onChange={(repeat) => put({ repeat: repeat === 'once' ? undefined : repeat })}
      />
      <DurationField label="Delay" optional value={animation.delay} onChange={(delay) => put({ delay })} />
      <Keyframes frames={frames} onChange={(next) => put({ frames: next })} />
    </div>
  );
}
