'use client';

import { type Background, type Screen, isPicture, lean } from '@tavu/core/model';
import { ColourField } from '../fields';
import { GradientFields, Switched } from '../styles';
import { edit, useStudio } from '../store';
import { Group, NumberField, Row, Select, SelectRow } from '../ui';

/** What lies behind a screen's elements, and what it does to what is beneath it. */
export function BackgroundPanel({ screen }: { screen: Screen }) {
  const assets = useStudio((studio) => studio.project.assets);
  const { background } = screen;
  const put = (change: Partial<Background>, key?: string): void => {
    const next = lean({ ...background, ...change });
    edit(
      'change screen',
      { screen: screen.id, change: { background: next } },
      { key: key && `background ${key} ${screen.id}` },
    );
  };
  const pictures = assets.filter(isPicture);
  const { grain } = background;
  return (
    <Group title="Background">
      <div className="flex items-end gap-2">
        <ColourField
          label={screen.layer === 'base' ? 'Colour' : 'Colour over what is beneath'}
          value={background.colour}
          onChange={(colour) => put({ colour }, 'colour')}
        />
        {screen.layer !== 'base' && (
          <NumberField
            label="Blur beneath"
            unit="px"
            value={background.blur ?? 0}
            min={0}
            max={200}
            onChange={(blur) => put({ blur: blur === 0 ? undefined : blur })}
            className="w-24"
          />
        )}
      </div>
      <GradientFields
        value={background.gradient}
        fill={background.colour}
        onChange={(gradient) => put({ gradient }, 'gradient')}
      />
      <Row label="Picture">
        <Select
          label="Background picture"
          value={background.picture ?? ''}
          options={[['', 'none'], ...pictures.map((asset): [string, string] => [asset.id, asset.name])]}
          onChange={(picture: string) => put({ picture: picture === '' ? undefined : picture })}
        />
      </Row>
      {background.picture && (
        <SelectRow
          label="Fit"
          value={background.fit ?? 'cover'}
          options={[
            ['cover', 'cover, cropped'],
            ['contain', 'contain, whole'],
            ['whole', 'whole multiples of its size'],
            ['stretch', 'stretched'],
          ]}
          onChange={(fit) => put({ fit: fit === 'cover' ? undefined : fit })}
        />
      )}
      <div className="flex items-end gap-2">
        <NumberField
          label="Grain"
          unit="%"
          value={(grain?.amount ?? 0) * 100}
          min={0}
          max={100}
          onChange={(percent) =>
            put({ grain: percent === 0 ? undefined : { ...grain, amount: percent / 100 } })
          }
          className="w-28"
        />
        {grain && (
          <Switched
            label="Animated"
            on={grain.moves ?? false}
            onChange={(moves) => put({ grain: moves ? { ...grain, moves } : { amount: grain.amount } })}
          />
        )}
      </div>
    </Group>
  );
}
