'use client';

import { isPicture, type Element, type PictureFit } from '@tavu/core/model';
import { ColourField, type Put } from '../../fields';
import { useStudio } from '../../store';
import { ShadowFields, Switched } from '../../styles';
import { Group, SelectRow, ThingRow } from '../../ui';

/** What is laid over an element and all it holds, as one: a mask, a tint, a shadow. */
export function WholePanel({ element, put }: { element: Element; put: Put }) {
  const pictures = useStudio((studio) => studio.project.assets).filter(isPicture);
  const { mask, tint, shadow } = element;
  return (
    <Group title="Mask and tint" unfolded={mask !== undefined || tint !== undefined || shadow !== undefined}>
      <ThingRow
        label="Masked by"
        value={mask?.asset}
        none="no picture"
        things={pictures}
        onChange={(asset) =>
          put({ mask: asset === undefined ? undefined : { fit: 'stretch', ...mask, asset } })
        }
      />
      {mask && (
        <>
          <SelectRow<PictureFit>
            label="Mask fit"
            value={mask.fit}
            options={[
              ['stretch', 'stretched'],
              ['contain', 'contain, whole'],
              ['cover', 'cover, cropped'],
              ['whole', 'whole multiples of its size'],
            ]}
            onChange={(fit) => put({ mask: { ...mask, fit } })}
          />
          <p className="text-sm text-soft">It is seen only where the mask is opaque, with all it holds.</p>
        </>
      )}
      <div className="flex items-end gap-3">
        <Switched
          label="Tinted"
          on={tint !== undefined}
          onChange={(on) => put({ tint: on ? '#f0c25a80' : undefined })}
        />
        {tint !== undefined && (
          <ColourField label="Tint" value={tint} onChange={(to) => put({ tint: to }, 'tint')} />
        )}
      </div>
      <ShadowFields
        label="Shadow of the whole"
        value={shadow}
        onChange={(to) => put({ shadow: to }, 'shadow')}
      />
    </Group>
  );
}
