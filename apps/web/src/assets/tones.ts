'use client';

import type { Id } from '@tavu/core/model';
import type { Tones, TonesOf } from '@tavu/core/paint';
import { useMemo, useSyncExternalStore } from 'react';
import { useStudio } from '../store';

/** How many colours across and down are looked at in a picture. */
const SIZE = 48;

/** What has been looked at, by its bytes: those of a picture never change. Null: it cannot be decoded. */
const known = new WeakMap<Uint8Array, Tones | null>();
const looking = new WeakSet<Uint8Array>();
let seen = 0;
const listeners = new Set<() => void>();

/** The colours of the project's pictures. One that nobody has looked at yet is looked at, and told of when it is known. */
export function useTones(): TonesOf {
  const assets = useStudio((studio) => studio.assets);
  const project = useStudio((studio) => studio.project);
  const now = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => seen,
    () => 0,
  );
  return useMemo(
    () => (asset: Id) => {
      const bytes = assets.get(asset);
      if (!bytes) return undefined;
      if (!looking.has(bytes))
        void look(bytes, project.assets.find(({ id }) => id === asset)?.media ?? 'image/png');
      return known.get(bytes) ?? undefined;
    },
    // What is known has changed with `now`.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [assets, project.assets, now],
  );
}

async function look(bytes: Uint8Array, media: string): Promise<void> {
  looking.add(bytes);
  known.set(bytes, await tonesIn(bytes, media));
  seen += 1;
  for (const listener of listeners) listener();
}

async function tonesIn(bytes: Uint8Array, media: string): Promise<Tones | null> {
  const address = URL.createObjectURL(new Blob([bytes as BlobPart], { type: media }));
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [SIZE, SIZE];
    const context = canvas.getContext('2d', { willReadFrequently: true });
    if (!context) return null;
    context.imageSmoothingQuality = 'high';
    context.drawImage(image, 0, 0, SIZE, SIZE);
    return { size: SIZE, pixels: context.getImageData(0, 0, SIZE, SIZE).data };
  } catch {
    return null;
  } finally {
    URL.revokeObjectURL(address);
  }
}
