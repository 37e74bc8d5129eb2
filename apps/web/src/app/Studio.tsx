'use client';

import { loadFonts, loadOwnFonts } from '@tavu/player';
import { useEffect, useState } from 'react';
import { openFirst } from '../projects';
import { fontAddresses, BusyNote } from '../persistence';
import { loadSecondFonts } from '../run';
import { Rescue } from './Rescue';
import { Window } from './Window';
import { useSteps, useKeeping, useStudio } from '../store';

/** The whole application: opens what was open last, then shows the window. */
export function Studio() {
  const opened = useStudio((studio) => studio.opened > 0);
  const [fault, setFault] = useState<string | null>(null);
  useKeeping();
  useSteps();
  useEffect(() => {
    void loadFonts(fontAddresses())
      .then(openFirst)
      .catch((error: unknown) => setFault(error instanceof Error ? error.message : String(error)));
  }, []);
  const assets = useStudio((studio) => studio.project.assets);
  const sources = useStudio((studio) => studio.sources);
  useEffect(() => {
    void loadOwnFonts(assets, sources.asset).then(loadSecondFonts);
  }, [assets, sources]);
  if (opened) return <Window />;
  if (fault !== null) return <Rescue message={fault} again={() => location.reload()} />;
  return (
    <main className="flex h-dvh flex-col items-center justify-center gap-2">
      <h1 className="text-[28px] font-bold">Tavu</h1>
      <p role="status" className="text-soft">
        Opening …
      </p>
      <BusyNote />
    </main>
  );
}
