'use client';

import { READY, READY_WORDS } from '@tavu/core/animate';
import { freshId, titleCase, type Animation, type Element, lean } from '@tavu/core/model';
import { ClipboardPaste, Copy, Plus, Trash2 } from 'lucide-react';
import type { Put } from '../fields';
import { notify } from '../store';
import { Group, IconButton, Small } from '../ui';
import { useCopied } from './copied';
import { Keyframes } from './Keyframes';
import { Timing } from './Timing';

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

type On = Extract<Animation['on'], string>;

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
      <Timing<On>
        of={animation}
        starts={[
          ['arrival', 'when its screen opens'],
          ['focus', 'while it has the focus'],
          ['press', 'when it is pressed'],
          ['step', 'on a conversation step'],
          ...(isBar || on === 'loss' ? [['loss', 'when its bar shrinks'] as const] : []),
        ]}
        onChange={put}
      />
      <Keyframes frames={frames} onChange={(next) => put({ frames: next })} />
    </div>
  );
}
