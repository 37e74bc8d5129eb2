'use client';

import {
  STATES,
  type BoxFace,
  type BoxLook,
  type FacePicture,
  type Id,
  type StateName,
  lean,
  withId,
} from '@tavu/core/model';
import { dressed, dressedInKit, kitOf } from '@tavu/core/style';
import { useState, type ReactNode } from 'react';
import { useStudio } from '../store';
import { NumberField, Small, ThingRow } from '../ui';
import { useSoundAssets } from '../assets';
import { ColourField } from '../fields';
import { DurationField } from '../motion';
import { DashFields, GradientFields, OutlineFields, ShadowFields } from './effects';
import { FacePictureFields } from './FacePictureFields';
import { MarkerFields } from './MarkerFields';
import { Setting, type LookProps } from './parts';

/** A box: normal, and in each of the states it can be in. */
export function BoxLookFields(props: LookProps<BoxLook> & { states: boolean }) {
  const { look, onChange, states } = props;
  const [state, setState] = useState<StateName | 'normal'>('normal');
  const set = (name: string, child: ReactNode) => (
    <Setting name={name} of={props}>
      {child}
    </Setting>
  );
  const shown = states ? state : 'normal';
  const dress = (of: StateName | null) => (picture: FacePicture | 'none' | undefined, key?: string) =>
    onChange(dressed(look, of, picture), key && `${of ?? 'normal'} ${key}`);
  return (
    <div className="space-y-2">
      {states && (
        <div role="radiogroup" aria-label="State" className="flex flex-wrap gap-1">
          {(['normal', ...STATES] as const).map((value) => (
            <Small
              key={value}
              role="radio"
              aria-checked={value === shown}
              className={value === shown ? 'bg-ink! text-sheet!' : ''}
              onClick={() => setState(value)}
            >
              {value}
              {value !== 'normal' && look[value] ? ' •' : ''}
            </Small>
          ))}
        </div>
      )}
      {shown === 'normal' ? (
        <>
          <FaceFields
            face={look}
            inherits={props.exceptions === null ? null : 'style'}
            set={set}
            onChange={onChange}
            onPicture={dress(null)}
          />
          {states && <Kit look={look} onChange={onChange} />}
          <div className="flex items-end gap-1.5">
            {set(
              'borderWidth',
              <NumberField
                label="Border width"
                value={look.borderWidth}
                min={0}
                max={500}
                onChange={(borderWidth) => onChange({ borderWidth })}
                className="w-22"
              />,
            )}
            {set(
              'corner',
              <NumberField
                label="Corner radius"
                value={look.corner}
                min={0}
                max={2000}
                onChange={(corner) => onChange({ corner })}
                className="w-18"
              />,
            )}
          </div>
          {set('dashes', <DashFields value={look.dashes} onChange={(dashes) => onChange({ dashes })} />)}
          {states &&
            set(
              'fades',
              <DurationField
                label="From state to state takes"
                placeholder="no time"
                optional
                value={look.fades}
                onChange={(fades) => onChange({ fades })}
              />,
            )}
        </>
      ) : (
        <>
          {set(
            shown,
            <StateFields
              normal={look}
              face={look[shown]}
              sounds={shown === 'hovered' || shown === 'focused' || shown === 'pressed'}
              onChange={(face) => onChange({ [shown]: face } as Partial<BoxLook>, shown)}
              onPicture={dress(shown)}
            />,
          )}
          {shown === 'focused' && (
            <>
              {set(
                'marker',
                <MarkerFields marker={look.marker} onChange={(marker) => onChange({ marker }, 'marker')} />,
              )}
              <p className="text-xs text-soft">
                A ring tells it too, unless it has a picture beside it, or an outline or shadow here.
              </p>
            </>
          )}
        </>
      )}
    </div>
  );
}

/** Offers the pictures of the states that go by the name of the normal one. */
function Kit({ look, onChange }: { look: BoxLook; onChange: (change: Partial<BoxLook>) => void }) {
  const assets = useStudio((studio) => studio.project.assets);
  const { picture } = look;
  if (!picture || picture === 'none') return null;
  const kit = kitOf(assets, picture.asset);
  const open = STATES.filter((state) => kit[state] !== undefined && !look[state]?.picture);
  if (open.length === 0) return null;
  const named = open.map((state) => withId(assets, kit[state])!.name);
  return (
    <p className="text-sm text-soft">
      By their names {named.join(', ')} belong to it.{' '}
      <Small
        onClick={() =>
          onChange(dressedInKit(look, picture, Object.fromEntries(open.map((state) => [state, kit[state]!]))))
        }
      >
        Use them for {open.join(', ')}
      </Small>
    </p>
  );
}

