'use client';

import { Toast } from 'radix-ui';
import { useState } from 'react';

/** Long enough to be noticed and read, in milliseconds. */
const stay = (text: string): number => 1500 + text.length * 50;

/** A short word for the person, gone by itself; errors stay in their places. */
export function Word({ word }: { word: { n: number; text: string } | null }) {
  const [seen, setSeen] = useState(0);
  return (
    <Toast.Provider label="Tavu" swipeDirection="down">
      {word && word.n > seen && (
        <Toast.Root
          key={word.n}
          type="background"
          duration={stay(word.text)}
          aria-label="Word"
          className="rounded-md bg-ink px-3 py-1.5 text-sheet shadow-lg"
          onOpenChange={(open) => open || setSeen(word.n)}
        >
          <Toast.Description>{word.text}</Toast.Description>
        </Toast.Root>
      )}
      {/* No key leads to it: there is nothing in it to press. */}
      <Toast.Viewport
        hotkey={[]}
        label="Words from the window"
        className="pointer-events-none fixed bottom-36 left-1/2 z-50 -translate-x-1/2"
      />
    </Toast.Provider>
  );
}
