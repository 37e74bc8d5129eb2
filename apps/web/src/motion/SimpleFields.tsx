'use client';

import type { Edge, SimpleMotion, Stagger } from '@tavu/core/model';
import { reversedMotion, usualEasing, type HalfName } from '@tavu/core/motion';
import { readLength, Field, NumberField, Choices, Small, SelectRow, ThingRow, Fold } from '../ui';
import { edit, useStudio } from '../store';
import { DurationField } from './DurationField';
import { EasingField } from './EasingField';

type Name = SimpleMotion['name'];

const NAMES: { value: Name; text: string }[] = [
  { value: 'none', text: 'None' },
  { value: 'fade', text: 'Fade' },
  { value: 'slide', text: 'Slide' },
  { value: 'grow', text: 'Grow' },
  { value: 'blur', text: 'Blur' },
  { value: 'made', text: 'Own' },
];
const EDGES: { value: Edge; text: string; name: string }[] = [
  { value: 'left', text: '← left', name: 'From the left' },
  { value: 'right', text: 'right →', name: 'From the right' },
  { value: 'top', text: '↑ top', name: 'From the top' },
  { value: 'bottom', text: '↓ bottom', name: 'From the bottom' },
];

const EDGES_TO: typeof EDGES = [
  { value: 'left', text: '← left', name: 'To the left' },
  { value: 'right', text: 'right →', name: 'To the right' },
  { value: 'top', text: '↑ top', name: 'To the top' },
  { value: 'bottom', text: '↓ bottom', name: 'To the bottom' },
];

/** Another sort of motion, with as much of the time as it can take over. */
function madeInto(name: Name, before: SimpleMotion, made: string | undefined): SimpleMotion {
  const { duration = '280 ms', delay, easing, stagger } = 'duration' in before ? before : {};
  const timed = {
    duration,
    ...(delay ? { delay } : {}),
    ...(easing ? { easing } : {}),
    ...(stagger ? { stagger } : {}),
  };
  switch (name) {
    case 'none':
      return { name };
    case 'made':
      return { name, motion: made ?? '' };
    case 'slide':
      return { name, from: 'right', ...timed };
    default:
      return { name, ...timed };
  }
}

/** One half of a motion: which, from where, how long, at which pace, all at once or in turn. */
export function SimpleFields({
  label,
  motion,
  way = 'entering',
  onChange,
}: {
  label: string;
  motion: SimpleMotion;
  /** A half that is given for leaving ends where an entering one begins. */
  way?: HalfName;
  onChange: (motion: SimpleMotion) => void;
}) {
  const motions = useStudio((studio) => studio.project.motions) ?? [];
  const leaves = way === 'leaving';
  return (
    <div className="space-y-2" role="group" aria-label={label}>
      <Choices
        label={label}
        value={motion.name}
        options={NAMES}
        onChange={(name) => {
          const made = name === 'made' ? (motions[0]?.id ?? edit('add motion', { name: 'Rise' })) : undefined;
          onChange(madeInto(name, motion, made));
        }}
      />
      {motion.name === 'made' && (
        <>
          <ThingRow
            label="Motion to use"
            value={motion.motion}
            none="none"
            things={motions}
            onChange={(id) => onChange(id === undefined ? { name: 'none' } : { name: 'made', motion: id })}
          />
          <p className="text-sm text-soft">What it does is set under Motions, with nothing chosen.</p>
        </>
      )}
      {motion.name === 'slide' && (
        <>
          <Choices
            label={leaves ? 'To which edge' : 'From which edge'}
            value={motion.from}
            options={leaves ? EDGES_TO : EDGES}
            onChange={(from) => onChange({ ...motion, from })}
          />
          <Field
            label="Distance; empty is the whole screen"
            value={motion.by === undefined ? '' : String(motion.by)}
            read={(text) => (text.trim() === '' ? { ok: undefined } : readLength(text, 1920))}
            onChange={(by) => onChange({ ...motion, by })}
          />
        </>
      )}
      {motion.name === 'grow' && (
        <NumberField
          label={leaves ? 'To scale' : 'From scale'}
          unit="%"
          value={(motion.scale ?? 0.8) * 100}
          min={0}
          max={2000}
          onChange={(percent) => onChange({ ...motion, scale: percent / 100 })}
        />
      )}
      {motion.name === 'blur' && (
        <NumberField
          label={leaves ? 'To blur' : 'From blur'}
          unit="px"
          value={motion.strength ?? 24}
          min={0}
          max={200}
          onChange={(strength) => onChange({ ...motion, strength })}
        />
      )}
      {'duration' in motion && (
        <>
          <div className="flex gap-1.5">
            <DurationField
              label={leaves ? 'Duration out' : 'Duration'}
              value={motion.duration}
              onChange={(duration) => onChange({ ...motion, duration: duration! })}
            />
            <DurationField
              label="Delay"
              optional
              value={motion.delay}
              onChange={(delay) => onChange({ ...motion, delay })}
            />
          </div>
          <StaggerFields
            label={leaves ? 'Stagger out' : 'Stagger'}
            stagger={motion.stagger}
            onChange={(stagger) => onChange({ ...motion, stagger })}
          />
          <EasingFold
            easing={motion.easing ?? usualEasing(way)}
            onChange={(easing) => onChange({ ...motion, easing })}
          />
        </>
      )}
    </div>
  );
}

