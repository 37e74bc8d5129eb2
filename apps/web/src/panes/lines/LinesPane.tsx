'use client';

import { findingsOfTalk } from '@tavu/core/check';
import { Findings, Field, Button, Choices, IconButton, Sheet, Select } from '../../ui';
import { exportsOf } from '@tavu/core/exchange';
import {
  freshId,
  readName,
  timeIn,
  type Conversation,
  type Id,
  type Routine,
  withId,
} from '@tavu/core/model';
import { rehearseTalk } from '@tavu/core/run';
import { Captions, ClipboardPaste, Play, Plus, Search, Trash2 } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useMemo, useState, type ReactNode } from 'react';
import { playLine } from '../../run';
import { saveAs } from '../../persistence';
import { edit, say, useStudio, useUnits } from '../../store';
import { goToStep, setLines, useLines, useOpenOwner, type Part } from './chosen';
import { Page } from './Page';
import { pasteSteps } from './put';
import { useSettled } from './settled';
import { Parameters } from './Parameters';
import { Speakers } from './Speakers';

const TextsTable = dynamic(() => import('./TextsTable').then((module) => module.TextsTable));

/** Conversations as pages, the set-ups they call, who speaks, and every text in every language. */
export function LinesPane() {
  const part = useLines((lines) => lines.part);
  const owner = useOpenOwner();
  return (
    <section
      aria-label="Lines"
      data-pane
      tabIndex={-1}
      className="flex min-h-0 flex-1 flex-col overflow-hidden bg-sheet"
    >
      <div className="flex shrink-0 items-center gap-2 border-b border-line px-3 py-1.5">
        <Choices<Part>
          label="What is written"
          value={part}
          options={[
            { value: 'conversations', text: 'Conversations' },
            { value: 'set-ups', text: 'Set-ups' },
            { value: 'speakers', text: 'Speakers' },
            { value: 'texts', text: 'Texts' },
          ]}
          onChange={(next) => setLines({ part: next, step: null, picked: [] })}
        />
      </div>
      {part === 'speakers' ? (
        <Speakers />
      ) : part === 'texts' ? (
        <TextsTable />
      ) : owner ? (
        <>
          {'screen' in owner ? <ConversationHead conversation={owner} /> : <RoutineHead routine={owner} />}
          {'parameters' in owner && <Parameters routine={owner} />}
          <Page key={owner.id} owner={owner} />
        </>
      ) : (
        <Nothing part={part} />
      )}
    </section>
  );
}

function Nothing({ part }: { part: Part }) {
  return (
    <div className="space-y-3 p-4 text-soft">
      {part === 'conversations' ? (
        <>
          <p>
            A conversation is what is said on a dialogue screen, in order: lines, pauses, choices. Write one
            here, or paste one: a name and a colon before each line, or a screenplay in Fountain.
          </p>
          <Button onClick={newConversation}>
            <Plus size={14} aria-hidden="true" /> A conversation
          </Button>
        </>
      ) : (
        <>
          <p>
            A set-up is what comes again and again, written once: what is shown, who speaks, in which bubble.
            A conversation calls it and says what is different.
          </p>
          <Button onClick={newRoutine}>
            <Plus size={14} aria-hidden="true" /> A set-up
          </Button>
        </>
      )}
    </div>
  );
}

function newConversation(): void {
  const [speaker] = useStudio.getState().project.speakers ?? [];
  const step = { id: freshId('s'), step: 'line' as const, speaker: speaker?.id ?? null, text: '' };
  const made = edit('add conversation', { name: 'Conversation', steps: [step] });
  setLines({ part: 'conversations', conversation: made ?? null });
  goToStep(step.id);
}

function newRoutine(): void {
  const [speaker] = useStudio.getState().project.speakers ?? [];
  const step = { id: freshId('s'), step: 'line' as const, speaker: speaker?.id ?? null, text: '{words}' };
  const routine = edit('add routine', { name: 'Set-up', steps: [step] }, { key: 'new set-up' })!;
  const parameters = [{ id: freshId('q'), name: 'words', type: 'text' as const }];
  edit('change routine', { routine, change: { parameters } }, { key: 'new set-up' });
  setLines({ part: 'set-ups', routine });
  goToStep(step.id);
}

