import type { StateName } from '../model';
import { faintTexts, type Faint } from '../paint';
import type { Check } from './finding';

export const contrast: Check<Faint> = {
  severity: 'warning',
  about:
    'A text does not stand out from what is drawn behind it as WCAG 2.2 (1.4.3) asks: 4.5 : 1, and 3 : 1 for large text. Choose another colour for the text or what is behind it, or give the letters an outline.',
  drawn: (flow, screen, said = {}, tones = () => undefined) =>
    faintTexts(flow, screen, said, tones).map((params) => ({ params, where: { element: params.element } })),
  mark: ({ ratio }) => `contrast ${shown(ratio)}`,
  phrase: ({ ratio, needs, state }) =>
    `${state === null ? 'The text' : `While ${WHILE[state]}, the text`} has a contrast of ${shown(ratio)} : 1 with what is behind it. It needs ${needs} : 1 at its size.`,
};

const WHILE: Record<StateName, string> = {
  hovered: 'it is hovered',
  focused: 'it is focused',
  pressed: 'it is pressed',
  on: 'it is on',
  disabled: 'it is disabled',
};

/** Rounded down, so that what is too little never reads as enough. */
const shown = (ratio: number): string => (Math.floor(ratio * 10) / 10).toString();
