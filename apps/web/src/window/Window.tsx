'use client';

import { PanelLeftClose, PanelRightClose, PanelRightOpen } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useCallback, useEffect, useState } from 'react';
import { LivePane } from '../live/LivePane';
import { StillPane } from '../live/StillPane';
import { toggleHold } from '../live/run';
import { MapPane } from '../map/MapPane';
import { ScreenList } from '../map/ScreenList';
import { ReadingColumn } from '../reading/ReadingColumn';
import { travel, useStudio } from '../studio/store';
import { readUnit } from '../time/units';
import { TimeStrip } from '../time/TimeStrip';
import { useAhead } from '../ui/ahead';
import { IconButton, Tips } from '../ui/parts';
import { Bar } from './Bar';
import { Boundary } from './Boundary';
import { BusyNote } from '../storage/BusyNote';
import { Faults } from './Faults';

const LATER = {
  projects: () => import('../projects/Projects').then((module) => module.Projects),
  find: () => import('./Find').then((module) => module.Find),
  help: () => import('./Help').then((module) => module.Help),
};
const Projects = dynamic(LATER.projects);
const Find = dynamic(LATER.find);
const Help = dynamic(LATER.help);

const ValuesPane = dynamic(() => import('../values/ValuesPane').then((module) => module.ValuesPane));
const AssetsPane = dynamic(() => import('../assets/AssetsPane').then((module) => module.AssetsPane));
const LinesPane = dynamic(() => import('../lines/LinesPane').then((module) => module.LinesPane));
const GridPane = dynamic(() => import('../map/GridPane').then((module) => module.GridPane));

/** What the left pane shows. */
export type Pane = 'map' | 'grid' | 'lines' | 'values' | 'assets';
const PANES: [Pane, string][] = [
  ['map', 'Map'],
  ['grid', 'Grid'],
  ['lines', 'Lines'],
  ['values', 'Values'],
  ['assets', 'Assets'],
];

const PANE_NAMES = Object.fromEntries(
  PANES.map(([key, words]) => [key, `The ${words.toLowerCase()}`]),
) as Record<Pane, string>;

/** The three rests of the divider between the left pane and Live, as the left pane's share. */
const RESTS = ['minmax(0,1.9fr) minmax(340px,1fr)', 'minmax(0,1fr) minmax(0,1.1fr)', '190px minmax(0,1fr)'];

