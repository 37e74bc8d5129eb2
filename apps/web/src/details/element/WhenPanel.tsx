'use client';

import { scopeOfWritten, type Written } from '@tavu/core/component';
import { useStudio } from '../../store';
import { ConditionRow, type Put } from '../../fields';

/** Conditions under which an element is shown, and can be used. */
export function WhenPanel({ written, put }: { written: Written; put: Put }) {
  const { element } = written;
  const project = useStudio((studio) => studio.project);
  const scope = scopeOfWritten(project, written);
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
