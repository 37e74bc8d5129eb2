import { copyOf } from './plain';
import { DEFAULT_RATES } from './duration';
import { freshId } from './ids';
import type { BoxStyle, TextStyle } from './look';
import type { Action, Project } from './types';

/** The number every file carries; raised when older programs could misread the file. */
export const FORMAT = 8;

const action = (id: string, keys: string[], pad: number[], name = id): Action => ({ id, name, keys, pad });

/** The usual actions with the usual keys and pad buttons. */
export const USUAL_ACTIONS: Action[] = [
  action('confirm', ['Enter', 'Space'], [0]),
  action('menu', ['Escape', 'KeyP'], [9]),
  action('back', ['Escape', 'Backspace'], [1]),
  action('up', ['ArrowUp', 'KeyW'], [12]),
  action('down', ['ArrowDown', 'KeyS'], [13]),
  action('left', ['ArrowLeft', 'KeyA'], [14]),
  action('right', ['ArrowRight', 'KeyD'], [15]),
  action('next', ['KeyE', 'PageDown'], [5], 'next tab'),
  action('previous', ['KeyQ', 'PageUp'], [4], 'previous tab'),
];

export const DEFAULT_TEXT_STYLES: TextStyle[] = [
  {
    id: 't-title',
    name: 'Title',
    font: 'display',
    size: 112,
    weight: 400,
    colour: '#f3ead7',
    align: 'start',
    line: 1.1,
  },
  {
    id: 't-heading',
    name: 'Heading',
    font: 'display',
    size: 64,
    weight: 400,
    colour: '#f3ead7',
    align: 'centre',
    line: 1.15,
  },
  {
    id: 't-body',
    name: 'Body',
    font: 'plain',
    size: 34,
    weight: 400,
    colour: '#d9e2e6',
    align: 'start',
    line: 1.35,
  },
  {
    id: 't-button',
    name: 'Button',
    font: 'plain',
    size: 36,
    weight: 700,
    colour: '#f3ead7',
    align: 'centre',
    line: 1.2,
  },
];

export const DEFAULT_BOX_STYLES: BoxStyle[] = [
  {
    id: 'b-button',
    name: 'Button',
    fill: '#16324d',
    border: '#6e93ae',
    borderWidth: 3,
    corner: 10,
    hovered: { fill: '#1f4569' },
    focused: { fill: '#f0c25a', border: '#fff3cf', ink: '#14202b' },
    pressed: { fill: '#d9a63a', border: '#fff3cf', ink: '#14202b' },
    disabled: { fill: '#0f1e2c', border: '#2b4154', ink: '#72879a' },
  },
  { id: 'b-panel', name: 'Panel', fill: '#0d2338', border: '#3d607c', borderWidth: 3, corner: 18 },
];

/** A project with nothing in it but the default styles, actions and motion. */
export function blankProject(name: string): Project {
  return {
    format: FORMAT,
    id: freshId('p'),
    name,
    design: { width: 1920, height: 1080, margin: 5 },
    rates: DEFAULT_RATES,
    defaults: { motion: { name: 'fade', duration: '240 ms' }, order: 'after', masked: 'ignored' },
    start: null,
    actions: copyOf(USUAL_ACTIONS),
    events: [],
    values: [],
    areas: [],
    styles: { text: copyOf(DEFAULT_TEXT_STYLES), box: copyOf(DEFAULT_BOX_STYLES) },
    assets: [],
    screens: [],
    links: [],
  };
}
