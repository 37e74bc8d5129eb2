import {
  isPicture,
  STATES,
  type Asset,
  type BoxLook,
  type FacePicture,
  type Id,
  type StateName,
} from '../model';
import { dressed } from './dressed';

/** What artists call the states of a control at the end of a picture's name. */
const WORDS: Record<StateName, readonly string[]> = {
  hovered: ['hovered', 'hover', 'over'],
  focused: ['focused', 'focus', 'selected'],
  pressed: ['pressed', 'press', 'down', 'active'],
  on: ['on', 'checked', 'toggled'],
  disabled: ['disabled', 'inactive', 'locked'],
};
const NORMAL = ['normal', 'idle', 'default', 'up'];

const wordsOf = (name: string): string[] =>
  name
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '');

/**
 * Pictures that are the same thing in its states, by their names: for `button` or `button_normal` those of `button_hover`,
 * `Button Pressed`, `buttonDisabled` …
 * @param picture the id of the one for the normal face
 */
export function kitOf(assets: readonly Asset[], picture: Id): Partial<Record<StateName, Id>> {
  const normal = assets.find(({ id }) => id === picture);
  if (!normal) return {};
  const own = wordsOf(normal.name);
  const stem = (NORMAL.includes(own.at(-1) ?? '') && own.length > 1 ? own.slice(0, -1) : own).join(' ');
  const kit: Partial<Record<StateName, Id>> = {};
  for (const { id, name, media } of assets) {
    const words = wordsOf(name);
    const last = words.pop();
    if (id === picture || last === undefined || words.join(' ') !== stem || !isPicture({ media })) continue;
    const state = STATES.find((each) => WORDS[each].includes(last));
    if (state) kit[state] ??= id;
  }
  return kit;
}

/** What changes of a look when each state gets its picture of a kit, laid as the normal one is. */
export function dressedInKit(
  look: BoxLook,
  picture: FacePicture,
  kit: Readonly<Partial<Record<StateName, Id>>>,
): Partial<BoxLook> {
  const change: Partial<BoxLook> = {};
  for (const state of STATES) {
    const asset = kit[state];
    if (asset !== undefined) Object.assign(change, dressed(look, state, { ...picture, asset }));
  }
  return change;
}
