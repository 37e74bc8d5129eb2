import { refusal, type Refusal } from '../refusal';

/** Whether bytes that begin like a sound go on like one. */

/** Null when nothing speaks against it. */
export function soundFault(media: 'audio/wav' | 'audio/mpeg', bytes: Uint8Array): Refusal | null {
  return (media === 'audio/wav' ? isWav(bytes) : isMp3(bytes)) ? null : refusal('damaged', { what: 'sound' });
}

/** A format that can be played, and samples (RIFF WAVE). */
function isWav(bytes: Uint8Array): boolean {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let known = false;
  for (let at = 12; at + 8 <= bytes.length;) {
    const name = String.fromCharCode(...bytes.subarray(at, at + 4));
    const size = view.getUint32(at + 4, true);
    if (name === 'fmt ' && at + 24 <= bytes.length) {
      const [format, channels, rate] = [
        view.getUint16(at + 8, true),
        view.getUint16(at + 10, true),
        view.getUint32(at + 12, true),
      ];
      known =
        [1, 3, 6, 7, 0xfffe].includes(format) &&
        channels >= 1 &&
        channels <= 8 &&
        rate >= 1000 &&
        rate <= 400_000;
    }
    if (name === 'data') return known && size > 0 && at + 8 < bytes.length;
    at += 8 + size + (size & 1);
  }
  return false;
}

const RATES = [44_100, 48_000, 32_000];
const BITS_1 = [32, 40, 48, 56, 64, 80, 96, 112, 128, 160, 192, 224, 256, 320];
const BITS_2 = [8, 16, 24, 32, 40, 48, 56, 64, 80, 96, 112, 128, 144, 160];

/** A frame of MPEG audio, layer III, and another where that ends (ISO/IEC 11172-3, 2.4.1). */
function isMp3(bytes: Uint8Array): boolean {
  let at = 0;
  if (bytes[0] === 0x49 && bytes[1] === 0x44 && bytes[2] === 0x33)
    at = 10 + ((bytes[6]! << 21) | (bytes[7]! << 14) | (bytes[8]! << 7) | bytes[9]!);
  // Some programs leave a gap behind what they tell of the sound.
  for (let from = at; from < at + 8192 && from + 4 <= bytes.length; from++) {
    const length = frameLength(bytes, from);
    if (length === 0) continue;
    const next = from + length;
    if (next === bytes.length || frameLength(bytes, next) > 0) return true;
  }
  return false;
}

/** 0 where no frame begins. */
function frameLength(bytes: Uint8Array, at: number): number {
  if (at + 4 > bytes.length || bytes[at] !== 0xff || (bytes[at + 1]! & 0xe0) !== 0xe0) return 0;
  const version = (bytes[at + 1]! >> 3) & 3;
  const layer = (bytes[at + 1]! >> 1) & 3;
  const bits = bytes[at + 2]! >> 4;
  const rate = (bytes[at + 2]! >> 2) & 3;
  if (version === 1 || layer !== 1 || bits === 0 || bits === 15 || rate === 3) return 0;
  const first = version === 3;
  const perSecond = RATES[rate]! / (first ? 1 : version === 2 ? 2 : 4);
  const kilobits = (first ? BITS_1 : BITS_2)[bits - 1]!;
  return Math.floor(((first ? 144 : 72) * kilobits * 1000) / perSecond) + ((bytes[at + 2]! >> 1) & 1);
}
