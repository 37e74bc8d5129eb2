'use client';

import type { Life } from '@tavu/core/model';
import { Check, Row, Select } from '../../ui';

interface Stored {
  name: string;
  life: Life;
  byGame?: boolean;
}

const LIVES: readonly (readonly [Life, string, string])[] = [
  ['session', 'no, reset each run', ''],
  ['progress', 'in saves', ', saved'],
  ['settings', 'as a setting', ', a setting'],
];

/** How long something is kept and whether the game writes it, as it follows on its type. */
export const storageWords = ({ life, byGame }: Stored): string =>
  `${LIVES.find(([each]) => each === life)?.[2] ?? ''}${byGame ? ', from the game' : ''}`;

/** How long a value or list is kept, and whether the game may write it. */
export function Storage({
  of: { name, life, byGame },
  onChange,
}: {
  of: Stored;
  onChange: (change: { life?: Life; byGame?: true | undefined }) => void;
}) {
  return (
    <>
      <Row label="Stored">
        <Select<Life>
          label={`Storage of ${name}`}
          value={life}
          options={LIVES.map(([each, words]) => [each, words] as const)}
          onChange={(life) => onChange({ life })}
        />
      </Row>
      <Check on={byGame ?? false} onChange={(on) => onChange({ byGame: on ? true : undefined })}>
        The game may write it
      </Check>
    </>
  );
}
