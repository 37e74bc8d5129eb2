'use client';

import { CircleHelp, Moon, Redo2, Search, Share, Sun, Undo2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useEffect, useState } from 'react';
import dynamic from 'next/dynamic';
import { Nothing, useAhead, Cap, IconButton } from '../ui';
import { saveOpen } from './saveOpen';
import { undoRedo, useStudio } from '../store';

const LATER = { exports: () => import('./Exports').then((module) => module.Exports) };
/** The formats themselves are loaded a moment after the window stands. */
const Exports = dynamic(LATER.exports, { loading: Nothing });

export function Bar({
  onProjects,
  onFind,
  onHelp,
}: {
  onProjects: () => void;
  onFind: () => void;
  onHelp: () => void;
}) {
  useAhead(LATER);
  const name = useStudio((studio) => studio.project.name);
  const past = useStudio((studio) => studio.history.past.length > 0);
  const future = useStudio((studio) => studio.history.future.length > 0);
  return (
    <header className="flex h-11 shrink-0 items-center gap-2 border-b border-line bg-sheet px-3">
      <h1 className="text-[17px] font-bold">Tavu</h1>
      <span aria-hidden="true" className="text-soft">
        /
      </span>
      <button
        type="button"
        className="max-w-60 truncate rounded px-1 text-lg font-bold hover:bg-chosen-wash"
        title="Projects"
        onClick={onProjects}
      >
        {name}
      </button>
      <IconButton name="Undo" keys="Ctrl Z" disabled={!past} onClick={() => undoRedo('undo')}>
        <Undo2 size={16} />
      </IconButton>
      <IconButton name="Redo" keys="Ctrl Shift Z" disabled={!future} onClick={() => undoRedo('redo')}>
        <Redo2 size={16} />
      </IconButton>
      {/* Its width changes right after every edit, so nothing that is pressed stands behind it. */}
      <Kept />
      <span className="grow" />
      <button
        type="button"
        className="flex h-7.5 w-56 min-w-0 items-center gap-2 rounded-md border border-line bg-mist px-2.5 text-soft hover:border-chosen"
        onClick={onFind}
      >
        <Search size={14} aria-hidden="true" />
        <span className="truncate">Find anything</span>
        <span className="grow" />
        <Cap>Ctrl K</Cap>
      </button>
      <Theme />
      <IconButton name="Help and keys" onClick={onHelp}>
        <CircleHelp size={16} />
      </IconButton>
      <Transition />
    </header>
  );
}

/** What is saved, in words. */
function Kept() {
  const saving = useStudio((studio) => studio.saving);
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 5000);
    return () => clearInterval(timer);
  }, []);
  const words = (): string => {
    switch (saving.state) {
      case 'keeping':
        return 'keeping …';
      case 'following':
        return 'open in another window, following it';
      case 'failed':
        return `Not saved: ${saving.reason}`;
      case 'kept': {
        if (saving.at === 0) return '';
        const seconds = Math.max(0, Math.round((now - saving.at) / 1000));
        return seconds < 5
          ? 'Saved just now'
          : seconds < 90
            ? `Saved ${seconds} s ago`
            : `Saved ${Math.round(seconds / 60)} min ago`;
      }
    }
  };
  const failed = saving.state === 'failed';
  return (
    <>
      <span
        className={`max-w-64 truncate ${failed ? 'font-semibold text-warn' : 'text-soft'}`}
        data-state={saving.state}
        aria-live={failed ? 'assertive' : 'off'}
      >
        {words()}
      </span>
      {failed && (
        <button type="button" className="text-warn underline" onClick={() => void saveOpen('file')}>
          Save a file
        </button>
      )}
    </>
  );
}

function Theme() {
  const [night, setNight] = useState(false);
  useEffect(() => setNight(document.documentElement.dataset.theme === 'night'), []);
  const turn = (): void => {
    const next = night ? 'day' : 'night';
    document.documentElement.dataset.theme = next;
    try {
      localStorage.setItem('tavu-theme', next);
    } catch {
      // Without storage the theme lasts as long as the page.
    }
    setNight(!night);
  };
  return (
    <IconButton name={night ? 'Day theme' : 'Night theme'} onClick={turn}>
      {night ? <Sun size={16} /> : <Moon size={16} />}
    </IconButton>
  );
}

function Transition() {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <button
          type="button"
          className="flex h-7.5 items-center gap-1.5 rounded-md bg-chosen px-3 font-semibold text-on-chosen hover:brightness-110"
        >
          <Share size={14} aria-hidden="true" /> Export
        </button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={6}
          className="z-40 w-76 rounded-lg border border-strong bg-sheet p-1 text-ink shadow-xl"
        >
          <Exports />
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
