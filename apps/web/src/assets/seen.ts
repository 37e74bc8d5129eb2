interface Size {
  width: number;
  height: number;
}

/** The largest canvas side: larger drawings are scanned smaller, with a pixel more on each side. */
const FINEST = 2048;

/**
 * The part of a drawing (SVG) that is not clear, in whole pixels of its size; null where all of it is. Fails where the browser cannot
 * draw it.
 */
export async function seenOf(drawing: string, size: Size): Promise<(Size & { x: number; y: number }) | null> {
  const address = URL.createObjectURL(new Blob([drawing], { type: 'image/svg+xml' }));
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    const scale = Math.min(1, FINEST / Math.max(size.width, size.height));
    const [width, height] = [Math.ceil(size.width * scale), Math.ceil(size.height * scale)];
    const canvas = new OffscreenCanvas(width, height);
    const context = canvas.getContext('2d', { willReadFrequently: true })!;
    context.drawImage(image, 0, 0, width, height);
    const { data } = context.getImageData(0, 0, width, height);
    let [left, top, right, bottom] = [width, height, -1, -1];
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++) {
        if (data[(y * width + x) * 4 + 3] === 0) continue;
        [left, right] = [Math.min(left, x), Math.max(right, x)];
        [top, bottom] = [Math.min(top, y), Math.max(bottom, y)];
      }
    if (right < 0) return null;
    const rim = scale < 1 ? 1 : 0;
    const from = (at: number): number => Math.max(0, Math.floor((at - rim) / scale));
    const to = (at: number, end: number): number =>
      Math.min(Math.round(end), Math.ceil((at + 1 + rim) / scale));
    const [x, y] = [from(left), from(top)];
    return { x, y, width: to(right, size.width) - x, height: to(bottom, size.height) - y };
  } finally {
    URL.revokeObjectURL(address);
  }
}
