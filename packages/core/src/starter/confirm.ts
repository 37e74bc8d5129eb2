import { quoted } from '../expression';
import { freshId, withId, type Id, type Link, type Project, type Screen } from '../model';
import { draftScreen } from './draft';

/** A question that is asked before something happens: an overlay that answers Yes or No. */

const QUESTION = 'Are you sure?';

/** Whether a screen's name in a list says that it asks for confirmation. */
export const isConfirmName = (name: string): boolean => /^(confirm\b|are you sure)/i.test(name.trim());

const outcomeNamed = ({ outcomes = [] }: Screen, name: string): Id | undefined =>
  outcomes.find((outcome) => outcome.name.toLowerCase() === name)?.id;

/** Whether a screen is such a question. */
export const isConfirm = (screen: Screen | undefined): boolean =>
  screen?.layer === 'overlay' &&
  outcomeNamed(screen, 'yes') !== undefined &&
  outcomeNamed(screen, 'no') !== undefined;

/** Adds a question to a project, with its buttons linked; whoever opens it says what is asked. */
export function addConfirm(project: Project, name = 'Confirm'): Screen {
  const drafted = draftScreen(project, { name, kind: 'popup', layer: 'overlay', labels: ['Yes', 'No'] });
  const [yes, no] = [freshId('o'), freshId('o')];
  const button = (label: string): Id | undefined =>
    drafted.elements.find((element) => element.type === 'button' && element.text === label)?.id;
  const screen: Screen = {
    ...drafted,
    parameters: [{ id: freshId('q'), name: 'question', type: 'text', default: QUESTION }],
    outcomes: [
      { id: yes, name: 'Yes' },
      { id: no, name: 'No' },
    ],
    firstFocus: button('No'),
    elements: drafted.elements.map((element) =>
      element.type === 'text' && element.name === 'Heading' ? { ...element, text: '{question}' } : element,
    ),
  };
  project.screens.push(screen);
  const closes = (trigger: Link['trigger'], outcome: Id): Link => ({
    id: freshId('l'),
    from: screen.id,
    trigger,
    kind: 'back',
    outcome,
    effects: [],
  });
  for (const [label, outcome] of [
    ['Yes', yes],
    ['No', no],
  ] as const) {
    const element = button(label);
    if (element) project.links.push(closes({ on: 'press', element }, outcome));
  }
  project.links.push(closes({ on: 'action', action: 'back', when: 'down' }, no));
  return screen;
}

/**
 * Has a link ask first: it opens the project's question, made where there is none, and what it did happens after Yes. A
 * source that waits for that question already gets another, so that each Yes has one meaning. Gives the question's id.
 */
export function askFirst(project: Project, id: Id): Id | undefined {
  const at = project.links.findIndex((link) => link.id === id);
  const link = project.links[at];
  if (!link || link.trigger.on === 'returned') return;
  const awaited = (screen: Screen): boolean =>
    project.links.some(
      ({ from, trigger }) => from === link.from && trigger.on === 'returned' && trigger.screen === screen.id,
    );
  const asked =
    project.screens.find((screen) => isConfirm(screen) && screen.id !== link.from && !awaited(screen)) ??
    addConfirm(project);
  const question = asked.parameters?.find(({ type }) => type === 'text');
  const words = wordsPressed(project, link);
  const { when, once, aboveModal, trigger, ...then } = link;
  project.links.splice(
    at,
    1,
    {
      id,
      from: link.from,
      trigger,
      ...(when === undefined ? {} : { when }),
      ...(once ? { once } : {}),
      ...(aboveModal ? { aboveModal } : {}),
      kind: 'open',
      to: { screen: asked.id },
      ...(question && words ? { args: { [question.id]: quoted(`${words}?`) } } : {}),
      effects: [],
    },
    {
      ...then,
      id: freshId('l'),
      trigger: { on: 'returned', screen: asked.id, outcome: outcomeNamed(asked, 'yes')! },
    },
  );
  return asked.id;
}

/** What the pressed button says; empty where no button is pressed, or its words are not fixed. */
function wordsPressed({ screens }: Project, { from, trigger }: Link): string {
  const element =
    trigger.on === 'press' ? withId(withId(screens, from)?.elements, trigger.element) : undefined;
  const words = element && 'text' in element ? element.text.trim() : '';
  return /[{}]/.test(words) ? '' : words;
}
