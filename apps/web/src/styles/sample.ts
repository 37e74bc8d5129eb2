import { compile } from '@tavu/core/compile';
import type { Item } from '@tavu/core/drawing';
import type { BoxStyle, Element, Project, TextStyle } from '@tavu/core/model';
import { paintStill } from '@tavu/core/paint';
import { boxStyle, colourOf, textStyle } from '@tavu/core/style';

/** The frame a sample is drawn in, in design pixels; shown at half that. */
export const SAMPLE = { width: 480, height: 96 };
/** The largest text that fits, in design pixels. */
const LARGEST = 46;

/** What a style looks like: its name in its own letters, or on its own box. */
export interface Sample {
  items: readonly Item[];
  /** Its letters are light, so that it is shown on something dark. */
  light: boolean;
}

const NOTHING: readonly Item[] = [];
const known = new WeakMap<object, { styles: unknown; assets: unknown; sample: Sample }>();

/** Drawn once for a style as long as neither it nor what it refers to changes. */
export function sampleOf(project: Project, style: TextStyle | BoxStyle): Sample {
  const { styles, assets } = project;
  const kept = known.get(style);
  if (kept?.styles === styles && kept.assets === assets) return kept.sample;
  const sample = draw(project, style);
  known.set(style, { styles, assets, sample });
  return sample;
}

function draw(project: Project, style: TextStyle | BoxStyle): Sample {
  const isBox = 'corner' in style;
  const letters = isBox ? project.styles.text[0]!.id : style.id;
  const { size } = textStyle(project, { style: letters });
  const base = {
    name: style.name,
    parent: null,
    place: { x: { at: 'stretch', offset: 10, far: 10 }, y: { at: 'stretch', offset: 10, far: 10 } },
  } as const;
  const words: Element = {
    ...base,
    id: 'words',
    type: 'text',
    text: asText(style.name),
    look: {
      style: letters,
      size: isBox ? 30 : Math.min(size, LARGEST),
      align: isBox ? 'centre' : 'start',
      stand: 'middle',
      wrap: 'cut',
    },
  };
  const ink = isBox ? boxStyle(project, { style: style.id }).ink : undefined;
  const elements: Element[] = isBox
    ? [
        { ...base, id: 'box', type: 'panel', box: { style: style.id } },
        ink === undefined ? words : { ...words, look: { ...words.look, colour: ink } },
      ]
    : [words];
  const colour = ink ?? textStyle(project, { style: letters }).colour;
  try {
    const flow = compile({
      ...project,
      design: { ...SAMPLE, margin: 0 },
      screens: [{ ...SCREEN, elements }],
      start: SCREEN.id,
      areas: [],
      components: [],
      conversations: [],
      links: [],
    });
    return {
      items: paintStill(flow, flow.screens.get(SCREEN.id)!, true),
      light: isLight(colourOf(project, colour)),
    };
  } catch {
    // A style that cannot be drawn is chosen by its name alone.
    return { items: NOTHING, light: false };
  }
}

const SCREEN = {
  id: 'sample',
  name: 'Sample',
  kind: 'custom',
  layer: 'base',
  background: { colour: '#00000000' },
} as const;

/** A name as a text that says just that: ICU MessageFormat takes what stands between apostrophes as it is. */
const asText = (name: string): string => name.replace(/'/g, "''").replace(/[{}<>#|]+/g, "'$&'");

/** Whether a colour is nearer to white, by its luma as in ITU-R BT.601. */
const isLight = (colour: string): boolean => {
  const [r, g, b] = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16));
  return 0.299 * r! + 0.587 * g! + 0.114 * b! > 140;
};
