import {
  freshId,
  KINDS,
  LONGEST_NAME,
  screenById,
  type Defaults,
  type Id,
  type Kind,
  type Layer,
  type Link,
  type Project,
  type Rates,
  type Screen,
  type Target,
  withId,
} from '../model';
import { areaForHud, askFirst, draftScreen, firstWords, offersOf } from '../starter';
import { areaCommands } from './areas';
import { assetCommands } from './assets';
import { componentCommands } from './components';
import { conversationCommands } from './conversations';
import { elementCommands } from './elements';
import { inputCommands } from './inputs';
import { languageCommands } from './languages';
import { layerCommands } from './layers';
import { lookCommands } from './looks';
import { skinCommands } from './skins';
import { motionCommands } from './motions';
import { stackCommands } from './stack';
import { letGo, put } from '../references';
import { assign, namedPlaces, removeWhere, type Made } from './parts';
import { pasteElements, putScreens } from './put';
import { takeScreens } from './take';
import { renameScreen } from './names';
import { valueCommands } from './values';
import { savedListCommands } from './saved-lists';
import { listCommands } from './value-lists';

/**
 * Every edit there is, by name. Each writes to a draft of the project; ids that are gone are passed over, so that a
 * command that comes too late does nothing.
 */
export const commands = {
  'rename project': (project: Project, { name }: { name: string }): Made => {
    project.name = name.slice(0, LONGEST_NAME);
  },
  'change defaults': (project: Project, change: Partial<Defaults>): Made => {
    assign(project.defaults, change);
  },
  'change rates': (project: Project, change: Partial<Rates>): Made => {
    Object.assign(project.rates, change);
  },
  'change start': (project: Project, { screen }: { screen: Id }): Made => {
    if (screenById(project, screen)?.layer === 'base') project.start = screen;
  },

  'add screen': (
    project: Project,
    wanted: { name: string; kind?: Kind; layer?: Layer; text?: string },
  ): Made => {
    const kind = wanted.kind ?? 'custom';
    const name = wanted.name.toLowerCase();
    const waiting = project.links.find(
      ({ to }) => to !== undefined && 'gap' in to && to.gap.toLowerCase() === name,
    );
    return addScreen(project, { ...wanted, kind, layer: wanted.layer ?? KINDS[kind].layer }, waiting?.from);
  },
  'rename screen': (project: Project, { screen, name }: { screen: Id; name: string }): Made => {
    const found = screenById(project, screen);
    if (!found || found.name === name) return;
    const now = renameScreen(project, screen, name);
    // A heading that shows the screen's name follows the new name.
    for (const element of found.elements)
      if (element.type === 'text' && element.text === found.name) element.text = now;
    found.name = now;
    closeGaps(project, found);
  },
  'change screen': (project: Project, { screen, change }: { screen: Id; change: Partial<Screen> }): Made => {
    const found = screenById(project, screen);
    if (!found) return;
    assign(found, change);
    if (project.start === screen && found.layer !== 'base')
      project.start = project.screens.find((other) => other.layer === 'base')?.id ?? null;
  },
  'change screens': (
    project: Project,
    { screens, change }: { screens: Id[]; change: Partial<Screen> },
  ): Made => {
    for (const screen of project.screens) if (screens.includes(screen.id)) assign(screen, change);
  },
  'duplicate screens': (project: Project, { screens }: { screens: Id[] }): Made => {
    const copied = takeScreens(project, screens);
    return putScreens(project, copied)[0];
  },
  /** Puts in screens with their links and what they use, taken out of this or another project. */
  'paste screens': (project: Project, { from }: { from: Project }): Made => putScreens(project, from)[0],
  'delete screens': (project: Project, { screens }: { screens: Id[] }): Made => {
    const gone = new Set(screens);
    const names = new Map(project.screens.map((screen) => [screen.id, screen.name]));
    const places = namedPlaces(project, 'screen', screens);
    // Links to it stay, as gaps that keep its name.
    for (const { path, id } of places)
      if (path.at(-2) === 'to') put(project, path.slice(0, -1), { gap: names.get(id)! });
    letGo(project, places);
    removeWhere(project.screens, (screen) => gone.has(screen.id));
    removeWhere(project.links, (link) => gone.has(link.from));
    if (project.start !== null && gone.has(project.start))
      project.start = project.screens.find((screen) => screen.layer === 'base')?.id ?? null;
  },

  'add link': (project: Project, link: Omit<Link, 'id'>): Made => {
    const made: Link = { ...link, id: freshId('l') };
    project.links.push(made);
    return made.id;
  },
  'change link': (project: Project, { link, change }: { link: Id; change: Partial<Link> }): Made => {
    const found = withId(project.links, link);
    if (found) assign(found, change);
  },
  'delete link': (project: Project, { link }: { link: Id }): Made => {
    removeWhere(project.links, (item) => item.id === link);
  },
  /** Has a link open a question first; what it did happens after Yes. */
  'ask first': (project: Project, { link }: { link: Id }): Made => askFirst(project, link),
  /** Moves a link among those of its source: before another of them, or to the end. */
  'place link': (project: Project, { link, before }: { link: Id; before: Id | null }): Made => {
    const from = project.links.findIndex((other) => other.id === link);
    if (from < 0 || link === before) return;
    const [moved] = project.links.splice(from, 1);
    const at = before === null ? -1 : project.links.findIndex((other) => other.id === before);
    project.links.splice(at < 0 ? project.links.length : at, 0, moved!);
  },
  /** Makes a screen from its siblings' pieces and leads a link, old or new, to it. */
  'link to new screen': (
    project: Project,
    {
      link,
      name,
      kind,
      layer,
      text,
    }: { link: Id | Omit<Link, 'id'>; name: string; kind?: Kind; layer: Layer; text?: string },
  ): Made => {
    const from = typeof link === 'string' ? withId(project.links, link)?.from : link.from;
    const screen = addScreen(project, { name, kind: kind ?? 'custom', layer, text }, from);
    const to: Target = { screen };
    if (typeof link !== 'string') project.links.push({ ...link, id: freshId('l'), to });
    else {
      const found = withId(project.links, link);
      if (found) found.to = to;
    }
    return screen;
  },
  /** Makes a timed message and leads a trigger, or a link that stands, to it. */
  'link to new notice': (
    project: Project,
    { link, name, text }: { link: Id | Omit<Link, 'id'>; name: string; text: string },
  ): Made => {
    const from = typeof link === 'string' ? withId(project.links, link)?.from : link.from;
    const screen = addScreen(project, { name, kind: 'custom', layer: 'notice', text }, from);
    if (typeof link !== 'string')
      project.links.push({ ...link, id: freshId('l'), effects: [...link.effects, { do: 'notice', screen }] });
    else withId(project.links, link)?.effects.push({ do: 'notice', screen });
    return screen;
  },

  ...elementCommands,
  ...stackCommands,
  /** Puts elements on a screen, taken from this or another project. */
  'paste elements': (project: Project, { screen, from }: { screen: Id; from: Project }): Made =>
    pasteElements(project, screen, from)[0],
  ...componentCommands,
  ...layerCommands,
  ...lookCommands,
  ...skinCommands,
  ...motionCommands,
  ...assetCommands,
  ...valueCommands,
  ...listCommands,
  ...savedListCommands,
  ...areaCommands,
  ...inputCommands,
  ...languageCommands,
  ...conversationCommands,
};

