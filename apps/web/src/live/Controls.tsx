'use client';

import { triggerOf } from '@tavu/core/triggers';
import { Gamepad2, Pause, Play, Proportions, RotateCcw, StepForward, Volume2, VolumeX } from 'lucide-react';
import { useState } from 'react';
import { linksFrom, withId } from '@tavu/core/model';
import { edit, notify, useStudio } from '../store';
import type { Device } from '@tavu/core/run';
import { Picker, Select, Button, Choices, IconButton, Sheet, Tip, Check } from '../ui';
import { LanguageSwitch } from './LanguageSwitch';
import { Pad } from './Pad';
import { EventButton } from './EventButton';
import {
  toggleStrip,
  useSizes,
  give,
  restart,
  setMaking,
  setMuted,
  setOnly,
  setSpeed,
  SPEEDS,
  startAt,
  stepOn,
  toggleHold,
  useRun,
} from '../run';

export function Controls() {
  const held = useRun((run) => run.held);
  const speed = useRun((run) => run.speed);
  const chosen = useStudio((studio) => withId(studio.project.screens, studio.chosen.screen));
  const [pad, setPad] = useState(false);
  const strip = useSizes((sizes) => sizes.strip);
  return (
    <div className="shrink-0 space-y-1.5 border-b border-line px-3.5 py-2">
      <div className="flex flex-wrap items-center gap-1.5">
        <Tip text={held ? 'Let the run go on' : 'Stop the run at this instant, to edit it'} keys="F8">
          <Button id="hold" look="main" className="w-21 justify-center" onClick={toggleHold}>
            {held ? <Play size={14} aria-hidden="true" /> : <Pause size={14} aria-hidden="true" />}
            {held ? 'Resume' : 'Hold'}
          </Button>
        </Tip>
        <IconButton
          name="Step to the next event"
          onClick={() => {
            if (!stepOn()) notify('Nothing more happens by itself from here.');
          }}
        >
          <StepForward size={15} />
        </IconButton>
        <IconButton name="Restart from the first screen" onClick={restart}>
          <RotateCcw size={15} />
        </IconButton>
        <Choices
          label="Speed"
          value={String(speed)}
          options={SPEEDS.map((value) => ({
            value: String(value),
            text: value === 0.25 ? '¼×' : `${value}×`,
          }))}
          onChange={(value) => setSpeed(Number(value))}
        />
        <IconButton
          name="On-screen gamepad"
          aria-pressed={pad}
          className={pad ? 'bg-chosen-wash' : ''}
          onClick={() => setPad(!pad)}
        >
          <Gamepad2 size={16} />
        </IconButton>
        <Mute />
        <IconButton
          name="Screen sizes"
          aria-pressed={strip}
          className={strip ? 'bg-chosen-wash' : ''}
          onClick={toggleStrip}
        >
          <Proportions size={15} />
        </IconButton>
        <span className="grow" />
        <Tip
          text={
            chosen
              ? `Plays from ${chosen.name}, with the values as they are now`
              : 'Choose a screen on the map to play from'
          }
        >
          <Button
            aria-disabled={!chosen}
            className={chosen ? '' : 'opacity-50'}
            onClick={() => chosen && startAt(chosen.id)}
          >
            Start here
          </Button>
        </Tip>
      </div>
      <div className="flex items-center gap-1.5">
        <span className="text-soft">Input</span>
        <PlayedBy />
        <span className="text-soft">in</span>
        <LanguageSwitch />
      </div>
      {pad && <Pad />}
      <Events />
    </div>
  );
}

/** All four ways to play, or one of them alone. */
function PlayedBy() {
  const only = useRun((run) => run.only);
  return (
    <Select<Device | ''>
      label="Input"
      value={only ?? ''}
      options={[
        ['', 'any device'],
        ['keys', 'keys alone'],
        ['pad', 'pad alone'],
        ['pointer', 'pointer alone'],
        ['touch', 'touch alone'],
      ]}
      className={`h-6 shrink-0 border bg-sheet text-sm ${only === null ? 'border-line' : 'border-live font-semibold text-live'}`}
      onChange={(to) => setOnly(to === '' ? null : to)}
    />
  );
}

function Mute() {
  const muted = useRun((run) => run.muted);
  return (
    <IconButton name={muted ? 'Unmute' : 'Mute'} aria-pressed={muted} onClick={() => setMuted(!muted)}>
      {muted ? <VolumeX size={15} /> : <Volume2 size={15} />}
    </IconButton>
  );
}

export function AskSwitch() {
  const making = useRun((run) => run.making);
  return (
    <Tip text="Stops where a button, key or event leads nowhere, and asks where it should lead">
      <Check on={making} className="text-sm whitespace-nowrap" onChange={(on) => setMaking(on)}>
        Ask at dead ends
      </Check>
    </Tip>
  );
}

/** What the game can say, as buttons. */
function Events() {
  const events = useStudio((studio) => studio.project.events);
  const [open, setOpen] = useState(false);
  const send = (event: string): void => give({ type: 'event', event });
  return (
    <div className="flex items-start gap-2">
      <span className="shrink-0 pt-1 text-soft">Game events</span>
      <div className="flex max-h-16 flex-wrap gap-1 overflow-auto p-0.5">
        {events
          .filter((event) => event.direction === 'in')
          .map((event) => (
            <EventButton key={event.id} event={event} />
          ))}
        <Finished />
        <Sheet
          label="A new event"
          open={open}
          onOpen={setOpen}
          trigger={
            <button
              type="button"
              className="h-6.5 rounded-full border border-dashed border-strong px-2.5 text-soft hover:text-chosen"
            >
              new …
            </button>
          }
        >
          {open && (
            <Picker
              label="A new event"
              placeholder="What does the game say?"
              choices={[]}
              typed={(text) => [
                {
                  key: 'say',
                  words: text,
                  label: `Say “${text.slice(0, 80)}”`,
                  onPick: () => {
                    setOpen(false);
                    send(edit('add event', { name: text.slice(0, 80), direction: 'in' })!);
                  },
                },
              ]}
            />
          )}
        </Sheet>
      </div>
    </div>
  );
}

/** Screens that are up and wait for what is on them to finish, or to fail. */
function Finished() {
  const project = useStudio((studio) => studio.project);
  const up = useRun((run) => run.up);
  const waits = (screen: string, on: 'done' | 'failed'): boolean =>
    linksFrom(project, screen).some(({ trigger }) => {
      const type = triggerOf(trigger);
      return type.life === 'followed' && type.follows === on;
    });
  return project.screens
    .filter(({ id }) => up.includes(id))
    .flatMap((screen) =>
      (['done', 'failed'] as const)
        .filter((on) => waits(screen.id, on))
        .map((on) => (
          <button
            key={`${screen.id} ${on}`}
            type="button"
            className="h-6.5 rounded-full border border-double border-strong px-2.5 hover:bg-chosen-wash"
            onClick={() => give({ type: on, screen: screen.id })}
          >
            {screen.name} has {on === 'done' ? 'finished' : 'failed'}
          </button>
        )),
    );
}
