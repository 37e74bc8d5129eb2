import type { Id, Project } from '../model';
import { boxesOf, type Box } from './boxes';
import { costOf } from './streets';
import { orderCells } from './order';
import { lanesOf, placings, type Lane, type Placing } from './placing';
import { sheetOf, spotAt, type Sheet, type Spot } from './spots';
import { stubsOf, waysOf, type Way } from './ways';

/** What the designer has asked of the map. */
export interface Asked {
  /** Areas that are one card each. */
  folded?: ReadonlySet<Id>;
  /** Cards whose incoming links are all drawn, however many they are. */
  unfolded?: ReadonlySet<Id>;
}

/** The map in whole columns and lines, before anything has a size. */
export interface Arranged {
  nodes: Map<Id, Placing>;
  /** The last row that is reached. */
  deepest: number;
  stands: Map<Id, Id>;
  sheet: Sheet;
  lanes: Lane[];
  boxes: Map<Id, Box>;
  ways: Way[];
  /** Ways that are named at their labels and not drawn as lines. */
  stubs: Set<Way>;
  /** How many cards and areas lead to a card, where they are too many to draw. */
  joined: Map<Id, number>;
  /** Where a card stands; for an area, the card beneath its name. */
  spotOf: (id: Id) => Spot;
}

const NONE: ReadonlySet<Id> = new Set();

export function arrange(project: Project, { folded = NONE, unfolded = NONE }: Asked): Arranged {
  const { nodes: list, deepest, stands } = placings(project, folded);
  const nodes = new Map(list.map((node) => [node.id, node]));
  const lanes = lanesOf(project, list, folded);
  const sheet = sheetOf(lanes);
  const boxes = new Map(boxesOf(project, lanes, sheet).map((box) => [box.id, box]));
  const open = new Set([...boxes.keys()].filter((id) => !folded.has(id)));
  const ways = waysOf(project, nodes, stands, open);
  const headSpot = (id: Id): Spot => ({ column: boxes.get(id)!.first, line: boxes.get(id)!.top });
  const firstOf = new Map<Id, number>();
  for (const lane of lanes)
    for (const cell of lane.cells.values())
      for (const { id } of cell) firstOf.set(id, sheet.lanes.get(lane)!.first);
  const { stubs, joined } = stubsOf(ways, placeOf, unfolded);
  let spots = new Map<Id, Spot>();
  const spotOf = (id: Id): Spot => spots.get(id) ?? headSpot(id);
  const map: Arranged = { nodes, deepest, stands, sheet, lanes, boxes, ways, stubs, joined, spotOf };
  const take = (): void => {
    spots = new Map();
    for (const lane of lanes)
      for (const [row, cell] of lane.cells)
        cell.forEach(({ id }, n) => spots.set(id, spotAt(sheet, lane, row, n)));
  };
  const drawn = ways.filter((way) => !stubs.has(way));
  orderCells(lanes, sheet, drawn, headSpot, () => {
    take();
    return costOf(project, map);
  });
  take();
  return map;

  /** Of the lane as a whole, so that the order within does not decide what is drawn. */
  function placeOf(id: Id): { row: number; column: number } {
    const node = nodes.get(id);
    if (node) return { row: node.row, column: firstOf.get(id)! };
    const { first, top } = boxes.get(id)!;
    return { row: rowOfLine(sheet, top), column: first };
  }
}

const rowOfLine = (sheet: Sheet, line: number): number => {
  for (const [row, { first, deep }] of sheet.rows) if (line >= first && line < first + deep) return row;
  return 0;
};
