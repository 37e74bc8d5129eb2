'use client';

import { titleCase, type Project } from '@tavu/core/model';
import type { Outcome } from '@tavu/core/run';
import { codeName, sentenceText } from '@tavu/core/words';
import { choose, useStudio } from '../studio/store';
import { goBackTo, useRun, type Entry } from './run';

/** What happened, newest first, with times; each entry leads back to the moment before it. */
export function Trace() {
  const entries = useRun((run) => run.entries);
  const project = useStudio((studio) => studio.project);
  const shown = entries.slice(-120).reverse();
  return (
    <ol
      aria-label="What happened"
      tabIndex={0}
      className="min-h-14 flex-1 overflow-auto px-3.5 py-1 font-mono text-sm"
    >
      {shown.length === 0 && <li className="text-soft">Nothing has happened yet.</li>}
      {shown.map((entry) => (
        <TraceLine key={entry.n} entry={entry} project={project} />
      ))}
    </ol>
  );
}

function TraceLine({ entry, project }: { entry: Entry; project: Project }) {
  const { outcome } = entry;
  const tone =
    outcome.did === 'link'
      ? 'text-live'
      : outcome.did === 'nowhere' || outcome.did === 'unsettled'
        ? 'text-warn'
        : 'text-ink';
  return (
    <li>
      <button
        type="button"
        title="Go back to just before this"
        className={`flex min-h-6 w-full items-center gap-3 rounded text-left hover:bg-chosen-wash ${tone}`}
        onClick={() => {
          if (outcome.did === 'link') {
            const link = project.links.find((each) => each.id === outcome.link);
            if (link) choose({ screen: link.from === 'project' ? null : link.from, link: link.id });
          }
          goBackTo(entry);
        }}
      >
        <span className="shrink-0 text-soft">{(outcome.at / 1_000_000).toFixed(3)}</span>
        <span className="min-w-0 truncate">{outcomeWords(project, outcome)}</span>
      </button>
    </li>
  );
}

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
