'use client';

import { READY, READY_WORDS, type ReadyName } from '@tavu/core/animate';
import { MARKER_SIDES, type Marker, isPicture, isAlike } from '@tavu/core/model';
import { Keyframes } from '../animation';
import { useStudio } from '../store';
import { NumberField, SelectRow, ThingRow, Fold } from '../ui';
import { Switched } from './parts';

const SIDE_WORDS: Record<Marker['side'], string> = {
  left: 'on the left',
  right: 'on the right',
  both: 'on both sides, mirrored',
};

/** A picture beside what has the focus: which, on which side, how large, and what it does over and over. */
export function MarkerFields({
  marker,
  onChange,
}: {
  marker: Marker | undefined;
  onChange: (marker: Marker | undefined) => void;
}) {
  const assets = useStudio((studio) => studio.project.assets);
  const pictures = assets.filter(isPicture);
  const [first] = pictures;
  if (!marker && !first)
    return <p className="text-sm text-soft">A picture imported under Assets can stand beside it.</p>;
  const put = (change: Partial<Marker>): void => {
    const { loop, ...next } = { ...marker!, ...change };
    onChange({ ...next, ...(loop ? { loop } : {}) });
  };
  return (
    <div role="group" aria-label="Marker" className="min-w-0 flex-1 space-y-1">
      <Switched
        label="A picture beside it"
        on={marker !== undefined}
        onChange={(on) => onChange(on ? { asset: first!.id, side: 'left', size: 40, gap: 12 } : undefined)}
      />
      {marker && (
        <>
          <ThingRow
            label="Picture"
            value={marker.asset}
            none="none"
            things={pictures}
            onChange={(asset) => (asset ? put({ asset }) : onChange(undefined))}
          />
          <SelectRow
            label="Side"
            value={marker.side}
            options={MARKER_SIDES.map((side) => [side, SIDE_WORDS[side]] as const)}
            onChange={(side) => put({ side })}
          />
          <div className="flex items-end gap-1.5">
            <NumberField
              label="Height"
              unit="px"
              value={marker.size}
              min={1}
              max={2000}
              onChange={(size) => put({ size })}
              className="w-18"
            />
            <NumberField
              label="Offset"
              unit="px"
              value={marker.gap}
              min={-2000}
              max={2000}
              onChange={(gap) => put({ gap })}
              className="w-18"
            />
          </div>
          <Loop loop={marker.loop} onChange={(loop) => put({ loop })} />
        </>
      )}
    </div>
  );
}

type Loop = NonNullable<Marker['loop']>;

function Loop({ loop, onChange }: { loop: Loop | undefined; onChange: (loop: Loop | undefined) => void }) {
  const known = (Object.keys(READY) as ReadyName[]).find(
    (name) => loop && isAlike(loop.frames, READY[name].frames),
  );
  return (
    <>
      <SelectRow<ReadyName | 'still' | 'own'>
        label="Movement"
        value={loop ? (known ?? 'own') : 'still'}
        options={[
          ['still', 'none'],
          ...(Object.keys(READY) as ReadyName[]).map((name) => [name, READY_WORDS[name]] as const),
          ...(loop && !known ? [['own', 'its own keyframes'] as const] : []),
        ]}
        onChange={(to) => {
          if (to === 'own') return;
          const { repeat, frames } = to === 'still' ? READY.nudge : READY[to];
          onChange(to === 'still' ? undefined : { repeat, frames });
        }}
      />
      {loop && (
        <Fold title="Its keyframes">
          <div className="space-y-1.5 pt-1">
            <SelectRow
              label="Plays"
              value={loop.repeat}
              options={[
                ['loop', 'loop'],
                ['there and back', 'there and back'],
              ]}
              onChange={(repeat) => onChange({ ...loop, repeat })}
            />
            <Keyframes frames={loop.frames} onChange={(frames) => onChange({ ...loop, frames })} />
          </div>
        </Fold>
      )}
    </>
  );
}
