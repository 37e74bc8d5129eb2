'use client';

import { DIRECTIONS, lean } from '@tavu/core/model';
import { Group } from '../ui';
import { ActionRow } from './rows';
import type { FieldsOf, Settings } from './settings';

function Fields({ element, put }: FieldsOf<'touch'>) {
  const { swipes = {} } = element;
  return (
    <>
      <ActionRow label="Holds down" value={element.acts} none="nothing" onChange={(acts) => put({ acts })} />
      <Group title="Swipes that begin here" unfolded={element.swipes !== undefined}>
        {DIRECTIONS.map((direction) => (
          <ActionRow
            key={direction}
            label={`Swipe ${direction}`}
            value={swipes[direction]}
            none="as anywhere"
            onChange={(action) => {
              const next = lean({ ...swipes, [direction]: action });
              put({ swipes: Object.keys(next).length > 0 ? next : undefined });
            }}
          />
        ))}
      </Group>
    </>
  );
}

export const touch: Settings<'touch'> = { Fields };