/** Which one is open, its name, and a new one. */
function Which({
  open,
  all,
  what,
  onOpen,
  onNew,
  children,
}: {
  open: { id: Id; name: string };
  all: readonly { id: Id; name: string }[];
  what: string;
  onOpen: (id: Id) => void;
  onNew: () => void;
  children: ReactNode;
}) {
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      <Select
        label={`Which ${what}`}
        value={open.id}
        options={all.map(({ id, name }): [Id, string] => [id, name])}
        className="h-7 max-w-52 min-w-0 border border-line bg-sheet font-bold hover:bg-chosen-wash"
        onChange={onOpen}
      />
      <Sheet
        label={`Name of this ${what}`}
        trigger={
          <button type="button" className="blank text-sm">
            rename
          </button>
        }
      >
        <div className="p-3">
          <Field
            label={`Name of this ${what}`}
            value={open.name}
            read={(text) =>
              readName(
                text,
                all.filter((each) => each.id !== open.id).map((each) => each.name),
              )
            }
            onChange={(name) =>
              what === 'conversation'
                ? edit('change conversation', { conversation: open.id, change: { name } })
                : edit('change routine', { routine: open.id, change: { name } })
            }
          />
        </div>
      </Sheet>
      <IconButton name={`A new ${what}`} onClick={onNew}>
        <Plus size={15} />
      </IconButton>
      <IconButton
        name={`Take out this ${what}`}
        onClick={() =>
          what === 'conversation'
            ? edit('delete conversation', { conversation: open.id })
            : edit('delete routine', { routine: open.id })
        }
      >
        <Trash2 size={14} />
      </IconButton>
      {children}
    </div>
  );
}

function ConversationHead({ conversation }: { conversation: Conversation }) {
  const project = useStudio((studio) => studio.project);
  const screens = project.screens.filter(
    (each) => each.kind === 'dialogue' || each.says !== undefined || each.id === conversation.screen,
  );
  const first = conversation.steps[0];
  const playable = screens.length > 0 ? screens : project.screens;
  return (
    <header className="shrink-0 space-y-1 border-b border-line bg-mist px-3 py-1.5">
      <Which
        open={conversation}
        all={project.conversations ?? []}
        what="conversation"
        onOpen={(id) => setLines({ conversation: id, step: null, picked: [] })}
        onNew={newConversation}
      >
        <span className="grow" />
        <Button
          look="main"
          disabled={!first || conversation.screen === null}
          onClick={() => playLine(conversation.screen!, { conversation: conversation.id, key: first!.id })}
        >
          <Play size={13} aria-hidden="true" /> Play it
        </Button>
      </Which>
      <div className="flex flex-wrap items-center gap-x-2 gap-y-1">
        <span className="text-soft">on</span>
        <Select
          label="Its dialogue screen"
          value={conversation.screen ?? ''}
          options={[['', 'no screen yet'], ...playable.map(({ id, name }): [Id, string] => [id, name])]}
          className="h-6 max-w-36 border border-line bg-sheet"
          onChange={(id: Id) =>
            edit('change conversation', {
              conversation: conversation.id,
              change: { screen: id === '' ? null : id },
            })
          }
        />
        <Total conversation={conversation} />
        <span className="grow" />
        <Finder />
        <Paste owner={conversation} />
      </div>
      <Whole conversation={conversation} />
    </header>
  );
}

