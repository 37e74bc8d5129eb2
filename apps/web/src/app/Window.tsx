'use client';

import { Expand, PanelRightClose, PanelRightOpen, PictureInPicture2 } from 'lucide-react';
import dynamic from 'next/dynamic';

import { useEffect } from 'react';
import { LivePane, StillPane } from '../live';

import { useSecond } from '../run';
import { useStudio, readUnit } from '../store';
import { showCutWords, useAhead, IconButton, Tips, Word } from '../ui';
import { arrange, showClean, useArrangement, type DialogName, type Rest } from './arrangement';
import { Bar } from './Bar';
import { COMMANDS, pressed } from './commands';
import { LeftPane } from './LeftPane';
import { Boundary } from './Boundary';
import { Dock } from './Dock';
import { BusyNote } from '../persistence';
import { Faults } from './Faults';

const LATER = {
  projects: () => import('../projects/Projects').then((module) => module.Projects),
  find: () => import('./find/Find').then((module) => module.Find),
  help: () => import('./Help').then((module) => module.Help),
};
// Live comes first; what stands beside it follows.
const ReadingColumn = dynamic(() => import('../details').then((module) => module.ReadingColumn), {
  loading: () => <aside className="border-l border-line bg-sheet" />,
});
const Projects = dynamic(LATER.projects);
const Find = dynamic(LATER.find);
const Help = dynamic(LATER.help);

/** The widths of the left pane and Live at each rest of the divider between them. */
const COLUMNS: Record<Rest, string> = {
  'map wide': 'minmax(0,1.9fr) minmax(340px,1fr)',
  even: 'minmax(0,1fr) minmax(0,1.3fr)',
  'live wide': '190px minmax(0,1fr)',
};
export function Window() {
  const { rest, reading, dialog, clean } = useArrangement();
  const plays = useStudio((studio) => studio.plays);
  const show = (name: DialogName) => (open: boolean) => arrange({ dialog: open ? name : null });

  useEffect(readUnit, []);

  useEffect(() => {
    const leave = (): void => void (document.fullscreenElement ?? showClean(false));
    document.addEventListener('fullscreenchange', leave);
    return () => document.removeEventListener('fullscreenchange', leave);
  }, []);

  useAhead(LATER);

  useEffect(() => {
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);

  useEffect(() => {
    document.addEventListener('pointerover', showCutWords);
    return () => document.removeEventListener('pointerover', showCutWords);
  }, []);

  return (
    <Tips delayDuration={350}>
      {/* Clipped, since labels that are only spoken would otherwise make the page scroll. */}
      <div className="relative flex h-dvh min-h-150 min-w-250 flex-col overflow-clip">
        {!clean && (
          <Bar
            onProjects={() => arrange({ dialog: 'projects' })}
            onFind={() => arrange({ dialog: 'find' })}
            onHelp={() => arrange({ dialog: 'help' })}
          />
        )}
        <Faults />
        <main
          className="grid min-h-0 flex-1 grid-rows-[minmax(0,1fr)]"
          style={{
            gridTemplateColumns: clean ? 'minmax(0,1fr)' : `${COLUMNS[rest]} ${reading ? '290px' : '0px'}`,
          }}
        >
          {!clean && <LeftPane />}
          <div className="relative grid min-h-0 min-w-0 grid-rows-[minmax(0,1fr)]">
            <Boundary name="Live">{plays ? <LivePane clean={clean} /> : <StillPane />}</Boundary>
            <span className={clean ? 'hidden' : 'absolute top-0.75 right-1 flex'}>
              {plays && (
                <>
                  <SecondWindow />
                  <IconButton name="The game alone" keys="F9" onClick={COMMANDS.clean!.run}>
                    <Expand size={15} />
                  </IconButton>
                </>
              )}
              <IconButton
                name={reading ? 'Fold the reading column' : 'Show the reading column'}
                onClick={() => arrange({ reading: !reading })}
              >
                {reading ? <PanelRightClose size={15} /> : <PanelRightOpen size={15} />}
              </IconButton>
            </span>
          </div>
          {reading && !clean && (
            <Boundary name="The reading column">
              <ReadingColumn />
            </Boundary>
          )}
        </main>
        {plays && !clean && <Dock />}
        <LastWord />
        {dialog !== 'projects' && dialog !== 'new project' && <BusyNote />}
      </div>
      {(dialog === 'projects' || dialog === 'new project') && (
        <Projects open onOpen={show(dialog)} begins={dialog === 'new project'} />
      )}
      {dialog === 'find' && <Find open onOpen={show('find')} />}
      {dialog === 'help' && <Help open onOpen={show('help')} />}
    </Tips>
  );
}

function SecondWindow() {
  const open = useSecond((second) => second.open);
  return (
    <IconButton
      name={open ? 'Close the second window' : 'The game in a second window'}
      keys="Ctrl F9"
      aria-pressed={open}
      className={open ? 'bg-chosen-wash text-chosen' : ''}
      onClick={COMMANDS.second!.run}
    >
      <PictureInPicture2 size={15} />
    </IconButton>
  );
}

const LastWord = () => <Word word={useStudio((studio) => studio.word)} />;
