'use client';

import type { Project } from '@tavu/core/model';
import type { Outcome } from '@tavu/core/run';
import { outcomeWords, reasonWords } from '@tavu/core/words';
import { CornerDownRight } from 'lucide-react';
import { useState } from 'react';
import { choose, chooseLink, useStudio } from '../studio/store';
import { useMoments } from '../time/units';
import { AskSwitch } from './Controls';
import { goBackTo, useRun, type Entry } from './run';

type Sort = 'all' | 'in' | 'links' | 'screens' | 'values' | 'out' | 'trouble';

const SORTS: [Sort, string, (outcome: Outcome) => boolean][] = [
  ['all', 'everything', () => true],
  ['in', 'what came in', ({ did }) => did === 'input' || did === 'masked'],
  ['links', 'links', ({ did }) => did === 'link' || did === 'wait'],
  ['screens', 'screens', ({ did }) => /^(up|down|notice|in line|ignored|overflow)$/.test(did)],
  ['values', 'values', ({ did }) => /^(set|refused|save|load)$/.test(did)],
  ['out', 'what the game is told', ({ did }) => /^(send|to game|end)$/.test(did)],
  ['trouble', 'trouble', ({ did }) => /^(nowhere|failed|unsettled|overflow|refused)$/.test(did)],
];

/** What happened, newest first, with times; each entry leads to what it names and back to the moment before it. */
export function Trace() {
  const entries = useRun((run) => run.entries);
  const project = useStudio((studio) => studio.project);
  const now = useRun((run) => run.now);
  const end = useRun((run) => run.end);
  const [sort, setSort] = useState<Sort>('all');
  const fits = SORTS.find(([key]) => key === sort)![2];
  const shown = entries
    .filter((entry) => fits(entry.outcome))
    .slice(-120)
    .reverse();
  return (
    <div className="flex min-h-18 flex-1 shrink-0 flex-col">
      <div className="flex shrink-0 items-center gap-2 px-3.5 pt-1">
        <label className="flex items-center gap-1.5 whitespace-nowrap text-soft">
          Show
          <select
            aria-label="Show of what happened"
            className="h-6.5 w-36 rounded border border-line bg-sheet px-1 text-ink"
            value={sort}
            onChange={(event) => setSort(event.target.value as Sort)}
          >
            {SORTS.map(([key, words]) => (
              <option key={key} value={key}>
                {words}
              </option>
            ))}
          </select>
        </label>
        <span className="grow" />
        <AskSwitch />
      </div>
      <ol
        aria-label="What happened"
        tabIndex={0}
        className="min-h-0 flex-1 basis-0 overflow-auto px-3.5 py-1 font-mono text-sm"
      >
        {shown.length === 0 && (
          <li className="text-soft">
            {sort === 'all' ? 'Nothing has happened yet.' : 'Nothing of that sort.'}
          </li>
        )}
        {shown.map((entry) => (
          <TraceLine
            key={entry.n}
            entry={entry}
            project={project}
            ahead={now < end && entry.outcome.at > now}
          />
        ))}
      </ol>
    </div>
  );
}

function toneOf({ did }: Outcome): string {
  if (did === 'link') return 'text-live';
  return /^(nowhere|unsettled|failed|overflow|refused)$/.test(did) ? 'text-warn' : 'text-ink';
}

function TraceLine({ entry, project, ahead }: { entry: Entry; project: Project; ahead: boolean }) {
  const { outcome } = entry;
  const moment = useMoments();
  const passed = outcome.did === 'link' || outcome.did === 'nowhere' ? (outcome.passed ?? []) : [];
  return (
    <li className={ahead ? 'opacity-60' : ''}>
      <button
        type="button"
        title="To what it names, and back to just before it"
        className={`flex min-h-6 w-full items-center gap-3 rounded text-left hover:bg-chosen-wash ${toneOf(outcome)}`}
        onClick={() => {
          show(outcome);
          goBackTo(entry);
        }}
      >
        <span className="shrink-0 text-soft">{moment(outcome.at)}</span>
        <span className="min-w-0 truncate">{outcomeWords(project, outcome)}</span>
      </button>
      {passed.slice(0, 3).map((each) => (
        <button
          key={each.link}
          type="button"
          title="To the link that was not taken"
          className="flex min-h-6 w-full items-center gap-1 rounded pl-14 text-left text-soft hover:bg-chosen-wash"
          onClick={() => chooseLink(each.link)}
        >
          <CornerDownRight size={11} aria-hidden="true" className="shrink-0" />
          <span className="min-w-0 truncate">{reasonWords(project, each)}</span>
        </button>
      ))}
    </li>
  );
}

/** Chooses what an entry names. */
function show(outcome: Outcome): void {
  const { project } = useStudio.getState();
  switch (outcome.did) {
    case 'link':
    case 'wait':
      return chooseLink(outcome.link);
    case 'set':
      return outcome.by === null ? undefined : chooseLink(outcome.by);
    case 'failed':
      if (project.links.some((link) => link.id === outcome.where)) return chooseLink(outcome.where);
      return choose({ screen: outcome.where });
    case 'up':
    case 'down':
    case 'notice':
    case 'in line':
    case 'ignored':
    case 'overflow':
    case 'unsettled':
      if (project.screens.some((screen) => screen.id === outcome.screen)) choose({ screen: outcome.screen });
  }
}
