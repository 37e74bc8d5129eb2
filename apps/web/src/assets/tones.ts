'use client';

import { withId, type Id } from '@tavu/core/model';
import type { Tones, TonesOf } from '@tavu/core/paint';
import { useMemo, useSyncExternalStore } from 'react';
import { useStudio } from '../store';

/** How many colours across and down are looked at in a picture. */
const SIZE = 48;

/** Pictures by their bytes, which never change; null: it cannot be decoded. Another object whenever one more is known. */
let known: { tones: WeakMap<Uint8Array, Tones | null> } = { tones: new WeakMap() };
const looking = new WeakSet<Uint8Array>();
const listeners = new Set<() => void>();

const listen = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
const current = () => known;

/** The colours of the project's pictures. One that nobody has looked at yet is looked at, and told of when it is known. */
export function useTones(): TonesOf {
  const bytesOf = useStudio((studio) => studio.assets);
  const assets = useStudio((studio) => studio.project.assets);
  const looked = useSyncExternalStore(listen, current, current);
  return useMemo(
    () => (id: Id) => {
      const bytes = bytesOf.get(id);
      if (!bytes) return undefined;
      if (!looking.has(bytes)) void look(bytes, withId(assets, id)?.media ?? 'image/png');
      return looked.tones.get(bytes) ?? undefined;
    },
    [bytesOf, assets, looked],
  );
}

async function look(bytes: Uint8Array, media: string): Promise<void> {
  looking.add(bytes);
  known.tones.set(bytes, await tonesIn(bytes, media));
  known = { ...known };
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
