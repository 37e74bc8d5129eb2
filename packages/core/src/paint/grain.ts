import { base64 } from '../bytes';

/** Fine specks, the same on every machine: a small grey tile as a PNG (ISO/IEC 15948) in a data address. */

export const TILE = 128;

let made: string | null = null;

export function grainTile(): string {
  made ??= `data:image/png;base64,${base64(png(specks()))}`;
  return made;
}

/** Grey and alpha for every point: dark and light specks of differing strength. */
function specks(): Uint8Array {
  const rows = new Uint8Array(TILE * (1 + TILE * 2));
  let seed = 0x2f6e2b1;
  for (let y = 0, at = 0; y < TILE; y++) {
    rows[at++] = 0;
    for (let x = 0; x < TILE; x++) {
      // Marsaglia's xorshift, 32 bits.
      seed ^= seed << 13;
      seed ^= seed >>> 17;
      seed ^= seed << 5;
      rows[at++] = seed & 256 ? 255 : 0;
      rows[at++] = seed & 255;
    }
  }
  return rows;
}

function png(rows: Uint8Array): Uint8Array {
  const header = new Uint8Array(13);
  const view = new DataView(header.buffer);
  view.setUint32(0, TILE);
  view.setUint32(4, TILE);
  header.set([8, 4, 0, 0, 0], 8);
  const parts = [
    Uint8Array.of(137, 80, 78, 71, 13, 10, 26, 10),
    chunk('IHDR', header),
    chunk('IDAT', stored(rows)),
    chunk('IEND', new Uint8Array()),
  ];
  return joined(parts);
}

/** As a zlib stream (RFC 1950) of blocks that are not compressed. */
function stored(bytes: Uint8Array): Uint8Array {
  const parts: Uint8Array[] = [Uint8Array.of(0x78, 1)];
  for (let at = 0; at < bytes.length; at += 65535) {
    const block = bytes.subarray(at, at + 65535);
    const last = at + 65535 >= bytes.length ? 1 : 0;
    const { length } = block;
    parts.push(Uint8Array.of(last, length & 255, length >> 8, ~length & 255, (~length >> 8) & 255), block);
  }
  let [a, b] = [1, 0];
  for (const byte of bytes) {
    a = (a + byte) % 65521;
    b = (b + a) % 65521;
  }
  parts.push(Uint8Array.of(b >> 8, b & 255, a >> 8, a & 255));
  return joined(parts);
}

function chunk(name: string, data: Uint8Array): Uint8Array {
  const made = new Uint8Array(data.length + 12);
  const view = new DataView(made.buffer);
  view.setUint32(0, data.length);
  made.set(
    [...name].map((char) => char.charCodeAt(0)),
    4,
  );
  made.set(data, 8);
  view.setUint32(data.length + 8, crc(made.subarray(4, data.length + 8)));
  return made;
}

function crc(bytes: Uint8Array): number {
  let rest = ~0;
  for (const byte of bytes) {
    rest ^= byte;
    for (let bit = 0; bit < 8; bit++) rest = rest & 1 ? (rest >>> 1) ^ 0xedb88320 : rest >>> 1;
  }
  return ~rest >>> 0;
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(parts.reduce((size, part) => size + part.length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}
