'use client';

import { withId } from '@tavu/core/model';
import { useSkin, useStudio, wear } from '../store';
import { Select } from '../ui';

/** Which skin Live wears; nothing where the project has none. */
export function SkinSwitch() {
  const skins = useStudio((studio) => studio.project.skins);
  const worn = useSkin((state) => state.worn);
  if (!skins) return null;
  const skin = withId(skins, worn ?? undefined);
  return (
    <>
      <span className="text-soft">Skin</span>
      <Select<string>
        label="Skin of Live"
        value={skin?.id ?? ''}
        options={[['', 'own look'], ...skins.map(({ id, name }): [string, string] => [id, name])]}
        className={`h-6 max-w-28 shrink-0 border bg-sheet text-sm ${skin ? 'border-live font-semibold text-live' : 'border-line'}`}
        onChange={(id) => wear(id === '' ? null : id)}
      />
    </>
  );
}
