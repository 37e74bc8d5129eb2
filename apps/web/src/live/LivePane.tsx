'use client';

import { withId } from '@tavu/core/model';
import { Snowflake } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useEffect, useRef } from 'react';
import { useStudio } from '../store';
import { Cap, FirstNote, Nothing, useAhead } from '../ui';
import { Asking } from './Asking';
import { UnusedKeyNote, isAnswerKey } from './UnusedKeyNote';
import { Controls } from './Controls';
import { bringFiles } from '../assets';
import { editedOf } from '../canvas';
import { askAboutKey, hold, setInHand, startRun, useRun, frameAt, useSizes } from '../run';
import { Stopped } from './Stopped';

const LATER = {
  editing: () => import('../canvas/Editing').then((module) => module.Editing),
  tools: () => import('../canvas/Tools').then((module) => module.Tools),
};
const Editing = dynamic(LATER.editing, { loading: Nothing });
const Tools = dynamic(LATER.tools, { loading: () => <div className="h-10 shrink-0" /> });

/**
 * Files dropped on the picture become assets; pictures come onto the screen that is edited, or else the top of what
 * is up.
 */
function dropOnLive(files: File[]): void {
  hold();
  void bringFiles(files, editedOf(useRun.getState().up) ?? null);
}

/** The frame within a window of another shape: all of it, or so large that it covers. */
function frameStyle({ width, height }: { width: number; height: number }, covers: boolean) {
  const ratio = width / height;
  return {
    aspectRatio: `${width} / ${height}`,
    width: `${covers ? 'max' : 'min'}(100cqw, calc(100cqh * ${ratio}))`,
  };
}

/** The one way out while the game has the keyboard. */
const isWayOut = (event: KeyboardEvent): boolean => event.shiftKey && event.code === 'Escape';
const isSpared = (event: KeyboardEvent): boolean => isWayOut(event) || isAnswerKey(event) || isAlone(event);
/** The game alone, and back: there has to be a way out of it. */
const isAlone = (event: KeyboardEvent): boolean => event.code === 'F9';

/** The game's screens, running; held, they are edited where they stand. `clean` shows nothing around them. */
export function LivePane({ clean }: { clean: boolean }) {
  useAhead(LATER);
  const opened = useStudio((studio) => studio.opened);
  const design = useStudio((studio) => studio.project.design);
  const chosenSize = useSizes((sizes) => sizes.size);
  const size = chosenSize ?? design;
  const frame = frameAt({ design }, chosenSize);
  const held = useRun((run) => run.held);
  const inHand = useRun((run) => run.inHand);
  const host = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (opened === 0) return;
    return startRun(host.current!, isSpared);
  }, [opened]);
  const ring = held ? 'ring-3 ring-chosen' : inHand ? 'ring-4 ring-live' : 'ring-1 ring-strong';
  return (
    <section
      aria-label="Live"
      data-pane
      tabIndex={-1}
      className="@container flex min-h-0 min-w-0 flex-col overflow-y-auto bg-sheet"
    >
      {!clean && (
        <header className="flex h-8.5 shrink-0 items-center gap-3 border-b border-line bg-sheet pr-25 pl-3.5">
          <h2 className="font-bold">Live</h2>
          <UpNow />
          <span className="grow" />
          <RunClock />
        </header>
      )}
      <div
        onDragOver={(event) => {
          if (event.dataTransfer.types.includes('Files')) event.preventDefault();
        }}
        onDrop={(event) => {
          event.preventDefault();
          dropOnLive([...event.dataTransfer.files]);
        }}
        className={`relative min-h-40 flex-1 ${clean ? 'bg-black' : 'bg-well p-2'}`}
      >
        {!clean && (
          <FirstNote
            n={1}
            className="pointer-events-none absolute top-2 left-1/2 z-10 w-max max-w-[90%] -translate-x-1/2"
          >
            Play here: click the game, then arrows and Enter.
          </FirstNote>
        )}
        <div className="flex h-full items-center justify-center" style={{ containerType: 'size' }}>
          <div
            className={`relative ${clean ? '' : `rounded-[3px] ${ring}`}`}
            style={{
              aspectRatio: `${size.width} / ${size.height}`,
              width: `min(100cqw, calc(100cqh * ${size.width / size.height}))`,
            }}
          >
            <div
              ref={host}
              tabIndex={0}
              role="application"
              aria-label="The game"
              aria-describedby="way-out"
              // A layer of its own, so that a frame of the game has nothing else of the window drawn again.
              className="absolute inset-0 overflow-hidden bg-black outline-none will-change-transform"
              onFocus={() => setInHand(true)}
              onBlur={() => setInHand(false)}
              onPointerDown={(event) => event.currentTarget.focus({ preventScroll: true })}
              onKeyDown={(event) => {
                if (!isSpared(event.nativeEvent)) return;
                // The window has it.
                if (isAlone(event.nativeEvent)) return;
                event.preventDefault();
                if (isAnswerKey(event.nativeEvent)) return void askAboutKey();
                // Where the game is alone there is nothing else to go to.
                (document.getElementById('hold') ?? event.currentTarget.closest('section'))?.focus();
              }}
            />
            {held && (
              <div
                className="absolute inset-0 flex items-center justify-center overflow-visible"
                style={{ containerType: 'size' }}
              >
                <div className="relative shrink-0" style={frameStyle(frame, design.fits === 'cover')}>
                  <Editing />
                </div>
              </div>
            )}
            <Asking />
            <Stopped />
          </div>
        </div>
      </div>
      {!clean && (
        <>
          <Controls />
          {/* One height for both, so that the game stays where it is. */}
          {held ? <Tools /> : <InHand />}
        </>
      )}
    </section>
  );
}

