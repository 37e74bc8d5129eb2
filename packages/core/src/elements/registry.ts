import type { Element, ElementType } from '../model';
import { panel } from './panel/play';
import { ellipse } from './ellipse/play';
import { shape } from './shape/play';
import { text } from './text/play';
import { button } from './button/play';
import { picture } from './picture/play';
import { toggle } from './switch/play';
import { slider } from './slider/play';
import { choice } from './choice/play';
import { entry } from './entry/play';
import { binding } from './binding/play';
import { tabs } from './tabs/play';
import { list } from './list/play';
import { progress } from './progress/play';
import { portrait } from './portrait/play';
import { bubble } from './bubble/play';
import { spoken } from './spoken/play';
import { prompt } from './prompt/play';
import { address } from './address/play';
import { touch } from './touch/play';
import { stick } from './stick/play';
import { component } from './component/play';
import type { Holds, Of, Play } from './play';

/** Every type of element, as it plays. */
export const PLAY: { [T in ElementType]: Play<Of<T>> } = {
  panel,
  ellipse,
  shape,
  text,
  button,
  picture,
  switch: toggle,
  slider,
  choice,
  entry,
  binding,
  tabs,
  list,
  progress,
  portrait,
  bubble,
  spoken,
  prompt,
  address,
  touch,
  stick,
  component,
};

/** What an element's type says of it. */
export const playOf = (element: Element): Play => PLAY[element.type] as Play;

/** How an element treats what it holds. */
export const holdsOf = (element: Element): Holds => playOf(element).holds?.(element) ?? NOTHING;
const NOTHING: Holds = {};

/** Whether what it holds can be scrolled. */
export const canScroll = (element: Element | undefined): boolean =>
  element !== undefined && holdsOf(element).overflow === 'scrolls';
