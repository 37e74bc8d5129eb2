import type { Id, Project } from '../model';
import type { Arranged } from './arranged';
import { leavingOf, branchesInto } from './leaving';
import { addTo } from './lists';
import { CROSSING, lengthOf } from './order';
import { tracksOf } from './tracks';
import { crossAbove, crossings, crossWest, trunkTo, type Trunk, type Upright } from './trunks';

/** Which track each trunk has in every street it runs in, and how many tracks each street has. */
export interface Streets {
  /** By where the trunk leads: its track above that line of cards. */
  across: Map<Id, number>;
  /** By where the trunk leads and by street: its tracks down the map. */
  down: Map<Id, Map<number, number>>;
  /** How many tracks there are above each line, and beside each column. */
  acrossCounts: number[];
  downCounts: number[];
}

/** The trunks that lead somewhere, each with its track in the street across above its card. */
function trunksOf(map: Arranged, leaving: ReturnType<typeof leavingOf>) {
  const into = [...branchesInto(map, leaving)];
  const across = new Map<Id, number>();
  const acrossCounts: number[] = [];
  const roughly = grouped(
    into.map(([to, branches]) => ({ to, trunk: trunkTo(map.spotOf(to), branches) })),
    ({ trunk }) => trunk.line,
  );
  for (let line = 0; line < map.sheet.lines; line++) {
    // What runs straight down only takes no track.
    const wide = (roughly.get(line) ?? []).filter(({ trunk }) => trunk.east > trunk.west);
    const { tracks } = tracksOf(
      wide,
      (a, b) => crossAbove(a.trunk, b.trunk),
      (a, b) => meetAcross(a.trunk, b.trunk),
    );
    for (const [{ to }, track] of tracks) across.set(to, track);
    acrossCounts[line] = Math.max(-1, ...tracks.values()) + 1;
  }
  const trunks = into.map(([to, branches]) => ({
    to,
    trunk: trunkTo(map.spotOf(to), branches, across.get(to)),
  }));
  return { trunks, across, acrossCounts };
}

/** First the streets across, then those down, since those end at what runs across. */
export function streetsOf(map: Arranged, leaving: ReturnType<typeof leavingOf>): Streets {
  const { trunks, across, acrossCounts } = trunksOf(map, leaving);
  const uprights = grouped(
    trunks.flatMap(({ to, trunk }) => trunk.uprights.map((upright) => ({ to, upright }))),
    ({ upright }) => upright.street,
  );
  const down: Streets['down'] = new Map();
  const downCounts: number[] = [];
  for (let street = 0; street <= map.sheet.columns; street++) {
    const { tracks } = tracksOf(
      uprights.get(street) ?? [],
      (a, b) => crossWest(a.upright, b.upright),
      (a, b) => meetDown(a.upright, b.upright),
    );
    for (const [{ to }, track] of tracks) {
      const known = down.get(to);
      if (known) known.set(street, track);
      else down.set(to, new Map([[street, track]]));
    }
    downCounts[street] = Math.max(-1, ...tracks.values()) + 1;
  }
  return { across, down, acrossCounts, downCounts };
}

/** What a map costs: how often its trunks cross, and how long they are. */
export function costOf(project: Project, map: Arranged): number {
  const { trunks } = trunksOf(map, leavingOf(project, map));
  let cost = 0;
  trunks.forEach(({ trunk }, i) => {
    cost += lengthOf(trunk);
    const { top, bottom, west, east } = trunk;
    for (let j = i + 1; j < trunks.length; j++) {
      const other = trunks[j]!.trunk;
      // Most trunks are far from one another.
      if (other.top > bottom || other.bottom < top || other.west > east || other.east < west) continue;
      cost += CROSSING * crossings(trunk, other);
    }
  });
  return cost;
}

function grouped<T>(items: readonly T[], key: (item: T) => number): Map<number, T[]> {
  const groups = new Map<number, T[]>();
  for (const item of items) {
    addTo(groups, key(item), item);
  }
  return groups;
}

const meetAcross = (a: Trunk, b: Trunk): boolean => a.west <= b.east && b.west <= a.east;
const meetDown = (a: Upright, b: Upright): boolean => a.from <= b.to && b.from <= a.to;