/** Who has the keyboard while it plays, and how it is given back. */
function InHand() {
  const inHand = useRun((run) => run.inHand);
  const noted = useRun((run) => run.unusedKey !== null);
  return (
    <div className="flex h-10 shrink-0 items-center justify-between gap-2 overflow-hidden border-t border-line px-3.5 whitespace-nowrap">
      {noted ? (
        <UnusedKeyNote />
      ) : inHand ? (
        <span className="min-w-0 truncate text-live" title="Keys and pad go to the game">
          <b>In hand:</b> keys and pad go to the game
        </span>
      ) : (
        <span className="min-w-0 truncate text-soft" title="Click the game to take it in hand">
          Click the game to take it in hand
        </span>
      )}
      <span id="way-out" className={`shrink-0 ${inHand ? 'text-live' : 'text-soft'}`}>
        <Cap>Shift</Cap> <Cap>Esc</Cap>
        <span className={noted ? 'sr-only' : ''}> gives the keys back</span>
      </span>
    </div>
  );
}

function UpNow() {
  const up = useRun((run) => run.up);
  const screens = useStudio((studio) => studio.project.screens);
  // HUD pieces are up by rule, so they are not listed.
  const names = up
    .filter((id) => withId(screens, id)?.layer !== 'hud')
    .map((id) => withId(screens, id)?.name ?? id.replace(/^gap:\w+:/, ''))
    .join(', ');
  return (
    <span className="min-w-0 truncate text-sm text-live" role="status" aria-label="Up now">
      {names}
    </span>
  );
}

/** Both clocks: the run's, and the game's with whether it stands still. */
function RunClock() {
  const now = useRun((run) => run.now);
  const game = useRun((run) => run.game);
  const frozen = useRun((run) => run.frozen);
  const blocked = useRun((run) => run.blocked);
  return (
    <>
      <span
        className="flex shrink-0 items-center gap-1 whitespace-nowrap text-soft"
        role="group"
        aria-label="Game clock"
        title={`The game’s clock ${frozen ? 'stands still' : 'runs'}; the game gets ${blocked ? 'no input' : 'input'}`}
      >
        {frozen ? <Snowflake size={12} aria-hidden="true" /> : null}
        <span className="hidden @md:inline">game {frozen ? 'frozen' : 'runs'}</span>
        <span className="font-mono">{clockText(game)}</span>
      </span>
      <span
        className="font-mono text-soft"
        role="group"
        aria-label="Run clock"
        title="Time since the run began"
      >
        {clockText(now)}
      </span>
    </>
  );
}

/** A time in microseconds as a clock has it, to the tenth of a second: `01:02.3`. */
export function clockText(micros: number): string {
  const tenths = Math.floor(micros / 100_000);
  const seconds = Math.floor(tenths / 10);
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${two(Math.floor(seconds / 60))}:${two(seconds % 60)}.${tenths % 10}`;
}
