'use client';

import {
  CHANGES,
  readName,
  type Change,
  type Length,
  type MadeMotion,
  type MotionTrack,
  type SimpleMotion,
  lean,
} from '@tavu/core/model';
import { REDUCED, REST, reversedTracks } from '@tavu/core/motion';
import { Plus, Trash2 } from 'lucide-react';
import { readLength, Field, Group, Button, IconButton, Small, Select, SelectRow, Fold } from '../ui';
import { edit, useStudio } from '../store';
import { DurationField } from './DurationField';
import { EasingField } from './EasingField';
import { StaggerFields } from './SimpleFields';
import { usesOf } from './uses';

/** The motions the project has of its own, each made of tracks. */
export function MadeMotions() {
  const motions = useStudio((studio) => studio.project.motions) ?? [];
  return (
    <section aria-label="Motions" className="space-y-2">
      <h3 className="font-bold">Motions</h3>
      {motions.length === 0 && (
        <p className="text-soft">
          Fading, sliding, growing and blurring are there for all. Make one of your own where they are not
          enough.
        </p>
      )}
      {motions.map((motion) => (
        <Group key={motion.id} title={motion.name} unfolded={false}>
          <Made motion={motion} />
        </Group>
      ))}
      <Button onClick={() => edit('add motion', { name: 'Rise' })}>
        <Plus size={13} aria-hidden="true" /> Motion
      </Button>
    </section>
  );
}

function Made({ motion }: { motion: MadeMotion }) {
  const project = useStudio((studio) => studio.project);
  const put = (change: Partial<MadeMotion>, key?: string): void =>
    void edit('change motion', { motion: motion.id, change }, key ? { key: `${motion.id} ${key}` } : {});
  const others = project
    .motions!.filter((madeMotion) => madeMotion !== motion)
    .map((madeMotion) => madeMotion.name);
  const uses = usesOf(project, motion.id);
  return (
    <div className="space-y-2">
      <Field
        label="Name of this motion"
        value={motion.name}
        read={(text) => readName(text, others)}
        onChange={(name) => put({ name })}
      />
      <p className="text-sm text-soft">
        {uses.length === 0 ? 'Not used yet.' : `Used by: ${uses.join(', ')}.`}
      </p>
      <Tracks label="In" tracks={motion.tracks} onChange={(tracks) => put({ tracks }, 'tracks')} />
      {motion.leaving ? (
        <>
          <Tracks label="Out" tracks={motion.leaving} onChange={(leaving) => put({ leaving }, 'leaving')} />
          <Small onClick={() => put({ leaving: undefined })}>Leave the same way, backwards</Small>
        </>
      ) : (
        <p className="text-sm text-soft">
          It leaves the same way, backwards.{' '}
          <Small onClick={() => put({ leaving: reversedTracks(motion.tracks, project.rates) })}>
            Leave in another way
          </Small>
        </p>
      )}
      <SelectRow<SimpleMotion['name']>
        label="With less motion"
        value={motion.reduced?.name ?? 'fade'}
        options={[
          ['fade', 'a short fade'],
          ['none', 'nothing'],
        ]}
        onChange={(name) => put({ reduced: name === 'none' ? { name } : REDUCED })}
      />
      <Button look="danger" onClick={() => edit('delete motion', { motion: motion.id })}>
        <Trash2 size={13} aria-hidden="true" /> Delete
      </Button>
    </div>
  );
}

const CHANGE_WORDS: Record<Change, string> = {
  opacity: 'opacity',
  across: 'X',
  down: 'Y',
  scale: 'scale',
  turn: 'rotation',
  blur: 'blur',
};

function Tracks({
  label,
  tracks,
  onChange,
}: {
  label: string;
  tracks: readonly MotionTrack[];
  onChange: (tracks: MotionTrack[]) => void;
}) {
  return (
    <div role="group" aria-label={label} className="space-y-1.5">
      <p className="font-semibold">{label}</p>
      {tracks.map((track, i) => (
        <OneTrack
          key={i}
          label={`${label}, track ${i + 1}`}
          track={track}
          onChange={(to) =>
            onChange(tracks.flatMap((motionTrack, n) => (n === i ? (to ? [to] : []) : [motionTrack])))
          }
        />
      ))}
      <Small
        onClick={() =>
          onChange([...tracks, { of: 'screen', change: 'opacity', from: 0, duration: '240 ms' }])
        }
      >
        One more track
      </Small>
    </div>
  );
}

