import type { ElementType } from '../model';
import type { Part } from '../walk';
import { button } from './button/author';
import { text } from './text/author';
import { panel } from './panel/author';
import { ellipse } from './ellipse/author';
import { shape } from './shape/author';
import { picture } from './picture/author';
import { toggle } from './switch/author';
import { slider } from './slider/author';
import { choice } from './choice/author';
import { tabs } from './tabs/author';
import { list } from './list/author';
import { progress } from './progress/author';
import { entry } from './entry/author';
import { binding } from './binding/author';
import { portrait } from './portrait/author';
import { bubble } from './bubble/author';
import { spoken } from './spoken/author';
import { prompt } from './prompt/author';
import { address } from './address/author';
import { touch } from './touch/author';
import { stick } from './stick/author';
import { component } from './component/author';
import type { Author, Fresh } from './authoring';
import type { Of } from './play';

export { TOOLTIP } from './named';
export type { Author, Fresh };

/** Every type of element, as it is edited. */
export const AUTHOR: { [T in ElementType]: Author<T> } = {
  panel,
  ellipse,
  shape,
  text,
  button,
  binding,
  picture,
  switch: toggle,
  slider,
  choice,
  entry,
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

/** Where an element of a type names things, asks and speaks. */
export const referencesOf = <T extends ElementType>(type: T): Part<Of<T>> => AUTHOR[type].references;

/** Whether links are offered for a press of it. */
export const isPressed = (type: ElementType): boolean => AUTHOR[type].pressed === true;

/** Whether an element of a type is called by the words on it, until it is given another name. */
export const isNamedByWords = (type: ElementType): boolean => AUTHOR[type].named === 'by its words';

/** What a type of element is called. */
export const labelOf = (type: ElementType): string => AUTHOR[type].label;