export function Window() {
  const [rest, setRest] = useState(1);
  const [pane, setPane] = useState<Pane>('map');
  const [reading, setReading] = useState(true);
  const plays = useStudio((studio) => studio.plays);
  const [shown, setShown] = useState<'projects' | 'new project' | 'find' | 'help' | null>(null);
  const turn = useCallback(() => setRest((now) => (now + 1) % RESTS.length), []);
  const show = (what: typeof shown) => (open: boolean) => setShown(open ? what : null);

  useEffect(readUnit, []);

  useAhead(LATER);

  useEffect(() => {
    const keys = (event: KeyboardEvent): void => {
      // What the game in hand has bound is the game's.
      if (event.defaultPrevented) return;
      const control = event.ctrlKey || event.metaKey;
      const typing = (event.target as Element).matches?.('input, textarea, select, [contenteditable]');
      const key = event.key.toLowerCase();
      if (control && key === 'k') setShown('find');
      else if (control && key === '\\') turn();
      else if (control && key === 'z' && !typing) travel(event.shiftKey ? 'redo' : 'undo');
      else if (control && key === 'y' && !typing) travel('redo');
      else if (event.key === 'F8') toggleHold();
      else if (event.key === 'F6') nextPane(event.shiftKey ? -1 : 1);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [turn]);

  return (
    <Tips delayDuration={350}>
      <div className="flex h-dvh flex-col">
        <Bar
          onProjects={() => setShown('projects')}
          onFind={() => setShown('find')}
          onHelp={() => setShown('help')}
        />
        <Faults />
        <main
          className="grid min-h-0 flex-1 grid-rows-[minmax(0,1fr)]"
          style={{ gridTemplateColumns: `${RESTS[rest]} ${reading ? '290px' : '0px'}` }}
        >
          <div className="flex min-h-0 min-w-0 flex-col border-r border-line">
            <div className="flex h-8.5 shrink-0 items-center gap-2 border-b border-line bg-sheet px-3.5">
              {rest === 2 ? (
                <h2 className="border-b-3 border-chosen pt-0.75 leading-7 font-bold">Screens</h2>
              ) : (
                <PaneTabs pane={pane} onPane={setPane} />
              )}
              <span className="grow" />
              <IconButton name={['Even', 'Live wide', 'Map wide'][rest]!} keys="Ctrl \" onClick={turn}>
                <PanelLeftClose size={15} />
              </IconButton>
            </div>
            <Boundary
              key={rest === 2 ? 'list' : pane}
              name={rest === 2 ? 'The list of screens' : PANE_NAMES[pane]}
            >
              {rest === 2 ? (
                <ScreenList />
              ) : pane === 'map' ? (
                <MapPane />
              ) : pane === 'grid' ? (
                <GridPane />
              ) : pane === 'lines' ? (
                <LinesPane />
              ) : pane === 'values' ? (
                <ValuesPane />
              ) : (
                <AssetsPane />
              )}
            </Boundary>
          </div>
          <div className="relative grid min-h-0 min-w-0 grid-rows-[minmax(0,1fr)]">
            <Boundary name="Live">{plays ? <LivePane /> : <StillPane />}</Boundary>
            <span className="absolute top-0.75 right-1">
              <IconButton
                name={reading ? 'Fold the reading column' : 'Show the reading column'}
                onClick={() => setReading(!reading)}
              >
                {reading ? <PanelRightClose size={15} /> : <PanelRightOpen size={15} />}
              </IconButton>
            </span>
          </div>
          {reading && (
            <Boundary name="The reading column">
              <ReadingColumn />
            </Boundary>
          )}
        </main>
        <Boundary name="Time">{plays && <TimeStrip />}</Boundary>
        <Word />
        {shown !== 'projects' && shown !== 'new project' && <BusyNote />}
      </div>
      {(shown === 'projects' || shown === 'new project') && (
        <Projects open onOpen={show(shown)} begins={shown === 'new project'} />
      )}
      {shown === 'find' && (
        <Find
          open
          onOpen={show('find')}
          onProjects={() => setShown('new project')}
          onPane={(next) => {
            setPane(next);
            if (rest === 2) setRest(1);
          }}
        />
      )}
      {shown === 'help' && <Help open onOpen={show('help')} />}
    </Tips>
  );
}

/** What the left pane can show, with the arrow keys between them. */
function PaneTabs({ pane, onPane }: { pane: Pane; onPane: (pane: Pane) => void }) {
  return (
    <div role="tablist" aria-label="Left pane" className="flex gap-3">
      {PANES.map(([key, words], i) => (
        <button
          key={key}
          type="button"
          role="tab"
          aria-selected={key === pane}
          tabIndex={key === pane ? 0 : -1}
          className={`border-b-3 pt-0.75 leading-7 ${key === pane ? 'border-chosen font-bold' : 'border-transparent text-soft hover:text-ink'}`}
          onClick={() => onPane(key)}
          onKeyDown={(event) => {
            const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
            if (by === 0) return;
            event.preventDefault();
            const next = (i + by + PANES.length) % PANES.length;
            onPane(PANES[next]![0]);
            (event.currentTarget.parentElement!.children[next] as HTMLElement).focus();
          }}
        >
          {words}
        </button>
      ))}
    </div>
  );
}

/** Moves the keyboard to the next pane, to the first thing in it that takes it. */
function nextPane(by: 1 | -1): void {
  const panes = [...document.querySelectorAll<HTMLElement>('[data-pane]')];
  const now = panes.findIndex((pane) => pane.contains(document.activeElement));
  const pane = panes[(now + by + panes.length) % panes.length]!;
  (pane.querySelector<HTMLElement>('button:not([tabindex="-1"]), [tabindex="0"]') ?? pane).focus();
}

/** A short word for the person, gone by itself; errors stay in their places. */
function Word() {
  const word = useStudio((studio) => studio.word);
  const [seen, setSeen] = useState(0);
  useEffect(() => {
    if (!word) return;
    const timer = setTimeout(() => setSeen(word.n), 1500 + word.text.length * 50);
    return () => clearTimeout(timer);
  }, [word]);
  return (
    <div
      role="status"
      aria-label="Word"
      className="pointer-events-none fixed bottom-36 left-1/2 z-50 -translate-x-1/2"
    >
      {word && word.n > seen && (
        <p className="rounded-md bg-ink px-3 py-1.5 text-sheet shadow-lg">{word.text}</p>
      )}
    </div>
  );
}
