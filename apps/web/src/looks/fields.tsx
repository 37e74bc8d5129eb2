'use client';

import {
  STATES,
  type BoxFace,
  type BoxLook,
  type Gradient,
  type Outline,
  type Shadow,
  type StateName,
  type TextLook,
} from '@tavu/core/model';
import { RotateCcw } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { useStudio } from '../studio/store';
import { NumberField } from '../ui/NumberField';
import { IconButton, Small } from '../ui/parts';

import { ColourField } from './ColourField';

/** What is set, and which of it is an exception from a shared style. */
export interface LookProps<Look> {
  look: Look;
  /** Names of what this place says otherwise than its style; null for a style itself. */
  exceptions: ReadonlySet<string> | null;
  onChange: (change: Partial<Look>, key?: string) => void;
  onReset: (name: string) => void;
}

/** A setting that may be an exception: marked by a bar and a word for screen readers, with a way back to the style. */
function Set<Look>({
  name,
  of: { exceptions, onReset },
  children,
}: {
  name: string;
  of: LookProps<Look>;
  children: ReactNode;
}) {
  const own = exceptions?.has(name) ?? false;
  return (
    <div className={`flex items-end gap-0.5 ${own ? 'border-l-3 border-live pl-1' : ''}`}>
      {children}
      {own && (
        <IconButton
          name="Otherwise than its style; back to that"
          className="size-6"
          onClick={() => onReset(name)}
        >
          <RotateCcw size={12} />
        </IconButton>
      )}
    </div>
  );
}

export function TextLookFields(props: LookProps<TextLook>) {
  const { look, onChange } = props;
  const assets = useStudio((studio) => studio.project.assets);
  const fonts = assets.filter((asset) => asset.face);
  const set = (name: keyof TextLook, child: ReactNode) => (
    <Set name={name} of={props}>
      {child}
    </Set>
  );
  return (
    <div className="space-y-2">
      <div className="flex flex-wrap items-end gap-1.5">
        {set(
          'font',
          <Pick
            label="Font"
            value={look.font}
            options={[
              ['plain', 'Plain'],
              ['display', 'Display'],
              ...fonts.map((asset): [string, string] => [asset.id, asset.name]),
            ]}
            onChange={(font) => onChange({ font })}
          />,
        )}
        {set(
          'size',
          <NumberField
            label="Size"
            value={look.size}
            least={1}
            most={2000}
            onChange={(size) => onChange({ size })}
            className="w-16"
          />,
        )}
        {set(
          'colour',
          <ColourField
            label="Colour"
            value={look.colour}
            onChange={(colour) => onChange({ colour }, 'colour')}
          />,
        )}
      </div>
      <div className="flex flex-wrap items-end gap-1.5">
        {set(
          'align',
          <Pick
            label="Text stands"
            value={look.align}
            options={[
              ['start', 'at the left'],
              ['centre', 'in the middle'],
              ['end', 'at the right'],
            ]}
            onChange={(align: TextLook['align']) => onChange({ align })}
          />,
        )}
        {set(
          'stand',
          <Pick
            label="From top to bottom"
            value={look.stand ?? ''}
            options={[
              ['', 'as usual'],
              ['top', 'at the top'],
              ['middle', 'in the middle'],
              ['bottom', 'at the bottom'],
            ]}
            onChange={(stand: string) => onChange({ stand: stand === '' ? undefined : (stand as 'top') })}
          />,
        )}
        {set(
          'weight',
          <Pick
            label="Weight"
            value={String(look.weight)}
            options={[
              ['400', 'regular'],
              ['700', 'bold'],
            ]}
            onChange={(weight: string) => onChange({ weight: Number(weight) as 400 })}
          />,
        )}
      </div>
      <div className="flex flex-wrap items-end gap-1.5">
        {set(
          'line',
          <NumberField
            label="Line height"
            value={look.line}
            least={0.5}
            most={5}
            onChange={(line) => onChange({ line })}
            className="w-18"
          />,
        )}
        {set(
          'letters',
          <NumberField
            label="Between letters"
            value={look.letters ?? 0}
            least={-200}
            most={500}
            onChange={(letters) => onChange({ letters: letters === 0 ? undefined : letters })}
            className="w-24"
          />,
        )}
        {set(
          'wrap',
          <Pick
            label="Long lines"
            value={look.wrap ?? 'wrap'}
            options={[
              ['wrap', 'are broken'],
              ['cut', 'are cut'],
            ]}
            onChange={(wrap: 'wrap' | 'cut') => onChange({ wrap: wrap === 'wrap' ? undefined : wrap })}
          />,
        )}
      </div>
      {set('fit', <Fit look={look} onChange={onChange} />)}
      {set(
        'outline',
        <OutlineFields value={look.outline} onChange={(outline) => onChange({ outline }, 'outline')} />,
      )}
      {set(
        'shadow',
        <ShadowFields value={look.shadow} onChange={(shadow) => onChange({ shadow }, 'shadow')} />,
      )}
    </div>
  );
}

