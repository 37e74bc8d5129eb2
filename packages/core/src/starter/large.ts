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

/** How many places the coasts have, in turn. */
const SIZES = [7, 13, 5, 10, 4, 14, 8, 6];
const PLACES = [
  'Quay',
  'Light',
  'Market',
  'Cove',
  'Chapel',
  'Mill',
  'Reef',
  'Storm',
  'Watch',
  'Shoal',
  'Cliff',
  'Wreck',
  'Cave',
  'Depths',
] as const;
/** How many places one leads on to, and how many coasts can be sailed to from the harbour. */
const ONWARD = 3;
const FERRIES = 7;

/**
 * A flow of so many screens, made up by rule and always the same: a title with options in tabs, a harbour from which one
 * sails to coasts of different sizes, each with places that branch, talks, errands and shops, and further coasts beyond;
 * a pause menu with tabs, a chart and a game over that are shared by all. For trying what size does.
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
  const maker = new Maker(project, count);
  front(maker);
  for (let coast = 1; maker.hasRoom; coast++) addCoast(maker, coast);
  maker.finish();
  return project;
}

const BACK: Trigger = { on: 'action', action: 'back', when: 'down' };
const MENU: Trigger = { on: 'action', action: 'menu', when: 'down' };
const press = (screen: Id, name: string): Trigger => ({ on: 'press', element: `${screen}-${name}` });

/** Adds screens as long as there is room, and in the end only those links whose ends there are. */
class Maker {
  readonly #links: Omit<Link, 'id'>[] = [];

  constructor(
    readonly project: Project,
    readonly count: number,
  ) {}

  get hasRoom(): boolean {
    return this.project.screens.length < this.count;
  }

  add(id: Id, name: string, kind: Screen['kind'], labels: string[], over: Partial<Screen> = {}): void {
    if (!this.hasRoom) return;
    const made = { ...screenOfKind(name, kind, labels), id, ...over };
    made.elements = made.elements.map((element) => ({
      ...element,
      id: `${id}-${element.name}`,
      parent: element.parent === null ? null : `${id}-${withId(made.elements, element.parent)!.name}`,
    }));
    this.project.screens.push(made);
  }

  link(from: Id, trigger: Trigger, kind: LinkKind, to?: Id, over: Partial<Link> = {}): void {
    this.#links.push({ from, trigger, kind, ...(to ? { to: { screen: to } } : {}), effects: [], ...over });
  }

  /** A button of a screen leads somewhere. */
  on(screen: Id, button: string, kind: LinkKind, to?: Id): void {
    this.link(screen, press(screen, button), kind, to);
  }

  finish(): void {
    const { project } = this;
    const there = new Set([...project.screens, ...project.areas].map(({ id }) => id));
    for (const link of this.#links) {
      if (!there.has(link.from) || (link.to && 'screen' in link.to && !there.has(link.to.screen))) continue;
      const effects = link.effects.filter((effect) => effect.do !== 'notice' || there.has(effect.screen));
      project.links.push({ ...link, effects, id: `l-${project.links.length}` });
    }
  }
}

/** What every game has before and beside its places. */
function front(maker: Maker): void {
  const { project } = maker;
  project.start = 's-title';
  maker.add('s-title', 'Title', 'title', ['Start', 'Options', 'Credits']);
  maker.add('s-harbour', 'Harbour', 'custom', ferries(), { area: 'r-harbour' });
  project.areas.push({ id: 'r-harbour', name: 'Home', parent: null });
  maker.add('s-options', 'Options', 'options', ['Sound', 'Keys', 'Back']);
  maker.add('s-pause', 'Pause', 'pause', ['Resume', 'Bag', 'Errands', 'Leave']);
  maker.add('s-out', 'Lamp out', 'game over', ['Again', 'To the title']);
  maker.add('s-chart', 'Chart', 'popup', ['Back']);
  maker.add('s-credits', 'Credits', 'custom', ['Back']);
  maker.add('s-sound', 'Sound', 'options', ['Options', 'Keys', 'Back']);
  maker.add('s-keys', 'Keys', 'options', ['Options', 'Sound', 'Back']);
  maker.add('s-bag', 'Bag', 'popup', ['Pause', 'Errands', 'Back']);
  maker.add('s-errands', 'Errands', 'popup', ['Pause', 'Bag', 'Back']);
  maker.add('s-leave', 'Leave the watch?', 'popup', ['Leave', 'Stay']);
  maker.add('s-taken', 'Errand taken', 'custom', [], { layer: 'notice', lasts: '2 s' });
  maker.on('s-title', 'Start', 'go', 's-harbour');
  maker.on('s-title', 'Options', 'open', 's-options');
  maker.on('s-title', 'Credits', 'go', 's-credits');
  maker.on('s-credits', 'Back', 'go', 's-title');
  const tabs: [Id, string][] = [
    ['s-options', 'Options'],
    ['s-sound', 'Sound'],
    ['s-keys', 'Keys'],
  ];
  const pages: [Id, string][] = [
    ['s-pause', 'Pause'],
    ['s-bag', 'Bag'],
    ['s-errands', 'Errands'],
  ];
  for (const group of [tabs, pages])
    for (const [from] of group)
      for (const [to, name] of group) if (to !== from) maker.on(from, name, 'swap', to);
  for (const id of ['s-options', 's-sound', 's-keys', 's-bag', 's-errands', 's-chart'])
    maker.on(id, 'Back', 'back');
  maker.on('s-pause', 'Resume', 'back');
  maker.link('s-pause', BACK, 'back');
  maker.on('s-pause', 'Leave', 'open', 's-leave');
  maker.on('s-leave', 'Leave', 'go', 's-title');
  maker.on('s-leave', 'Stay', 'back');
  maker.on('s-out', 'Again', 'go', 's-harbour');
  maker.on('s-out', 'To the title', 'go', 's-title');
  maker.link('s-harbour', MENU, 'open', 's-pause');
  for (const i of ferries().keys()) maker.on('s-harbour', ferries()[i]!, 'go', placeOf(i + 1, 0));
}

