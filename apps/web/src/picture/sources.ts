import type { Id } from '@tavu/core/model';
import type { Sources } from '@tavu/core/paint';
import { familyOf } from '@tavu/player';

/** Addresses at which the page finds an open project's pictures. Made anew when the pictures change. */
export function sourcesOf(
  assets: ReadonlyMap<Id, Uint8Array>,
  media: ReadonlyMap<Id, string>,
): Sources & { revoke: () => void } {
  const addresses = new Map<Id, string>();
  for (const [id, bytes] of assets)
    addresses.set(id, URL.createObjectURL(new Blob([bytes as BlobPart], { type: media.get(id) ?? '' })));
  return {
    asset: (id) => addresses.get(id) ?? '',
    family: familyOf,
    revoke: () => addresses.forEach((address) => URL.revokeObjectURL(address)),
  };
}
