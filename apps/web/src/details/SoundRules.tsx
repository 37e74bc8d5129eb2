'use client';

import { USUAL_SOUNDS, type SoundRules as Rules, type UsualSound } from '@tavu/core/model';
import { DurationField } from '../motion';
import { useSoundAssets } from '../assets';
import { edit, useStudio } from '../store';
import { Group, NumberField, ThingRow } from '../ui';

const WHEN: Record<UsualSound, string> = {
  focus: 'The focus moves',
  press: 'A press',
  back: 'Going back',
  open: 'A screen opens',
};
const VOLUMES = [
  ['all', 'All of it'],
  ['music', 'Music'],
  ['effects', 'Everything else'],
] as const;

/** What the whole project has sound by itself, and the values that say how loud. */
export function SoundRules() {
  const rules = useStudio((studio) => studio.project.sound) ?? {};
  const values = useStudio((studio) => studio.project.values).filter((value) => value.type === 'number');
  const sounds = useSoundAssets();
  const put = (change: Partial<Rules>): void => void edit('change sound', change);
  return (
    <Group title="Sounds and volume" unfolded={rules.focus !== undefined || rules.volumes !== undefined}>
      {sounds.length === 0 && <p className="text-sm text-soft">Import sounds under Assets first.</p>}
      <div className="divide-y divide-line border-y border-line">
        {USUAL_SOUNDS.map((when) => (
          <ThingRow
            key={when}
            label={WHEN[when]}
            value={rules[when]}
            none="nothing"
            things={sounds}
            onChange={(id) => put({ [when]: id })}
          />
        ))}
      </div>
      <h4 className="font-semibold">Volume controlled by</h4>
      <div className="divide-y divide-line border-y border-line">
        {VOLUMES.map(([key, words]) => (
          <ThingRow
            key={key}
            label={words}
            value={rules.volumes?.[key]}
            none="nothing"
            things={values}
            onChange={(id) => {
              const { [key]: _, ...rest } = rules.volumes ?? {};
              const volumes = id === undefined ? rest : { ...rest, [key]: id };
              put({ volumes: Object.keys(volumes).length > 0 ? volumes : undefined });
            }}
          />
        ))}
      </div>
      <div className="flex gap-1.5">
        <DurationField
          label="Fade under an overlay"
          optional
          value={rules.fade}
          onChange={(fade) => put({ fade })}
        />
        <NumberField
          label="Music volume under an overlay"
          unit="%"
          value={Math.round((rules.under ?? 1) * 100)}
          min={0}
          max={100}
          onChange={(percent) => put({ under: percent === 100 ? undefined : percent / 100 })}
        />
      </div>
    </Group>
  );
}
