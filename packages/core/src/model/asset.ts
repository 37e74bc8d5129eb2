import type { Asset } from './types';

/** What sort of file an asset is, by its MIME type. */

export const isPicture = ({ media }: Pick<Asset, 'media'>): boolean => media.startsWith('image/');
export const isSound = ({ media }: Pick<Asset, 'media'>): boolean => media.startsWith('audio/');
