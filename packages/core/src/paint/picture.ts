import type { PictureItem } from '../drawing';
import type { Rect } from '../geometry';
import type { Slice } from '../model';
import { leaf, nameOf, number, place, type SvgNode } from './node';

/** A picture in its rect, as its fit says. `href` is where its bytes are. */
export function drawPicture(item: PictureItem, href: string): SvgNode {
  const { rect, fit, own, edges, cell } = item;
  if (fit === 'slice' && own && edges) return drawSliced(item, own, edges, href);
  if (fit === 'tile' && own) return drawTiled(item, own, href);
  if (cell && own) return drawCell(item, own, cell, href);
  return image(rect, href, item, fit === 'contain' || fit === 'cover' ? fit : 'stretch');
}

/** A part of a picture: seen through a window as large as that part. */
const drawCell = (item: PictureItem, { width, height }: Own, cell: Rect, href: string): SvgNode => ({
  tag: 'svg',
  attributes: {
    ...place(item.rect),
    viewBox: `${number(cell.x)} ${number(cell.y)} ${number(cell.width)} ${number(cell.height)}`,
    preserveAspectRatio: 'none',
  },
  children: [image({ x: 0, y: 0, width, height }, href, item, 'stretch')],
});

const RATIO = { contain: 'xMidYMid meet', cover: 'xMidYMid slice', stretch: 'none' } as const;

const image = (
  rect: Rect,
  href: string,
  { sharp }: Pick<PictureItem, 'sharp'>,
  fit: keyof typeof RATIO,
): SvgNode =>
  leaf('image', {
    ...place(rect),
    href,
    preserveAspectRatio: RATIO[fit],
    ...(sharp ? { 'image-rendering': 'pixelated' } : {}),
  });

type Own = NonNullable<PictureItem['own']>;

/**
 * Nine parts: corners keep their size, edges are stretched one way, the middle both. Each is a rect without soft edges, filled
 * with its part of the picture, since two soft edges that meet would let what is beneath through.
 */
function drawSliced(item: PictureItem, { width, height, scale }: Own, edges: Slice, href: string): SvgNode {
  const { rect } = item;
  const across = cuts(rect.x, rect.width, edges.left, edges.right, width, scale);
  const down = cuts(rect.y, rect.height, edges.top, edges.bottom, height, scale);
  return {
    tag: 'g',
    attributes: {},
    children: down.flatMap((y) =>
      across.flatMap((x) => {
        const [wide, high] = [x.size / x.taken, y.size / y.taken];
        return patterned(
          { x: x.at, y: y.at, width: x.size, height: y.size },
          // Wider than its part, so that it does not begin again within the last pixel.
          { x: x.at - MARGIN, y: y.at - MARGIN, width: x.size + 2 * MARGIN, height: y.size + 2 * MARGIN },
          {
            x: MARGIN - x.from * wide,
            y: MARGIN - y.from * high,
            width: width * wide,
            height: height * high,
          },
          item,
          href,
        );
      }),
    ),
  };
}

/** Design pixels. */
const MARGIN = 2;

interface Cut {
  /** Where it is drawn. */
  at: number;
  size: number;
  /** What of the picture it shows, in the picture's own pixels. */
  from: number;
  taken: number;
}

/** One axis in three. Edges that reach further than the picture or the room they have share it. */
export function cuts(
  at: number,
  size: number,
  first: number,
  last: number,
  natural: number,
  scale: number,
): Cut[] {
  const most = Math.min(1, natural / Math.max(1, first + last));
  const [near, far] = [first * most, last * most];
  const by = scale * Math.min(1, size / Math.max(1, (near + far) * scale));
  return [
    { at, size: near * by, from: 0, taken: near },
    { at: at + near * by, size: size - (near + far) * by, from: near, taken: natural - near - far },
    { at: at + size - far * by, size: far * by, from: natural - far, taken: far },
  ].filter((cut) => cut.size > 0 && cut.taken > 0);
}

/** The picture over and over, from the top left. */
function drawTiled(item: PictureItem, { width, height, scale }: Own, href: string): SvgNode {
  const size = { width: width * scale, height: height * scale };
  const { x, y } = item.rect;
  return {
    tag: 'g',
    attributes: {},
    children: patterned(item.rect, { x, y, ...size }, { x: 0, y: 0, ...size }, item, href),
  };
}

/** A rect filled with a tile over and over; `shown` is where the picture is in the tile. */
function patterned(rect: Rect, tile: Rect, shown: Rect, item: PictureItem, href: string): SvgNode[] {
  // Where its bytes are counts too, since the same picture of two projects may stand on one page; the end of that is enough.
  const id = nameOf('p', [tile, shown, item.asset, item.sharp, href.slice(-40)]);
  return [
    {
      tag: 'pattern',
      attributes: { id, patternUnits: 'userSpaceOnUse', ...place(tile) },
      children: [image(shown, href, item, 'stretch')],
    },
    leaf('rect', { ...place(rect), 'shape-rendering': 'crispEdges', fill: `url(#${id})` }),
  ];
}
