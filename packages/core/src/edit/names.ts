import { renameIn } from '../expression';
import {
  everyStep,
  identifierOf,
  type Arguments,
  type Effect,
  type Element,
  type Id,
  type Link,
  type Project,
  type Step,
} from '../model';
import { allSteps } from './conversations';

/** Rewrites the expressions of a link, and of what it gives. */
function rewriteLink(link: Link, rewrite: (text: string) => string): void {
  if (link.when !== undefined) link.when = rewrite(link.when);
  if (link.cue.on === 'value') link.cue.when = rewrite(link.cue.when);
  rewriteAll(link.args, rewrite);
  for (const effect of link.effects) rewriteEffect(effect, rewrite);
}

function rewriteEffect(effect: Effect, rewrite: (text: string) => string): void {
  if (effect.do === 'notice') rewriteAll(effect.args, rewrite);
  if (effect.do === 'send') rewriteAll(effect.fields, rewrite);
  if (effect.do === 'set') effect.to = rewrite(effect.to);
  if (effect.do === 'save' || effect.do === 'load') effect.slot = rewrite(effect.slot);
}

function rewriteAll(args: Arguments | undefined, rewrite: (text: string) => string): void {
  for (const [id, text] of Object.entries(args ?? {})) args![id] = rewrite(text);
}

function rewriteSteps(steps: readonly Step[], rewrite: (text: string) => string): void {
  for (const step of everyStep(steps)) {
    if (step.step === 'jump' && step.when !== undefined) step.when = rewrite(step.when);
    if (step.step === 'effect') rewriteEffect(step.effect, rewrite);
    if (step.step === 'choice')
      for (const option of step.options) if (option.when !== undefined) option.when = rewrite(option.when);
  }
}

/** Expressions go on meaning a screen that is called otherwise. */
export function renameScreenIn(project: Project, from: string, to: string): void {
  const rewrite = (text: string): string => renameIn(text, 'screen', from, to);
  for (const link of project.links) rewriteLink(link, rewrite);
  for (const steps of allSteps(project)) rewriteSteps(steps, rewrite);
  for (const screen of project.screens)
    if (screen.shownWhen !== undefined) screen.shownWhen = rewrite(screen.shownWhen);
  for (const { elements } of ownersIn(project))
    for (const element of elements) rewriteConditions(element, rewrite);
}

const ownersIn = (project: Project): { elements: Element[] }[] => [
  ...project.screens,
  ...(project.components ?? []),
];

function rewriteConditions(element: Element, rewrite: (text: string) => string): void {
  if (element.shownWhen !== undefined) element.shownWhen = rewrite(element.shownWhen);
  if (element.enabledWhen !== undefined) element.enabledWhen = rewrite(element.enabledWhen);
}

/** Expressions and texts go on meaning a value; where a parameter or field hides it, they never meant it. */
export function renameValueIn(project: Project, from: string, to: string): void {
  for (const screen of project.screens)
    if (!hides(screen.parameters, from))
      renameOn(project, screen.id, from, to, (link) => !fieldHides(project, link, from));
  for (const { parameters, elements } of project.components ?? [])
    if (!hides(parameters, from)) renameOnAll(elements, from, to);
  const screens = new Map(project.screens.map((screen) => [screen.id, screen]));
  for (const link of project.links)
    if (!screens.has(link.from) && !fieldHides(project, link, from))
      rewriteLink(link, (text) => renameIn(text, 'name', from, to));
  for (const { screen, steps } of project.conversations ?? [])
    if (!hides(screens.get(screen ?? '')?.parameters, from)) renameInSteps(steps, from, to);
  for (const { parameters, steps } of project.routines ?? [])
    if (!hides(parameters, from)) renameInSteps(steps, from, to);
}

/** What is said, asked and done goes on meaning a name that is called otherwise. */
export function renameInSteps(steps: readonly Step[], from: string, to: string): void {
  rewriteSteps(steps, (text) => renameIn(text, 'name', from, to));
  for (const step of everyStep(steps)) {
    if ('text' in step) step.text = renamedIn(step.text, from, to);
    if (step.step === 'choice') for (const each of step.options) each.text = renamedIn(each.text, from, to);
  }
}

/** Expressions and texts of one screen go on meaning its parameter. */
export function renameParameterIn(project: Project, screen: Id, from: string, to: string): void {
  for (const each of project.conversations ?? [])
    if (each.screen === screen) renameInSteps(each.steps, from, to);
  renameOn(project, screen, from, to, (link) => !fieldHides(project, link, from));
}

/** Expressions of the links an event sets off go on meaning its field. */
export function renameFieldIn(project: Project, event: Id, from: string, to: string): void {
  for (const link of project.links)
    if (link.cue.on === 'event' && link.cue.event === event)
      rewriteLink(link, (text) => renameIn(text, 'name', from, to));
}

function renameOn(project: Project, id: Id, from: string, to: string, means: (link: Link) => boolean): void {
  const rewrite = (text: string): string => renameIn(text, 'name', from, to);
  for (const link of project.links) if (link.from === id && means(link)) rewriteLink(link, rewrite);
  const screen = project.screens.find((each) => each.id === id);
  if (!screen) return;
  if (screen.shownWhen !== undefined) screen.shownWhen = rewrite(screen.shownWhen);
  renameOnAll(screen.elements, from, to);
}

/** Texts and conditions of elements go on meaning a name that is called otherwise. */
export function renameOnAll(elements: readonly Element[], from: string, to: string): void {
  for (const element of elements) {
    renameInText(element, from, to);
    rewriteConditions(element, (text) => renameIn(text, 'name', from, to));
  }
}

function renameInText(element: Element, from: string, to: string): void {
  if ('text' in element) element.text = renamedIn(element.text, from, to);
}

function renamedIn(text: string, from: string, to: string): string {
  if (!text.includes('{')) return text;
  const old = identifierOf(from);
  return text.replace(/\{\s*([^{}\s]+)\s*\}/g, (whole, name: string) =>
    name === old ? `{${identifierOf(to)}}` : whole,
  );
}

const hides = (things: readonly { name: string }[] | undefined, name: string): boolean =>
  things?.some((each) => identifierOf(each.name) === identifierOf(name)) ?? false;

function fieldHides(project: Project, { cue }: Link, name: string): boolean {
  return cue.on === 'event' && hides(project.events.find((each) => each.id === cue.event)?.fields, name);
}
