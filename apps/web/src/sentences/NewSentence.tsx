'use client';

import { PROJECT, SOMEWHERE, type Trigger, type Id, type Link } from '@tavu/core/model';
import { useState } from 'react';
import { edit } from '../store';
import { Sheet, goOnAt } from '../ui';
import { blankIn } from './blankIn';
import { editorOfTrigger, TriggerPicker } from '../triggers';

/** The sentence that is not there yet: pick what sets it off, then say where it leads. */
export function NewSentence({ source }: { source: Id }) {
  const [open, setOpen] = useState(false);
  return (
    <Sheet
      label="What sets it off"
      open={open}
      onOpen={setOpen}
      trigger={
        <button
          type="button"
          data-new-sentence
          className="mt-2 w-full rounded border-2 border-dashed border-strong px-2.5 py-1.5 text-left text-soft hover:border-chosen hover:text-chosen"
        >
          When …
        </button>
      }
    >
      {open && <Triggers source={source} close={() => setOpen(false)} />}
    </Sheet>
  );
}

/** Where the next sentence of what is chosen begins. */
export const newSentenceIn = (): HTMLElement | null => document.querySelector('[data-new-sentence]');

/** What a new sentence says first: the usual way on from such a trigger. */
function firstKind(trigger: Trigger, source: Id): Pick<Link, 'kind' | 'to'> {
  const { first } = editorOfTrigger(trigger);
  if (first) return { kind: first };
  return { kind: source === PROJECT ? 'open' : 'go', to: { gap: SOMEWHERE } };
}

function Triggers({ source, close }: { source: Id; close: () => void }) {
  return (
    <TriggerPicker
      source={source}
      onPick={(trigger) => {
        const made = edit(
          'add link',
          { from: source, trigger, ...firstKind(trigger, source), effects: [] },
          { chosen: (made) => ({ link: made ?? null }) },
        );
        close();
        // Where it leads is still to be said.
        if (made) goOnAt(() => blankIn(made, 'target'));
      }}
    />
  );
}
