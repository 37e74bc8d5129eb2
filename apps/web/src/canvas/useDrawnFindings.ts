'use client';

import { findingsDrawn, type Finding } from '@tavu/core/check';
import type { CompiledScreen, Flow } from '@tavu/core/compile';
import type { TonesOf } from '@tavu/core/paint';
import { useEffect, useState } from 'react';
import { useTones } from '../assets';

/** How long nothing has to change before a screen is looked at, in milliseconds, so that no edit waits for it. */
const PAUSE = 150;

/** The last that was found on each screen. */
const kept = new WeakMap<CompiledScreen, { tones: TonesOf; found: readonly Finding[] }>();

/** What is wrong with a screen as it is drawn. While it is being changed, that is what was wrong before. */
export function useDrawnFindings(flow: Flow, compiled: CompiledScreen | undefined): readonly Finding[] {
  const tones = useTones();
  const [found, setFound] = useState<readonly Finding[]>([]);
  useEffect(() => {
    if (!compiled) return;
    const due = setTimeout(() => {
      const known = kept.get(compiled);
      const now = known?.tones === tones ? known.found : findingsDrawn(flow, compiled, undefined, tones);
      kept.set(compiled, { tones, found: now });
      setFound(now);
    }, PAUSE);
    return () => clearTimeout(due);
  }, [flow, compiled, tones]);
  return found.filter(({ where }) => where.source === compiled?.id);
}
