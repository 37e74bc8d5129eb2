'use client';

import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import { Nothing } from '../ui';
import type { DockName } from './docking';

interface Docked {
  title: string;
  Panel: ComponentType;
  /** How narrow it may be, and its share of the room that is left, as classes of Tailwind. */
  width: string;
}

/** Loaded once the window stands. */
export const LATER = {
  log: () => import('../live/Log').then((module) => module.Log),
  input: () => import('../live/InputPanel').then((module) => module.InputPanel),
  sizes: () => import('../live/SizeStrip').then((module) => module.SizeStrip),
};

/** Everything that can stand below the game, in the order of its buttons. */
export const DOCK: Record<DockName, Docked> = {
  time: {
    title: 'Time',
    Panel: dynamic(() => import('../timeline').then((module) => module.TimeStrip), { loading: Nothing }),
    width: 'min-w-130 flex-[4]',
  },
  log: {
    title: 'Log',
    Panel: dynamic(LATER.log, { loading: Nothing }),
    width: 'min-w-64 flex-[1.4]',
  },
  events: {
    title: 'Game events',
    Panel: dynamic(() => import('../live/GameEvents').then((module) => module.GameEvents), {
      loading: Nothing,
    }),
    width: 'min-w-44 flex-1',
  },
  input: {
    title: 'Devices',
    Panel: dynamic(LATER.input, { loading: Nothing }),
    width: 'min-w-70 flex-1',
  },
  sizes: {
    title: 'Screen sizes',
    Panel: dynamic(LATER.sizes, { loading: Nothing }),
    width: 'min-w-76 flex-[2]',
  },
};
