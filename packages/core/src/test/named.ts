import { blankProject, type Project } from '../model';
import { scopeOfScreen } from '../expression';

/** A project with a name for everything an expression may name. */

export const project: Project = {
  ...blankProject('p'),
  events: [
    {
      id: 'g-oil',
      name: 'oil found',
      direction: 'in',
      fields: [
        { id: 'f-much', name: 'how much', type: 'number' },
        { id: 'f-oil', name: 'oil', type: 'text' },
      ],
    },
    { id: 'g-bare', name: 'bare', direction: 'in' },
  ],
  values: [
    { id: 'v-oil', name: 'oil', section: '', life: 'session', type: 'number', default: 0 },
    { id: 'v-lamp', name: 'lamp oil', section: '', life: 'session', type: 'number', default: 0 },
    { id: 'v-lit', name: 'lit', section: '', life: 'session', type: 'on/off', default: false },
    {
      id: 'v-door',
      name: 'door',
      section: '',
      life: 'session',
      type: 'on/off',
      on: 'Open',
      off: 'Shut',
      default: false,
    },
    {
      id: 'v-grade',
      name: 'grade',
      section: '',
      life: 'session',
      type: 'choice',
      options: [
        { id: 'low', label: 'Faint' },
        { id: 'high', label: 'Bright' },
      ],
      default: 'low',
    },
  ],
  screens: [
    {
      id: 's-tide',
      name: 'Tide table',
      kind: 'custom',
      layer: 'base',
      background: { colour: '#000000' },
      elements: [],
      parameters: [
        { id: 'q-asked', name: 'asked', type: 'number' },
        { id: 'q-lit', name: 'lit', type: 'text' },
      ],
    },
    {
      id: 's-pause',
      name: 'Pause',
      kind: 'pause',
      layer: 'overlay',
      background: { colour: '#000000' },
      elements: [],
    },
  ],
};
export const [tide, pause] = project.screens;
export const scope = scopeOfScreen(project, undefined);
