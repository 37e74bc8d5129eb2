import {
  blankProject,
  type Trigger,
  type Id,
  type Link,
  type LinkKind,
  type Project,
  type Screen,
  withId,
} from '../model';
import { screenOfKind } from './draft';

/** Coasts, each an area with harbours, and what comes up at every harbour. */
const HARBOUR = ['Quay', 'Light', 'Storm', 'Tide', 'Ferry', 'Watch', 'Depths', 'Shoal'] as const;
const OVER = ['Harbour talk', 'Chart'] as const;

/**
 * A flow of so many screens, made up by rule and always the same: a front with a title, then coasts of eight screens with
 * a talk, a chart and a message each, which lead along the coast, back, and to the next coast. For trying what size does.
 */
export function largeProject(count: number): Project {
  const project = blankProject('Three hundred lights');
  project.id = `p-large-${count}`;
  project.values = [
    {
      id: 'v-oil',
      name: 'oil',
      section: 'Lamp',
      life: 'session',
      type: 'number',
      min: 0,
      max: 100,
      default: 50,
    },
    { id: 'v-lit', name: 'lit', section: 'Lamp', life: 'session', type: 'on/off', default: true },
  ];
  project.events = [
    { id: 'g-squall', name: 'squall', direction: 'in' },
    { id: 'g-oil', name: 'oil found', direction: 'in' },
  ];
  const add = (
    id: Id,
    name: string,
    kind: Screen['kind'],
    labels: string[],
    over: Partial<Screen> = {},
  ): Screen => {
    const made = { ...screenOfKind(name, kind, labels), id, ...over };
    made.elements = made.elements.map((element) => ({
      ...element,
      id: `${id}-${element.name}`,
      parent: element.parent === null ? null : `${id}-${withId(made.elements, element.parent)!.name}`,
    }));
    project.screens.push(made);
    return made;
  };
  const link = (from: Id, trigger: Trigger, kind: LinkKind, to?: Id, over: Partial<Link> = {}): void => {
    project.links.push({
      id: `l-${project.links.length}`,
      from,
      trigger,
      kind,
      ...(to ? { to: { screen: to } } : {}),
      effects: [],
      ...over,
    });
  };
  const press = (screen: Id, name: string): Trigger => ({ on: 'press', element: `${screen}-${name}` });
  const back: Trigger = { on: 'action', action: 'back', when: 'down' };

  add('s-title', 'Title', 'title', ['Start', 'Options']);
  add('s-options', 'Options', 'options', ['Back']);
  add('s-pause', 'Pause', 'pause', ['Resume', 'Leave']);
  project.start = 's-title';
  link('s-title', press('s-title', 'Options'), 'open', 's-options');
  link('s-options', press('s-options', 'Back'), 'back');
  link('s-pause', press('s-pause', 'Resume'), 'back');
  link('s-pause', press('s-pause', 'Leave'), 'go', 's-title');
  link('s-pause', back, 'back');

  let previous: Id = 's-title';
  for (let coast = 1; project.screens.length < count; coast++) {
    const area = `r-${coast}`;
    project.areas.push({ id: area, name: `Coast ${coast}`, parent: null });
    link(area, { on: 'action', action: 'menu', when: 'down' }, 'open', 's-pause');
    const message = `s-${coast}-found`;
    link(area, { on: 'event', event: 'g-oil' }, 'stay', undefined, {
      effects: [
        { do: 'set', value: 'v-oil', to: 'oil + 5' },
        ...(project.screens.length + 11 <= count ? [{ do: 'notice' as const, screen: message }] : []),
      ],
    });
    const first = `s-${coast}-0`;
    HARBOUR.slice(0, count - project.screens.length).forEach((name, i) => {
      const id = `s-${coast}-${i}`;
      add(id, `${name} ${coast}`, 'custom', ['Onward', 'Talk', 'Chart'], { area });
      if (i === 0)
        link(
          previous,
          previous === 's-title' ? press('s-title', 'Start') : press(previous, 'Onward'),
          'go',
          id,
        );
      else link(previous, press(previous, 'Onward'), 'go', id, { when: 'lit' });
      if (i > 0) link(id, back, 'back');
      if (i === 2) link(id, { on: 'value', when: 'oil <= 0' }, 'go', first);
      if (i === 4) link(id, { on: 'event', event: 'g-squall' }, 'go', first);
      previous = id;
    });
    OVER.slice(0, Math.max(0, count - project.screens.length)).forEach((name, i) => {
      const id = `s-${coast}-over-${i}`;
      add(id, `${name} ${coast}`, 'popup', ['Back']);
      link(id, press(id, 'Back'), 'back');
      for (const screen of project.screens.filter((other) => other.area === area))
        link(screen.id, press(screen.id, i === 0 ? 'Talk' : 'Chart'), 'open', id);
    });
    if (project.screens.length < count)
      add(message, `Oil on coast ${coast}`, 'custom', [], { layer: 'notice', lasts: '2 s' });
  }
  // Back to where it began, so that the whole goes round.
  link(previous, { on: 'action', action: 'next', when: 'down' }, 'go', 's-title');
  return project;
}
