'use client';

import type { Project } from '@tavu/core/model';
import { outcomeWords } from '@tavu/core/words';
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
