'use client';

import type { MapArea } from '@tavu/core/map';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { choose, useStudio } from '../../store';

/** The box around an area's screens, with its name; it folds to one card. */
export function AreaBox({
  area,
  scale,
  target,
  onFold,
}: {
  area: MapArea;
  /** How near the map is seen; the name keeps its size. */
  scale: number;
  /** Screens would be dropped into it. */
  target: boolean;
  onFold: () => void;
}) {
  const chosen = useStudio((studio) => studio.chosen.area === area.id);
  const look = target ? 'border-chosen bg-chosen-wash' : chosen ? 'border-chosen' : 'border-strong';
  return (
    <div
      className={`pointer-events-none absolute rounded-lg border ${look} ${chosen ? 'border-2' : ''}`}
      style={{ left: area.x, top: area.y, width: area.width, height: area.height }}
    >
      <div
        data-stays
        className="pointer-events-auto absolute top-0 left-1 flex h-6 origin-top-left items-center"
        style={{
          maxWidth: Math.max(96, (area.width - 8) * scale),
          transform: scale < 1 ? `scale(${1 / scale})` : undefined,
        }}
      >
        <button
          type="button"
          aria-label={`${area.folded ? 'Unfold' : 'Fold'} ${area.name}`}
          aria-expanded={!area.folded}
          className="flex size-6 shrink-0 items-center justify-center rounded hover:bg-chosen-wash"
          onClick={onFold}
        >
          {area.folded ? <ChevronRight size={13} /> : <ChevronDown size={13} />}
        </button>
        <button
          type="button"
          aria-label={`Area ${area.name}`}
          aria-pressed={chosen}
          className={`min-w-6 truncate text-sm rounded px-0.5 font-semibold whitespace-nowrap hover:underline ${chosen ? 'text-chosen' : ''}`}
          onClick={() => choose({ area: area.id })}
        >
          {area.name}
        </button>
      </div>
    </div>
  );
}
