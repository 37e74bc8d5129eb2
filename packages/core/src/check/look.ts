import { wordingsOf, type CompiledScreen, type Flow } from '../compile';
import { componentById } from '../component';
import {
  branchesOf,
  byId,
  PROJECT,
  screenById,
  type Component,
  type Conversation,
  type Id,
  type Link,
  type Project,
  type Screen,
  type Step,
} from '../model';
import type { TonesOf } from '../paint';
import { ownerNames, placesOf, type Place, type Thing } from '../references';
import type { At, Check, Finding, Where } from './finding';
import { checks, findingOf } from './registry';
import { laidOn, overflowing } from './room';

/** Runs the checks over a project or a part of it. */

/** Everything in a project that a run would skip or replace by a stand-in, conversations and drawing aside. */
export function findingsOf(project: Project): Finding[] {
  const { links, screens, components, conversations: _, ...rest } = project;
  const names = ownerNames(project);
  return [
    ...links.flatMap((link) => findingsOfLink(project, link)),
    ...screens.flatMap((screen) => ownFindings(project, screen)),
    ...(components ?? []).flatMap((component) => findingsOfComponent(project, component)),
    ...placesOf(project, { part: rest as Partial<Project> }).flatMap((place) =>
      findingsAt(project, place, { source: place.owner }, { name: placeName(place, names) }),
    ),
    ...findingsAtLarge(project),
  ];
}

/** What is wrong with the project as a whole. */
export const findingsAtLarge = (project: Project): Finding[] =>
  looked(PROJECT, (check) => check.project?.(project));

const placeName = ({ owner, path }: Place, names: ReadonlyMap<Id, string>): string =>
  owner === PROJECT ? (path[0] === 'sound' ? 'What is heard' : '') : (names.get(owner) ?? '');

/** What is wrong with one link. */
export function findingsOfLink(project: Project, link: Link): Finding[] {
  const where = { source: link.from, link: link.id };
  return [
    ...placesOf(project, { part: { links: [link] } }).flatMap((place) =>
      findingsAt(project, place, where, {}),
    ),
    ...told(where, (check) => check.link?.(project, link)),
  ];
}

/** What is wrong with a screen's own settings and texts, and in the components on it. */
export function findingsOfScreen(project: Project, screen: Screen): Finding[] {
  const placed = new Set(
    screen.elements.flatMap((element) => (element.type === 'component' ? [element.component] : [])),
  );
  return [
    ...ownFindings(project, screen),
    ...[...placed].flatMap((id) => {
      const component = componentById(project, id);
      return component ? findingsOfComponent(project, component) : [];
    }),
  ];
}

const ownFindings = (project: Project, screen: Screen): Finding[] =>
  heldFindings(project, screen, { screens: [screen] });

/** What is wrong in a component. What it names may be a parameter of the screens it is placed on. */
export function findingsOfComponent(project: Project, component: Component): Finding[] {
  const known = kept.get(component);
  if (known?.project === project) return known.found;
  const found = heldFindings(project, component, { components: [component] });
  if (Object.isFrozen(component)) kept.set(component, { project, found });
  return found;
}
const kept = new WeakMap<Component, { project: Project; found: Finding[] }>();

function heldFindings(project: Project, owner: Screen | Component, part: Partial<Project>): Finding[] {
  const elements = byId(owner.elements);
  return [
    ...told({ source: owner.id }, (check) => check.held?.(project, owner)),
    ...placesOf(project, { part }).flatMap((place) => {
      const element = elements.get(place.on ?? '');
      return findingsAt(
        project,
        place,
        { source: owner.id, ...(element ? { element: element.id } : {}) },
        { element },
      );
    }),
  ];
}

/**
 * What is wrong with a screen as it is drawn; `said` has the words of texts with names in them, by element, and `tones` the colours of
 * pictures, as far as they are known.
 */
export const findingsDrawn = (
  flow: Flow,
  screen: CompiledScreen,
  said?: Readonly<Record<Id, string>>,
  tones?: TonesOf,
): Finding[] => looked(screen.id, (check) => check.drawn?.(flow, screen, said, tones));