function EasingFold({ easing, onChange }: { easing: string; onChange: (easing: string) => void }) {
  return (
    <Fold title={<>Easing: {easing}</>}>
      <div className="pt-1.5">
        <EasingField value={easing} onChange={onChange} />
      </div>
    </Fold>
  );
}

/** Whether what lies on a screen comes all at once, or one after another. */
export function StaggerFields({
  label = 'Stagger',
  stagger,
  onChange,
}: {
  label?: string;
  stagger: Stagger | undefined;
  onChange: (stagger: Stagger | undefined) => void;
}) {
  return (
    <>
      <SelectRow<Stagger['order'] | ''>
        label={label}
        value={stagger?.order ?? ''}
        options={[
          ['', 'all at once'],
          ['order', 'in drawing order'],
          ['place', 'in reading order'],
          ['distance', 'nearest first'],
        ]}
        onChange={(order) => onChange(order === '' ? undefined : { by: stagger?.by ?? '40 ms', order })}
      />
      {stagger && (
        <DurationField
          label="Stagger by"
          value={stagger.by}
          onChange={(by) => onChange({ ...stagger, by: by! })}
        />
      )}
    </>
  );
}

/** A motion with its leaving half: the same backwards, or one of its own. */
export function OneMotion({
  motion,
  onChange,
}: {
  motion: SimpleMotion & { leaving?: SimpleMotion };
  onChange: (motion: SimpleMotion & { leaving?: SimpleMotion }) => void;
}) {
  const { leaving, ...entering } = motion;
  return (
    <>
      <SimpleFields
        label="Motion"
        motion={entering as SimpleMotion}
        onChange={(next) => onChange(leaving ? { ...next, leaving } : next)}
      />
      {leaving ? (
        <div className="space-y-2 border-t border-line pt-2">
          <SimpleFields
            label="Out"
            way="leaving"
            motion={leaving}
            onChange={(next) => onChange({ ...(entering as SimpleMotion), leaving: next })}
          />
          <Small onClick={() => onChange(entering as SimpleMotion)}>Leave the same way, backwards</Small>
        </div>
      ) : (
        <p className="text-sm text-soft">
          It leaves the same way, backwards.{' '}
          <Small onClick={() => onChange({ ...motion, leaving: reversedMotion(motion) })}>
            Leave in another way
          </Small>
        </p>
      )}
    </>
  );
}