/** How long all of it takes, by the engine; and its lines with their times, as a file. */
function Total({ conversation }: { conversation: Conversation }) {
  const project = useSettled(useStudio((studio) => studio.project));
  const unit = useUnits((units) => units.unit);
  const now = withId(project.conversations, conversation.id);
  const timeline = useMemo(() => (now ? rehearseTalk(project, now) : null), [project, now]);
  if (!timeline) return null;
  const save = (format: string): void =>
    void saveAs(format, 'lines', { project, conversation: now ?? conversation }, conversation.name).catch(
      () => say('It could not be saved.'),
    );
  return (
    <>
      <span
        title="When every line goes on after its reading time"
        role="status"
        aria-label="How long it takes"
        className="font-mono text-sm"
      >
        {timeline.endless
          ? 'without end'
          : timeIn(Math.round(timeline.length / 10_000) * 10_000, unit, project.rates)}
      </span>
      {exportsOf('lines').map(([format, { title }]) => (
        <IconButton
          key={format}
          name={`Save its lines with their times (${title})`}
          className="size-6"
          onClick={() => save(format)}
        >
          <Captions size={14} />
        </IconButton>
      ))}
    </>
  );
}

/** What is wrong with the conversation as a whole. */
function Whole({ conversation }: { conversation: Conversation }) {
  const flow = useSettled(useStudio((studio) => studio.flow));
  const found = useMemo(() => {
    const now = withId(flow.project.conversations, conversation.id);
    return now ? findingsOfTalk(flow, now).filter(({ where }) => where.step === '') : [];
  }, [flow, conversation.id]);
  return <Findings of={found} />;
}

function Finder() {
  const find = useLines((lines) => lines.find);
  return (
    <label className="flex h-6 items-center gap-1 rounded border border-line bg-sheet px-1.5">
      <Search size={12} aria-hidden="true" />
      <input
        type="search"
        aria-label="Find in these lines"
        value={find}
        maxLength={200}
        placeholder="find"
        className="w-24 bg-transparent outline-none placeholder:text-soft"
        onChange={(event) => setLines({ find: event.target.value, hit: 0 })}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          event.preventDefault();
          setLines({ hit: useLines.getState().hit + (event.shiftKey ? -1 : 1) });
        }}
      />
    </label>
  );
}

/** A whole dialogue as text. */
function Paste({ owner }: { owner: Conversation | Routine }) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  return (
    <Sheet
      label="Paste a dialogue"
      width="w-96"
      open={open}
      onOpen={setOpen}
      trigger={
        <button
          type="button"
          aria-label="Paste a dialogue"
          title="Paste a dialogue"
          className="flex size-6 items-center justify-center rounded hover:bg-chosen-wash"
        >
          <ClipboardPaste size={14} aria-hidden="true" />
        </button>
      }
    >
      <div className="space-y-2 p-3">
        <label className="block text-sm text-soft" htmlFor="pasted-dialogue">
          A name and a colon before each line, or a screenplay in Fountain
        </label>
        <textarea
          id="pasted-dialogue"
          value={text}
          rows={9}
          placeholder={'INES: Fog tonight.\nTOBIAS: I can hear it.'}
          className="w-full rounded border border-line bg-sheet p-1.5 font-mono text-sm"
          onChange={(event) => setText(event.target.value)}
        />
        <Button
          look="main"
          disabled={text.trim() === ''}
          onClick={() => {
            const last = owner.steps.at(-1);
            const empty = last?.step === 'line' && last.text === '' ? last.id : undefined;
            pasteSteps(owner, last?.id ?? null, text, empty);
            setText('');
            setOpen(false);
          }}
        >
          Put these lines in
        </Button>
      </div>
    </Sheet>
  );
}

function RoutineHead({ routine }: { routine: Routine }) {
  const project = useStudio((studio) => studio.project);
  const calls = (project.conversations ?? []).filter((each) =>
    JSON.stringify(each.steps).includes(`"routine":"${routine.id}"`),
  );
  return (
    <header className="shrink-0 space-y-1 border-b border-line bg-mist px-3 py-1.5">
      <Which
        open={routine}
        all={project.routines ?? []}
        what="set-up"
        onOpen={(id) => setLines({ routine: id, step: null, picked: [] })}
        onNew={newRoutine}
      >
        <span className="text-sm text-soft">
          {calls.length === 0
            ? 'called by nobody yet'
            : `called by ${calls.map((each) => each.name).join(', ')}`}
        </span>
      </Which>
    </header>
  );
}
