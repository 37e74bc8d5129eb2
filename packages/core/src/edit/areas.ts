import { areasAround, freeName, freshId, type Area, type Id, type Project, withId } from '../model';
import { countSteps, nodesOf } from '../map';
import { assign, removeWhere, type Made } from './parts';

/** Edits of areas, and of where things stand on the map. */
export const areaCommands = {
  'add area': (
    project: Project,
    { name, parent, screens }: { name: string; parent?: Id | null; screens?: Id[] },
  ): Made => {
    const taken = project.areas.map((area) => area.name);
    const made: Area = { id: freshId('r'), name: freeName(name, taken), parent: parent ?? null };
    project.areas.push(made);
    for (const screen of project.screens) if (screens?.includes(screen.id)) screen.area = made.id;
    return made.id;
  },
  'change area': (project: Project, { area, change }: { area: Id; change: Partial<Area> }): Made => {
    const found = withId(project.areas, area);
    // An area cannot be put into itself or into one that it holds.
    const { parent } = change;
    if (!found || (parent && areasAround(project, parent).includes(area))) return;
    assign(found, change);
  },
  /** Takes the box away; what is in it goes to the area around it, with its links gone. */
  'delete area': (project: Project, { area }: { area: Id }): Made => {
    const found = withId(project.areas, area);
    if (!found) return;
    const { parent } = found;
    for (const screen of project.screens)
      if (screen.area === area) assign(screen, { area: parent ?? undefined });
    for (const item of project.areas) if (item.parent === area) item.parent = parent;
    removeWhere(project.areas, (item) => item.id === area);
    removeWhere(project.links, (link) => link.from === area);
  },
  'move to area': (project: Project, { screens, area }: { screens: Id[]; area: Id | null }): Made => {
    for (const screen of project.screens)
      if (screens.includes(screen.id) && (screen.area ?? null) !== area)
        assign(screen, { area: area ?? undefined });
  },
  /** Puts every screen into the row of its steps from the start, and leaves the order in each row to the map. */
  'tidy map': (project: Project, _: object): Made => {
    const steps = countSteps(project, nodesOf(project));
    for (const screen of project.screens) {
      const row = steps.get(screen.id);
      if (screen.row !== row) assign(screen, { row });
      if (screen.order !== undefined) delete screen.order;
    }
  },
  /** The order of screens that stand in one row of one band. */
  'order screens': (project: Project, { screens }: { screens: Id[] }): Made => {
    screens.forEach((id, order) => {
      const screen = withId(project.screens, id);
      if (screen && screen.order !== order) screen.order = order;
    });
  },
};
