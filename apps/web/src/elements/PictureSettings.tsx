'use client';

import type { Written } from '@tavu/core/component';
import { titleCase, type Element, isPicture } from '@tavu/core/model';
import { useStudio } from '../store';
import { NumberField, SelectRow, ThingRow } from '../ui';
import type { Put } from '../fields';

/** Which picture, how it stands in its box, and how far its corners reach in when they are kept. */
export function PictureSettings({
  parameters,
  element,
  put,
}: {
  /** What it may be told. */
  parameters: Written['parameters'];
  element: Element & { type: 'picture' | 'portrait' };
  put: Put;
}) {
  const project = useStudio((studio) => studio.project);
  const pictures = project.assets.filter(isPicture);
  const told = parameters.filter((parameter) => parameter.type === 'picture');
  const slice = element.type === 'picture' ? element.slice : undefined;
  return (
    <>
      <ThingRow
        label="Picture"
        value={element.asset}
        none="none yet"
        things={pictures}
        onChange={(id) => put({ asset: id ?? null })}
      />
      {told.length > 0 && (
        <ThingRow
          label="Or from a parameter"
          value={element.from}
          none="no"
          things={told}
          onChange={(from) => put({ from })}
        />
      )}
      <SelectRow
        label="Fit"
        value={slice ? 'slice' : element.fit}
        options={[
          ['contain', 'contain, whole'],
          ['cover', 'cover, cropped'],
          ['stretch', 'stretched'],
          ...(element.type === 'picture' ? [['slice', 'nine-slice'] as const] : []),
        ]}
        onChange={(fit: string) => {
          if (fit === 'slice') put({ fit: 'stretch', slice: { top: 16, right: 16, bottom: 16, left: 16 } });
          else put({ fit, slice: undefined });
        }}
      />
      {slice && (
        <div className="flex gap-1.5" role="group" aria-label="Nine-slice insets">
          {(['top', 'right', 'bottom', 'left'] as const).map((side) => (
            <NumberField
              key={side}
              label={titleCase(side)}
              value={slice[side]}
              min={0}
              onChange={(n) => put({ slice: { ...slice, [side]: n } })}
            />
          ))}
        </div>
      )}
      {element.type === 'portrait' && (
        <SelectRow
          label="Flip"
          value={element.flipped ? 'yes' : 'no'}
          options={[
            ['no', 'as drawn'],
            ['yes', 'mirrored'],
          ]}
          onChange={(flipped: string) => put({ flipped: flipped === 'yes' || undefined })}
        />
      )}
    </>
  );
}
