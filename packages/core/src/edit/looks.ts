import {
  freeName,
  freshId,
  type BoxStyle,
  type Design,
  type Id,
  type NamedColour,
  type Project,
  type TextStyle,
  type TooltipLook,
  withId,
} from '../model';
import { put } from '../references';
import { tooltipLook } from '../style';
import { renameMarked, unnameColour } from './marked';
import { assign, namedPlaces, removeWhere, type Made } from './parts';
import { outOfSkins } from './skins';

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
    const found = withId(project.styles.text, style);
    if (!found) return;
    if (change.name !== undefined) renameMarked(project, 'style', found.name, change.name);
    assign(found, change);
  },
  'change box style': (
    project: Project,
    { style, change }: { style: Id; change: Partial<BoxStyle> },
  ): Made => {
    const found = withId(project.styles.box, style);
    if (found) assign(found, change);
  },
  /** What used it keeps its look, as exceptions from the first style that is left. */
  'delete text style': (project: Project, { style }: { style: Id }): Made => {
    const found = withId(project.styles.text, style);
    const [next] = project.styles.text.filter((textStyle) => textStyle !== found);
    if (!found || !next) return;
    outOfSkins(project, 'text', (use) => use.style === style);
    keepLooks(project, 'text style', found, next.id);
    removeWhere(project.styles.text, (textStyle) => textStyle.id === style);
  },
  'delete box style': (project: Project, { style }: { style: Id }): Made => {
    const found = withId(project.styles.box, style);
    const [next] = project.styles.box.filter((boxStyle) => boxStyle !== found);
    if (!found || !next) return;
    outOfSkins(project, 'box', (use) => use.style === style);
    keepLooks(project, 'box style', found, next.id);
    removeWhere(project.styles.box, (boxStyle) => boxStyle.id === style);
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
    const found = withId(project.styles.colours, colour);
    if (!found) return;
    if (change.name !== undefined) renameMarked(project, 'colour', found.name, change.name);
    assign(found, change);
  },
  'change tooltips': (project: Project, change: Partial<TooltipLook>): Made => {
    const { text, box, ...rest } = tooltipLook(project);
    project.styles.tooltip ??= { text: { ...text }, box: { ...box }, ...rest };
    assign(project.styles.tooltip, change);
  },
  /** Whatever was painted with it has the colour itself from then on. */
  'delete colour': (project: Project, { colour }: { colour: Id }): Made => {
    const found = withId(project.styles.colours, colour);
    if (!found) return;
    outOfSkins(project, 'colours', (said) => said.colour === colour);
    for (const { path } of namedPlaces(project, 'colour', [colour])) put(project, path, found.colour);
    unnameColour(project, found.name, found.colour);
    removeWhere(project.styles.colours!, (namedColour) => namedColour.id === colour);
  },
};

/** What used a style has another, and what the two differ in as exceptions. */
function keepLooks(
  project: Project,
  of: 'text style' | 'box style',
  style: TextStyle | BoxStyle,
  next: Id,
): void {
  const { id, name: _, ...look } = style;
  for (const { path } of namedPlaces(project, of, [id])) {
    const around = path.slice(0, -1);
    const used = around.reduce<unknown>((at, step) => (at as Record<string, unknown>)[step], project);
    put(project, around, { ...look, ...(used as object), style: next });
  }
}

const names = (things: readonly { name: string }[]): string[] => things.map((thing) => thing.name);
