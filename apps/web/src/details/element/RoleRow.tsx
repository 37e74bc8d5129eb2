'use client';

import type { Element, Role, Screen } from '@tavu/core/model';
import { SelectRow } from '../../ui';

const WORDS: Record<Role, string> = {
  says: 'what is said',
  name: 'who says it',
  left: 'the face on the left',
  right: 'the face on the right',
  middle: 'the face in the middle',
  bubble: 'the bubble',
  choices: 'the choices, by its buttons',
  more: 'that there is more',
  log: 'what has been said',
};

/** What each type of element can be there for. */
const CAN: Partial<Record<Element['type'], readonly Role[]>> = {
  text: ['name', 'says', 'more'],
  spoken: ['says'],
  bubble: ['bubble', 'says'],
  portrait: ['left', 'right', 'middle'],
  picture: ['more', 'left', 'right', 'middle'],
  panel: ['choices', 'more'],
  list: ['log'],
};

/** What an element is there for in a conversation. */
export function RoleRow({
  screen,
  element,
  put,
}: {
  screen: Screen;
  element: Element;
  put: (change: Partial<Element>) => void;
}) {
  const roles = CAN[element.type];
  const talks = screen.kind === 'dialogue' || screen.says !== undefined || element.role !== undefined;
  if (!roles || (!talks && element.type !== 'list')) return null;
  return (
    <SelectRow<Role | ''>
      label="In a conversation it shows"
      value={element.role ?? ''}
      options={[
        ['', element.type === 'spoken' || element.type === 'bubble' ? 'default' : 'nothing'],
        ...roles.map((role): [Role, string] => [role, WORDS[role]]),
      ]}
      onChange={(role) => put({ role: role === '' ? undefined : role })}
    />
  );
}