function OneTrack({
  label,
  track,
  onChange,
}: {
  label: string;
  track: MotionTrack;
  onChange: (track: MotionTrack | null) => void;
}) {
  const put = (change: Partial<MotionTrack>): void => onChange(lean({ ...track, ...change }));
  const named = typeof track.of === 'object' ? track.of.named : null;
  const names = useStudio(({ project }) => project.screens);
  const known = [
    ...new Set(names.flatMap((screen) => screen.elements.map((element) => element.name))),
  ].sort();
  const end = (which: 'from' | 'to', value: Length) => (
    <Field<Length>
      label={which === 'from' ? 'From' : 'To'}
      value={String(value)}
      read={(text) => readEnd(text, track.change)}
      onChange={(to) => put({ [which]: to })}
      className="min-w-0 flex-1"
    />
  );
  return (
    <div role="group" aria-label={label} className="space-y-1.5 rounded border border-line p-2">
      <div className="flex items-center gap-1">
        <Select<string>
          label="What moves"
          value={named === null ? (track.of as string) : 'named'}
          options={[
            ['screen', 'the whole screen'],
            ['background', 'its background'],
            ['elements', 'each element'],
            ['named', 'one element'],
          ]}
          onChange={(of) =>
            put({ of: of === 'named' ? { named: known[0] ?? 'Heading' } : (of as MotionTrack['of']) })
          }
        />
        <Select<Change>
          label="Property"
          value={track.change}
          options={CHANGES.map((value) => [value, CHANGE_WORDS[value]] as const)}
          onChange={(change) => put({ change, from: change === 'turn' ? -12 : 0, to: undefined })}
        />
        <span className="grow" />
        <IconButton name={`Take out: ${label}`} onClick={() => onChange(null)}>
          <Trash2 size={13} />
        </IconButton>
      </div>
      {named !== null && (
        <SelectRow<string>
          label="Element"
          value={named}
          options={(known.includes(named) ? known : [named, ...known]).map(
            (value) => [value, value] as const,
          )}
          onChange={(to) => put({ of: { named: to } })}
        />
      )}
      <div className="flex gap-1.5">
        {end('from', track.from)}
        {end('to', track.to ?? REST[track.change])}
        <DurationField
          label="Duration"
          value={track.duration}
          onChange={(duration) => put({ duration: duration! })}
        />
        <DurationField label="Delay" optional value={track.delay} onChange={(delay) => put({ delay })} />
      </div>
      {track.of === 'elements' && (
        <StaggerFields stagger={track.stagger} onChange={(stagger) => put({ stagger })} />
      )}
      <Fold title={<>Easing: {track.easing ?? 'ease-out'}</>}>
        <EasingField value={track.easing ?? 'ease-out'} onChange={(easing) => put({ easing })} />
      </Fold>
    </div>
  );
}

/** Offsets are design pixels or percent of the frame; all else is a number. */
function readEnd(text: string, change: Change): { ok: Length } | { error: string } {
  if (change === 'across' || change === 'down') return readLength(text, 1920);
  const n = Number(text.trim().replace(',', '.').replace(/[%°]$/, ''));
  if (text.trim() === '' || !Number.isFinite(n)) return { error: 'Write a number.' };
  const value = text.trim().endsWith('%') ? n / 100 : n;
  const [min, max] = ENDS[change];
  if (value < min) return { error: `It can be ${min} at least.` };
  return value > max ? { error: `It can be ${max} at most.` } : { ok: value };
}
const ENDS: Record<Exclude<Change, 'across' | 'down'>, readonly [number, number]> = {
  opacity: [0, 1],
  scale: [0, 100],
  turn: [-36_000, 36_000],
  blur: [0, 1000],
};