/** What a state changes of the normal look; what it does not name stays. */
function StateFields({
  normal,
  face,
  sounds,
  onChange,
  onPicture,
}: {
  normal: BoxLook;
  face: Partial<BoxFace> | undefined;
  /** A player brings it about, so that it can be heard. */
  sounds: boolean;
  onChange: (face: Partial<BoxFace> | undefined) => void;
  onPicture: OnPicture;
}) {
  if (!face)
    return (
      <div className="min-w-0 flex-1 space-y-1">
        <p className="text-sm text-soft">
          Same as normal. <Small onClick={() => onChange({ fill: normal.fill })}>Change this state</Small>
        </p>
        <FacePictureFields
          picture={undefined}
          inherits={hasPicture(normal) ? 'normal' : null}
          onChange={onPicture}
        />
      </div>
    );
  const put = (change: Partial<BoxFace>): void => {
    onChange(lean({ ...face, ...change }));
  };
  return (
    <div className="min-w-0 flex-1 space-y-2">
      <FaceFields
        face={{ ...normal, ...face }}
        own={face.picture ?? null}
        inherits={hasPicture(normal) ? 'normal' : null}
        set={(_, child) => child}
        onChange={put}
        onPicture={onPicture}
      />
      <div role="group" aria-label="Movement" className="flex items-end gap-1.5">
        <NumberField
          label="Size"
          unit="%"
          value={(face.grow ?? 1) * 100}
          min={10}
          max={1000}
          onChange={(percent) => put({ grow: percent === 100 ? undefined : percent / 100 })}
        />
        <NumberField
          label="Nudge X"
          unit="px"
          value={face.nudge?.x ?? 0}
          onChange={(x) => put({ nudge: nudged(x, face.nudge?.y ?? 0) })}
        />
        <NumberField
          label="Nudge Y"
          unit="px"
          value={face.nudge?.y ?? 0}
          onChange={(y) => put({ nudge: nudged(face.nudge?.x ?? 0, y) })}
        />
      </div>
      {sounds && <StateSound sound={face.sound} onChange={(sound) => put({ sound })} />}
      <Small onClick={() => onChange(undefined)}>Reset to normal</Small>
    </div>
  );
}

/** What is heard when it comes to look so. */
function StateSound({
  sound,
  onChange,
}: {
  sound: Id | undefined;
  onChange: (sound: Id | undefined) => void;
}) {
  const sounds = useSoundAssets();
  if (sounds.length === 0) return null;
  return <ThingRow label="Sound" value={sound} none="as usual" things={sounds} onChange={onChange} />;
}

const nudged = (x: number, y: number): BoxFace['nudge'] => (x === 0 && y === 0 ? undefined : { x, y });

type OnPicture = (picture: FacePicture | 'none' | undefined, key?: string) => void;

const hasPicture = ({ picture }: BoxFace): boolean => picture !== undefined && picture !== 'none';

function FaceFields({
  face,
  own = face.picture ?? null,
  inherits = null,
  set,
  onChange,
  onPicture,
}: {
  face: BoxFace;
  /** The picture that this face has by itself. */
  own?: FacePicture | 'none' | null;
  /** Where it has none another's is seen. */
  inherits?: 'normal' | 'style' | null;
  set: (name: string, child: ReactNode) => ReactNode;
  onChange: (change: Partial<BoxFace>, key?: string) => void;
  onPicture: OnPicture;
}) {
  return (
    <>
      {set(
        'picture',
        <FacePictureFields picture={own ?? undefined} inherits={inherits} onChange={onPicture} />,
      )}
      <div className="flex flex-wrap items-end gap-1.5">
        {set(
          'fill',
          <ColourField label="Fill" value={face.fill} onChange={(fill) => onChange({ fill }, 'fill')} />,
        )}
        {set(
          'border',
          <ColourField
            label="Border"
            value={face.border}
            onChange={(border) => onChange({ border }, 'border')}
          />,
        )}
        {set(
          'ink',
          <ColourField
            label="Text on it"
            value={face.ink ?? '#ffffff'}
            onChange={(ink) => onChange({ ink }, 'ink')}
          />,
        )}
      </div>
      {set(
        'gradient',
        <GradientFields
          value={face.gradient}
          fill={face.fill}
          onChange={(gradient) => onChange({ gradient }, 'gradient')}
        />,
      )}
      {set(
        'shadow',
        <ShadowFields value={face.shadow} onChange={(shadow) => onChange({ shadow }, 'shadow')} />,
      )}
      {set(
        'outline',
        <OutlineFields value={face.outline} onChange={(outline) => onChange({ outline }, 'outline')} />,
      )}
    </>
  );
}
