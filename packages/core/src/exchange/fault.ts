import { refusal, type Refusal } from '../refusal';
import { mediaOf, type Sort } from './media';
import { soundFault } from './sound';
import { svgFault } from './svg';

/** Why the bytes of an asset cannot be shown or played as what it says it is; null when nothing speaks against it. */
export function bytesFault(media: string, bytes: Uint8Array): Refusal | null {
  const found = mediaOf(bytes);
  if (!found || (found.media !== media && found.sort !== SORTS[media.split('/')[0] ?? '']))
    return refusal('not as named', { media });
  switch (found.media) {
    case 'image/svg+xml':
      return svgFault(new TextDecoder().decode(bytes));
    case 'image/png':
      return isWholePng(bytes) ? null : refusal('picture cut short');
    case 'audio/wav':
    case 'audio/mpeg':
      return soundFault(found.media, bytes);
    default:
      return null;
  }
}
const SORTS: Record<string, Sort> = { image: 'picture', font: 'font', audio: 'sound' };

/** Goes from chunk to chunk until the last (W3C PNG, 5). */
function isWholePng(bytes: Uint8Array): boolean {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  for (let at = 8; at + 12 <= bytes.length; at += 12 + view.getUint32(at))
    if (view.getUint32(at + 4) === 0x49454e44) return true;
  return false;
}
