'use client';

import { freeName, LONGEST_NAME } from '@tavu/core/model';
import { projectFromNames, USUAL_SCREENS } from '@tavu/core/starter';
import { useId, useState } from 'react';
import { livePlayer } from '../run';
import { listProjects } from '../persistence';
import { goOnAt, Button, Check } from '../ui';
import { openAsNew } from './opening';

const MAX_SCREENS = 60;

/** Screen names, ticked or typed, become a flow that already runs; `begins` where the keyboard goes to it at once. */
export function NewProject({ done, begins }: { done: () => void; begins: boolean }) {
  const id = useId();
  const [name, setName] = useState('My game');
  const [ticked, setTicked] = useState(
    new Set(USUAL_SCREENS.filter((screen) => screen.ticked).map((screen) => screen.name)),
  );
  const [more, setMore] = useState('');
  const typed = more
    .split(/[\n,]/)
    .map((value) => value.trim())
    .filter(Boolean);
  const names = [
    ...USUAL_SCREENS.map((screen) => screen.name).filter((value) => ticked.has(value)),
    ...typed,
  ];
  const long = typed.find((value) => value.length > LONGEST_NAME);
  const error =
    name.trim() === ''
      ? 'Give the project a name.'
      : name.length > LONGEST_NAME
        ? `A project’s name can have ${LONGEST_NAME} characters.`
        : names.length === 0
          ? 'Tick or type at least one screen.'
          : long
            ? `“${long.slice(0, 20)}…” is too long; a name can have ${LONGEST_NAME} characters.`
            : names.length > MAX_SCREENS
              ? `Begin with ${MAX_SCREENS} screens at most; more can be added later.`
              : null;
  const make = async (): Promise<void> => {
    if (error) return;
    const taken = (await listProjects().catch(() => [])).map((row) => row.name);
    await openAsNew({
      project: projectFromNames(freeName(name.trim(), taken), names),
      assets: new Map(),
    });
    goOnAt(() => livePlayer()?.host);
    done();
  };
  return (
    <form
      aria-label="New project"
      onSubmit={(event) => {
        event.preventDefault();
        void make();
      }}
    >
      <h3 className="mb-1 font-bold">New project</h3>
      <label htmlFor={`${id}-name`} className="block text-sm text-soft">
        Its name
      </label>
      <input
        id={`${id}-name`}
        autoFocus={begins}
        value={name}
        maxLength={200}
        className="mb-2 h-7 w-full rounded border border-line bg-sheet px-1.5"
        onChange={(event) => setName(event.target.value)}
      />
      <fieldset className="mb-2">
        <legend className="text-sm text-soft">Its screens</legend>
        <div className="grid grid-cols-2">
          {USUAL_SCREENS.map((screen) => (
            <Check
              key={screen.name}
              className="py-1"
              on={ticked.has(screen.name)}
              onChange={(on) =>
                // From what is ticked by then: presses may come faster than the window draws.
                setTicked((now) => {
                  const next = new Set(now);
                  if (on) next.add(screen.name);
                  else next.delete(screen.name);
                  return next;
                })
              }
            >
              {screen.name}
            </Check>
          ))}
        </div>
      </fieldset>
      <label htmlFor={`${id}-more`} className="block text-sm text-soft">
        More, one a line (Logo, Credits, Help …)
      </label>
      <textarea
        id={`${id}-more`}
        rows={3}
        value={more}
        maxLength={10_000}
        className="w-full rounded border border-line bg-sheet px-1.5 py-1"
        onChange={(event) => setMore(event.target.value)}
      />
      {error && <p className="text-sm text-warn">{error}</p>}
      <Button look="main" type="submit" className="mt-2" disabled={error !== null}>
        Make it and run it
      </Button>
    </form>
  );
}
