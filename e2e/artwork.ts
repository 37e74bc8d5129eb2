import type { Desk } from './desk';
import type { Element, Slice } from '../packages/core/src/model';

/** Pictures made for tests of artwork, and what is seen of them. */

/** Nine fields of a colour each, row by row. */
export const FIELDS = [
  '#ff0000',
  '#00ff00',
  '#0000ff',
  '#ffff00',
  '#ff00ff',
  '#00ffff',
  '#800000',
  '#008000',
  '#000080',
];

export interface Made {
  width: number;
  height: number;
  slice: Slice;
  /** Colours of its nine fields. */
  fields: readonly string[];
}

/** A PNG of nine fields, cut where it is to be sliced. */
export async function png(desk: Desk, { width, height, slice, fields }: Made): Promise<Buffer> {
  const address = await desk.page.evaluate(
    ([size, cut, colours]) => {
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [size.width, size.height];
      const context = canvas.getContext('2d')!;
      const across = [0, cut.left, size.width - cut.right, size.width];
      const down = [0, cut.top, size.height - cut.bottom, size.height];
      for (let row = 0; row < 3; row++)
        for (let column = 0; column < 3; column++) {
          context.fillStyle = colours[row * 3 + column]!;
          context.fillRect(
            across[column]!,
            down[row]!,
            across[column + 1]! - across[column]!,
            down[row + 1]! - down[row]!,
          );
        }
      return canvas.toDataURL('image/png');
    },
    [{ width, height }, slice, fields] as const,
  );
  return Buffer.from(address.split(',')[1]!, 'base64');
}

/** The colours of a picture of the page at points of it, in its own pixels. */
export const coloursAt = (desk: Desk, shot: Buffer, points: readonly (readonly [number, number])[]) =>
  desk.page.evaluate(
    async ([data, at]) => {
      const image = new Image();
      image.src = `data:image/png;base64,${data}`;
      await image.decode();
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [image.width, image.height];
      const context = canvas.getContext('2d', { willReadFrequently: true })!;
      context.drawImage(image, 0, 0);
      return at.map(([x, y]) => {
        const pixel = context.getImageData(Math.floor(x), Math.floor(y), 1, 1).data;
        return `#${[...pixel]
          .slice(0, 3)
          .map((part) => part.toString(16).padStart(2, '0'))
          .join('')}`;
      });
    },
    [shot.toString('base64'), points] as const,
  );

export const SMALL = { x: 200, y: 200, width: 200, height: 60 };
export const TALL = { ...SMALL, height: 140 };
export const OFF = { x: 200, y: 700, width: 400, height: 200 };
export const WIDE = { x: 200, y: 400, width: 640, height: 120 };
export const at = ({ x, y, width, height }: typeof SMALL): Element['place'] => ({
  x: { at: 'start', offset: x, size: width },
  y: { at: 'start', offset: y, size: height },
});
/** Each state's picture, of a size of its own. */
export const STATES = ['normal', 'hovered', 'focused', 'pressed', 'disabled'] as const;
export const faceOf = (state: (typeof STATES)[number]): Made => {
  const n = STATES.indexOf(state);
  const slice = { top: 6 + n, right: 9 + n, bottom: 5 + n, left: 8 + n };
  return {
    slice,
    width: 40 + 7 * n,
    height: 30 + 5 * n,
    fields: [...FIELDS.slice(n), ...FIELDS.slice(0, n)],
  };
};
