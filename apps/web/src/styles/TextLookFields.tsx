'use client';

import { isPicture, titleCase, type Colour, type TextLook } from '@tavu/core/model';
import { colourOf } from '@tavu/core/style';
import type { ReactNode } from 'react';
import { useStudio } from '../store';
import { NumberField, Small, ThingRow } from '../ui';
import { ColourField } from '../fields';
import { GradientFields, OutlineFields, ShadowFields } from './effects';
import { fontChoices, weightChoices } from './fonts';
import { Pick, Setting, Switched, type LookProps } from './parts';

/** How letters look: a style's, or one place's. */
export function TextLookFields(props: LookProps<TextLook>) {
  const { look, onChange } = props;
  const project = useStudio((studio) => studio.project);
  const { assets } = project;
  const pictures = assets.filter(isPicture);
  const set = (name: keyof TextLook, child: ReactNode) => (
    <Setting name={name} of={props}>
      {child}
    </Setting>
  );
  return (
    <div className="space-y-2">
      <div className="flex flex-wrap items-end gap-1.5">
        {set(
          'font',
          <Pick
            label="Font"
            value={look.font}
            options={fontChoices(assets, look.font)}
            onChange={(font) => onChange({ font })}
          />,
        )}
        {set(
          'size',
          <NumberField
            label="Size"
            value={look.size}
            min={1}
            max={2000}
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
            label="Align"
            value={look.align}
            options={[
              ['start', 'left'],
              ['centre', 'centre'],
              ['end', 'right'],
            ]}
            onChange={(align: TextLook['align']) => onChange({ align })}
          />,
        )}
        {set(
          'stand',
          <Pick
            label="Vertical align"
            value={look.stand ?? ''}
            options={[
              ['', 'default'],
              ['top', 'top'],
              ['middle', 'middle'],
              ['bottom', 'bottom'],
            ]}
            onChange={(stand: string) => onChange({ stand: stand === '' ? undefined : (stand as 'top') })}
          />,
        )}
        {set(
          'weight',
          <Pick
            label="Weight"
            value={String(look.weight)}
            options={weightChoices(assets, look.font, look.weight)}
            onChange={(weight: string) => onChange({ weight: Number(weight) })}
          />,
        )}
        {set(
          'italic',
          <Switched
            label="Italic"
            on={look.italic === true}
            onChange={(on) => onChange({ italic: on || undefined })}
          />,
        )}
      </div>
      <div className="flex flex-wrap items-end gap-1.5">
        {set(
          'line',
          <NumberField
            label="Line height"
            value={look.line}
            min={0.5}
            max={5}
            onChange={(line) => onChange({ line })}
            className="w-18"
          />,
        )}
        {set(
          'letters',
          <NumberField
            label="Letter spacing"
            value={look.letters ?? 0}
            min={-200}
            max={500}
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
              ['wrap', 'wrap'],
              ['cut', 'cut off'],
            ]}
            onChange={(wrap: 'wrap' | 'cut') => onChange({ wrap: wrap === 'wrap' ? undefined : wrap })}
          />,
        )}
      </div>
      {set('fit', <Fit look={look} onChange={onChange} />)}
      <div className="flex flex-wrap items-end gap-x-3 gap-y-1.5">
        {set(
          'arc',
          <NumberField
            label="Arc"
            unit="°"
            value={look.arc ?? 0}
            min={-360}
            max={360}
            onChange={(arc) => onChange({ arc: arc === 0 ? undefined : arc })}
            className="w-18"
          />,
        )}
        {set(
          'figures',
          <Switched
            label="Figures of one width"
            on={look.figures === 'even'}
            onChange={(on) => onChange({ figures: on ? 'even' : undefined })}
          />,
        )}
      </div>
      {set(
        'gradient',
        <GradientFields
          fill={look.colour}
          to={darker(colourOf(project, look.colour))}
          value={look.gradient}
          onChange={(gradient) => onChange({ gradient }, 'gradient')}
        />,
      )}
      {pictures.length > 0 &&
        set(
          'picture',
          <ThingRow
            label="Filled with the picture"
            value={look.picture}
            none="none"
            things={pictures}
            onChange={(picture) => onChange({ picture })}
          />,
        )}
      {set(
        'outline',
        <OutlineFields value={look.outline} onChange={(outline) => onChange({ outline }, 'outline')} />,
      )}
      {look.outline &&
        set(
          'outlines',
          <FurtherEdges
            label="outline"
            all={look.outlines ?? []}
            fresh={{ width: 3, colour: '#ffffff' }}
            Fields={OutlineFields}
            onChange={(outlines) => onChange({ outlines }, 'outlines')}
          />,
        )}
      {set(
        'shadow',
        <ShadowFields value={look.shadow} onChange={(shadow) => onChange({ shadow }, 'shadow')} />,
      )}
      {look.shadow &&
        set(
          'shadows',
          <FurtherEdges
            label="shadow"
            all={look.shadows ?? []}
            fresh={{ x: 0, y: 16, blur: 24, colour: '#00000080' }}
            Fields={ShadowFields}
            onChange={(shadows) => onChange({ shadows }, 'shadows')}
          />,
        )}
    </div>
  );
}

/** A colour at three fifths of its lightness. */
const darker = (colour: Colour): Colour =>
  `#${[1, 3, 5].map((at) => part(parseInt(colour.slice(at, at + 2), 16) * 0.6)).join('')}`;
const part = (share: number): string => Math.round(share).toString(16).padStart(2, '0');

/** The most further outlines, or shadows, that a file may have. */
const MOST = 8;

/** Further outlines or shadows, each of which can be taken away, and a way to one more. */
function FurtherEdges<T extends object>({
  label,
  all,
  fresh,
  Fields,
  onChange,
}: {
  label: string;
  all: readonly T[];
  fresh: T;
  Fields: (props: {
    label?: string;
    value: T | undefined;
    onChange: (value: T | undefined) => void;
  }) => ReactNode;
  onChange: (all: T[] | undefined) => void;
}) {
  const put = (next: T[]): void => onChange(next.length === 0 ? undefined : next);
  return (
    <div className="min-w-0 flex-1 space-y-1 pl-4">
      {all.map((edge, i) => (
        <Fields
          key={i}
          label={`${titleCase(label)} ${i + 2}`}
          value={edge}
          onChange={(to) => put(all.flatMap((other, n) => (n !== i ? [other] : to ? [to] : [])))}
        />
      ))}
      {all.length < MOST && <Small onClick={() => put([...all, fresh])}>{`Another ${label}`}</Small>}
    </div>
  );
}

function Fit({ look, onChange }: { look: TextLook; onChange: (change: Partial<TextLook>) => void }) {
  const { fit } = look;
  return (
    <div className="space-y-1">
      <Switched
        label="Auto size to fit its box"
        on={fit !== undefined}
        onChange={(on) =>
          onChange({ fit: on ? { min: Math.min(16, look.size), max: look.size } : undefined })
        }
      />
      {fit && (
        <div className="flex gap-1.5">
          <NumberField
            label="Min"
            value={fit.min}
            min={1}
            max={fit.max}
            onChange={(min) => onChange({ fit: { ...fit, min } })}
          />
          <NumberField
            label="Max"
            value={fit.max}
            min={fit.min}
            max={2000}
            onChange={(max) => onChange({ fit: { ...fit, max } })}
          />
        </div>
      )}
    </div>
  );
}
