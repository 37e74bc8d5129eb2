import type { Id, Link, Project } from '../model';
import { triggerLabel } from '../triggers/author';
import type { Arranged } from './arranged';
import { placeLabels, type LabelPlace } from './labels';
import { addTo } from './lists';
import { sideOf } from './order';
import { CARD } from './sizes';
import type { Spot } from './spots';
import type { Branch } from './trunks';
import type { Way } from './ways';

/** What leaves a card or an area, with where its label stands. */
export interface Leaving {
  way: Way;
  /** The side on which it leaves: 0 straight down, null where it is not drawn. */
  side: -1 | 0 | 1 | null;
  /** The name of where it leads, where it is not drawn. */
  stub: string | null;
  place: LabelPlace;
}

/** What leaves each card and area, and how many lines of labels that makes there. */
export function leavingOf(project: Project, map: Arranged): Map<Id, { ways: Leaving[]; rows: number }> {
  const links = new Map(project.links.map((link) => [link.id, link]));
  const named = new Set([...map.boxes.values()].map(({ first, top }) => `${first} ${top}`));
  const found = new Map<Id, Omit<Leaving, 'place'>[]>();
  for (const way of inOrder(map)) {
    const here = found.get(way.from) ?? [];
    found.set(way.from, here);
    const drawn = !map.stubs.has(way) && way.from !== way.to;
    const to = map.spotOf(way.to);
    let side = drawn ? sideOf(map.spotOf(way.from), to, !map.nodes.has(way.from)) : null;
    // One alone leaves straight down, and none where the name of an area stands in its way.
    if (side === 0 && (named.has(`${to.column} ${to.line}`) || here.some((other) => other.side === 0)))
      side = 1;
    here.push({ way, side, stub: drawn ? null : map.nodes.get(way.to)!.name });
  }
  return new Map(
    [...found].map(([id, here]) => {
      const labels = here.map(({ way, side, stub }) => ({
        side,
        width: labelWidth(project, links, way, stub),
      }));
      const { places, rows } = placeLabels(labels);
      return [
        id,
        { ways: here.map(({ way, side, stub }, i) => ({ way, side, stub, place: places[i]! })), rows },
      ];
    }),
  );
}

/** From the top of the map down and from far to near, so that what leaves beneath one another does not cross. */
function inOrder({ ways, spotOf }: Arranged): Way[] {
  const far = ({ from, to }: Way): number => Math.abs(spotOf(from).column - spotOf(to).column);
  return ways
    .map((way) => ({ way, line: spotOf(way.to).line, far: far(way) }))
    .sort((a, b) => a.line - b.line || b.far - a.far)
    .map(({ way }) => way);
}

/** Told once for a way, since orders are tried many times. */
const widths = new WeakMap<Way, number>();

/** How wide a label is, near enough: its first three triggers, each with a mark, and where it leads. */
function labelWidth(project: Project, links: ReadonlyMap<Id, Link>, way: Way, stub: string | null): number {
  const known = widths.get(way);
  if (known !== undefined) return known;
  const words = way.links.slice(0, 3).map((id) => {
    const link = links.get(id)!;
    return 18 + 6 * Math.min(16, triggerLabel(project, link.from, link.trigger).length);
  });
  const name = stub === null ? 0 : 20 + 6 * Math.min(18, stub.length);
  const width = Math.min(
    CARD.width,
    words.reduce((sum, wide) => sum + wide, name),
  );
  widths.set(way, width);
  return width;
}

/** How many labels of an area are told apart by height. */
const HEAD_LABELS = 100;

/** By the card they lead to, how all drawn ways leave. */
export function branchesInto(map: Arranged, leaving: ReturnType<typeof leavingOf>): Map<Id, Branch[]> {
  const into = new Map<Id, Branch[]>();
  for (const [id, { ways }] of leaving) {
    const from: Spot = map.spotOf(id);
    const depth = map.nodes.has(id) ? null : map.boxes.get(id)!.depth;
    for (const { way, side, place } of ways) {
      if (side === null) continue;
      const label = place.row + (depth ?? 0) * HEAD_LABELS;
      const branch: Branch = { from, head: depth !== null, label, side };
      addTo(into, way.to, branch);
    }
  }
  return into;
}
