'use client';

import type { TextLook } from '@tavu/core/model';
import type { ReactNode } from 'react';
import { useStudio } from '../store';
import { NumberField } from '../ui';
import { ColourField } from '../fields';
import { OutlineFields, ShadowFields } from './effects';
import { Pick, Setting, Switched, type LookProps } from './parts';

/** How letters look: a style's, or one place's. */
export function TextLookFields(props: LookProps<TextLook>) {
  const { look, onChange } = props;
  const assets = useStudio((studio) => studio.project.assets);
  const fonts = assets.filter((asset) => asset.face);
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