function Fit({ look, onChange }: { look: TextLook; onChange: (change: Partial<TextLook>) => void }) {
  const { fit } = look;
  return (
    <div className="space-y-1">
      <Switched
        label="As large as its box takes"
        on={fit !== undefined}
        onChange={(on) =>
          onChange({ fit: on ? { least: Math.min(16, look.size), most: look.size } : undefined })
        }
      />
      {fit && (
        <div className="flex gap-1.5">
          <NumberField
            label="At least"
            value={fit.least}
            least={1}
            most={fit.most}
            onChange={(least) => onChange({ fit: { ...fit, least } })}
          />
          <NumberField
            label="At most"
            value={fit.most}
            least={fit.least}
            most={2000}
            onChange={(most) => onChange({ fit: { ...fit, most } })}
          />
        </div>
      )}
    </div>
  );
}

/** A box: normal, and in each of the states it can be in. */
export function BoxLookFields(props: LookProps<BoxLook> & { states: boolean }) {
  const { look, onChange, states } = props;
  const [state, setState] = useState<StateName | 'normal'>('normal');
  const set = (name: string, child: ReactNode) => (
    <Set name={name} of={props}>
      {child}
    </Set>
  );
  const shown = states ? state : 'normal';
  return (
    <div className="space-y-2">
      {states && (
        <div role="radiogroup" aria-label="Looks when" className="flex flex-wrap gap-1">
          {(['normal', ...STATES] as const).map((each) => (
            <Small
              key={each}
              role="radio"
              aria-checked={each === shown}
              className={each === shown ? 'bg-ink text-sheet' : ''}
              onClick={() => setState(each)}
            >
              {each}
              {each !== 'normal' && look[each] ? ' •' : ''}
            </Small>
          ))}
        </div>
      )}
      {shown === 'normal' ? (
        <>
          <FaceFields face={look} set={set} onChange={onChange} />
          <div className="flex items-end gap-1.5">
            {set(
              'borderWidth',
              <NumberField
                label="Border, wide"
                value={look.borderWidth}
                least={0}
                most={500}
                onChange={(borderWidth) => onChange({ borderWidth })}
                className="w-22"
              />,
            )}
            {set(
              'corner',
              <NumberField
                label="Corner"
                value={look.corner}
                least={0}
                most={2000}
                onChange={(corner) => onChange({ corner })}
                className="w-18"
              />,
            )}
          </div>
        </>
      ) : (
        set(
          shown,
          <StateFields
            normal={look}
            face={look[shown]}
            onChange={(face) => onChange({ [shown]: face } as Partial<BoxLook>, shown)}
          />,
        )
      )}
    </div>
  );
}

/** What a state changes of the normal look; what it does not name stays. */
function StateFields({
  normal,
  face,
  onChange,
}: {
  normal: BoxLook;
  face: Partial<BoxFace> | undefined;
  onChange: (face: Partial<BoxFace> | undefined) => void;
}) {
  if (!face)
    return (
      <p className="text-sm text-soft">
        As normal. <Small onClick={() => onChange({ fill: normal.fill })}>Look otherwise</Small>
      </p>
    );
  const put = (change: Partial<BoxFace>): void => {
    const next = { ...face, ...change };
    onChange(Object.fromEntries(Object.entries(next).filter(([, each]) => each !== undefined)));
  };
  return (
    <div className="min-w-0 flex-1 space-y-2">
      <FaceFields face={{ ...normal, ...face }} set={(_, child) => child} onChange={put} />
      <Small onClick={() => onChange(undefined)}>As normal</Small>
    </div>
  );
}

