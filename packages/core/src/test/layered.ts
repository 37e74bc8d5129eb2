import { strToU8, zipSync, zlibSync } from 'fflate';

/** Layered pictures for tests, made as OpenRaster's specification says, by a zip library. */

/** The CRC of a PNG's chunk (W3C PNG, third edition, annex D). */
function crcOf(bytes: Uint8Array): number {
  let crc = ~0;
  for (const byte of bytes) {
    crc ^= byte;
    for (let bit = 0; bit < 8; bit++) crc = (crc >>> 1) ^ (crc & 1 ? 0xedb88320 : 0);
  }
  return ~crc >>> 0;
}

/** A PNG of one colour, 8 bits a channel. */
export function pngOf(width: number, height: number, [r, g, b, a]: readonly number[]): Uint8Array {
  const chunk = (name: string, data: Uint8Array): number[] => {
    const body = [...strToU8(name), ...data];
    const u32 = (n: number): number[] => [n >>> 24, (n >>> 16) & 255, (n >>> 8) & 255, n & 255];
    return [...u32(data.length), ...body, ...u32(crcOf(Uint8Array.from(body)))];
  };
  const size = new Uint8Array(13);
  new DataView(size.buffer).setUint32(0, width);
  new DataView(size.buffer).setUint32(4, height);
  size.set([8, 6, 0, 0, 0], 8);
  const rows = Uint8Array.from(
    Array.from({ length: height }, () => [
      0,
      ...Array.from({ length: width }, () => [r!, g!, b!, a!]).flat(),
    ]).flat(),
  );
  return Uint8Array.from([
    ...[0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a],
    ...chunk('IHDR', size),
    ...chunk('IDAT', zlibSync(rows)),
    ...chunk('IEND', new Uint8Array()),
  ]);
}

/** @param pictures the layers' pictures, by their names under `data/` */
export function oraOf(stack: string, pictures: Readonly<Record<string, Uint8Array>>): Uint8Array {
  return zipSync({
    // The first, and not packed, so that what the file is can be told without unpacking it.
    mimetype: [strToU8('image/openraster'), { level: 0 }],
    'stack.xml': strToU8(stack),
    ...Object.fromEntries(Object.entries(pictures).map(([name, bytes]) => [`data/${name}.png`, bytes])),
    'mergedimage.png': pngOf(1, 1, [0, 0, 0, 0]),
  });
}