export type Commands = typeof commands;
export type CommandName = keyof Commands;
export type Arguments<N extends CommandName> = Parameters<Commands[N]>[1];

/** Adds a screen with the pieces of its kind, in the area of what leads to it: a screen, an area or the project. */
function addScreen(
  project: Project,
  wanted: { name: string; kind: Kind; layer: Layer; text?: string },
  maker: Id | null = null,
): Id {
  const offers = offersOf(project, wanted, maker);
  const screen = draftScreen(project, { ...wanted, labels: offers.map(({ label }) => label) });
  const area = project.areas.some(({ id }) => id === maker) ? maker : withId(project.screens, maker)?.area;
  const around = area ?? (screen.layer === 'hud' ? areaForHud(project) : undefined);
  if (around) screen.area = around;
  project.screens.push(screen);
  if (screen.kind === 'dialogue') {
    const words = firstWords(screen);
    (project.conversations ??= []).push(words);
    screen.says = words.id;
  }
  if (project.start === null && screen.layer === 'base') project.start = screen.id;
  for (const { label, kind, to, actions = [] } of offers) {
    const pressed = screen.elements.find((element) => element.type === 'button' && element.text === label);
    const leads = kind === 'go' || kind === 'open';
    if (!pressed || (leads && !to)) continue;
    const triggers: Link['trigger'][] = [
      { on: 'press', element: pressed.id },
      ...actions.map((action): Link['trigger'] => ({ on: 'action', action, when: 'down' })),
    ];
    for (const trigger of triggers)
      project.links.push({
        id: freshId('l'),
        from: screen.id,
        trigger,
        kind,
        ...(leads ? { to: { screen: to!.id } } : {}),
        effects: [],
      });
  }
  closeGaps(project, screen);
  return screen.id;
}

/** Links that were waiting for a screen of this name lead to it now. */
function closeGaps(project: Project, screen: Screen): void {
  const name = screen.name.toLowerCase();
  for (const link of project.links)
    if (link.to && 'gap' in link.to && link.to.gap.toLowerCase() === name) link.to = { screen: screen.id };
}
