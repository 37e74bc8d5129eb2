'use client';

import { GripVertical } from 'lucide-react';
import { useRef, useState, type ReactNode } from 'react';

const handleAt = (list: HTMLElement | null, index: number, name: string): HTMLElement | null =>
  list?.children[index]?.querySelector<HTMLElement>(`button[aria-label="${CSS.escape(name)}"]`) ?? null;

/**
 * A list that is put in order by dragging a handle, or with Alt and the arrow keys on it. `onMove` takes the item's old
 * and new place.
 */
export function Reorder<T>({
  items,
  keyOf,
  handleName,
  onMove,
  children,
  label,
}: {
  items: readonly T[];
  keyOf: (item: T, index: number) => string;
  /** What its handle is called. */
  handleName: string;
  onMove: (from: number, to: number) => void;
  children: (item: T, index: number, handle: ReactNode) => ReactNode;
  label: string;
}) {
  const list = useRef<HTMLOListElement>(null);
  const [drag, setDrag] = useState<{ from: number; to: number } | null>(null);
  const placeAt = (y: number, from: number): number => {
    const rows = [...list.current!.children] as HTMLElement[];
    const above = rows.filter((row, i) => {
      const box = row.getBoundingClientRect();
      return i !== from && box.top + box.height / 2 < y;
    });
    return above.length;
  };
  return (
    <ol ref={list} aria-label={label} className="space-y-1.5">
      {items.map((item, i) => {
        const handle = (
          <button
            type="button"
            aria-label={handleName}
            title="Drag to change the order; Alt and ↑ or ↓ on the keyboard"
            className="flex size-6 shrink-0 cursor-grab touch-none items-center justify-center rounded text-soft hover:bg-chosen-wash hover:text-chosen"
            onPointerDown={(event) => {
              event.preventDefault();
              event.currentTarget.focus();
              event.currentTarget.setPointerCapture(event.pointerId);
              setDrag({ from: i, to: i });
            }}
            onPointerMove={(event) =>
              drag && setDrag({ from: drag.from, to: placeAt(event.clientY, drag.from) })
            }
            onPointerUp={() => {
              if (drag && drag.to !== drag.from) onMove(drag.from, drag.to);
              setDrag(null);
            }}
            onPointerCancel={() => setDrag(null)}
            onKeyDown={(event) => {
              const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
              if (by === 0 || !event.altKey || i + by < 0 || i + by >= items.length) return;
              event.preventDefault();
              onMove(i, i + by);
              // The keyboard goes along with what is moved.
              requestAnimationFrame(() => handleAt(list.current, i + by, handleName)?.focus());
            }}
          >
            <GripVertical size={13} aria-hidden="true" />
          </button>
        );
        const mark = !drag || drag.to === drag.from ? '' : drag.from === i ? 'opacity-40' : '';
        const before = drag && drag.to !== drag.from && i === (drag.to > drag.from ? drag.to + 1 : drag.to);
        const last = drag && drag.to === items.length - 1 && drag.to > drag.from && i === items.length - 1;
        return (
          <li
            key={keyOf(item, i)}
            className={`${mark} ${before ? 'border-t-2 border-chosen' : ''} ${last ? 'border-b-2 border-chosen' : ''}`}
          >
            {children(item, i, handle)}
          </li>
        );
      })}
    </ol>
  );
}
