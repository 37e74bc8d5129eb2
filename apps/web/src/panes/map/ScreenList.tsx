'use client';

import { LAYERS } from '@tavu/core/map';
import { layerName } from '@tavu/core/model';
import { useRun } from '../../run';
import { choose, useStudio } from '../../store';

/** The map folded to a narrow list, while Live is wide. */
export function ScreenList() {
  const screens = useStudio((studio) => studio.project.screens);
  const chosen = useStudio((studio) => studio.chosen.screen);
  const up = useRun((run) => run.up);
  return (
    <nav aria-label="Screens" data-pane tabIndex={-1} className="min-h-0 flex-1 overflow-auto bg-mist p-2">
      {LAYERS.map((layer) => (
        <div key={layer} className="mb-2">
          <h3 className="px-1.5 text-sm text-soft">{layerName(layer)}</h3>
          {screens
            .filter((screen) => screen.layer === layer)
            .map((screen) => (
              <button
                key={screen.id}
                type="button"
                aria-pressed={screen.id === chosen}
                className={`flex w-full items-center gap-2 rounded px-1.5 py-1 text-left hover:bg-chosen-wash ${screen.id === chosen ? 'bg-chosen-wash font-bold' : ''}`}
                onClick={() => choose({ screen: screen.id })}
              >
                <span className="min-w-0 flex-1 truncate">{screen.name}</span>
                {up.includes(screen.id) && <span className="text-xs font-bold text-live">up</span>}
              </button>
            ))}
        </div>
      ))}
    </nav>
  );
}
