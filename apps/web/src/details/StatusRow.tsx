'use client';

import { STATUSES, type Screen, type Status } from '@tavu/core/model';
import { edit } from '../store';
import { SelectRow } from '../ui';
import { MIXED, sharedBy } from './shared';

/** The status of one screen or several. */
export function StatusRow({ screens }: { screens: readonly Screen[] }) {
  const now = sharedBy(screens, ({ status = 'draft' }) => status);
  return (
    <SelectRow<Status | typeof MIXED>
      label="Status"
      value={now ?? MIXED}
      options={[
        ...(now === undefined ? [[MIXED, MIXED] as [typeof MIXED, string]] : []),
        ...STATUSES.map((status): [Status, string] => [status, status]),
      ]}
      onChange={(status) =>
        status !== MIXED &&
        edit('change screens', {
          screens: screens.map(({ id }) => id),
          change: { status: status === 'draft' ? undefined : status },
        })
      }
    />
  );
}
