import type { Id, Project } from '../model';
import { screenById } from '../model';
import type { Arranged } from './arranged';
import { controlPoint, type Point } from './controls';
import type { Leaving } from './leaving';
import type { Measures } from './measures';
import { AREA, CARD, LABEL, TRACK } from './sizes';
import type { Streets } from './streets';

/** A link on the map, or several with the same ends that no control on the card sets off. */
export interface MapLine {
  key: string;
  links: Id[];
  from: Id;
  to: Id;
  /** To a notice, or to a screen that is not made yet. */
  dashed: boolean;
  /** The name of where it leads, where it is not drawn. */
  stub: string | null;
  /** The corners of its way, from its label to the card it leads to. */
  path: Point[];
  /** From the control that sets it off, down beside its card to the label; empty where no control does. */
  lead: Point[];
  label: { x: number; y: number; width: number; height: number };
}

/** How far beside its card a link runs from its control to its label. */
const GUTTER = 4;
/** Those that leave to the left run so much above the middle of their label, those to the right beneath it. */
const APART = 3;

export function lineOf(
  project: Project,
  map: Arranged,
  { columns, tracks, lines, heads }: Measures,
  streets: Streets,
  { way, side, stub, place }: Leaving,
): MapLine {
  const { column, line } = map.spotOf(way.from);
  const isCard = map.nodes.has(way.from);
  const left = columns[column]!;
  const right = left + CARD.width;
  const top = isCard ? lines[line]!.cards + CARD.height + LABEL.above : heads.get(way.from)! + AREA.head;
  const label = {
    x: left + place.x,
    y: top + place.row * LABEL.pitch,
    width: place.width,
    height: LABEL.height,
  };
  const middle = label.y + LABEL.height / 2;
  const path = (): Point[] => {
    if (side === null) return [];
    const to = map.spotOf(way.to);
    const end = { x: columns[to.column]! + CARD.width / 2, y: lines[to.line]!.cards };
    if (side === 0) return [{ x: end.x, y: label.y + LABEL.height }, end];
    const street = column + (side > 0 ? 1 : 0);
    const x = tracks[street]! + TRACK * streets.down.get(way.to)!.get(street)!;
    const across = lines[to.line]!.street + TRACK * streets.across.get(way.to)!;
    const y = middle + side * APART;
    return [{ x: side > 0 ? right : left, y }, { x, y }, { x, y: across }, { x: end.x, y: across }, end];
  };
  const lead = (): Point[] => {
    const screen = way.control === null ? undefined : screenById(project, way.from);
    const control = screen && controlPoint(project, screen, way.control!);
    if (!control) return [];
    const atLeft = side === -1;
    const x = atLeft ? left - GUTTER : right + GUTTER;
    const y = lines[line]!.cards + control.y;
    const edge = atLeft ? label.x : label.x + label.width;
    return [
      { x: left + control.x, y },
      { x, y },
      { x, y: middle },
      { x: edge, y: middle },
    ];
  };
  const { key, links, from, to, dashed } = way;
  return { key, links, from, to, dashed, stub, path: path(), lead: lead(), label };
}
