import { setLines } from '../../panes/lines';
import { choose } from '../../store';
import { setFold } from '../../ui';
import { showPane, type Pane } from '../arrangement';
import type { Find, Finder } from './finds';

/** Where things are set in the window, by the words people look for them with. */

interface Place {
  /** The title of the section, as it is written there. */
  title: string;
  where: string;
  words: string;
  show: () => void;
}

const project = (): void => choose({ screen: null });
const pane = (name: Pane, then?: () => void) => (): void => {
  showPane(name);
  then?.();
};
const ofProject = 'the whole project';

const PLACES: readonly Place[] = [
  {
    title: 'Languages',
    where: ofProject,
    words: 'translate translation localise localization',
    show: project,
  },
  {
    title: 'Default motion',
    where: ofProject,
    words: 'transition animation animate slide fade speed easing duration less reduced motion',
    show: project,
  },
  {
    title: 'Motions',
    where: ofProject,
    words: 'slide fade custom transition track animation',
    show: project,
  },
  {
    title: 'Sounds and volume',
    where: ofProject,
    words: 'audio music effects sfx loud mute',
    show: project,
  },
  {
    title: 'Screen size',
    where: ofProject,
    words: 'resolution aspect ratio frame safe margin pixels',
    show: project,
  },
  { title: 'Text styles', where: ofProject, words: 'font typography lettering size', show: project },
  {
    title: 'Box styles',
    where: ofProject,
    words: 'button panel border fill shadow state look',
    show: project,
  },
  { title: 'Colours', where: ofProject, words: 'colors palette theme', show: project },
  { title: 'Tooltips', where: ofProject, words: 'hint hover delay', show: project },
  { title: 'Areas', where: ofProject, words: 'group of screens section', show: project },
  { title: 'Times', where: ofProject, words: 'frames a second fps ticks rate unit', show: project },
  {
    title: 'Actions',
    where: 'Input',
    words: 'controller gamepad pad keyboard keys input bindings remap shortcut control',
    show: pane('input'),
  },
  { title: 'Directions', where: 'Input', words: 'stick dead zone repeat held tilt', show: pane('input') },
  {
    title: 'Values',
    where: 'left pane',
    words: 'variables score save saved load slot setting progress data',
    show: pane('values'),
  },
  {
    title: 'Events from the game',
    where: 'Events',
    words: 'signal callback engine says',
    show: pane('events'),
  },
  {
    title: 'Events to the game',
    where: 'Events',
    words: 'signal callback engine tell send',
    show: pane('events'),
  },
  {
    title: 'Assets',
    where: 'left pane',
    words: 'pictures images sprites sounds fonts import upload files',
    show: pane('assets'),
  },
  {
    title: 'Conversations',
    where: 'Lines',
    words: 'dialogue dialog talk script choices',
    show: pane('lines', () => setLines({ part: 'conversations' })),
  },
  {
    title: 'Speakers',
    where: 'Lines',
    words: 'characters portraits faces voices names typing speed',
    show: pane('lines', () => setLines({ part: 'speakers' })),
  },
  {
    title: 'Texts',
    where: 'Lines',
    words:
      'translate translation translators table spreadsheet CSV XLIFF strings find and replace words everywhere',
    show: pane('lines', () => setLines({ part: 'texts' })),
  },
];

export const places: Finder = {
  list: () =>
    PLACES.map(({ title, where, words, show }): Find => ({
      group: 'Where it is set',
      key: `place ${title}`,
      label: title,
      hint: where,
      words,
      onPick: () => {
        show();
        setFold(title, true);
      },
      goOn: () => sectionOf(title),
    })),
};

/** The section of that title in the window, scrolled into view; the keyboard goes to the first thing in it. */
function sectionOf(title: string): HTMLElement | null {
  const section = document.querySelector<HTMLElement>(`section[aria-label="${CSS.escape(title)}"]`);
  section?.scrollIntoView({ block: 'start' });
  return section?.querySelector<HTMLElement>('button, input, select, [tabindex="0"]') ?? section;
}
