import type { Colour, Id } from '../model';
import type { FaceName } from '../text';
import type { Item } from './items';

/** A node of the picture; attribute values are plain text, escaped when written. */
export interface SvgNode {
  tag: string;
  attributes: Record<string, string>;
  children: SvgNode[];
  text?: string;
}

/** What stands behind names in a display list: where asset pictures are, and the font families loaded for the faces. */
export interface Sources {
  asset: (id: Id) => string;
  family: (face: FaceName) => string;
}

/** The one painter: a display list as SVG nodes. */
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
    case 'group': {
      const attributes: Record<string, string> = {};
      if (item.opacity < 1) attributes.opacity = number(item.opacity);
      if (item.x !== 0 || item.y !== 0)
        attributes.transform = `translate(${number(item.x)} ${number(item.y)})`;
      return { tag: 'g', attributes, children: toSvg(item.items, sources) };
    }
    case 'box': {
      // The border is drawn inside the box, so half of its width is taken off each side.
      const inset = item.borderWidth / 2;
      return leaf('rect', {
        x: number(item.rect.x + inset),
        y: number(item.rect.y + inset),
        width: number(Math.max(0, item.rect.width - item.borderWidth)),
        height: number(Math.max(0, item.rect.height - item.borderWidth)),
        rx: number(Math.max(0, item.corner - inset)),
        ...paint('fill', item.fill),
        ...(item.borderWidth > 0
          ? { ...paint('stroke', item.border), 'stroke-width': number(item.borderWidth) }
          : {}),
      });
    }
    case 'ring':
      return leaf('rect', {
        x: number(item.rect.x),
        y: number(item.rect.y),
        width: number(item.rect.width),
        height: number(item.rect.height),
        rx: number(item.corner),
        fill: 'none',
        stroke: '#fff3cf',
        'stroke-width': '4',
      });
    case 'picture':
      return leaf('image', {
        x: number(item.rect.x),
        y: number(item.rect.y),
        width: number(item.rect.width),
        height: number(item.rect.height),
        href: sources.asset(item.asset),
        preserveAspectRatio: { contain: 'xMidYMid meet', cover: 'xMidYMid slice', stretch: 'none' }[item.fit],
      });
    case 'text':
      return {
        tag: 'g',
        attributes: {
          'font-family': sources.family(item.face),
          'font-size': number(item.size),
          'text-anchor': item.anchor,
          ...paint('fill', item.colour),
        },
        children: item.lines.map((line) => ({
          tag: 'text',
          attributes: { x: number(line.x), y: number(line.y), 'xml:space': 'preserve' },
          children: [],
          text: line.text,
        })),
      };
  }
}

const leaf = (tag: string, attributes: Record<string, string>): SvgNode => ({
  tag,
  attributes,
  children: [],
});

const number = (n: number): string => String(Math.round(n * 1000) / 1000);

/** `#rrggbbaa` as a colour and an opacity, which every SVG reader knows. */
function paint(name: 'fill' | 'stroke', colour: Colour): Record<string, string> {
  if (colour.length !== 9) return { [name]: colour };
  return { [name]: colour.slice(0, 7), [`${name}-opacity`]: number(parseInt(colour.slice(7), 16) / 255) };
}

/** Nodes as SVG text (SVG 2, XML syntax). */
export function svgText(node: SvgNode): string {
  const attributes = Object.entries(node.attributes)
    .map(([name, value]) => ` ${name}="${escapeXml(value)}"`)
    .join('');
  const inner = node.text === undefined ? node.children.map(svgText).join('') : escapeXml(node.text);
  return inner === '' ? `<${node.tag}${attributes}/>` : `<${node.tag}${attributes}>${inner}</${node.tag}>`;
}

/** A whole picture of a frame, as one SVG node. */
export const svgFrame = (width: number, height: number, children: SvgNode[]): SvgNode => ({
  tag: 'svg',
  attributes: { xmlns: 'http://www.w3.org/2000/svg', viewBox: `0 0 ${width} ${height}` },
  children,
});

const ESCAPES: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
const escapeXml = (text: string): string =>
  [...text]
    .filter(standsInXml)
    .map((char) => ESCAPES[char] ?? char)
    .join('');

/** Control characters cannot stand in XML 1.0 at all, escaped or not. */
function standsInXml(char: string): boolean {
  const code = char.codePointAt(0)!;
  return code >= 0x20
    ? code < 0xd800 || (code > 0xdfff && code !== 0xfffe && code !== 0xffff)
    : code === 9 || code === 10;
}
