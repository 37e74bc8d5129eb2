import { SaxesParser, type SaxesTagPlain } from 'saxes';
import { BLENDS, LONGEST_NAME, type Blend } from '../model';
import { refusal, type Refusal } from '../refusal';
import { escapedXml } from './xml';
import { svgFault } from './svg';

/** The groups at the top of a drawing (SVG 2), each of which can be a drawing by itself. */

export interface Drawing {
  /** The attributes of its root element, without its size. */
  root: Record<string, string>;
  /** Its view box, in user units. */
  view: { x: number; y: number; width: number; height: number };
  /** What draws nothing by itself and is used by the groups: gradients, styles, clips. */
  shared: string;
  /** As they are drawn: what lies beneath comes first. */
  groups: DrawnGroup[];
}
export interface DrawnGroup {
  name: string;
  opacity: number;
  hidden: boolean;
  blend: Blend;
  /** Its part of the file, with those three left out. */
  text: string;
}

/** Elements that draw nothing themselves. */
const SHARED: ReadonlySet<string> = new Set([
  'defs',
  'style',
  'linearGradient',
  'radialGradient',
  'pattern',
  'clipPath',
  'mask',
  'filter',
  'symbol',
  'marker',
  'title',
  'desc',
  'metadata',
]);
const MAX_GROUPS = 500;

/** Shapes that are in no group. */
const LOOSE = { name: 'Shapes', opacity: 1, hidden: false, blend: 'normal' } as const;

/**
 * Reads the groups of a drawing; shapes that stand beside them are groups too, those that follow one another as one.
 * @param size how large the drawing is where it does not say so, in pixels
 */
export function readGroups(text: string, size: { width: number; height: number }): Drawing | Refusal {
  const fault = svgFault(text);
  if (fault) return fault;
  const parser = new SaxesParser();
  let depth = 0;
  let root: Record<string, string> = {};
  let shared = '';
  const groups: DrawnGroup[] = [];
  let loose: DrawnGroup | null = null;
  let named = 0;
  let start = 0;
  let tag: SaxesTagPlain | null = null;
  /** Where the inside of the part that is open begins. */
  let inside = 0;
  parser.on('opentag', (opened) => {
    depth += 1;
    if (depth === 1) root = { ...opened.attributes };
    if (depth !== 2) return;
    // XML allows no “<” within a tag, so the last one before its end begins it.
    start = text.lastIndexOf('<', parser.position - 1);
    inside = parser.position;
    tag = opened;
  });
  parser.on('closetag', () => {
    depth -= 1;
    if (depth !== 1 || !tag) return;
    const whole = text.slice(start, parser.position);
    if (SHARED.has(tag.name)) shared += whole;
    else if (tag.name === 'g') {
      loose = null;
      named += 1;
      groups.push(
        groupOf(
          tag,
          tag.isSelfClosing ? '' : text.slice(inside, text.lastIndexOf('</', parser.position - 1)),
        ),
      );
    } else if (loose) loose.text += whole;
    else groups.push((loose = { ...LOOSE, text: whole }));
    tag = null;
  });
  parser.write(text).close();
  if (named === 0) return refusal('no groups');
  if (groups.length > MAX_GROUPS) return refusal('too many layers', { max: MAX_GROUPS });
  const view = viewOf(root, size);
  const { width: _, height: _height, viewBox: _box, ...rest } = root;
  return { root: rest, view, shared, groups };
}

function groupOf({ attributes }: SaxesTagPlain, inner: string): DrawnGroup {
  const style = new Map(
    (attributes.style ?? '').split(';').flatMap((rule): [string, string][] => {
      const cut = rule.indexOf(':');
      return cut < 0 ? [] : [[rule.slice(0, cut).trim(), rule.slice(cut + 1).trim()]];
    }),
  );
  const take = (name: string): string | undefined => {
    const said = style.get(name) ?? attributes[name];
    style.delete(name);
    return said;
  };
  const opacity = Number.parseFloat(take('opacity') ?? '1');
  const hidden = [take('display') === 'none', take('visibility') === 'hidden'].includes(true);
  const blend = BLENDS.find(
    (known) => known === attributes['mix-blend-mode'] || known === style.get('mix-blend-mode'),
  );
  style.delete('mix-blend-mode');
  const {
    opacity: _,
    display: _display,
    visibility: _seen,
    'mix-blend-mode': _blend,
    style: _style,
    ...rest
  } = attributes;
  const rules = [...style].map(([name, value]) => `${name}:${value}`).join(';');
  const kept = { ...rest, ...(rules === '' ? {} : { style: rules }) };
  const name = attributes['inkscape:label'] ?? attributes['data-name'] ?? attributes.id ?? '';
  return {
    name: name.trim().slice(0, LONGEST_NAME) || 'Group',
    opacity: Number.isFinite(opacity) ? Math.min(1, Math.max(0, opacity)) : 1,
    hidden,
    blend: blend ?? 'normal',
    text: `<g${written(kept)}>${inner}</g>`,
  };
}

function viewOf(root: Record<string, string>, size: { width: number; height: number }): Drawing['view'] {
  const [x, y, width, height] = (root.viewBox ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  if (width! > 0 && height! > 0) return { x: x!, y: y!, width: width!, height: height! };
  const of = (name: 'width' | 'height'): number => {
    const said = Number.parseFloat(root[name] ?? '');
    return said > 0 && !root[name]!.endsWith('%') ? said : size[name];
  };
  return { x: 0, y: 0, width: of('width'), height: of('height') };
}

const written = (attributes: Record<string, string>): string =>
  Object.entries(attributes)
    .map(([name, value]) => ` ${name}="${escapedXml(value)}"`)
    .join('');

/**
 * One group of a drawing as a drawing by itself.
 * @param size how large all of the drawing is, in pixels
 * @param part what of it is shown, in those pixels; all of it where it is absent
 */
export function drawingOf(
  { root, view, shared }: Drawing,
  { text }: DrawnGroup,
  size: { width: number; height: number },
  part: { x: number; y: number; width: number; height: number } = { x: 0, y: 0, ...size },
): string {
  const [across, down] = [view.width / size.width, view.height / size.height];
  const box = [view.x + part.x * across, view.y + part.y * down, part.width * across, part.height * down];
  const own = {
    ...root,
    xmlns: root.xmlns ?? 'http://www.w3.org/2000/svg',
    width: String(part.width),
    height: String(part.height),
    viewBox: box.map((n) => Math.round(n * 1000) / 1000).join(' '),
  };
  return `<svg${written(own)}>${shared}${text}</svg>`;
}
