'use client';

import type { Written } from '@tavu/core/component';
import { scopeWith } from '@tavu/core/expression';
import { useStudio } from '../../store';
import { ConditionRow, type Put } from '../../fields';

/** Conditions under which an element is shown, and can be used. */
export function WhenPanel({ written, put }: { written: Written; put: Put }) {
  const { element, parameters } = written;
  const project = useStudio((studio) => studio.project);
  const scope = scopeWith(project, parameters);
  return (
    <div className="divide-y divide-line border-y border-line">
      <ConditionRow
        label="Shown while"
        value={element.shownWhen}
        scope={scope}
        onChange={(shownWhen) => put({ shownWhen })}
      />
      <ConditionRow
        label="Enabled while"
        value={element.enabledWhen}
        scope={scope}
        onChange={(enabledWhen) => put({ enabledWhen })}
      />
    </div>
  );
}
