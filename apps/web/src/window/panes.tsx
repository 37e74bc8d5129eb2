'use client';

import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import { MapPane } from '../map/MapPane';
import type { Pane } from './arrangement';

interface PaneEntry {
  title: string;
  Pane: ComponentType;
}

/** Every pane that the left of the window can show, in the order of its tabs. */
export const PANES: Record<Pane, PaneEntry> = {
  map: { title: 'Map', Pane: MapPane },
  grid: { title: 'Grid', Pane: dynamic(() => import('../map/GridPane').then((module) => module.GridPane)) },
  lines: {
    title: 'Lines',
    Pane: dynamic(() => import('../lines/LinesPane').then((module) => module.LinesPane)),
  },
  values: {
    title: 'Values',
    Pane: dynamic(() => import('../values/ValuesPane').then((module) => module.ValuesPane)),
  },
  assets: {
    title: 'Assets',
    Pane: dynamic(() => import('../assets/AssetsPane').then((module) => module.AssetsPane)),
  },
};
