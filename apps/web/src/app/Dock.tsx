'use client';

import { ChevronsDown, ChevronsUp } from 'lucide-react';
import { LanguageSwitch, Mute, SkinSwitch } from '../live';
import { IconButton, useAhead } from '../ui';
import { arrangeDock, openDocked, useDock, type DockName } from './docking';
import { Boundary } from './Boundary';
import { DOCK, LATER } from './docked';

const NAMES = Object.keys(DOCK) as DockName[];

/** Below the game: what goes with its run, side by side, each part opened and closed by its button. */
export function Dock() {
  useAhead(LATER);
  const docked = useDock((dock) => dock.docked);
  const tall = useDock((dock) => dock.tall);
  const open = NAMES.filter((name) => docked.includes(name));
  const toggle = (name: DockName): void =>
    docked.includes(name)
      ? arrangeDock({ docked: docked.filter((other) => other !== name) })
      : openDocked(name);
  return (
    <section
      aria-label="Below the game"
      data-pane
      tabIndex={-1}
      className="flex shrink-0 flex-col border-t border-line bg-sheet"
    >
      <div className="flex h-8 shrink-0 items-center gap-1 border-b border-line px-2.5">
        {NAMES.map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={docked.includes(name)}
            className="h-6.5 rounded px-2 text-soft hover:bg-chosen-wash aria-pressed:bg-chosen-wash aria-pressed:font-semibold aria-pressed:text-ink"
            onClick={() => toggle(name)}
          >
            {DOCK[name].title}
          </button>
        ))}
        <span className="grow" />
        <SkinSwitch />
        <span className="text-soft">Language</span>
        <LanguageSwitch />
        <Mute />
        {open.length > 0 && (
          <IconButton
            name={tall ? 'Make this lower' : 'Make this taller'}
            aria-expanded={tall}
            onClick={() => arrangeDock({ tall: !tall })}
          >
            {tall ? <ChevronsDown size={14} /> : <ChevronsUp size={14} />}
          </IconButton>
        )}
      </div>
      {open.length > 0 && (
        <div
          className={`flex ${tall ? 'h-[33vh]' : 'h-[22vh]'} min-h-36 divide-x divide-line overflow-x-auto`}
        >
          {open.map((name) => {
            const { title, Panel, width } = DOCK[name];
            return (
              <section
                key={name}
                id={`docked-${name}`}
                tabIndex={-1}
                aria-label={title}
                className={`flex min-h-0 flex-col ${width}`}
              >
                <Boundary name={title}>
                  <Panel />
                </Boundary>
              </section>
            );
          })}
        </div>
      )}
    </section>
  );
}