/** What is wrong with a conversation. `flow` is of the project. */
export function findingsOfTalk(flow: Flow, conversation: Conversation): Finding[] {
  const { project } = flow;
  const at = (step: string): Where => ({ source: conversation.id, step });
  const screen = screenById(project, conversation.screen);
  const compiled = screen && flow.screens.get(screen.id);
  const found = told(at(''), (check) => check.talk?.(conversation, compiled));
  const talk = flow.talks.get(conversation.id);
  if (!talk) return found;
  found.push(
    ...talk.troubles.map(({ key, code, params }) => findingOf(code, params, at(key))),
    ...stepFindings(project, conversation, at),
  );
  if (!compiled) return found;
  const speakers = new Set<Id>();
  for (const op of talk.ops) {
    if (op.op !== 'line' && op.op !== 'choice') continue;
    // What is wrong with several of its wordings in the same way is told once.
    const here = new Map<string, Finding>();
    for (const wording of op.op === 'line' ? wordingsOf(op) : [op]) {
      const laid = laidOn(flow, compiled, wording);
      const over = laid.text.trim() === '' ? null : overflowing(flow, compiled, laid.typed.text);
      const spoken = { flow, screen: compiled, op: wording, laid, over, told: speakers };
      for (const finding of told(at(op.key), (check) => check.spoken?.(spoken)))
        if (!here.has(finding.code)) here.set(finding.code, finding);
    }
    found.push(...here.values());
  }
  return found;
}

/** Of all conversations, by their ids. */
export const findingsOfTalks = (flow: Flow): ReadonlyMap<Id, Finding[]> =>
  new Map(
    (flow.project.conversations ?? []).map((conversation) => [
      conversation.id,
      findingsOfTalk(flow, conversation),
    ]),
  );

/** What is wrong with a conversation in the other languages. */
export const findingsTranslated = (project: Project, conversation: Conversation): Finding[] =>
  looked(conversation.id, (check) => check.translated?.(project, conversation));

/** What can be said of steps as they are written. */
function stepFindings(project: Project, conversation: Conversation, at: (step: string) => Where): Finding[] {
  const keys = new Map<Id, string>();
  const found: Finding[] = [];
  const walk = (steps: readonly Step[], prefix: string): void => {
    for (const step of steps) {
      const key = prefix + step.id;
      keys.set(step.id, key);
      found.push(...told(at(key), (check) => check.step?.(project, step)));
      for (const branch of branchesOf(step)) walk(branch, `${key} `);
    }
  };
  walk(conversation.steps, '');
  for (const place of placesOf(project, { part: { conversations: [conversation] } }))
    // Who speaks, with which face, and what is gone on with is told of where it is laid out.
    if (place.on !== null && !(place.is === 'id' && LAID.has(place.of)))
      found.push(...findingsAt(project, place, at(keys.get(place.on) ?? ''), {}));
  return found;
}
const LAID: ReadonlySet<Thing> = new Set(['speaker', 'face', 'step', 'routine', 'conversation']);

const findingsAt = (project: Project, place: Place, where: Where, at: At): Finding[] =>
  place.is === 'own' ? [] : told(where, (check) => check.place?.(project, place, at));

/** What the checks tell of one place. */
function told(where: Where, look: (check: Check<object>) => readonly object[] | undefined): Finding[] {
  const found: Finding[] = [];
  for (const [code, check] of checks())
    for (const params of look(check) ?? []) found.push(findingOf(code, params, where));
  return found;
}

/** What the checks tell of several places of one source. */
function looked(
  source: Id,
  look: (check: Check<object>) => readonly { params: object; where: Omit<Where, 'source'> }[] | undefined,
): Finding[] {
  const found: Finding[] = [];
  for (const [code, check] of checks())
    for (const { params, where } of look(check) ?? [])
      found.push(findingOf(code, params, { source, ...where }));
  return found;
}
