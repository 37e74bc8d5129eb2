'use client';

import {
  titleCase,
  toMicros,
  type Defaults,
  type Layer,
  type Link,
  type Masked,
  type Motion,
  type Order,
} from '@tavu/core/model';
import { ruleFor, type MotionRule } from '@tavu/core/motion';
import { motionWords, ruleWords } from '@tavu/core/words';
import { edit, useStudio } from '../store';
import { DurationField } from './DurationField';
import { OneMotion } from './SimpleFields';
import { Button, Sheet, Row, SelectRow, Radios } from '../ui';

/** How a transition moves: the default motion, or a link's own. */
export function MotionSheet({ link }: { link: Link }) {
  const project = useStudio((studio) => studio.project);
  const { defaults } = project;
  const ruled = ruleFor(project, link);
  const motion = link.motion ?? ruled.motion;
  const put = (change: Partial<Link>): void => void edit('change link', { link: link.id, change });
  const own = link.motion !== undefined || link.order !== undefined || link.masked !== undefined;
  return (
    <div className="space-y-3 p-3">
      <MotionFields
        motion={motion}
        order={link.order ?? defaults.order}
        masked={link.masked ?? defaults.masked}
        onMotion={(motion) => put({ motion })}
        onOrder={(order) => put({ order })}
        onMasked={(masked) => put({ masked })}
      />
      <p className="text-sm text-soft">
        {own
          ? 'This link has a motion of its own.'
          : `As ${ruleWords(ruled)} says: ${motionWords(project, motion)}.`}
      </p>
      {own && (
        <Button onClick={() => put({ motion: undefined, order: undefined, masked: undefined })}>
          Back to {backTo(ruled)}
        </Button>
      )}
    </div>
  );
}

/** What taking a motion of one's own away leads back to. */
export const backTo = (rule: MotionRule): string => (rule.owner ? ruleWords(rule) : 'the default motion');

/** The motion of the whole game, of each layer that moves otherwise, and when less of it is played. */
export function DefaultsSheet() {
  const project = useStudio((studio) => studio.project);
  const { defaults } = project;
  const put = (change: Partial<Defaults>): void => void edit('change defaults', change);
  return (
    <div className="space-y-3 p-3">
      <p className="text-sm text-soft">Every transition without a motion of its own follows this.</p>
      <MotionFields
        {...defaults}
        onMotion={(motion) => put({ motion })}
        onOrder={(order) => put({ order })}
        onMasked={(masked) => put({ masked })}
      />
      <div className="divide-y divide-line border-y border-line">
        {LAYERS.map(([layer, words]) => (
          <Row key={layer} label={words}>
            <Sheet
              label={`Motion of ${words.toLowerCase()}`}
              trigger={
                <button type="button" className="blank min-w-0 truncate">
                  {defaults.layers?.[layer] ? motionWords(project, defaults.layers[layer]) : 'default motion'}
                </button>
              }
            >
              <OwnMotion
                motion={defaults.layers?.[layer]}
                rule={{ motion: defaults.motion, owner: null }}
                onChange={(motion) => {
                  const { [layer]: _, ...rest } = defaults.layers ?? {};
                  const layers = motion ? { ...rest, [layer]: motion } : rest;
                  put({ layers: Object.keys(layers).length > 0 ? layers : undefined });
                }}
              />
            </Sheet>
          </Row>
        ))}
        <SelectRow<'system' | 'always' | 'never'>
          label="Less motion"
          value={defaults.reduced ?? 'system'}
          options={[
            ['system', 'as the system asks'],
            ['always', 'always'],
            ['never', 'never'],
          ]}
          onChange={(to) => put({ reduced: to === 'system' ? undefined : to })}
        />
      </div>
    </div>
  );
}

const LAYERS: [Layer, string][] = [
  ['base', 'Bases'],
  ['overlay', 'Overlays'],
  ['notice', 'Notices'],
  ['hud', 'HUD'],
];

/** How a screen or all of an area comes and goes: by the default motion, or one of its own. */
export function OwnMotion({
  motion,
  rule,
  onChange,
}: {
  motion: Motion | undefined;
  /** How it moves when it says nothing itself. */
  rule: MotionRule;
  onChange: (motion: Motion | undefined) => void;
}) {
  const project = useStudio((studio) => studio.project);
  const whose = ruleWords(rule);
  return (
    <div className="space-y-3 p-3">
      <OneMotion motion={motion ?? rule.motion} onChange={onChange} />
      <p className="text-sm text-soft">
        {motion ? 'A motion of its own.' : `${titleCase(whose)}: ${motionWords(project, rule.motion)}.`}
      </p>
      {motion && <Button onClick={() => onChange(undefined)}>Back to {backTo(rule)}</Button>}
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
}: Defaults & {
  onMotion: (motion: Motion) => void;
  onOrder: (order: Order) => void;
  onMasked: (masked: Masked) => void;
}) {
  const rates = useStudio((studio) => studio.project.rates);
  const halves = [motion, motion.leaving ?? motion];
  // Motions made of tracks are as long as their tracks; their overlap is not bounded here.
  const longest = Math.max(
    ...halves.map((half) => ('duration' in half ? toMicros(half.duration, rates) : Infinity)),
  );
  const way = typeof order === 'string' ? order : 'overlap';
  return (
    <>
      <OneMotion motion={motion} onChange={onMotion} />
      <Radios<'after' | 'together' | 'overlap'>
        label="Order"
        value={way}
        options={[
          ['after', 'one after the other'],
          ['together', 'both together'],
          ['overlap', 'overlapping'],
        ]}
        onChange={(next) => onOrder(next === 'overlap' ? { overlap: '100 ms' } : next)}
      />
      {typeof order !== 'string' && (
        <DurationField
          label="Overlap"
          value={order.overlap}
          max={{ micros: longest, words: 'That is longer than either half.' }}
          onChange={(overlap) => onOrder({ overlap: overlap! })}
        />
      )}
      <Radios<Masked>
        label="Presses during the transition"
        value={masked}
        options={[
          ['ignored', 'ignored'],
          ['held', 'buffered until it has settled'],
          ['through', 'let through, and reverse the motion'],
        ]}
        onChange={onMasked}
      />
    </>
  );
}
