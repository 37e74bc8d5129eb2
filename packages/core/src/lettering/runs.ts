import { calls, namedIn, piecesOf, type Inset, type Lasting, type Move, type Piece } from '../marks';
import {
  cellsOf,
  type Asset,
  type Cell,
  type Colour,
  type Id,
  type Project,
  type TextLook,
  type TextStyle,
} from '../model';
import { colourOf } from '../style';
import {
  evenFigures,
  fontOf,
  layRuns,
  layText,
  type Block,
  type BlockLine,
  type Face,
  type FaceName,
  type Run,
} from '../text';
import { keycapWidth } from './keycap';

/** Words of a text that look alike, as they are laid out and drawn. */
export interface LetteredRun extends Run {
  face: FaceName;
  /** Absent: that of the whole text, with all that fills it. */
  colour?: Colour;
  slanted?: true;
  heavier?: true;
  /** The letters are frames of a picture. */
  drawn?: Face['drawn'];
  move?: Move;
  /** What stands there in place of words. */
  inset?: DrawnInset;
}
export type DrawnInset =
  /** Null: there is no picture by that name. */
  { is: 'picture'; asset: Asset | null; cell?: Cell } | { is: 'key'; code: string };

/** What a text is laid out by. */
export type Lettering = Pick<
  TextLook,
  'font' | 'weight' | 'italic' | 'size' | 'figures' | 'letters' | 'line' | 'wrap' | 'fit'
>;
export type LetteredBlock = Omit<Block<LetteredRun>, 'lines'> & { lines: LetteredLine[]; face: Face };
export type LetteredLine = BlockLine<LetteredRun>;

/** How high what stands among words is, beside the size of the letters about it. */
export const INSET_HEIGHT = 1;

/**
 * Lays a text with its marks into a box. Only lines that need it are told in runs: those of more than one lettering, or
 * whose letters are pictures.
 * @param said the words with their marks
 * @param box the box’s size in design pixels
 */
export function laySaid(
  project: Project,
  said: string,
  look: Lettering,
  box: { width: number; height: number },
): LetteredBlock {
  const face = faceOf(project, look);
  const pieces = piecesOf(said);
  const [first = NOTHING] = pieces;
  const simple = pieces.length <= 1 && first.within.length === 0 && first.inset === null && !face.drawn;
  return simple
    ? { ...(layText(first.words, look, face.metrics, box) as Block<LetteredRun>), face }
    : { ...layRuns(runsOf(project, pieces, look, face), look, box), face };
}
const NOTHING: Piece = { words: '', within: [], inset: null };

function faceOf(project: Project, look: Pick<Lettering, 'font' | 'weight' | 'italic' | 'figures'>): Face {
  const face = fontOf(project, look);
  return look.figures === 'even' ? { ...face, metrics: evenFigures(face.metrics) } : face;
}

function runsOf(project: Project, pieces: readonly Piece[], look: Lettering, own: Face): LetteredRun[] {
  return pieces.map(({ words, within, inset }): LetteredRun => {
    const { times, ...lettering } = within.reduce((now, mark) => marked(project, now, mark), {
      times: 1,
      look: look as Lettering,
    } as Marked);
    const face = lettering.look === look ? own : faceOf(project, lettering.look);
    const run: LetteredRun = { words, font: face.metrics, times, face: face.face };
    if (face.slanted) run.slanted = true;
    if (face.heavier) run.heavier = true;
    if (face.drawn) run.drawn = face.drawn;
    if (lettering.colour !== undefined) run.colour = lettering.colour;
    if (lettering.move) run.move = lettering.move;
    if (inset) {
      const drawn = insetOf(project, inset);
      run.inset = drawn;
      run.wide = (size) => insetWidth(drawn, size);
    }
    return run;
  });
}

interface Marked {
  times: number;
  look: Lettering;
  colour?: Colour;
  move?: Move;
}

/** What one mark makes of the lettering around it. Names that nothing goes by change nothing. */
function marked(project: Project, now: Marked, mark: Lasting): Marked {
  switch (mark.mark) {
    case 'bold':
      return { ...now, look: { ...now.look, weight: Math.max(700, now.look.weight) } };
    case 'italic':
      return { ...now, look: { ...now.look, italic: true } };
    case 'size':
      return { ...now, times: now.times * (mark.percent / 100) };
    case 'colour': {
      const colour = namedColour(project, mark.name);
      return colour === null ? now : { ...now, colour };
    }
    case 'style': {
      const style = namedStyle(project, mark.name);
      if (!style) return now;
      const { font, weight, italic } = style;
      const look = { ...now.look, font, weight, italic };
      return { ...now, look, colour: colourOf(project, style.colour), times: style.size / now.look.size };
    }
    default:
      return { ...now, move: mark.mark };
  }
}

/** What a colour in a mark stands for: `#rrggbb`, or one of the project by its name; null where there is none. */
export function namedColour({ styles }: Project, name: string): Colour | null {
  if (/^#[0-9a-f]{6}([0-9a-f]{2})?$/i.test(name)) return name;
  return styles.colours?.find((colour) => calls(name, colour.name))?.colour ?? null;
}

export const namedStyle = ({ styles }: Project, name: string): TextStyle | undefined =>
  styles.text.find((style) => calls(name, style.name));

export const namedPicture = ({ assets }: Project, name: string): Asset | undefined =>
  assets.find((asset) => asset.media.startsWith('image/') && calls(name, asset.name));

/** The ids of the pictures that stand among the words of a text. */
export const picturesIn = (project: Project, text: string): Id[] =>
  namedIn(text).flatMap(({ of, name }) => (of === 'picture' ? (namedPicture(project, name)?.id ?? []) : []));

function insetOf(project: Project, inset: Inset): DrawnInset {
  if (inset.mark === 'key') return { is: 'key', code: inset.code };
  const asset = namedPicture(project, inset.name);
  if (!asset) return { is: 'picture', asset: null };
  const [cell] = cellsOf(asset);
  return cell ? { is: 'picture', asset, cell } : { is: 'picture', asset };
}

/** How wide what stands among words of a size is, in design pixels. */
function insetWidth(inset: DrawnInset, size: number): number {
  const height = size * INSET_HEIGHT;
  if (inset.is === 'key') return keycapWidth({ code: inset.code, ink: { size: capSize(height) } }, height);
  const shape = inset.cell ?? inset.asset;
  return shape ? (height * shape.width) / Math.max(1, shape.height) : height;
}

/** The size of letters on a cap of a height. */
export const capSize = (height: number): number => height * 0.62;
