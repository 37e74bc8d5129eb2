'use client';

import type { MapArea } from '@tavu/core/map';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { choose, useStudio } from '../../store';

/** The box around an area's screens, with its name; it folds to one card. */
export function AreaBox({
  area,
  scale,
  outline,
  target,
  onFold,
}: {
  area: MapArea;
  /** How near the map is seen; the name keeps its size. */
  scale: number;
  /** Seen from so far that the box is a mark, and its name stands beside it. */
  outline: boolean;
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
        className={`pointer-events-auto absolute flex items-center ${outline ? 'left-full h-4 origin-left' : 'left-1 h-6 origin-bottom-left'}`}
        style={
          outline
            ? { top: '50%', transform: `scale(${1 / scale}) translateY(-50%)`, maxWidth: 200 }
            : {
                bottom: 'calc(100% - 21px)',
                maxWidth: Math.max(96, (area.width - 8) * scale),
                transform: `scale(${1 / scale})`,
              }
        }
      >
        <button
          type="button"
          aria-label={`${area.folded ? 'Unfold' : 'Fold'} ${area.name}`}
          aria-expanded={!area.folded}
          className={`flex size-6 shrink-0 items-center justify-center rounded hover:bg-chosen-wash ${outline ? 'hidden' : ''}`}
          onClick={onFold}
        >
          {area.folded ? <ChevronRight size={13} /> : <ChevronDown size={13} />}
        </button>
        <button
          type="button"
          aria-label={`Area ${area.name}`}
          aria-pressed={chosen}
          className={`${outline ? 'text-xs leading-4' : 'min-h-6 text-sm'} min-w-6 truncate rounded px-0.5 font-semibold whitespace-nowrap hover:underline ${chosen ? 'text-chosen' : ''}`}
          onClick={() => choose({ area: area.id })}
        >
          {area.name}
        </button>
      </div>
    </div>
  );
}
