import { findingsOfTalk } from '@tavu/core/check';
import { exportsOf } from '@tavu/core/exchange';
import { timeIn, withId, type Conversation, type Id } from '@tavu/core/model';
import { rehearseTalk } from '@tavu/core/run';
import { Captions, Play, Search } from 'lucide-react';
import { useMemo } from 'react';
import { saveAs } from '../../persistence';
import { playLine } from '../../run';
import { edit, notify, useStudio, useUnits } from '../../store';
import { Button, Findings, IconButton, Select } from '../../ui';
import { newConversation } from './begin';
import { setLines, useLines } from './chosen';
import { Paste } from './Paste';
import { useSettled } from './settled';
import { Which } from './Which';

/** Which conversation is open, the screen it is shown on, how long it takes, and what is wrong with it as a whole. */
export function ConversationHead({ conversation }: { conversation: Conversation }) {
  const project = useStudio((studio) => studio.project);
  const screens = project.screens.filter(
    (screen) => screen.kind === 'dialogue' || screen.says !== undefined || screen.id === conversation.screen,
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
      () => notify('It could not be saved.'),
    );
  return (
    <>
      <span
        title="When every line goes on after its reading time"
        role="status"
        aria-label="Duration"
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
          small
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
