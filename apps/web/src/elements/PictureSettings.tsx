'use client';

import type { Written } from '@tavu/core/component';
import { withId, type Element, isPicture } from '@tavu/core/model';
import { useStudio } from '../store';
import type { Put } from '../fields';
import { firstSlice, SliceEditor } from '../styles';
import { SelectRow, ThingRow } from '../ui';

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
  const told = [...parameters, ...project.values].filter(({ type }) => type === 'picture');
  const asset = withId(project.assets, element.asset);
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
          label="Or from"
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
          ['whole', 'whole multiples of its size'],
          ...(element.type === 'picture' ? [['slice', 'nine-slice'] as const] : []),
        ]}
        onChange={(fit: string) => {
          if (fit === 'slice') put({ fit: 'stretch', slice: asset ? firstSlice(asset) : NO_SLICE });
          else put({ fit, slice: undefined });
        }}
      />
      {slice && asset && (
        <SliceEditor asset={asset} slice={slice} onChange={(to, key) => put({ slice: to }, key)} />
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

const NO_SLICE = { top: 0, right: 0, bottom: 0, left: 0 };