const ferries = (): string[] => Array.from({ length: FERRIES }, (_, i) => `To coast ${i + 1}`);
const placeOf = (coast: number, place: number): Id => `s-${coast}-${place}`;

/** A coast: an area of places that branch, with what comes up over them. */
function addCoast(maker: Maker, coast: number): void {
  const area = `r-${coast}`;
  const size = SIZES[coast % SIZES.length]!;
  maker.project.areas.push({ id: area, name: `Coast ${coast}`, parent: null });
  const [talk, errand, shop, stores] = ['talk', 'errand', 'shop', 'stores'].map(
    (name) => `s-${coast}-${name}`,
  ) as [Id, Id, Id, Id];
  const found = `s-${coast}-found`;
  const quay = placeOf(coast, 0);
  const hasShop = size > 6;
  for (let i = 0; i < size; i++) {
    const children = Array.from({ length: ONWARD }, (_, n) => ONWARD * i + n + 1).filter(
      (child) => child < size,
    );
    const labels = [...children.map((child) => PLACES[child]!), 'Chart'];
    if (i < 2) labels.push('Talk');
    if (i === 1) labels.push('Sail on');
    if (i === 2 && hasShop) labels.push('Shop');
    if (children.length === 0 && i % 2 === 0 && i > 0) labels.push('Back to the quay');
    const id = placeOf(coast, i);
    maker.add(id, `${PLACES[i]!} ${coast}`, 'custom', labels, { area });
    for (const child of children) maker.on(id, PLACES[child]!, 'go', placeOf(coast, child));
    maker.on(id, 'Chart', 'open', 's-chart');
    if (i > 0) maker.link(id, BACK, 'back');
    if (labels.includes('Back to the quay')) maker.on(id, 'Back to the quay', 'go', quay);
    if (i === 0) maker.on(id, 'Talk', 'open', talk);
    if (i === 1) maker.on(id, 'Talk', 'open', talk);
    if (i === 1) maker.on(id, 'Sail on', 'go', placeOf(coast + FERRIES, 0));
    if (labels.includes('Shop')) maker.on(id, 'Shop', 'open', shop);
    if (i === 4) maker.link(id, { on: 'event', event: 'g-squall' }, 'go', quay, { when: 'lit' });
  }
  maker.add(talk, `Talk on coast ${coast}`, 'popup', ['An errand?', 'Back']);
  maker.on(talk, 'An errand?', 'swap', errand);
  maker.on(talk, 'Back', 'back');
  maker.add(errand, `Errand ${coast}`, 'popup', ['Take it', 'Back']);
  maker.link(errand, press(errand, 'Take it'), 'back', undefined, {
    effects: [{ do: 'notice', screen: 's-taken' }],
  });
  maker.on(errand, 'Back', 'back');
  if (hasShop) {
    maker.add(shop, `Chandler ${coast}`, 'popup', ['Stores', 'Back']);
    maker.on(shop, 'Stores', 'swap', stores);
    maker.on(shop, 'Back', 'back');
    maker.add(stores, `Stores ${coast}`, 'popup', ['Chandler', 'Back']);
    maker.on(stores, 'Chandler', 'swap', shop);
    maker.on(stores, 'Back', 'back');
  }
  maker.add(found, `Oil on coast ${coast}`, 'custom', [], { layer: 'notice', lasts: '2 s' });
  maker.link(area, MENU, 'open', 's-pause');
  maker.link(area, { on: 'value', when: 'oil <= 0' }, 'go', 's-out');
  maker.link(area, { on: 'event', event: 'g-oil' }, 'stay', undefined, {
    effects: [
      { do: 'set', value: 'v-oil', to: 'oil + 5' },
      { do: 'notice', screen: found },
    ],
  });
}
