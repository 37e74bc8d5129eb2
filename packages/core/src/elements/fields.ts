import type Joi from 'joi';
import type { ElementType } from '../model';
import { panel } from './panel/fields';
import { ellipse } from './ellipse/fields';
import { shape } from './shape/fields';
import { text } from './text/fields';
import { button } from './button/fields';
import { binding } from './binding/fields';
import { picture } from './picture/fields';
import { toggle } from './switch/fields';
import { slider } from './slider/fields';
import { choice } from './choice/fields';
import { entry } from './entry/fields';
import { tabs } from './tabs/fields';
import { list } from './list/fields';
import { progress } from './progress/fields';
import { portrait } from './portrait/fields';
import { bubble } from './bubble/fields';
import { spoken } from './spoken/fields';
import { prompt } from './prompt/fields';
import { address } from './address/fields';
import { touch } from './touch/fields';
import { stick } from './stick/fields';
import { component } from './component/fields';

export { common } from './described';

/**
 * What a file has of each type of element besides what all have. Apart from the rest, since only files are checked by
 * it.
 */
export const FIELDS: Record<ElementType, Joi.SchemaMap> = {
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
