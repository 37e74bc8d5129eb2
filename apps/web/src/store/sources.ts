import type { Asset, Id } from '@tavu/core/model';
import { pickResolution, type Sources } from '@tavu/core/paint';
import { familyOf } from '@tavu/player';

export interface PageSources extends Sources {
  addresses: ReadonlyMap<Id, { address: string; bytes: Uint8Array }>;
  revoke: () => void;
}

/**
 * Addresses at which the page finds an open project's pictures, fonts and sounds. Made anew when any of them changes; those
 * that have not keep the address they had in `before`.
 */
export function sourcesOf(
  assets: ReadonlyMap<Id, Uint8Array>,
  list: readonly Asset[],
  before?: PageSources,
): PageSources {
  const addresses = new Map<Id, { address: string; bytes: Uint8Array }>();
  for (const { id, media } of list) {
    const bytes = assets.get(id);
    if (!bytes) continue;
    const known = before?.addresses.get(id);
    const address =
      known?.bytes === bytes
        ? known.address
        : URL.createObjectURL(new Blob([bytes as BlobPart], { type: media }));
    addresses.set(id, { address, bytes });
  }
  return {
    addresses,
    asset: (id) => addresses.get(pickResolution(list, id, globalThis.devicePixelRatio ?? 1))?.address ?? '',
    family: familyOf,
    revoke: () => addresses.forEach(({ address }) => URL.revokeObjectURL(address)),
  };
}
