import type { GrainItem, GroupItem, Item, PictureItem, PlacedRun, TextItem } from '../drawing';
import type { Rect } from '../geometry';
import type { Colour, Dashes, Gradient, Id } from '../model';
import type { FaceName } from '../text';
import { grainTile, TILE } from './grain';
import { leaf, nameOf, number, place, type SvgNode } from './node';
import { drawPicture } from './picture';

/** What stands behind names in a display list: where asset pictures are, and the font families loaded for the faces. */
export interface Sources {
  asset: (id: Id) => string;
  family: (face: FaceName) => string;
}

/** The only painter: a display list as SVG nodes. */
export function toSvg(items: readonly Item[], sources: Sources): SvgNode[] {
  return items.map((item) => {
    let known = drawn.get(item);
    if (!known || known.sources !== sources)
      drawn.set(item, (known = { sources, node: draw(item, sources) }));
    return known.node;
  });
}

/** Items are never written to, so the same item is the same node, which lets the player skip it. */
const drawn = new WeakMap<Item, { sources: Sources; node: SvgNode }>();

function draw(item: Item, sources: Sources): SvgNode {
  switch (item.kind) {
    case 'group':
      return drawGroup(item, sources);
    case 'box': {
      // The border is drawn inside the box, so half of its width is taken off each side.
      const inset = item.borderWidth / 2;
      const shape = (fill: Record<string, string>, stroke: Record<string, string>) =>
        leaf('rect', {
          x: number(item.rect.x + inset),
          y: number(item.rect.y + inset),
          width: number(Math.max(0, item.rect.width - item.borderWidth)),
          height: number(Math.max(0, item.rect.height - item.borderWidth)),
          rx: number(Math.max(0, item.corner - inset)),
          ...fill,
          ...stroke,
        });
      return filled(item, shape);
    }
    case 'path':
      return filled(item, (fill, stroke) =>
        leaf('path', { d: item.path, 'stroke-linejoin': 'round', ...fill, ...stroke }),
      );
    case 'ring':
      return leaf('rect', {
        ...place(item.rect),
        rx: number(item.corner),
        fill: 'none',
        stroke: '#fff3cf',
        'stroke-width': '4',
      });
    case 'picture':
      return drawPicture(item, sources.asset(item.asset));
    case 'grain':
      return drawGrain(item);
    case 'text':
      return drawText(item, sources);
  }
}

/** A shape with its fill, the gradient over it, and its border over both. */
function filled(
  item: { fill: Colour; gradient?: Gradient; border: Colour; borderWidth: number; dashes?: Dashes },
  shape: (fill: Record<string, string>, stroke: Record<string, string>) => SvgNode,
): SvgNode {
  const { borderWidth: width, dashes } = item;
  const stroke: Record<string, string> =
    width > 0
      ? {
          ...paint('stroke', item.border),
          'stroke-width': number(width),
          ...(dashes ? { 'stroke-dasharray': `${number(dashes.dash)} ${number(dashes.gap)}` } : {}),
        }
      : {};
  const { gradient } = item;
  if (!gradient || gradient.stops.length === 0) return shape(paint('fill', item.fill), stroke);
  const id = nameOf('g', gradient);
  return {
    tag: 'g',
    attributes: {},
    children: [
      gradientNode(id, gradient),
      shape(paint('fill', item.fill), {}),
      shape({ fill: `url(#${id})` }, stroke),
    ],
  };
}

/** CSS's angle on the unit square, or that stretched over a rect: 0 goes up, 90 to the right. */
function gradientNode(
  id: string,
  { angle, stops }: Gradient,
  over: Rect = { x: 0, y: 0, width: 1, height: 1 },
): SvgNode {
  const turn = (angle * Math.PI) / 180;
  const [dx, dy] = [Math.sin(turn), -Math.cos(turn)];
  const reach = (Math.abs(dx) + Math.abs(dy)) / 2;
  return {
    tag: 'linearGradient',
    attributes: {
      id,
      x1: number(over.x + over.width * (0.5 - dx * reach)),
      y1: number(over.y + over.height * (0.5 - dy * reach)),
      x2: number(over.x + over.width * (0.5 + dx * reach)),
      y2: number(over.y + over.height * (0.5 + dy * reach)),
    },
    children: [...stops]
      .sort((a, b) => a.at - b.at)
      .map((stop) => leaf('stop', { offset: number(stop.at), ...paint('stop', stop.colour) })),
  };
}

