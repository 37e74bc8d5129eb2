import {
  blankProject,
  freeName,
  freshId,
  kindFromName,
  type Trigger,
  type Kind,
  type Link,
  type LinkKind,
  type Project,
  type Screen,
} from '../model';
import { firstWords } from './dialogue';
import { draftScreen, screenOfKind } from './draft';
import { addConfirm, isConfirmName } from './confirm';
import { areaForHud, isHudName } from './huds';

/** The screens a new project offers; all but the HUD are ticked. */
export const USUAL_SCREENS: { name: string; kind: Kind; ticked: boolean }[] = [
  { name: 'Loading', kind: 'loading', ticked: true },
  { name: 'Title', kind: 'title', ticked: true },
  { name: 'Play', kind: 'play', ticked: true },
  { name: 'Pause', kind: 'pause', ticked: true },
  { name: 'Options', kind: 'options', ticked: true },
  { name: 'Game over', kind: 'game over', ticked: true },
  { name: 'HUD', kind: 'custom', ticked: false },
];

/**
 * A project from a list of screen names: styled, linked, and running from the first moment. Kinds are read from the
 * names; a name used twice gets a number.
 */
export function projectFromNames(projectName: string, names: readonly string[]): Project {
  const project = blankProject(projectName);
  const [huds, beside] = parted(distinct(names), isHudName);
  const [confirms, others] = parted(beside, isConfirmName);
  const wanted = others.map((name) => ({ name, kind: kindOf(name) }));
  const first = (kind: Kind) => wanted.find((item) => item.kind === kind)?.name;
  const alone = wanted.length === 1;
  const extras = wanted.filter((item) => item.kind === 'custom').map((item) => item.name);
  const labels = (kind: Kind): string[] => {
    const options = first('options') !== undefined ? ['Options'] : [];
    if (kind === 'title')
      // A title screen alone gets buttons that lead nowhere yet, to be answered in Live.
      return alone
        ? ['Start', 'Options', 'Quit']
        : [...(first('play') !== undefined ? ['Start'] : []), ...extras, ...options, 'Quit'];
    if (kind === 'pause') return ['Resume', ...options, ...(first('title') !== undefined ? ['Leave'] : [])];
    if (kind === 'splash' || kind === 'loading' || kind === 'play' || kind === 'game over') return [];
    return ['Back'];
  };
  project.screens = wanted.map(({ name, kind }) => screenOfKind(name, kind, labels(kind)));
  // A title screen says the game's name, not its own.
  for (const element of ofKind(project, 'title')[0]?.elements ?? [])
    if (element.type === 'text') element.text = projectName;
  const opening = [...ofKind(project, 'splash'), ...ofKind(project, 'loading'), ...ofKind(project, 'title')];
  project.start =
    (opening[0] ?? ofKind(project, 'play')[0] ?? project.screens.find((screen) => screen.layer === 'base'))
      ?.id ?? null;
  project.links = linksOf(project);
  for (const screen of ofKind(project, 'dialogue')) {
    const words = firstWords(screen);
    (project.conversations ??= []).push(words);
    screen.says = words.id;
  }
  for (const name of confirms) addConfirm(project, name);
  for (const name of huds) {
    const area = areaForHud(project);
    const hud = draftScreen(project, { name, kind: 'custom', layer: 'hud' });
    project.screens.push(area === undefined ? hud : { ...hud, area });
  }
  return project;
}

/** A list parted in two, each in its old order. */
const parted = <T>(list: readonly T[], is: (item: T) => boolean): [T[], T[]] => [
  list.filter(is),
  list.filter((item) => !is(item)),
];

const kindOf = (name: string): Kind =>
  USUAL_SCREENS.find((item) => item.name.toLowerCase() === name.toLowerCase())?.kind ?? kindFromName(name);

function distinct(names: readonly string[]): string[] {
  const kept: string[] = [];
  for (const name of names.map((value) => value.trim()).filter(Boolean)) kept.push(freeName(name, kept));
  return kept;
}

const ofKind = (project: Project, kind: Kind): Screen[] =>
  project.screens.filter((screen) => screen.kind === kind);

const link = (from: Screen, trigger: Trigger, kind: LinkKind, to?: Screen): Link => ({
  id: freshId('l'),
  from: from.id,
  trigger,
  kind,
  ...(to ? { to: { screen: to.id } } : {}),
  effects: [],
});

const after = (time: string): Trigger => ({
  on: 'time',
  after: time,
  since: 'taken',
  clock: 'interface',
  covered: 'counts',
});
const down = (action: string): Trigger => ({ on: 'action', action, when: 'down' });

function linksOf(project: Project): Link[] {
  const links: Link[] = [];
  const [title] = ofKind(project, 'title');
  const [play] = ofKind(project, 'play');
  const [pause] = ofKind(project, 'pause');
  const [options] = ofKind(project, 'options');
  const press = (from: Screen, label: string, kind: LinkKind, to?: Screen): void => {
    const element = from.elements.find((other) => other.type === 'button' && other.text === label);
    if (element) links.push(link(from, { on: 'press', element: element.id }, kind, to));
  };
  const opening = [...ofKind(project, 'splash'), ...ofKind(project, 'loading')];
  opening.forEach((screen, i) => {
    const next = opening[i + 1] ?? title ?? play;
    if (next) links.push(link(screen, after(screen.kind === 'loading' ? '2.5 s' : '3 s'), 'go', next));
  });
  for (const screen of project.screens) {
    if (screen === title) {
      if (play) press(screen, 'Start', 'go', play);
      for (const extra of ofKind(project, 'custom')) press(screen, extra.name, 'go', extra);
      if (options) press(screen, 'Options', 'open', options);
      press(screen, 'Quit', 'end');
    } else if (screen === pause) {
      press(screen, 'Resume', 'back');
      if (options) press(screen, 'Options', 'open', options);
      if (title) press(screen, 'Leave', 'go', title);
      links.push(link(screen, down('menu'), 'back'), link(screen, down('back'), 'back'));
    } else if (screen.kind === 'game over') {
      const next = title ?? play;
      if (next) links.push(link(screen, after('2.5 s'), 'go', next));
    } else if (screen.elements.some((element) => element.name === 'Back')) {
      press(screen, 'Back', 'back');
      links.push(link(screen, down('back'), 'back'));
    }
  }
  if (play) {
    if (pause) links.push(link(play, down('menu'), 'open', pause));
    for (const screen of project.screens) {
      if (screen.kind === 'game over' || screen.kind === 'dialogue' || screen.kind === 'popup') {
        const event = { id: freshId('g'), name: screen.name.toLowerCase(), direction: 'in' as const };
        project.events.push(event);
        links.push(
          link(play, { on: 'event', event: event.id }, screen.kind === 'game over' ? 'go' : 'open', screen),
        );
      }
    }
  }
  return links;
}
