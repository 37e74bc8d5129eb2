import { effectOf } from '../effects';
import { componentById, leftOut, MOST_UNFOLDED } from '../component';
import { check } from '../expression';
import { textTroubles } from '../message';
import {
  byId,
  PROJECT,
  screenById,
  type Component,
  type Element,
  type Field,
  type Id,
  type Link,
  type Parameter,
  type Project,
  type Screen,
  type Effect,
} from '../model';
import { ownerNames, placesOf, scopeAround, type Around, type Place } from '../references';
import { goneWords } from './gone';
import { isThere } from './there';

/** Something that names what is not there, or says what cannot be, and where it stands. */
export interface Trouble {
  /** The screen, area, component, conversation … it is on, or `project`. */
  source: Id;
  /** The sentence it is in; null for all else. */
  link: Id | null;
  words: string;
}

/** Everything in a project that a run would pass over or stand something in for. A gap is one: it is still to be made. */
export function troublesOf(project: Project): Trouble[] {
  const { links, screens, components, conversations: _, ...rest } = project;
  const names = ownerNames(project);
  return [
    ...links.flatMap((link) =>
      linkTroubles(project, link).map((words) => ({ source: link.from, link: link.id, words })),
    ),
    ...screens.flatMap((screen) =>
      ownTroubles(project, screen).map((words) => ({ source: screen.id, link: null, words })),
    ),
    ...(components ?? []).flatMap((component) =>
      componentTroubles(project, component).map((words) => ({ source: component.id, link: null, words })),
    ),
    ...placesOf(project, { part: rest as Partial<Project> }).flatMap((place) =>
      placeTroubles(project, place, { name: placeName(place, names) }).map((words) => ({
        source: place.owner,
        link: null,
        words,
      })),
    ),
  ];
}

/** What is wrong with one link, in words. */
export function linkTroubles(project: Project, link: Link): string[] {
  const found = placesOf(project, { part: { links: [link] } }).flatMap((place) =>
    placeTroubles(project, place, {}),
  );
  if (link.kind === 'go' || link.kind === 'open' || link.kind === 'swap') {
    const target = link.to && 'screen' in link.to ? screenById(project, link.to.screen) : undefined;
    if (target) found.push(...untold(target.parameters, link.args, target.name));
    else if (link.to && 'gap' in link.to) found.push(`“${link.to.gap}” is not made yet.`);
    else if (!link.to) found.push('The screen it leads to is gone.');
  }
  for (const effect of link.effects) found.push(...untoldBy(project, effect));
  return found;
}

/** What an effect leaves unsaid that has to be said, in words. */
export function untoldBy(project: Project, effect: Effect): string[] {
  const told = effectOf(effect).tells?.(effect, project);
  return told ? untold(told.takes, told.args, told.name) : [];
}

const untold = (
  takes: readonly (Parameter | Field)[] = [],
  args: Record<Id, string> = {},
  target: string,
): string[] =>
  takes.flatMap((type) => {
    const needed = 'default' in type ? type.default === undefined : true;
    return needed && args[type.id] === undefined ? [`${target} is not told its ${type.name}.`] : [];
  });

/** What is wrong with a screen's own settings and texts, and in the components on it, in words. */
export function screenTroubles(project: Project, screen: Screen): string[] {
  const placed = screen.elements.flatMap((element) => {
    const component = element.type === 'component' && componentById(project, element.component);
    return component
      ? componentTroubles(project, component).map((words) => `${component.name}: ${words}`)
      : [];
  });
  return [...ownTroubles(project, screen), ...new Set(placed)];
}

const ownTroubles = (project: Project, screen: Screen): string[] =>
  heldTroubles(project, screen, { screens: [screen] });

/** What is wrong in a component, in words. What it names may be a parameter of the screens it is placed on. */
export function componentTroubles(project: Project, component: Component): string[] {
  const known = kept.get(component);
  if (known?.project === project) return known.words;
  const words = heldTroubles(project, component, { components: [component] });
  if (Object.isFrozen(component)) kept.set(component, { project, words });
  return words;
}
const kept = new WeakMap<Component, { project: Project; words: string[] }>();

function heldTroubles(project: Project, owner: Screen | Component, part: Partial<Project>): string[] {
  const elements = byId(owner.elements);
  const out = [...leftOut(project, owner.elements)].map(
    ({ name }) => `${name} is left out: with it there would be more than ${MOST_UNFOLDED} elements here.`,
  );
  const found = placesOf(project, { part }).flatMap((place) =>
    placeTroubles(project, place, { element: elements.get(place.on ?? '') }),
  );
  return [...out, ...found];
}

/** What is wrong at one place, in words: what it names is gone, cannot be worked out, or cannot be said. */
export function placeTroubles(
  project: Project,
  place: Place,
  at: { element?: Element; name?: string },
): string[] {
  const before = at.element ? `${at.element.name}: ` : at.name ? `${at.name}: ` : '';
  switch (place.is) {
    case 'own':
      return [];
    case 'id':
      return isThere(project, place) ? [] : [goneWords(project, place, at)];
    case 'expression': {
      const { text, wanted, gives } = place;
      const what = gives ? `${gives.to} of ${gives.of}` : `“${text}”`;
      const scope = scopeAround(project, outside(project, place.around));
      return check(text, scope, wanted ?? undefined).complaints.map(
        ({ words }) => `${before}${what}: ${words}`,
      );
    }
    case 'text': {
      // What it was translated from is only kept to tell whether it has changed since.
      if (place.path[0] === 'translated') return [];
      const language = project.languages?.find(({ code }) => code === place.language)?.name;
      const said = language === undefined ? before : `${before}In ${language}: `;
      return place.message && place.text.includes('{')
        ? textTroubles(place.text, scopeAround(project, outside(project, place.around))).map(
            (words) => said + words,
          )
        : [];
    }
  }
}

/** In a component or set-up, what the screens it comes to stand on are told can be named besides. */
function outside(project: Project, around: Around): Around {
  if (
    around.of === null ||
    !(byId(project.components).has(around.of) || byId(project.routines).has(around.of))
  )
    return around;
  const beyond = project.screens.flatMap((screen) => screen.parameters ?? []);
  return beyond.length === 0 ? around : { ...around, parameters: [...beyond, ...around.parameters] };
}

const placeName = ({ owner, path }: Place, names: ReadonlyMap<Id, string>): string =>
  owner === PROJECT ? (path[0] === 'sound' ? 'What is heard' : '') : (names.get(owner) ?? '');