function drawGroup(item: GroupItem, sources: Sources): SvgNode {
  const attributes: Record<string, string> = {};
  const children = toSvg(item.items, sources);
  const defs: SvgNode[] = [];
  if (item.opacity < 1) attributes.opacity = number(item.opacity);
  const transforms: string[] = [];
  if (item.x !== 0 || item.y !== 0) transforms.push(`translate(${number(item.x)} ${number(item.y)})`);
  if (item.turn) {
    const { angle, x, y, flipped } = item.turn;
    if (angle !== 0) transforms.push(`rotate(${number(angle)} ${number(x)} ${number(y)})`);
    if (flipped) transforms.push(`translate(${number(2 * x)} 0) scale(-1 1)`);
  }
  if (item.scale) {
    const { by, x, y } = item.scale;
    transforms.push(
      `translate(${number(x)} ${number(y)}) scale(${number(by)}) translate(${number(-x)} ${number(-y)})`,
    );
  }
  if (transforms.length > 0) attributes.transform = transforms.join(' ');
  if (item.blend) attributes.style = `mix-blend-mode:${item.blend}`;
  if (item.blur !== undefined && item.blur > 0) {
    const id = `b${number(item.blur).replace('.', '_')}`;
    defs.push({
      tag: 'filter',
      // Room for what the softness reaches beyond the shape.
      attributes: { id, x: '-50%', y: '-50%', width: '200%', height: '200%' },
      children: [leaf('feGaussianBlur', { stdDeviation: number(item.blur) })],
    });
    attributes.filter = `url(#${id})`;
  }
  if (item.tint) {
    const id = nameOf('t', item.tint);
    defs.push({
      tag: 'filter',
      attributes: { id, 'color-interpolation-filters': 'sRGB' },
      children: [
        leaf('feFlood', { ...paint('flood', item.tint), result: 'tint' }),
        leaf('feComposite', { in: 'tint', in2: 'SourceGraphic', operator: 'atop' }),
      ],
    });
    attributes.filter = `url(#${id})`;
  }
  if (item.shadow) {
    const { x, y, blur, colour, reach } = item.shadow;
    const id = nameOf('s', item.shadow);
    const percent = (share: number): string => `${number(share * 100)}%`;
    defs.push({
      tag: 'filter',
      attributes: {
        id,
        x: percent(-reach),
        y: percent(-reach),
        width: percent(1 + 2 * reach),
        height: percent(1 + 2 * reach),
        'color-interpolation-filters': 'sRGB',
      },
      children: [
        leaf('feDropShadow', {
          dx: number(x),
          dy: number(y),
          stdDeviation: number(blur / 2),
          ...paint('flood', colour),
        }),
      ],
    });
    attributes.filter = `url(#${id})`;
  }
  if (item.mask) {
    const shown = drawPicture(item.mask, sources.asset(item.mask.asset));
    const id = nameOf('m', shown);
    defs.push({
      tag: 'mask',
      // All of the frame: what it does not reach is not seen.
      attributes: { id, 'mask-type': 'alpha', maskUnits: 'userSpaceOnUse', ...place(item.mask.rect) },
      children: [shown],
    });
    attributes.mask = `url(#${id})`;
  }
  const clip = item.clip ?? item.cut;
  if (clip !== undefined) {
    const id = nameOf('c', [clip, item.outside]);
    const shape =
      typeof clip === 'string'
        ? leaf('path', item.outside ? { d: `${ALL}${clip}`, 'clip-rule': 'evenodd' } : { d: clip })
        : leaf('rect', { ...place(clip), rx: number(clip.corner) });
    defs.push({ tag: 'clipPath', attributes: { id }, children: [shape] });
    attributes['clip-path'] = `url(#${id})`;
  }
  return { tag: 'g', attributes, children: [...defs, ...children] };
}

/** More than any frame. */
const ALL = 'M-200000 -200000H200000V200000H-200000Z';

function drawGrain({ rect, amount, shift }: GrainItem): SvgNode {
  const id = `n${shift}`;
  // Specks of two design pixels, so that they are still seen where the frame is drawn small.
  const size = TILE * 2;
  return {
    tag: 'g',
    attributes: { opacity: number(amount * 0.5) },
    children: [
      {
        tag: 'pattern',
        attributes: {
          id,
          patternUnits: 'userSpaceOnUse',
          ...place({ x: (shift * 89) % size, y: (shift * 151) % size, width: size, height: size }),
        },
        children: [leaf('image', { width: number(size), height: number(size), href: grainTile() })],
      },
      leaf('rect', { ...place(rect), fill: `url(#${id})` }),
    ],
  };
}

