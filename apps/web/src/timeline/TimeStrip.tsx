'use client';

import { screenById, timeIn, layerName, type Id, withId } from '@tavu/core/model';
import type { Outcome } from '@tavu/core/run';
import { outcomeWords } from '@tavu/core/words';
import dynamic from 'next/dynamic';
import { useEffect, useRef, useState, type PointerEvent, type ReactNode } from 'react';
import { type Entry, goBackTo, runLog, turnBackTo, useRun, type Span } from '../run';
import { useStudio, useMoments, useUnits } from '../store';
import { Nothing, useAhead, Choices } from '../ui';
import { Hint } from './Hint';

const LATER = {
  transition: () => import('./TransitionChart').then((module) => module.TransitionChart),
  screen: () => import('./ScreenChart').then((module) => module.ScreenChart),
};
const TransitionChart = dynamic(LATER.transition, { loading: Nothing });
const ScreenChart = dynamic(LATER.screen, { loading: Nothing });

/** How much the strip shows, in microseconds. */
const WINDOW = 12_000_000;
const ROWS = ['base', 'overlay', 'notice', 'hud'] as const;
type Row = (typeof ROWS)[number];
const LANE = 16;
/** Room for the marks above the lanes. */
const HEAD = 24;

/**
 * Time: the transition of the chosen link, or the chosen screen in its own time; or the last seconds of the run. Choosing
 * something shows that; playing on shows the run.
 */
export function TimeStrip() {
  useAhead(LATER);
  const link = useStudio(({ project, chosen }) => withId(project.links, chosen.link));
  const screen = useStudio(({ project, chosen }) => screenById(project, chosen.screen));
  const held = useRun((run) => run.held);
  const [shows, setShows] = useState<'run' | 'chosen'>('run');
  const chosen = link?.id ?? screen?.id;
  useEffect(() => setShows(chosen === undefined ? 'run' : 'chosen'), [chosen]);
  useEffect(() => {
    if (!held) setShows('run');
  }, [held]);
  const thing = shows === 'run' ? undefined : (link ?? screen);
  const change = chosen !== undefined && (
    <Choices
      label="Time of"
      value={shows}
      options={[
        { value: 'chosen', text: link ? 'the link' : 'the screen' },
        { value: 'run', text: 'the run' },
      ]}
      onChange={setShows}
    />
  );
  return (
    <>
      {thing && link ? (
        <TransitionChart key={link.id} link={link} change={change} />
      ) : thing && screen ? (
        <ScreenChart key={screen.id} screen={screen} change={change} />
      ) : (
        <LastSeconds change={change} />
      )}
    </>
  );
}

/** The last seconds of the run: what was up, what came in and what it set off. Each mark is a place to go back to. */
function LastSeconds({ change }: { change: ReactNode }) {
  const now = useRun((run) => run.now);
  const spans = useRun((run) => run.spans);
  useRun((run) => run.logged);
  const project = useStudio((studio) => studio.project);
  const end = useRun((run) => run.end);
  const unit = useUnits((units) => units.unit);
  const words = (micros: number): string => timeIn(Math.round(micros / 10_000) * 10_000, unit, project.rates);
  const strip = useRef<HTMLDivElement>(null);
  const from = Math.max(0, end - WINDOW);
  const turn = (event: PointerEvent): void => {
    const box = strip.current!.getBoundingClientRect();
    const share = Math.min(1, Math.max(0, (event.clientX - box.left) / box.width));
    turnBackTo(Math.min(end, Math.round(from + share * WINDOW)));
  };
  const at = (time: number): string => `${((time - from) / WINDOW) * 100}%`;
  const layerOf = (id: Id): Row =>
    withId(project.screens, id)?.layer ?? (id.startsWith('gap:overlay:') ? 'overlay' : 'base');
  const nameOf = (id: Id): string => withId(project.screens, id)?.name ?? id.replace(/^gap:\w+:/, '');
  const rows = lanesOf(
    spans.filter((span) => (span.until ?? end) > from),
    layerOf,
  );
  const height = HEAD + LANE * rows.reduce((sum, row) => sum + row.lanes, 0);
  const marks = gathered(runLog.since(from).filter(({ outcome }) => MARKED.has(outcome.did)));
  const seconds = Array.from(
    { length: 13 },
    (_, i) => Math.ceil(from / 1_000_000) * 1_000_000 + i * 1_000_000,
  ).filter((time) => time <= from + WINDOW);
  return (
    <>
      <header className="flex h-8 shrink-0 items-center gap-3 px-3.5 whitespace-nowrap">
        <Hint>
          {now < end
            ? `taken back to ${words(now)} of ${words(end)}; Resume plays on from here`
            : 'the last seconds of this run; drag along it, or choose a mark, to go back'}
        </Hint>
        <span className="grow" />
        {change}
      </header>
      <div className="flex min-h-0 flex-1 overflow-y-auto px-3.5 pb-1.5">
        <div
          aria-hidden="true"
          className="w-17 shrink-0 text-xs leading-4 text-soft"
          style={{ paddingTop: HEAD }}
        >
          {rows.map(({ layer, lanes }) => (
            <div key={layer} style={{ height: LANE * lanes }}>
              {layerName(layer)}
            </div>
          ))}
        </div>
        <div
          ref={strip}
          // A layer of its own: it goes on while the rest of the window stands still.
          className="relative min-h-full min-w-0 flex-1 overflow-hidden will-change-transform"
          style={{ height }}
        >
          {seconds.map((time) => (
            <div key={time} className="absolute inset-y-0 border-l border-line" style={{ left: at(time) }}>
              <span className="absolute top-0 left-1 font-mono text-xs text-soft">
                {unit === 's' ? time / 1_000_000 : words(time)}
              </span>
            </div>
          ))}
          {rows.flatMap(({ layer, first, placed }) =>
            placed.map(({ span, lane }) => (
              <Bar
                key={span.serial}
                span={span}
                name={nameOf(span.screen)}
                layer={layer}
                top={HEAD + LANE * (first + lane)}
                from={from}
                end={end}
              />
            )),
          )}
          <div className="absolute inset-y-0 w-0.5 bg-live" style={{ left: at(now) }} aria-hidden="true" />
          <div
            role="slider"
            tabIndex={0}
            aria-label="The run’s time"
            aria-valuemin={from / 1_000_000}
            aria-valuemax={end / 1_000_000}
            aria-valuenow={now / 1_000_000}
            aria-valuetext={words(now)}
            className="absolute inset-0 cursor-ew-resize touch-none"
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              turn(event);
            }}
            onPointerMove={(event) => event.currentTarget.hasPointerCapture(event.pointerId) && turn(event)}
            onKeyDown={(event) => {
              const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
              if (by === 0) return;
              event.preventDefault();
              turnBackTo(Math.min(end, Math.max(0, now + by * (event.shiftKey ? 1_000_000 : 100_000))));
            }}
          />
          {marks.map((mark) => (
            <Mark
              key={mark[0]!.n}
              entries={mark}
              left={at(mark[0]!.outcome.at)}
              words={mark.map(({ outcome, project }) => outcomeWords(project, outcome))}
            />
          ))}
        </div>
      </div>
    </>
  );
}

