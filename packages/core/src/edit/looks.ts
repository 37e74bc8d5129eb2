import {
  freeName,
  freshId,
  STATES,
  type BoxStyle,
  type Design,
  type Element,
  type Id,
  type NamedColour,
  type Project,
  type TextStyle,
} from '../model';
import { assign, takeOut, type Made } from './parts';

/** Edits of what looks are shared by the whole project, and of its frame. */
export const lookCommands = {
  'change design': (project: Project, change: Partial<Design>): Made => assign(project.design, change),
  'add text style': (project: Project, style: Omit<TextStyle, 'id'>): Made => {
    const name = freeName(style.name, names(project.styles.text));
    const made = { ...style, id: freshId('t'), name };
    project.styles.text.push(made);
    return made.id;
  },
  'add box style': (project: Project, style: Omit<BoxStyle, 'id'>): Made => {
    const name = freeName(style.name, names(project.styles.box));
    const made = { ...style, id: freshId('b'), name };
    project.styles.box.push(made);
    return made.id;
  },
  'change text style': (
    project: Project,
    { style, change }: { style: Id; change: Partial<TextStyle> },
  ): Made => {
    const found = project.styles.text.find((each) => each.id === style);
    if (found) assign(found, change);
  },
  'change box style': (
    project: Project,
    { style, change }: { style: Id; change: Partial<BoxStyle> },
  ): Made => {
    const found = project.styles.box.find((each) => each.id === style);
    if (found) assign(found, change);
  },
  /** What used it keeps its look, as exceptions from the first style that is left. */
  'delete text style': (project: Project, { style }: { style: Id }): Made => {
    const found = project.styles.text.find((each) => each.id === style);
    const [next] = project.styles.text.filter((each) => each !== found);
    if (!found || !next) return;
    const { id: _, name: __, ...look } = found;
    for (const element of allElements(project))
      if ('look' in element && element.look.style === style)
        element.look = { ...look, ...element.look, style: next.id };
    takeOut(project.styles.text, (each) => each.id === style);
  },
  'delete box style': (project: Project, { style }: { style: Id }): Made => {
    const found = project.styles.box.find((each) => each.id === style);
    const [next] = project.styles.box.filter((each) => each !== found);
    if (!found || !next) return;
    const { id: _, name: __, ...look } = found;
    for (const element of allElements(project)) {
      if ('box' in element && element.box.style === style)
        element.box = { ...look, ...element.box, style: next.id };
      if (element.type === 'progress' && element.bar.style === style)
        element.bar = { ...look, ...element.bar, style: next.id };
    }
    takeOut(project.styles.box, (each) => each.id === style);
  },
  'add colour': (project: Project, { name, colour }: Omit<NamedColour, 'id'>): Made => {
    const colours = (project.styles.colours ??= []);
    const made = { id: freshId('c'), name: freeName(name, names(colours)), colour };
    colours.push(made);
    return made.id;
  },
  'change colour': (
    project: Project,
    { colour, change }: { colour: Id; change: Partial<NamedColour> },
  ): Made => {
    const found = project.styles.colours?.find((each) => each.id === colour);
    if (found) assign(found, change);
  },
  /** Whatever was painted with it has the colour itself from then on. */
  'delete colour': (project: Project, { colour }: { colour: Id }): Made => {
    const found = project.styles.colours?.find((each) => each.id === colour);
    if (!found) return;
    takeOut(project.styles.colours!, (each) => each.id === colour);
    const painted: object[] = [
      ...project.styles.text,
      ...project.styles.box,
      ...project.screens.map((screen) => screen.background),
      ...allElements(project).flatMap((element) => [
        ...('look' in element ? [element.look] : []),
        ...('box' in element ? [element.box] : []),
        ...(element.type === 'progress' ? [element.bar] : []),
        ...(element.animations ?? []),
      ]),
      ...(project.speakers ?? []),
    ];
    for (const look of painted) repaint(look as Record<string, unknown>, colour, found.colour);
  },
};

const names = (things: readonly { name: string }[]): string[] => things.map((each) => each.name);

export const allElements = (project: Project): Element[] =>
  [...project.screens, ...(project.components ?? [])].flatMap((owner) => owner.elements);

const COLOURED = new Set(['fill', 'border', 'ink', 'colour', 'tint']);
const PARTS = new Set<string>([
  'gradient',
  'stops',
  'shadow',
  'outline',
  'marker',
  'loop',
  'frames',
  ...STATES,
]);

function repaint(look: Record<string, unknown>, from: Id, to: string): void {
  for (const [key, value] of Object.entries(look)) {
    if (COLOURED.has(key) && value === from) look[key] = to;
    else if (Array.isArray(value) && PARTS.has(key))
      for (const each of value) repaint(each as Record<string, unknown>, from, to);
    else if (PARTS.has(key) && typeof value === 'object' && value !== null)
      repaint(value as Record<string, unknown>, from, to);
  }
}
