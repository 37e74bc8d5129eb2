'use client';

import {
  readDuration,
  type Edge,
  type House,
  type Link,
  type Masked,
  type Motion,
  type Order,
} from '@tavu/core/model';
import { motionWords } from '@tavu/core/words';
import { edit, useStudio } from '../studio/store';
import { Field } from '../ui/Field';
import { Button, Choices } from '../ui/parts';
import { Radios } from './timing';

/** How a hand-over moves: the house motion, or a link's own. */
export function MotionSheet({ link }: { link: Link }) {
  const house = useStudio((studio) => studio.project.house);
  const put = (change: Partial<Link>): void => void edit('change link', { link: link.id, change });
  const own = link.motion !== undefined || link.order !== undefined || link.masked !== undefined;
  return (
    <div className="space-y-3 p-3">
      <MotionFields
        motion={link.motion ?? house.motion}
        order={link.order ?? house.order}
        masked={link.masked ?? house.masked}
        onMotion={(motion) => put({ motion })}
        onOrder={(order) => put({ order })}
        onMasked={(masked) => put({ masked })}
      />
      <p className="text-sm text-soft">
        {own ? 'This link has a motion of its own.' : `The house motion: ${motionWords(house.motion)}.`}
      </p>
      {own && (
        <Button onClick={() => put({ motion: undefined, order: undefined, masked: undefined })}>
          Back to the house motion
        </Button>
      )}
    </div>
  );
}

/** The motion of the whole game. */
export function HouseSheet() {
  const house = useStudio((studio) => studio.project.house);
  const put = (change: Partial<House>): void => void edit('change house', change);
  return (
    <div className="space-y-3 p-3">
      <p className="text-sm text-soft">Every hand-over without a motion of its own follows this.</p>
      <MotionFields
        {...house}
        onMotion={(motion) => put({ motion })}
        onOrder={(order) => put({ order })}
        onMasked={(masked) => put({ masked })}
      />
    </div>
  );
}

const NAMES = [
  { value: 'none', text: 'None' },
  { value: 'fade', text: 'Fade' },
  { value: 'slide', text: 'Slide' },
] as const;
const EDGES: { value: Edge; text: string; name: string }[] = [
  { value: 'left', text: '← left', name: 'From the left' },
  { value: 'right', text: 'right →', name: 'From the right' },
  { value: 'top', text: '↑ top', name: 'From the top' },
  { value: 'bottom', text: '↓ bottom', name: 'From the bottom' },
];

/** The motion itself: which, from where, how long. */
function OneMotion({ motion, onMotion }: { motion: Motion; onMotion: (motion: Motion) => void }) {
  const rates = useStudio((studio) => studio.project.rates);
  const duration = motion.name === 'none' ? '280 ms' : motion.duration;
  const made = (name: Motion['name']): Motion =>
    name === 'none' ? { name } : name === 'fade' ? { name, duration } : { name, from: 'right', duration };
  return (
    <>
      <Choices label="Motion" value={motion.name} options={NAMES} onChange={(name) => onMotion(made(name))} />
      {motion.name === 'slide' && (
        <Choices
          label="From which edge"
          value={motion.from}
          options={EDGES}
          onChange={(from) => onMotion({ ...motion, from })}
        />
      )}
      {motion.name !== 'none' && (
        <Field
          label="Each half takes"
          value={motion.duration}
          read={(text) => readDuration(text, rates)}
          onChange={(next) => onMotion({ ...motion, duration: next })}
        />
      )}
    </>
  );
}

/** How a screen or all of an area comes and goes: as the house does, or by a motion of its own. */
export function OwnMotion({
  motion,
  onChange,
}: {
  motion: Motion | undefined;
  onChange: (motion: Motion | undefined) => void;
}) {
  const house = useStudio((studio) => studio.project.house);
  return (
    <div className="space-y-3 p-3">
      <OneMotion motion={motion ?? house.motion} onMotion={onChange} />
      <p className="text-sm text-soft">
        {motion ? 'A motion of its own.' : `As the house does: ${motionWords(house.motion)}.`}
      </p>
      {motion && <Button onClick={() => onChange(undefined)}>Back to the house motion</Button>}
    </div>
  );
}

function MotionFields({
  motion,
  order,
  masked,
  onMotion,
  onOrder,
  onMasked,
}: House & {
  onMotion: (motion: Motion) => void;
  onOrder: (order: Order) => void;
  onMasked: (masked: Masked) => void;
}) {
  const rates = useStudio((studio) => studio.project.rates);
  const way = typeof order === 'string' ? order : 'overlap';
  return (
    <>
      <OneMotion motion={motion} onMotion={onMotion} />
      <Radios<'after' | 'together' | 'overlap'>
        label="Leaving and arriving"
        value={way}
        options={[
          ['after', 'one after the other'],
          ['together', 'both together'],
          ['overlap', 'overlapping'],
        ]}
        onChange={(next) => onOrder(next === 'overlap' ? { overlap: '100 ms' } : next)}
      />
      {typeof order !== 'string' && (
        <Field
          label="Overlapping by"
          value={order.overlap}
          read={(text) => readDuration(text, rates)}
          onChange={(overlap) => onOrder({ overlap })}
        />
      )}
      <Radios<Masked>
        label="A press before it has settled"
        value={masked}
        options={[
          ['ignored', 'is ignored'],
          ['held', 'is kept and looked at then'],
          ['through', 'is taken, and turns the motion round'],
        ]}
        onChange={onMasked}
      />
    </>
  );
}
