'use client';

import { framesOf, lean, type PictureElement, type Plays, withId } from '@tavu/core/model';
import { numberedLike } from '@tavu/core/sheet';
import { Timing } from '../animation';
import { CutEditor, FRESH_PLAYS } from '../assets';
import type { Put } from '../fields';
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

const STARTS = [
  ['arrival', 'when its screen opens'],
  ['focus', 'while it has the focus'],
  ['press', 'when it is pressed'],
] as const;

/** How fast, from when on, and how often. */
function Playing({ plays, onChange }: { plays: Plays; onChange: (plays: Plays) => void }) {
  const change = (to: Partial<Plays>): void => {
    onChange(lean({ ...plays, ...to }));
  };
  return (
    <>
      <NumberField
        label="Frames a second"
        value={plays.rate}
        min={0.1}
        max={60}
        onChange={(to) => change({ rate: to })}
      />
      <Timing of={plays} starts={STARTS} onChange={change} />
    </>
  );
}
