import { SaxesParser } from 'saxes';
import { refusal, type Refusal } from '../refusal';

/**
 * Whether a drawing (SVG 1.1 and 2) is a plain picture. It is read by an XML parser, and only what is on these lists may be in
 * it: nothing that runs, fetches, or carries a piece of a web page.
 */

const words = (text: string): ReadonlySet<string> => new Set(text.split(/\s+/).filter(Boolean));

const SVG = 'http://www.w3.org/2000/svg';
/** What a drawing program writes down for itself is of other namespaces, and nothing to a browser. */
const INERT = new Set([
  'http://www.w3.org/1999/02/22-rdf-syntax-ns#',
  'http://www.w3.org/2000/01/rdf-schema#',
]);

const ELEMENTS = words(`
  svg g defs symbol use path rect circle ellipse line polyline polygon text tspan textPath title desc metadata style
  linearGradient radialGradient stop pattern clipPath mask marker image switch a view filter
  feBlend feColorMatrix feComponentTransfer feComposite feConvolveMatrix feDiffuseLighting feDisplacementMap
  feDistantLight feDropShadow feFlood feFuncA feFuncB feFuncG feFuncR feGaussianBlur feImage feMerge feMergeNode
  feMorphology feOffset fePointLight feSpecularLighting feSpotLight feTile feTurbulence`);

const ATTRIBUTES = words(`
  id class style lang tabindex role version baseProfile viewBox preserveAspectRatio zoomAndPan enable-background
  x y x1 y1 x2 y2 cx cy r rx ry fx fy fr width height d points pathLength transform dx dy rotate textLength
  lengthAdjust startOffset method spacing side offset gradientUnits gradientTransform spreadMethod patternUnits
  patternContentUnits patternTransform clipPathUnits maskUnits maskContentUnits markerUnits markerWidth markerHeight
  refX refY orient href type media title target systemLanguage requiredExtensions requiredFeatures
  filterUnits primitiveUnits in in2 result mode values k1 k2 k3 k4 operator order kernelMatrix divisor bias targetX
  targetY edgeMode preserveAlpha kernelUnitLength surfaceScale diffuseConstant specularConstant specularExponent
  limitingConeAngle azimuth elevation pointsAtX pointsAtY pointsAtZ z xChannelSelector yChannelSelector scale
  stdDeviation tableValues slope intercept amplitude exponent radius baseFrequency numOctaves seed stitchTiles
  alignment-baseline baseline-shift clip clip-path clip-rule color color-interpolation color-interpolation-filters
  color-profile color-rendering cursor direction display dominant-baseline fill fill-opacity fill-rule filter
  flood-color flood-opacity font font-family font-size font-size-adjust font-stretch font-style font-variant font-weight
  glyph-orientation-horizontal glyph-orientation-vertical image-rendering isolation kerning letter-spacing
  lighting-color line-height marker-end marker-mid marker-start mask mask-type mix-blend-mode opacity overflow
  paint-order pointer-events shape-rendering solid-color solid-opacity stop-color stop-opacity stroke
  stroke-dasharray stroke-dashoffset stroke-linecap stroke-linejoin stroke-miterlimit stroke-opacity stroke-width
  text-align text-anchor text-decoration text-rendering transform-origin unicode-bidi vector-effect visibility
  white-space word-spacing writing-mode`);

/** Functions of CSS that work something out; `url` is looked at by itself. */
const FUNCTIONS = words(`
  url rgb rgba hsl hsla hwb lab lch oklab oklch matrix translate translatex translatey rotate scale scalex scaley
  skewx skewy calc min max clamp var blur brightness contrast drop-shadow grayscale hue-rotate invert opacity saturate
  sepia circle ellipse inset polygon path not is where nth-child nth-of-type lang`);

const LARGEST = 5_000_000;
const MAX_ELEMENTS = 20_000;
const DEEPEST = 100;
/** What may be drawn in all, with what is used, filled, cut and filtered by something else in it. */
const MAX_DRAWN = 100_000;

class Refused extends Error {
  readonly why: Refusal;
  constructor(why: Refusal) {
    super(why.code);
    this.why = why;
  }
}
const refuse: typeof refusal = (code, ...params) => {
  throw new Refused(refusal(code, ...params));
};

/** Why an SVG file is not taken in; null when nothing speaks against it. It is only ever shown as an image. */
export function svgFault(text: string): Refusal | null {
  if (text.length > LARGEST) return refusal('too many characters', { max: LARGEST });
  const reader = new SvgReader();
  try {
    reader.read(text);
  } catch (error) {
    if (error instanceof Refused) return error.why;
    const line = /^(\d+):/.exec(error instanceof Error ? error.message : '')?.[1];
    return refusal('ill-formed', { line: line === undefined ? null : Number(line) });
  }
  return null;
}

interface Open {
  id: string | null;
  name: string;
}

class SvgReader {
  #count = 0;
  #css = '';
  readonly #open: Open[] = [];
  /** By id: how many elements it holds, itself among them, and what those draw besides. */
  readonly #sizes = new Map<string, number>();
  readonly #uses = new Map<string, string[]>();
  /** What is drawn by being used anywhere at all. */
  readonly #used: string[] = [];

