'use client';

import { Plus } from 'lucide-react';
import dynamic from 'next/dynamic';
import { Button, Choices } from '../../ui';
import { newConversation, newRoutine } from './begin';
import { setLines, useLines, useOpenOwner, type Part } from './chosen';
import { ConversationHead } from './ConversationHead';
import { Page } from './Page';
import { Parameters } from './Parameters';
import { RoutineHead } from './RoutineHead';
import { Speakers } from './Speakers';

const TextsTable = dynamic(() => import('./TextsTable').then((module) => module.TextsTable));

/** Conversations as pages, the routines they call, who speaks, and every text in every language. */
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
            { value: 'routines', text: 'Routines' },
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
            A routine is a group of steps that you use again and again: what is shown, who speaks, in which
            bubble. A conversation calls it and says what is different.
          </p>
          <Button onClick={newRoutine}>
            <Plus size={14} aria-hidden="true" /> A routine
          </Button>
        </>
      )}
    </div>
  );
}
