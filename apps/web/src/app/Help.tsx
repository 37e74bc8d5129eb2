'use client';

import { Cap, Dialog } from '../ui';
import { useState } from 'react';
import { COMMANDS, type Keys as KeysOf } from './commands';
import { HERE, whereNow } from './here';

const EVERYWHERE = Object.values(COMMANDS).flatMap(({ keys, help }): [string[], string][] =>
  keys?.[0] && help ? [[capsOf(keys[0]), help]] : [],
);

function capsOf({ key, control, shift }: KeysOf): string[] {
  return [...(control ? ['Ctrl'] : []), ...(shift && key !== '?' ? ['Shift'] : []), key.toUpperCase()];
}

export function Help({ open, onOpen }: { open: boolean; onOpen: (open: boolean) => void }) {
  // Before the dialog takes the keyboard.
  const [here] = useState(whereNow);
  return (
    <Dialog open={open} onOpen={onOpen} title="How Tavu works">
      <div className="space-y-3">
        <p>
          The game in <b>Live</b> is always running. Click it and play: keys, pad and pointer go to it. Where
          something leads nowhere, it stops and asks; type a name, and the screen is there.
        </p>
        <p>
          <b>Hold</b> stops it at that instant, and everything you see can be chosen, moved and typed over.
          The <b>Map</b> shows what leads where; the column on the right says it in sentences whose underlined
          words can be changed.
        </p>
        {here !== null && <Keys title={`Here: ${here}`} keys={HERE[here]!} />}
        <Keys title="Everywhere" keys={EVERYWHERE} />
        {Object.entries(HERE).map(
          ([part, keys]) => part !== here && <Keys key={part} title={part} keys={keys} />,
        )}
        <p className="text-sm text-soft">
          Tavu is made with{' '}
          <a href="/built/notices-window.txt" target="_blank" rel="noreferrer" className="underline">
            other people’s work
          </a>
          ; pages you export carry the notices of what they use.
        </p>
      </div>
    </Dialog>
  );
}

function Keys({ title, keys }: { title: string; keys: readonly [string[], string][] }) {
  return (
    <table className="w-full">
      <caption className="mb-1 text-left font-bold">{title}</caption>
      <tbody>
        {keys.map(([caps, words]) => (
          <tr key={words} className="border-t border-line">
            <td className="w-36 py-1">
              {caps.map((cap) => (
                <span key={cap} className="mr-1">
                  <Cap>{cap}</Cap>
                </span>
              ))}
            </td>
            <td>{words}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
