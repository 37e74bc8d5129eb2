import type { Rect } from '../geometry';

/** A node of the picture; attribute values are plain text, escaped when written. */
export interface SvgNode {
  tag: string;
  attributes: Record<string, string>;
  children: SvgNode[];
  text?: string;
}

export const leaf = (tag: string, attributes: Record<string, string>): SvgNode => ({
  tag,
  attributes,
  children: [],
});

/** A number as SVG attributes have it, to a thousandth. */
export const number = (n: number): string => String(Math.round(n * 1000) / 1000);

/** A rect as attributes. */
export const place = ({ x, y, width, height }: Rect): Record<string, string> => ({
  x: number(x),
  y: number(y),
  width: number(width),
  height: number(height),
});

/** A name made from the content, so that equal definitions share one name. */
export function nameOf(prefix: string, thing: unknown): string {
  let hash = 0x811c9dc5;
  // FNV-1a, 32 bits.
  for (const char of JSON.stringify(thing)) hash = Math.imul(hash ^ char.codePointAt(0)!, 0x01000193);
  return `${prefix}${(hash >>> 0).toString(36)}`;
}

/** Nodes as SVG text (SVG 2, XML syntax). */
export function svgText(node: SvgNode): string {
  const attributes = Object.entries(node.attributes)
    .map(([name, value]) => ` ${name}="${escapeXml(value)}"`)
    .join('');
  const inner = node.text === undefined ? node.children.map(svgText).join('') : escapeXml(node.text);
  return inner === '' ? `<${node.tag}${attributes}/>` : `<${node.tag}${attributes}>${inner}</${node.tag}>`;
}

/**
 * A whole picture of a frame as one SVG node.
 * @param width,height the frame’s size in design pixels
 */
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
