'use client';

import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import type { Pane } from './arrangement';

interface PaneEntry {
  title: string;
  Pane: ComponentType;
}

/** Every pane that the left of the window can show, in the order of its tabs. */
export const PANES: Record<Pane, PaneEntry> = {
  map: {
    title: 'Map',
    Pane: dynamic(() => import('../panes/map/MapPane').then((module) => module.MapPane)),
  },
  grid: {
    title: 'Grid',
    Pane: dynamic(() => import('../panes/map/GridPane').then((module) => module.GridPane)),
  },
  lines: {
    title: 'Lines',
    Pane: dynamic(() => import('../panes/lines/LinesPane').then((module) => module.LinesPane)),
  },
  values: {
    title: 'Values',
    Pane: dynamic(() => import('../panes/values/ValuesPane').then((module) => module.ValuesPane)),
  },
  events: {
    title: 'Events',
    Pane: dynamic(() => import('../panes/events').then((module) => module.EventsPane)),
  },
  input: {
    title: 'Input',
    Pane: dynamic(() => import('../panes/input').then((module) => module.InputPane)),
  },
  assets: {
    title: 'Assets',
    Pane: dynamic(() => import('../panes/assets/AssetsPane').then((module) => module.AssetsPane)),
  },
};
