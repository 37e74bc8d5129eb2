import { withId, type Element, type Id, type ListElement, type ListValue, type Project } from '../model';

/** Which list a component's row, or an element of a screen, shows. */

export const listById = (project: Pick<Project, 'lists'>, id: Id | null | undefined): ListValue | undefined =>
  withId(project.lists, id);

/** The list that rows made of a component show; the first of them where there are several. */
export function listOfRows(project: Project, component: Id): ListValue | undefined {
  if (!project.lists?.length) return undefined;
  const shown = shownLists(project).find(({ row }) => row === component);
  return listById(project, shown?.list);
}

/** Which list each element shows that shows one, and what its rows are made of. */
function shownLists({ screens, components }: Project): readonly Shown[] {
  if (last?.screens === screens && last.components === components) return last.shown;
  const shown = [...screens, ...(components ?? [])].flatMap(({ elements }) =>
    elements.flatMap((element) =>
      element.type === 'list' && element.list !== undefined
        ? [{ element: element.id, list: element.list, row: element.row }]
        : [],
    ),
  );
  last = { screens, components, shown };
  return shown;
}
interface Shown {
  element: Id;
  list: Id;
  row: Id | undefined;
}
/** For the project that was asked about last. */
let last: { screens: Project['screens']; components: Project['components']; shown: readonly Shown[] } | null =
  null;

/** Whether rows of the same lists are pressed in both, wherever something is. */
export function sameShown(before: Project, now: Project): boolean {
  if (!now.lists?.length) return true;
  if (before.screens === now.screens && before.components === now.components) return true;
  const [old, own] = [shownLists(before), shownLists(now)];
  return (
    old.length === own.length &&
    own.every(({ element, list, row }, i) => {
      const other = old[i]!;
      return other.element === element && other.list === list && other.row === row;
    })
  );
}

/** Whether an element shows a list of the project, so that its rows are what is pressed in it. */
export const showsList = (element: Element): element is ListElement & { list: Id } =>
  element.type === 'list' && element.list !== undefined;

/**
 * The list whose row is pressed where something is pressed: a list itself, or something in what its rows are made of.
 * @param from the screen or component that the press is on
 * @param element the id of what is pressed there
 */
export function listPressed(project: Project, from: Id, element: Id | null): ListValue | undefined {
  if (!project.lists?.length) return undefined;
  const holder = withId(project.screens, from) ?? withId(project.components, from);
  const pressed = element === null ? undefined : withId<Element>(holder?.elements, element);
  if (pressed && showsList(pressed)) return listById(project, pressed.list);
  return listOfRows(project, from);
}