function drawText(item: TextItem, sources: Sources): SvgNode {
  const attributes: Record<string, string> = {
    'font-family': sources.family(item.face),
    'font-size': number(item.size),
    'text-anchor': item.anchor,
    ...paint('fill', item.colour),
    ...(item.letters === 0 ? {} : { 'letter-spacing': number(item.letters) }),
    ...(item.slanted ? { 'font-style': 'italic' } : {}),
    ...edge(item),
  };
  const { filled: fill } = item;
  const defs: SvgNode[] = [];
  if (fill) {
    const made =
      'gradient' in fill ? lettersGradient(item, fill.gradient) : lettersPicture(fill.picture, sources);
    defs.push(made);
    attributes.fill = `url(#${made.attributes.id})`;
    if (item.heavier && !item.outline) attributes.stroke = attributes.fill;
  }
  const lines = item.lines.flatMap(({ text, x, y, runs }) =>
    runs ? runs.flatMap((run) => drawRun(run, item, sources)) : [words({ x: number(x), y: number(y) }, text)],
  );
  return { tag: 'g', attributes, children: [...defs, ...lines] };
}

const words = (attributes: Record<string, string>, text: string): SvgNode => ({
  tag: 'text',
  attributes: { ...attributes, 'xml:space': 'preserve' },
  children: [],
  text,
});

/** A line round letters, and what makes their strokes wider: the same stroke, beneath the letters. */
function edge({
  outline,
  heavier = 0,
  colour,
}: Pick<TextItem, 'outline' | 'heavier' | 'colour'>): Record<string, string> {
  const width = (outline?.width ?? 0) * 2 + heavier;
  if (width === 0) return {};
  return {
    ...paint('stroke', outline?.colour ?? colour),
    'stroke-width': number(width),
    'stroke-linejoin': 'round',
    'paint-order': 'stroke',
  };
}

/** Words that stand by themselves on a line, with what they have otherwise than the text they are of. */
function drawRun(run: PlacedRun, item: TextItem, sources: Sources): SvgNode[] {
  if (run.items) return toSvg(run.items, sources);
  const attributes: Record<string, string> = {
    x: number(run.x),
    y: number(run.y),
    'text-anchor': 'start',
    // Within HTML, `xml:space` alone does not keep a space at the beginning.
    style: 'white-space:pre',
  };
  if (run.face !== item.face) attributes['font-family'] = sources.family(run.face);
  if (run.size !== item.size) attributes['font-size'] = number(run.size);
  if (run.colour !== undefined) Object.assign(attributes, paint('fill', run.colour));
  if (run.slanted !== item.slanted) attributes['font-style'] = run.slanted ? 'italic' : 'normal';
  if (run.heavier !== item.heavier || (run.heavier && run.colour !== undefined))
    Object.assign(
      attributes,
      run.heavier || item.outline
        ? edge({ ...item, ...run, colour: run.colour ?? item.colour })
        : { stroke: 'none' },
    );
  if (run.turn) attributes.transform = `rotate(${number(run.turn)} ${number(run.x)} ${number(run.y)})`;
  return [words(attributes, run.text)];
}

/** The gradient over all of a text, whatever lines it has. */
function lettersGradient({ rect }: TextItem, gradient: Gradient): SvgNode {
  const node = gradientNode(nameOf('l', { gradient, rect }), gradient, rect);
  return { ...node, attributes: { ...node.attributes, gradientUnits: 'userSpaceOnUse' } };
}

function lettersPicture(picture: PictureItem, sources: Sources): SvgNode {
  const { x, y, width, height } = picture.rect;
  // A pattern begins at its own corner.
  const within = { ...picture, rect: { x: 0, y: 0, width, height } };
  return {
    tag: 'pattern',
    attributes: {
      id: nameOf('w', picture),
      patternUnits: 'userSpaceOnUse',
      ...place({ x, y, width, height }),
    },
    children: [drawPicture(within, sources.asset(picture.asset))],
  };
}

/** `#rrggbbaa` as a colour and an opacity, which every SVG reader knows. */
function paint(name: 'fill' | 'stroke' | 'stop' | 'flood', colour: Colour): Record<string, string> {
  const key = name === 'stop' || name === 'flood' ? `${name}-color` : name;
  if (colour.length !== 9) return { [key]: colour };
  return {
    [key]: colour.slice(0, 7),
    [`${name}-opacity`]: number(parseInt(colour.slice(7), 16) / 255),
  };
}
