'use client';

import { scopeOfScreen } from '@tavu/core/expression';
import type { Element, Screen } from '@tavu/core/model';
import { useStudio } from '../../studio/store';
import { ConditionRow } from '../ConditionRow';
import type { Put } from './change';

/** Conditions under which an element is shown, and can be used. */
export function WhenPanel({ screen, element, put }: { screen: Screen; element: Element; put: Put }) {
  const project = useStudio((studio) => studio.project);
  const scope = scopeOfScreen(project, screen);
  return (
    <div className="divide-y divide-line border-y border-line">
      <ConditionRow
        label="Shown while"
        value={element.shownWhen}
        scope={scope}
        onChange={(shownWhen) => put({ shownWhen })}
      />
      <ConditionRow
        label="Can be used while"
        value={element.enabledWhen}
        scope={scope}
        onChange={(enabledWhen) => put({ enabledWhen })}
      />
    </div>
  );
}
