'use client';

import type { Element, Id } from '@tavu/core/model';
import { useRef } from 'react';
import { edit, endStep, translating, useView } from '../store';

/** Typing over the words of an element where they stand. Escape gives back what was there. */
export function TypeOver({
  screen,
  path,
  element,
  style,
  onDone,
}: {
  screen: Id;
  path: Id;
  element: Element & { text: string };
  style: object;
  onDone: () => void;
}) {
  const other = translating(screen, path, element.text);
  const now = other?.text ?? element.text;
  const first = useRef(now);
  const change = (text: string): void => {
    if (other) return other.put(text);
    const { here } = useView.getState();
    const words = { text } as Partial<Element>;
    edit('change element', { screen, element: path, change: words, here }, { key: `type ${path}` });
  };
  return (
    <textarea
      autoFocus
      aria-label={`Text of ${element.name}`}
      value={now}
      maxLength={10_000}
      style={{ ...style, minHeight: 30, minWidth: 120 }}
      className="absolute z-20 resize-none rounded border-2 border-live bg-sheet/95 p-1 text-ink outline-none"
      onFocus={(event) => event.currentTarget.select()}
      onPointerDown={(event) => event.stopPropagation()}
      onChange={(event) => change(event.target.value)}
      onBlur={() => {
        endStep();
        onDone();
      }}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Escape') change(first.current);
        if (event.key === 'Escape' || (event.key === 'Enter' && !event.shiftKey)) {
          event.preventDefault();
          event.currentTarget.blur();
        }
      }}
    />
  );
}
