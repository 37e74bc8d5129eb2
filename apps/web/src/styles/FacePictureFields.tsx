'use client';

import {
  BLENDS,
  isPicture,
  lean,
  withId,
  type Asset,
  type FaceFit,
  type FacePicture,
} from '@tavu/core/model';
import { refusalWords } from '@tavu/core/refusal';
import { askFiles, bringFiles } from '../assets';
import { ColourField } from '../fields';
import { notify, useStudio } from '../store';
import { NumberField, Row, SelectRow, Small, ThingRow } from '../ui';
import { Pick, Switched } from './parts';
import { firstSlice, SliceEditor } from './SliceEditor';

const FIT_WORDS: Record<FaceFit, string> = {
  stretch: 'stretched',
  slice: 'nine-slice',
  tile: 'tiled',
  contain: 'contain, whole',
  cover: 'cover, cropped',
};

/** A picture as the face of a box: which, how it fills the box, and how it is laid over the fill. */
export function FacePictureFields({
  picture: given,
  inherits,
  onChange,
}: {
  picture: FacePicture | 'none' | undefined;
  /** Whose is seen where it says nothing; null for nobody's. */
  inherits: 'normal' | 'style' | null;
  onChange: (picture: FacePicture | 'none' | undefined, key?: string) => void;
}) {
  const picture = given === 'none' ? undefined : given;
  const assets = useStudio((studio) => studio.project.assets);
  const pictures = assets.filter(isPicture);
  const choose = (id: string | undefined): void => {
    const asset = withId(assets, id);
    if (!asset) onChange(inherits ? 'none' : undefined);
    else if (!picture) onChange({ asset: asset.id, fit: 'slice', slice: firstSlice(asset) });
    else onChange({ ...picture, asset: asset.id });
  };
  if (!picture && pictures.length === 0)
    return (
      <Row label="Picture on it">
        <Small onClick={() => void importPictures()}>Import pictures</Small>
      </Row>
    );
  const asset = withId(assets, picture?.asset);
  return (
    <div role="group" aria-label="Face" className="min-w-0 flex-1 space-y-1">
      <ThingRow
        label="Picture on it"
        value={picture?.asset}
        none={inherits === 'normal' && given === undefined ? 'as in normal' : 'none'}
        things={pictures}
        onChange={choose}
      />
      {picture && (
        <Laid
          picture={picture}
          put={(change, key) => onChange(lean({ ...picture, ...change }), key)}
          asset={asset}
        />
      )}
    </div>
  );
}

function Laid({
  picture,
  asset,
  put,
}: {
  picture: FacePicture;
  asset: Asset | undefined;
  put: (change: Partial<FacePicture>, key?: string) => void;
}) {
  const { fit, slice, scale = 1, tint, opacity = 1, blend = 'normal', under } = picture;
  return (
    <>
      <SelectRow<FaceFit>
        label="Fit"
        value={fit}
        options={(Object.keys(FIT_WORDS) as FaceFit[]).map((key) => [key, FIT_WORDS[key]] as const)}
        onChange={(to) =>
          put({
            fit: to,
            slice: to === 'slice' && asset ? (slice ?? firstSlice(asset)) : undefined,
            ...(to === 'slice' || to === 'tile' ? {} : { scale: undefined }),
          })
        }
      />
      {fit === 'slice' && asset && (
        <SliceEditor
          asset={asset}
          slice={slice ?? { top: 0, right: 0, bottom: 0, left: 0 }}
          onChange={(to, key) => put({ slice: to }, key)}
        />
      )}
      <div className="flex flex-wrap items-end gap-1.5">
        {(fit === 'slice' || fit === 'tile') && (
          <NumberField
            label={fit === 'slice' ? 'Edges drawn at' : 'Tiles drawn at'}
            unit="%"
            value={scale * 100}
            min={1}
            max={10_000}
            onChange={(to) => put({ scale: to === 100 ? undefined : to / 100 })}
            className="w-28"
          />
        )}
        <NumberField
          label="Opacity"
          unit="%"
          value={opacity * 100}
          min={0}
          max={100}
          onChange={(to) => put({ opacity: to === 100 ? undefined : to / 100 })}
          className="w-18"
        />
        <Pick
          label="Blend mode"
          value={blend}
          options={BLENDS.map((each) => [each, each] as const)}
          onChange={(to) => put({ blend: to === 'normal' ? undefined : to })}
        />
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <Switched
          label="Tinted"
          on={tint !== undefined}
          onChange={(on) => put({ tint: on ? '#f0c25a80' : undefined })}
        />
        {tint !== undefined && (
          <ColourField label="Tint" value={tint} onChange={(to) => put({ tint: to }, 'tint')} />
        )}
        <Switched
          label="Under the fill"
          on={under === true}
          onChange={(on) => put({ under: on || undefined })}
        />
      </div>
    </>
  );
}

async function importPictures(): Promise<void> {
  const refused = await bringFiles(await askFiles('image/*,.svg', true));
  if (refused.length > 0)
    notify(refused.map(({ name, why }) => `${name} was not imported: ${refusalWords(why)}`).join(' '));
}
