import { titleCase, type Project } from '../model';
import type { Outcome } from '../run';
import { codeName } from './inputs';
import { sentenceText } from './sentence';

/** What came of a step, in words: one line of the trace. */
export function outcomeWords(project: Project, outcome: Outcome): string {
  const screen = (id: string): string =>
    project.screens.find((each) => each.id === id)?.name ?? id.replace(/^gap:\w+:/, '');
  const event = (id: string): string => project.events.find((each) => each.id === id)?.name ?? 'an event';
  switch (outcome.did) {
    case 'input': {
      const said = /^event (.*)$/.exec(outcome.input);
      if (said) return `Game says ${event(said[1]!)}`;
      return outcome.input === 'pointer' || outcome.input === 'touch'
        ? titleCase(outcome.input)
        : `${titleCase(codeName(outcome.input))} ↓`;
    }
    case 'link': {
      const link = project.links.find((each) => each.id === outcome.link);
      return link ? sentenceText(project, link) : 'A way back from a screen not made yet';
    }
    case 'up':
      return `${screen(outcome.screen)} is up`;
    case 'down':
      return `${screen(outcome.screen)} goes`;
    case 'notice':
      return `${screen(outcome.screen)} shows`;
    case 'send':
      return `${event(outcome.event)} → game`;
    case 'nowhere':
      if (outcome.what.kind === 'event') return `${event(outcome.what.event)} leads nowhere here`;
      return outcome.what.kind === 'input'
        ? `${titleCase(codeName(outcome.what.code))} leads nowhere here`
        : 'This button leads nowhere';
    case 'to game':
      return `${titleCase(codeName(outcome.code))} → game`;
    case 'masked':
      return outcome.kept ? 'Press kept until it has settled' : 'Press ignored: still moving';
    case 'wait':
      return 'Waits for the screen’s least time';
    case 'unsettled':
      return `${screen(outcome.screen)}: links set one another off without end; stopped after 100`;
    case 'end':
      return 'The end';
  }
}
