import type { Rect } from '../geometry';
import type { PartUse, Project, BoxSide, StateName } from '../model';
import { boxLook, inStates, type DrawnBox, type DrawnPicture } from '../style';
import { group, type Item } from './items';
import { box } from './shapes';

/** A part of a control as it is drawn. */
export interface DrawnPart {
  /** In the states of the control. */
  look: DrawnBox;
  /** Design pixels. Absent: as the control has it. */
  width?: number;
  height?: number;
}

/** A part with a look of its own; null where it has none. Without a size it is as large as its picture. */
export function partOf(
  project: Project,
  use: PartUse | undefined,
  states: readonly StateName[],
): DrawnPart | null {
  if (!use) return null;
  const { width, height, ...own } = use;
  const normal = boxLook(project, own);
  const drawn: DrawnPart = { look: inStates(normal, states) };
  const picture = pictureOf(normal);
  const scale = picture?.scale ?? 1;
  const wide = width ?? (picture && picture.width * scale);
  const high = height ?? (picture && picture.height * scale);
  if (wide !== undefined) drawn.width = wide;
  if (high !== undefined) drawn.height = high;
  return drawn;
}

/** The picture of a look; undefined where it has none. */
export const pictureOf = ({ picture }: DrawnBox): DrawnPicture | undefined =>
  picture === 'none' ? undefined : picture;

/** A part about the middle of where it would stand, in its own size where it has one. */
export function partAbout({ look, width, height }: DrawnPart, rect: Rect): Item[] {
  const own = { width: width ?? rect.width, height: height ?? rect.height };
  const x = rect.x + (rect.width - own.width) / 2;
  const y = rect.y + (rect.height - own.height) / 2;
  return box(null, { x, y, ...own }, look);
}

/**
 * As much of a rect as is filled, from a side. A picture that is one whole is uncovered; a fill, tiles and nine parts grow.
 * @param share 0 to 1
 */
export function filledFrom(side: BoxSide, share: number, whole: Rect, look: DrawnBox): Item[] {
  const part = shareOfRect(side, share, whole);
  const fit = pictureOf(look)?.fit;
  if (fit === undefined || fit === 'slice' || fit === 'tile') return box(null, part, look);
  if (part.width <= 0 || part.height <= 0) return [];
  return [group(box(null, whole, look), { clip: { ...part, corner: 0 } })];
}

function shareOfRect(side: BoxSide, share: number, { x, y, width, height }: Rect): Rect {
  if (side === 'left' || side === 'right') {
    const part = width * share;
    return { x: side === 'left' ? x : x + width - part, y, width: part, height };
  }
  const part = height * share;
  return { x, y: side === 'top' ? y : y + height - part, width, height: part };
}
