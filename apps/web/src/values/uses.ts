import { ready, scopeOfLink, scopeOfScreen, type Ready } from '@tavu/core/expression';
import { expand } from '@tavu/core/component';
import { everyStep, identifierOf, PROJECT, screenById, type Id, type Project } from '@tavu/core/model';

/** Where a value or an event is used: a link, or the settings and texts of a screen. */
export interface Use {
  link: Id | null;
  screen: Id;
}

export interface Uses {
  sets: Use[];
  reads: Use[];
}

/** Who sets and who reads each value, and who hears and who sends each event, by their ids. */
export function usesOf(project: Project): Map<Id, Uses> {
  const uses = new Map<Id, Uses>();
  const note = (id: Id, how: keyof Uses, use: Use): void => {
    const known = uses.get(id) ?? { sets: [], reads: [] };
    if (!known[how].some((each) => each.link === use.link && each.screen === use.screen))
      known[how].push(use);
    uses.set(id, known);
  };
  const reading = ({ reads }: Ready, use: Use): void => {
    for (const { known } of reads) if (known.what === 'value') note(known.id, 'reads', use);
  };
  for (const link of project.links) {
    const use = { link: link.id, screen: link.from };
    const scope = scopeOfLink(project, link);
    const read = (text: string): void => reading(ready(text, scope), use);
    if (link.when !== undefined) read(link.when);
    if (link.cue.on === 'value') read(link.cue.when);
    if (link.cue.on === 'event') note(link.cue.event, 'reads', use);
    Object.values(link.args ?? {}).forEach(read);
    for (const effect of link.effects) {
      if (effect.do === 'set') note(effect.value, 'sets', use);
      if (effect.do === 'reset')
        for (const { id, section } of project.values)
          if (effect.value === undefined ? (effect.section ?? section) === section : effect.value === id)
            note(id, 'sets', use);
      if (effect.do === 'send') note(effect.event, 'sets', use);
      if ('to' in effect) read(effect.to);
      if ('slot' in effect) read(effect.slot);
      Object.values(
        ('args' in effect ? effect.args : 'fields' in effect ? effect.fields : undefined) ?? {},
      ).forEach(read);
    }
  }
  const byName = new Map(project.values.map((value) => [identifierOf(value.name), value.id]));
  for (const screen of project.screens) {
    const use = { link: null, screen: screen.id };
    if (screen.shownWhen !== undefined) reading(ready(screen.shownWhen, scopeOfScreen(project, screen)), use);
    if (typeof screen.until === 'object') note(screen.until.event, 'reads', use);
    const scope = scopeOfScreen(project, screen);
    for (const element of expand(project, screen.elements).elements) {
      if ('value' in element && element.value !== undefined) {
        note(element.value, 'reads', use);
        if (element.type !== 'progress') note(element.value, 'sets', use);
      }
      for (const text of [element.shownWhen, element.enabledWhen])
        if (text !== undefined) reading(ready(text, scope), use);
      if ('text' in element)
        for (const match of element.text.matchAll(/\{\s*([^{}\s]+)\s*\}/g)) {
          const value = byName.get(match[1]!);
          if (value) note(value, 'reads', use);
        }
    }
  }
  for (const conversation of project.conversations ?? []) {
    const use = { link: null, screen: conversation.screen ?? PROJECT };
    const scope = scopeOfScreen(project, screenById(project, conversation.screen));
    const read = (text: string | undefined): void => {
      if (text !== undefined) reading(ready(text, scope), use);
    };
    for (const step of everyStep(conversation.steps)) {
      if (step.step === 'jump') read(step.when);
      if (step.step === 'choice') for (const option of step.options) read(option.when);
      if (step.step === 'wait') note(step.event, 'reads', use);
      if (step.step === 'effect') {
        const { effect } = step;
        if (effect.do === 'set') note(effect.value, 'sets', use);
        if (effect.do === 'send') note(effect.event, 'sets', use);
        if ('to' in effect) read(effect.to);
      }
      const texts = 'text' in step ? [step.text] : [];
      if (step.step === 'choice') texts.push(...step.options.map((each) => each.text));
      for (const text of texts)
        for (const match of text.matchAll(/\{\s*([^{}\s,]+)/g)) {
          const value = byName.get(match[1]!);
          if (value) note(value, 'reads', use);
        }
    }
  }
  const { auto, reading: times } = project.talk ?? {};
  for (const id of [typeof auto === 'object' ? auto.value : undefined, times?.scale])
    if (id !== undefined) note(id, 'reads', { link: null, screen: PROJECT });
  for (const volume of Object.values(project.sound?.volumes ?? {}))
    if (volume !== undefined) note(volume, 'reads', { link: null, screen: PROJECT });
  return uses;
}

/** What a use is called: the screen, area or project it is on. */
export const nameOfUse = (project: Project, use: Use): string =>
  screenById(project, use.screen)?.name ??
  project.areas.find((area) => area.id === use.screen)?.name ??
  'everywhere';
