'use client';

import type { Outcome } from '@tavu/core/run';
import { outcomeWords, reasonWords } from '@tavu/core/words';
import { CornerDownRight } from 'lucide-react';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef, useState } from 'react';
import { choose, chooseLink, useStudio, useMoments } from '../store';
import { Select, Small } from '../ui';
import { type Entry, goBackTo, runLog, useRun } from '../run';

type Sort = 'all' | 'in' | 'links' | 'screens' | 'values' | 'out' | 'trouble';

/** Outcomes that a designer should look into. */
const TROUBLE = /^(nowhere|failed|unsettled|overflow|refused|misfit|dropped|limit|empty)$/;

const SORTS: [Sort, string, (outcome: Outcome) => boolean][] = [
  ['all', 'everything', () => true],
  ['in', 'input', ({ did }) => did === 'input' || did === 'masked'],
  ['links', 'links', ({ did }) => did === 'link' || did === 'wait'],
  ['screens', 'screens', ({ did }) => /^(up|down|notice|in line|ignored|overflow)$/.test(did)],
  ['values', 'values', ({ did }) => /^(set|refused|save|load)$/.test(did)],
  ['out', 'game events sent', ({ did }) => /^(send|to game|end)$/.test(did)],
  ['trouble', 'trouble', ({ did }) => TROUBLE.test(did)],
];

/** How many rows are drawn above and below those in view. */
const AROUND = 40;

/**
 * The log, with times; each entry leads to what it names and back to the moment before it. Only what is in view is
 * drawn.
 */
export function Log() {
  const logged = useRun((run) => run.logged);
  const now = useRun((run) => run.now);
  const end = useRun((run) => run.end);
  const [sort, setSort] = useState<Sort>('all');
  const [oldest, setOldest] = useState(false);
  const shown = useMemo(() => {
    // The log grows in place, so that only this number tells of new rows.
    void logged;
    if (sort === 'all') return runLog.entries;
    const fits = SORTS.find(([key]) => key === sort)![2];
    return runLog.entries.filter((entry) => fits(entry.outcome));
  }, [logged, sort]);
  const frame = useRef<HTMLDivElement>(null);
  const count = shown.length;
  const at = (index: number): Entry => shown[oldest ? index : count - 1 - index]!;
  const list = useVirtualizer({
    count,
    getScrollElement: () => frame.current,
    estimateSize: () => 24,
    overscan: AROUND,
    getItemKey: (index) => at(index).n,
  });
  // Oldest first, the list follows the newest row while it is scrolled to its end.
  const atEnd = useRef(true);
  useEffect(() => {
    if (oldest && atEnd.current && count > 0) list.scrollToIndex(count - 1, { align: 'end' });
  }, [oldest, count, list]);
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="flex shrink-0 flex-wrap items-center gap-x-2 gap-y-1 px-3.5 pt-1">
        <Select<Sort>
          label="Log filter"
          value={sort}
          options={SORTS.map(([key, words]): [Sort, string] => [key, words])}
          className="h-6.5 w-32 border border-line bg-sheet"
          onChange={setSort}
        />
        <Small
          title="Reverse the order"
          className="whitespace-nowrap"
          onClick={() => {
            atEnd.current = !oldest;
            setOldest(!oldest);
          }}
        >
          {oldest ? 'oldest first' : 'newest first'}
        </Small>
      </div>
      <div
        ref={frame}
        tabIndex={0}
        role="group"
        aria-label="The log"
        className="min-h-0 flex-1 basis-0 overflow-auto px-3.5 py-1 font-mono text-sm"
        onScroll={({ currentTarget: { scrollTop, scrollHeight, clientHeight } }) => {
          atEnd.current = scrollTop + clientHeight > scrollHeight - 30;
        }}
      >
        {count === 0 && (
          <p className="text-soft">
            {sort === 'all' ? 'Nothing has happened yet.' : 'Nothing of that sort.'}
          </p>
        )}
        <ol aria-label="Log" className="relative" style={{ height: list.getTotalSize() }}>
          {list.getVirtualItems().map((item) => {
            const entry = at(item.index);
            return (
              <li
                key={item.key}
                ref={list.measureElement}
                data-index={item.index}
                aria-setsize={count}
                aria-posinset={item.index + 1}
                className={`absolute inset-x-0 ${now < end && entry.outcome.at > now ? 'opacity-60' : ''}`}
                style={{ transform: `translateY(${item.start}px)` }}
              >
                <LogLine entry={entry} />
              </li>
            );
          })}
        </ol>
      </div>
    </div>
  );
}

function toneOf({ did }: Outcome): string {
  if (did === 'link') return 'text-live';
  return TROUBLE.test(did) ? 'text-warn' : 'text-ink';
}

function LogLine({ entry }: { entry: Entry }) {
  const { outcome, project } = entry;
  const moment = useMoments();
  // A cut line has all of its words in its tooltip.
  const words = outcomeWords(project, outcome);
  const passed = outcome.did === 'link' || outcome.did === 'nowhere' ? (outcome.passed ?? []) : [];
  return (
    <>
      <button
        type="button"
        title={
          entry.before
            ? 'Choose what it names, and go back to just before it'
            : 'Choose what it names; it is too long ago to go back to'
        }
        className={`flex min-h-6 w-full items-center gap-3 rounded text-left hover:bg-chosen-wash ${toneOf(outcome)}`}
        onClick={() => {
          show(outcome);
          goBackTo(entry);
        }}
      >
        <span className="shrink-0 text-soft">{moment(outcome.at)}</span>
        <span className="min-w-0 truncate" title={words}>
          {words}
        </span>
        {entry.times > 1 && <span className="shrink-0 text-soft">× {entry.times}</span>}
      </button>
      {passed.slice(0, 3).map((item) => (
        <button
          key={item.link}
          type="button"
          title="Go to the link that was not taken"
          className="flex min-h-6 w-full items-center gap-1 rounded pl-14 text-left text-soft hover:bg-chosen-wash"
          onClick={() => chooseLink(item.link)}
        >
          <CornerDownRight size={11} aria-hidden="true" className="shrink-0" />
          <span className="min-w-0 truncate" title={reasonWords(project, item)}>
            {reasonWords(project, item)}
          </span>
        </button>
      ))}
    </>
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
    case 'limit':
    case 'empty':
      if (project.screens.some((screen) => screen.id === outcome.screen)) choose({ screen: outcome.screen });
  }
}
