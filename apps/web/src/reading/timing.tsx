'use client';

import { SINCE_WORDS, WHEN_WORDS } from '@tavu/core/triggers/author';
import { readDuration, type Cue, type Link } from '@tavu/core/model';

import { edit, useStudio } from '../studio/store';
import { Field } from '../ui/Field';
import { Button, type OneOf } from '../ui/parts';
import { Picker } from '../ui/Picker';

type TimeCue = Cue & { on: 'time' };

const change = (link: Link, cue: Cue): void => void edit('change link', { link: link.id, change: { cue } });

export function WhenPicker({ link, close }: { link: Link; close: () => void }) {
  const cue = link.cue;
  if (cue.on !== 'action') return null;
  const choices = (['down', 'up', 'held'] as const).map((when) => ({
    key: when,
    words: WHEN_WORDS[when],
    label: WHEN_WORDS[when],
    onPick: () => {
      change(link, {
        on: 'action',
        action: cue.action,
        when,
        ...(when === 'held' ? { hold: '500 ms' } : {}),
      });
      close();
    },
  }));
  return <Picker label="At which part of the press" placeholder="Down, up or held" choices={choices} />;
}

export function TimeSheet({ link, close }: { link: Link; close: () => void }) {
  const rates = useStudio((studio) => studio.project.rates);
  const cue = link.cue;
  if (cue.on !== 'time') return null;
  return (
    <div className="p-3">
      <Field
        label="How long (s, ms, frames or ticks)"
        value={cue.after}
        read={(text) => readDuration(text, rates, 's')}
        onChange={(after) => {
          change(link, { ...cue, after });
          close();
        }}
      />
    </div>
  );
}

export function HoldSheet({ link, close }: { link: Link; close: () => void }) {
  const rates = useStudio((studio) => studio.project.rates);
  const cue = link.cue;
  if (cue.on !== 'action') return null;
  return (
    <div className="p-3">
      <Field
        label="Held how long"
        value={cue.hold ?? '500 ms'}
        read={(text) => readDuration(text, rates)}
        onChange={(hold) => {
          change(link, { ...cue, hold });
          close();
        }}
      />
    </div>
  );
}

/** How much later than the link an effect comes. */
export function LaterSheet({ link, index, close }: { link: Link; index: number; close: () => void }) {
  const rates = useStudio((studio) => studio.project.rates);
  const put = (after: string | undefined): void => {
    const effects = link.effects.map((each, i) => {
      if (i !== index) return each;
      const { after: _, ...now } = each;
      return after === undefined ? now : { ...now, after };
    });
    edit('change link', { link: link.id, change: { effects } });
    close();
  };
  return (
    <div className="space-y-2 p-3">
      <Field
        label="How much later (s, ms, frames or ticks)"
        value={link.effects[index]?.after ?? '0.5 s'}
        read={(text) => readDuration(text, rates, 's')}
        onChange={put}
      />
      <Button onClick={() => put(undefined)}>At once</Button>
    </div>
  );
}

export function SinceSheet({ link }: { link: Link }) {
  const cue = link.cue;
  if (cue.on !== 'time') return null;
  return (
    <div className="space-y-3 p-3">
      <Radios<TimeCue['since']>
        label="Counted"
        value={cue.since}
        options={Object.entries(SINCE_WORDS) as [TimeCue['since'], string][]}
        onChange={(since) => change(link, { ...cue, since })}
      />
      <Radios<TimeCue['clock']>
        label="On"
        value={cue.clock}
        options={[
          ['interface', 'the interface’s clock'],
          ['game', 'the game’s clock, which stands still while paused'],
        ]}
        onChange={(clock) => change(link, { ...cue, clock })}
      />
      <Radios<TimeCue['covered']>
        label="While a screen lies over this"
        value={cue.covered}
        options={[
          ['counts', 'it goes on counting'],
          ['waits', 'it waits'],
        ]}
        onChange={(covered) => change(link, { ...cue, covered })}
      />
    </div>
  );
}

export function Radios<T extends string>({
  label,
  value,
  options,
  onChange,
}: OneOf<T, readonly [T, string]>) {
  return (
    <fieldset>
      <legend className="text-sm text-soft">{label}</legend>
      {options.map(([key, words]) => (
        <label key={key} className="flex cursor-pointer items-center gap-2 py-1">
          <input
            type="radio"
            name={label}
            checked={key === value}
            onChange={() => onChange(key)}
            className="accent-chosen"
          />
          {words}
        </label>
      ))}
    </fieldset>
  );
}
