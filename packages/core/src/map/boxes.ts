import { withId, type Id, type Project } from '../model';
import type { Lane } from './placing';
import type { Sheet } from './spots';

/** An area on the map in whole columns and lines: its box holds these, and its name stands above the first. */
export interface Box {
  id: Id;
  name: string;
  /** How many areas it lies in, and how deep areas lie in it. */
  depth: number;
  inner: number;
  first: number;
  last: number;
  top: number;
  bottom: number;
}

/** The boxes of the areas, outer before inner. */
export function boxesOf(project: Project, lanes: readonly Lane[], sheet: Sheet): Box[] {
  const boxes = new Map<Id, Box>();
  for (const lane of lanes) {
    const { first, wide } = sheet.lanes.get(lane)!;
    const lines = [...lane.cells.keys()].map((row) => sheet.rows.get(row)!);
    lane.around.forEach((id, depth) => {
      let box = boxes.get(id);
      if (!box) {
        const { name } = withId(project.areas, id)!;
        box = { id, name, depth, inner: 0, first, last: first, top: Infinity, bottom: -1 };
        boxes.set(id, box);
      }
      box.last = first + wide - 1;
      box.inner = Math.max(box.inner, lane.around.length - 1 - depth);
      box.top = Math.min(box.top, ...lines.map((row) => row.first));
      box.bottom = Math.max(box.bottom, ...lines.map((row) => row.first + row.deep - 1));
    });
  }
  // An area without screens has a place at the top.
  for (const box of boxes.values()) if (box.bottom < 0) box.top = box.bottom = 0;
  return [...boxes.values()].sort((a, b) => a.depth - b.depth);
}