function FaceFields({
  face,
  set,
  onChange,
}: {
  face: BoxFace;
  set: (name: string, child: ReactNode) => ReactNode;
  onChange: (change: Partial<BoxFace>, key?: string) => void;
}) {
  return (
    <>
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

export function GradientFields({
  value,
  fill,
  onChange,
}: {
  value: Gradient | undefined;
  fill: string;
  onChange: (value: Gradient | undefined) => void;
}) {
  return (
    <div className="min-w-0 flex-1 space-y-1">
      <Switched
        label="Gradient"
        on={value !== undefined}
        onChange={(on) =>
          onChange(
            on
              ? {
                  angle: 180,
                  stops: [
                    { at: 0, colour: fill.startsWith('#') ? fill.slice(0, 7) : fill },
                    { at: 1, colour: '#00000000' },
                  ],
                }
              : undefined,
          )
        }
      />
      {value && (
        <>
          <NumberField
            label="Angle, degrees: 0 is up, 90 to the right"
            value={value.angle}
            least={-360}
            most={360}
            onChange={(angle) => onChange({ ...value, angle })}
          />
          {value.stops.map((stop, i) => {
            const put = (change: Partial<typeof stop>): void =>
              onChange({
                ...value,
                stops: value.stops.map((each, n) => (n === i ? { ...each, ...change } : each)),
              });
            return (
              <div key={i} className="flex items-end gap-1.5">
                <NumberField
                  label="At, percent"
                  value={stop.at * 100}
                  least={0}
                  most={100}
                  onChange={(percent) => put({ at: percent / 100 })}
                  className="w-20"
                />
                <ColourField label="Colour" value={stop.colour} onChange={(colour) => put({ colour })} />
                {value.stops.length > 2 && (
                  <Small onClick={() => onChange({ ...value, stops: value.stops.filter((_, n) => n !== i) })}>
                    out
                  </Small>
                )}
              </div>
            );
          })}
          {value.stops.length < 8 && (
            <Small
              onClick={() => onChange({ ...value, stops: [...value.stops, { at: 1, colour: '#000000' }] })}
            >
              One more colour
            </Small>
          )}
        </>
      )}
    </div>
  );
}

function ShadowFields({
  value,
  onChange,
}: {
  value: Shadow | undefined;
  onChange: (value: Shadow | undefined) => void;
}) {
  return (
    <div className="min-w-0 flex-1 space-y-1">
      <Switched
        label="Shadow"
        on={value !== undefined}
        onChange={(on) => onChange(on ? { x: 0, y: 8, blur: 16, colour: '#00000080' } : undefined)}
      />
      {value && (
        <div className="flex flex-wrap items-end gap-1.5">
          <NumberField
            label="Across"
            value={value.x}
            onChange={(x) => onChange({ ...value, x })}
            className="w-14"
          />
          <NumberField
            label="Down"
            value={value.y}
            onChange={(y) => onChange({ ...value, y })}
            className="w-14"
          />
          <NumberField
            label="Soft"
            value={value.blur}
            least={0}
            most={1000}
            onChange={(blur) => onChange({ ...value, blur })}
            className="w-14"
          />
          <ColourField
            label="Colour"
            value={value.colour}
            onChange={(colour) => onChange({ ...value, colour })}
          />
        </div>
      )}
    </div>
  );
}

function OutlineFields({
  value,
  onChange,
}: {
  value: Outline | undefined;
  onChange: (value: Outline | undefined) => void;
}) {
  return (
    <div className="min-w-0 flex-1 space-y-1">
      <Switched
        label="Outline"
        on={value !== undefined}
        onChange={(on) => onChange(on ? { width: 3, colour: '#000000' } : undefined)}
      />
      {value && (
        <div className="flex items-end gap-1.5">
          <NumberField
            label="Wide"
            value={value.width}
            least={0}
            most={500}
            onChange={(width) => onChange({ ...value, width })}
            className="w-16"
          />
          <ColourField
            label="Colour"
            value={value.colour}
            onChange={(colour) => onChange({ ...value, colour })}
          />
        </div>
      )}
    </div>
  );
}

export function Switched({
  label,
  on,
  onChange,
}: {
  label: string;
  on: boolean;
  onChange: (on: boolean) => void;
}) {
  return (
    <label className="flex cursor-pointer items-center gap-1.5">
      <input
        type="checkbox"
        className="accent-chosen"
        checked={on}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}

/** A labelled choice above the line of its fields. */
export function Pick<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onChange: (value: T) => void;
}) {
  return (
    <label className="block">
      <span className="mb-0.5 block text-sm text-soft">{label}</span>
      <select
        aria-label={label}
        value={value}
        className="h-7 max-w-32 cursor-pointer rounded border border-line bg-sheet"
        onChange={(event) => onChange(event.target.value as T)}
      >
        {options.map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}
