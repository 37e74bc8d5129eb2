'use client';

import { Cap, Dialog } from '../ui';
import { useState } from 'react';
import { COMMANDS, type Keys as KeysOf } from './commands';
import { HERE, whereNow } from './here';

/** Keys that work in one part of the window; commands bring their own. */
const ELSEWHERE: [string[], string][] = [
  [['Shift', 'Esc'], 'Give the keys back from the game'],
  [['↑', '↓'], 'Where a dead end asks: choose what it does'],
  [['N'], 'On the map: a new screen'],
  [['Ctrl', 'wheel'], 'On the map: nearer or further away; the wheel alone scrolls'],
  [['L'], 'On a card: a new link from it'],
  [['F2'], 'On a card: rename it'],
  [['Ctrl', 'D'], 'On a card: duplicate it'],
  [['Delete'], 'On a card or element: take it out'],
  [['[', ']'], 'In Live, held: choose an element'],
  [['Arrows'], 'In Live, held: move it by 1, with Shift by 10'],
  [['Enter'], 'In Live, held: type over its words, or go into a component'],
  [
    ['B', 'T', 'P'],
    'In Live, held: put on a button, a text, a panel; the tools under the game say the others',
  ],
  [['Ctrl', 'Arrows'], 'In Live, held: resize it'],
  [['Enter'], 'In Lines: the next line; a name and a colon says who says it'],
  [['/'], 'In an empty line: another step'],
  [['Ctrl', 'Enter'], 'In Lines: play from here'],
];

const KEYS: [string[], string][] = [
  ...Object.values(COMMANDS).flatMap(({ keys, help }): [string[], string][] =>
    keys?.[0] && help ? [[capsOf(keys[0]), help]] : [],
  ),
  ...ELSEWHERE,
];

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
        <Keys title="Keys" keys={KEYS} />
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
