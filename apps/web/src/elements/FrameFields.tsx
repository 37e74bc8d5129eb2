'use client';

import { framesOf, type PictureElement, type Plays, withId } from '@tavu/core/model';
import { numberedLike } from '@tavu/core/sheet';
import { CutEditor, FRESH_PLAYS } from '../assets';
import type { Put } from '../fields';
import { DurationField } from '../motion';
import { useStudio } from '../store';
import { Group, NumberField, SelectRow } from '../ui';
import { ValueRow } from './rows';

/** The frames of a picture: where they come from, and what says which is shown. */
export function FrameFields({ element, path, put }: { element: PictureElement; path: string; put: Put }) {
  const project = useStudio((studio) => studio.project);
  const asset = withId(project.assets, element.asset);
  if (!asset) return null;
  const row = numberedLike(project.assets, asset.id);
  const own = element.pictures?.map((id) => withId(project.assets, id)?.name ?? 'gone') ?? [];
  const { length } = framesOf(project, element);
  return (
    <Group title="Frames" unfolded={length > 1}>
      {(row.length > 1 || element.pictures) && (
        <SelectRow<'cells' | 'numbered' | 'own'>
          label="Its frames are"
          value={element.pictures ? (own.length === row.length ? 'numbered' : 'own') : 'cells'}
          options={[
            ['cells', 'cut from its picture'],
            ...(row.length > 1 ? [['numbered', `${row.length} numbered pictures`] as const] : []),
            ...(element.pictures && own.length !== row.length
              ? [['own', `${own.length} pictures`] as const]
              : []),
          ]}
          onChange={(to) => {
            if (to !== 'own') put({ pictures: to === 'numbered' ? row.map(({ id }) => id) : undefined });
          }}
        />
      )}
      {element.pictures ? <p className="text-sm text-soft">{own.join(', ')}</p> : <CutEditor asset={asset} />}
      {length > 1 && <Showing element={element} path={path} put={put} />}
    </Group>
  );
}

type Way = 'first' | 'plays' | 'value';

/** Whether it plays, shows what a value says, or stands still. */
function Showing({ element, path, put }: { element: PictureElement; path: string; put: Put }) {
  const values = useStudio((studio) => studio.project.values);
  const shown = values.filter(({ type }) => TYPES.includes(type));
  const way: Way = element.value !== undefined ? 'value' : element.plays ? 'plays' : 'first';
  return (
    <>
      <SelectRow<Way>
        label="Shows"
        value={way}
        options={[
          ['first', 'the first'],
          ['plays', 'all, playing'],
          ...(shown.length > 0 || way === 'value' ? [['value', 'the one a value says'] as const] : []),
        ]}
        onChange={(to) => {
          if (to === 'plays') put({ plays: element.plays ?? FRESH_PLAYS, value: undefined });
          else if (to === 'value') put({ value: shown[0]!.id, plays: undefined });
          else put({ plays: undefined, value: undefined });
        }}
      />
      {way === 'value' && (
        <>
          <ValueRow types={TYPES} element={element} path={path} put={put} />
          <p className="text-sm text-soft">Counted from 0: at 0 the first frame is shown, at 1 the second.</p>
        </>
      )}
      {way === 'plays' && <Playing plays={element.plays!} onChange={(plays) => put({ plays })} />}
    </>
  );
}

const TYPES = ['number', 'choice', 'on/off'];

type On = Extract<Plays['on'], string> | 'event';

/** How fast, from when on, and how often. */
function Playing({ plays, onChange }: { plays: Plays; onChange: (plays: Plays) => void }) {
  const events = useStudio((studio) => studio.project.events).filter(({ direction }) => direction === 'in');
  const { on, rate, repeat, delay } = plays;
  const change = (to: Partial<Plays>): void => {
    const next = { ...plays, ...to };
    if (next.repeat === undefined) delete next.repeat;
    if (next.delay === undefined) delete next.delay;
    onChange(next);
  };
  return (
    <>
      <NumberField
        label="Frames a second"
        value={rate}
        min={0.1}
        max={60}
        onChange={(to) => change({ rate: to })}
      />
      <SelectRow<On>
        label="Starts"
        value={typeof on === 'object' ? 'event' : on}
        options={[
          ['arrival', 'when its screen opens'],
          ['focus', 'while it has the focus'],
          ['press', 'when it is pressed'],
          ...(events.length > 0 ? [['event', 'on an event'] as const] : []),
        ]}
        onChange={(to) => change({ on: to === 'event' ? { event: events[0]!.id } : to })}
      />
      {typeof on === 'object' && (
        <SelectRow<string>
          label="Which event"
          value={on.event}
          options={events.map(({ id, name }) => [id, name] as const)}
          onChange={(event) => change({ on: { event } })}
        />
      )}
      <SelectRow<'once' | 'loop' | 'there and back'>
        label="Plays"
        value={repeat ?? 'once'}
        options={[
          ['once', 'once'],
          ['loop', 'loop'],
          ['there and back', 'there and back'],
        ]}
        onChange={(to) => change({ repeat: to === 'once' ? undefined : to })}
      />
      <DurationField label="Delay" optional value={delay} onChange={(to) => change({ delay: to })} />
    </>
  );
}