const MARKED = new Set([
  'input',
  'link',
  'line',
  'choice',
  'send',
  'sound',
  'set',
  'nowhere',
  'masked',
  'unsettled',
  'failed',
]);

/** Marks nearer than this, in microseconds, are one: each has room to be pressed. */
const NEAR = 320_000;

/** Entries that stand too near to be told apart share a mark, which leads to the first of them. */
function gathered(entries: readonly Entry[]): Entry[][] {
  const marks: Entry[][] = [];
  for (const entry of entries) {
    const last = marks.at(-1);
    if (last && entry.outcome.at - last[0]!.outcome.at < NEAR) last.push(entry);
    else marks.push([entry]);
  }
  return marks;
}

const LOOKS: Record<Row, string> = {
  base: 'border-solid bg-water',
  overlay: 'border-double border-x-4 border-y bg-land',
  notice: 'border-dashed bg-marsh',
  hud: 'border-dotted bg-mist',
};

interface Lanes {
  layer: Row;
  /** The lane it begins in, and how many it has. */
  first: number;
  lanes: number;
  placed: { span: Span; lane: number }[];
}

/** Spans of one layer that overlap stand one under another. */
function lanesOf(spans: readonly Span[], layerOf: (id: Id) => Row): Lanes[] {
  let first = 0;
  return ROWS.map((layer) => {
    const ends: number[] = [];
    const placed = spans
      .filter((span) => layerOf(span.screen) === layer)
      .map((span) => {
        const free = ends.findIndex((until) => until <= span.from);
        const lane = free < 0 ? ends.length : free;
        ends[lane] = span.until ?? Infinity;
        return { span, lane };
      });
    const row = { layer, first, lanes: Math.max(1, ends.length), placed };
    first += row.lanes;
    return row;
  });
}

function Bar({
  span,
  name,
  layer,
  top,
  from,
  end,
}: {
  span: Span;
  name: string;
  layer: Row;
  top: number;
  from: number;
  end: number;
}) {
  const start = Math.max(span.from, from);
  const width = ((span.until ?? end) - start) / WINDOW;
  if (width <= 0) return null;
  return (
    <div
      title={name}
      className={`absolute overflow-hidden rounded-sm border border-strong px-1 text-xs leading-3 whitespace-nowrap ${LOOKS[layer]}`}
      style={{
        left: `${((start - from) / WINDOW) * 100}%`,
        width: `${width * 100}%`,
        top,
        height: LANE - 1,
      }}
    >
      {name}
    </div>
  );
}

/** What came in is told from what it set off by shape as well as colour; of several the most telling is shown. */
const SHAPES: [Outcome['did'], string][] = [
  ['nowhere', 'border-2 border-warn bg-sheet rounded-full'],
  ['failed', 'border-2 border-warn bg-sheet rounded-full'],
  ['unsettled', 'border-2 border-warn bg-sheet rounded-full'],
  ['link', 'bg-live rotate-45'],
  ['line', 'border-2 border-live bg-sheet'],
  ['choice', 'border-2 border-live bg-sheet'],
  ['send', 'bg-chosen'],
  ['sound', 'bg-chosen'],
  ['set', 'bg-chosen'],
  ['input', 'bg-ink rounded-full'],
];

function Mark({
  entries,
  left,
  words,
}: {
  entries: readonly Entry[];
  left: string;
  words: readonly string[];
}) {
  const [first] = entries;
  const shape = SHAPES.find(([did]) => entries.some((entry) => entry.outcome.did === did))?.[1];
  const moment = useMoments();
  const told = `${moment(first!.outcome.at)}: ${words.join('; ')}`;
  return (
    <button
      type="button"
      aria-label={told}
      title={told}
      className="absolute top-0 z-10 flex size-6 -translate-x-1/2 items-center justify-center"
      style={{ left }}
      onClick={() => goBackTo(first!)}
    >
      <span className={`block size-2.5 ${shape ?? 'border-2 border-warn bg-sheet rounded-full'}`} />
      {entries.length > 2 && (
        <span aria-hidden="true" className="absolute right-0 bottom-0 text-xs leading-3 text-soft">
          {entries.length}
        </span>
      )}
    </button>
  );
}
