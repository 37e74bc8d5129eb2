import type { Element, ElementType } from '@tavu/core/model';
import { panel } from './panel';
import { ellipse } from './ellipse';
import { shape } from './shape';
import { text } from './text';
import { button } from './button';
import { picture } from './picture';
import { toggle } from './switch';
import { slider } from './slider';
import { choice } from './choice';
import { entry } from './entry';
import { binding } from './binding';
import { tabs } from './tabs';
import { list } from './list';
import { progress } from './progress';
import { portrait } from './portrait';
import { bubble } from './bubble';
import { spoken } from './spoken';
import { prompt } from './prompt';
import { address } from './address';
import { touch } from './touch';
import { stick } from './stick';
import { component } from './component';
import type { Settings } from './settings';

/** Every type of element, as it is set up in the right column. */
export const SETTINGS: { [T in ElementType]: Settings<T> } = {
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

/** The settings of an element's type. */
export const settingsOf = (element: Element): Settings<ElementType> =>
  SETTINGS[element.type] as Settings<ElementType>;