  read(text: string): void {
    const parser = new SaxesParser({ xmlns: true });
    parser.on('error', (error) => {
      throw error;
    });
    parser.on('doctype', (type) => {
      if (type.includes('[')) refuse('entities');
    });
    parser.on('processinginstruction', () => refuse('elsewhere'));
    parser.on('opentag', ({ local, uri, attributes }) => this.#opened(local, uri, Object.values(attributes)));
    parser.on('text', (more) => this.#said(more));
    parser.on('cdata', (more) => this.#said(more));
    parser.on('closetag', () => this.#closed());
    parser.write(text).close();
    if (this.#count === 0) refuse('no drawing');
    this.#unfold();
  }

  #opened(
    name: string,
    uri: string,
    attributes: readonly { local: string; prefix: string; uri: string; value: string }[],
  ): void {
    this.#count += 1;
    if (this.#count > MAX_ELEMENTS) refuse('too many parts', { max: MAX_ELEMENTS });
    if (this.#open.length >= DEEPEST) refuse('parts too deep', { max: DEEPEST });
    if (this.#count === 1 && (name !== 'svg' || (uri !== SVG && uri !== ''))) refuse('no drawing');
    const own = uri === SVG || uri === '';
    if (own) this.#checkElement(name);
    else if (uri.startsWith('http://www.w3.org/') && !INERT.has(uri))
      refuse(name === 'script' ? 'script' : 'web page');
    const id =
      attributes.find((attribute) => attribute.local === 'id' && attribute.prefix === '')?.value ?? null;
    this.#open.push({ id, name: own ? name : '' });
    for (const { id: holder } of this.#open)
      if (holder !== null) this.#sizes.set(holder, (this.#sizes.get(holder) ?? 0) + 1);
    if (own) for (const attribute of attributes) this.#checkAttribute(name, attribute);
  }

  #checkElement(name: string): void {
    if (ELEMENTS.has(name)) return;
    if (/^script$/i.test(name)) refuse('script');
    if (/^foreignobject$/i.test(name)) refuse('web page');
    if (/^(animate|set)/i.test(name)) refuse('moves');
    refuse('no part', { name: name.slice(0, 40) });
  }

  #checkAttribute(
    element: string,
    { local, prefix, uri, value }: { local: string; prefix: string; uri: string; value: string },
  ): void {
    if (prefix === 'xmlns' || local === 'xmlns') return;
    if (/^on/i.test(local)) refuse('script');
    if (local === 'href') return this.#checkAddress(element, value);
    if (prefix === 'xml') return void (local === 'base' && refuse('elsewhere'));
    // What a drawing program writes down for itself.
    if (prefix !== '' && uri !== SVG) return;
    if (!ATTRIBUTES.has(local) && !/^(data|aria)-/.test(local))
      refuse('no attribute', { name: local.slice(0, 40) });
    if (local === 'numOctaves' && Number(value) > 12) refuse('fine noise');
    this.#checkCss(value);
  }

  /** Something in the drawing itself, or a picture that is written into it. */
  #checkAddress(element: string, value: string): void {
    const address = value.trim();
    if (address.startsWith('#')) return this.#use(address.slice(1));
    if (/^data:image\/(png|jpeg|webp|gif);base64,[\s\w+/=]*$/i.test(address)) return;
    if (/^javascript:/i.test(address)) refuse('script');
    // A link leads nowhere in an image.
    if (element === 'a' && /^https?:/i.test(address)) return;
    refuse('elsewhere');
  }

  #checkCss(css: string): void {
    if (!/[(@\\]/.test(css)) return;
    if (css.includes('\\')) refuse('hidden styles');
    if (css.includes('@')) refuse('elsewhere');
    const plain = css.replace(/\/\*[\s\S]*?\*\//g, ' ');
    for (const [, name] of plain.matchAll(/([a-z-]+)\s*\(/gi))
      if (!FUNCTIONS.has(name!.toLowerCase())) refuse('elsewhere');
    for (const [, address] of plain.matchAll(/url\s*\(\s*["']?([^"')]*)/gi)) {
      if (!address!.startsWith('#')) refuse('elsewhere');
      this.#use(address!.slice(1).trim());
    }
  }

  #use(id: string): void {
    this.#used.push(id);
    for (const { id: holder } of this.#open)
      if (holder !== null) this.#uses.set(holder, [...(this.#uses.get(holder) ?? []), id]);
  }

  #said(text: string): void {
    if (this.#open.at(-1)?.name === 'style') this.#css += text;
  }

  #closed(): void {
    if (this.#open.pop()?.name !== 'style') return;
    this.#checkCss(this.#css);
    this.#css = '';
  }

  /** Counts what is drawn in the end, without drawing it. */
  #unfold(): void {
    const drawn = new Map<string, number>();
    const sizeOf = (id: string, depth: number): number => {
      const known = drawn.get(id);
      if (known !== undefined) return known;
      if (depth > DEEPEST) refuse('uses itself');
      // An element that uses itself is not drawn again.
      drawn.set(id, 0);
      const inner = (this.#uses.get(id) ?? []).reduce((sum, value) => sum + sizeOf(value, depth + 1), 0);
      const size = (this.#sizes.get(id) ?? 0) + inner;
      drawn.set(id, size);
      return size;
    };
    const total = this.#used.reduce((sum, id) => sum + sizeOf(id, 0), this.#count);
    if (total > MAX_DRAWN) refuse('draws too much', { max: MAX_DRAWN });
  }
}
