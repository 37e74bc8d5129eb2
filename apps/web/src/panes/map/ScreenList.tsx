'use client';

import { inMapOrder, LAYERS } from '@tavu/core/map';
import { layerName, withId } from '@tavu/core/model';
import { useMemo } from 'react';
import { useRun } from '../../run';
import { choose, useStudio } from '../../store';
import { FilterSheet } from './FilterSheet';
import { lookAt, useLooked } from './looked';

/** The map folded to a narrow list, while Live is wide: in the same order, and of what is looked at there. */
export function ScreenList() {
  const project = useStudio((studio) => studio.project);
  const chosen = useStudio((studio) => studio.chosen.screen);
  const up = useRun((run) => run.up);
  const { filter, looked } = useLooked();
  const screens = useMemo(
    () => inMapOrder(project).filter(({ id }) => looked === null || looked.has(id)),
    [project, looked],
  );
  return (
    <nav aria-label="Screens" data-pane tabIndex={-1} className="min-h-0 flex-1 overflow-auto bg-mist p-2">
      <div className="float-right">
        <FilterSheet filter={filter} onChange={lookAt} />
      </div>
      {screens.length === 0 && (
        <p className="text-soft">{looked ? 'None of those that are looked at.' : 'No screens yet.'}</p>
      )}
      {LAYERS.map((layer) => {
        const here = screens.filter((screen) => screen.layer === layer);
        return (
          here.length > 0 && (
            <div key={layer} className="mb-2">
              <h3 className="px-1.5 text-sm text-soft">{layerName(layer)}</h3>
              {here.map((screen, i) => {
                const area =
                  layer === 'base' ? (withId(project.areas, screen.area ?? null)?.name ?? null) : null;
                const before = here[i - 1]?.area ?? null;
                return (
                  <div key={screen.id}>
                    {area !== null && (screen.area ?? null) !== before && (
                      <h4 className="truncate px-1.5 pt-1 text-xs font-bold text-soft" title={area}>
                        {area}
                      </h4>
                    )}
                    <button
                      type="button"
                      aria-pressed={screen.id === chosen}
                      title={screen.name}
                      className={`flex w-full items-center gap-2 rounded px-1.5 py-1 text-left hover:bg-chosen-wash ${screen.id === chosen ? 'bg-chosen-wash font-bold' : ''}`}
                      onClick={() => choose({ screen: screen.id })}
                    >
                      <span className="min-w-0 flex-1 truncate">{screen.name}</span>
                      {up.includes(screen.id) && <span className="text-xs font-bold text-live">up</span>}
                    </button>
                  </div>
                );
              })}
            </div>
          )
        );
      })}
    </nav>
  );
}
