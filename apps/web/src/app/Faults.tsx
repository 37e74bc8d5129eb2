'use client';

import { elementById, screenById } from '@tavu/core/model';
import { TriangleAlert } from 'lucide-react';
import { choose, useStudio } from '../store';
import { Small } from '../ui';

/** What of the project cannot be compiled, and is left out until it is mended. */
export function Faults() {
  const faults = useStudio((studio) => studio.faults);
  const project = useStudio((studio) => studio.project);
  if (faults.length === 0) return null;
  return (
    <div
      role="alert"
      aria-label="What cannot be shown"
      className="border-b border-warn bg-warn-wash px-3 py-1"
    >
      {faults.slice(0, 3).map(({ screen: id, element: inner, message }) => {
        const screen = screenById(project, id);
        const element = elementById(screen, inner);
        return (
          <p key={`${id} ${inner}`} className="flex items-center gap-2">
            <TriangleAlert size={14} aria-hidden="true" className="shrink-0 text-warn" />
            <span className="min-w-0 truncate">
              {screen
                ? element
                  ? `“${element.name}” on ${screen.name} cannot be shown, and is left out`
                  : `${screen.name} cannot be shown; what is on it is left out`
                : 'Something in the whole project cannot be worked out; its links and routines are left out'}
              {`: ${message}`}
            </span>
            {screen && (
              <Small
                onClick={() => choose({ screen: screen.id, ...(element ? { element: element.id } : {}) })}
              >
                Choose it
              </Small>
            )}
          </p>
        );
      })}
      {faults.length > 3 && <p className="text-soft">And {faults.length - 3} more screens.</p>}
    </div>
  );
}
