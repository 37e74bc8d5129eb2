import type { Conversation, Routine } from '@tavu/core/model';
import { ClipboardPaste } from 'lucide-react';
import { useState } from 'react';
import { Button, Sheet } from '../../ui';
import { pasteSteps } from './put';

/** A whole dialogue as text. */
export function Paste({ owner }: { owner: Conversation | Routine }) {
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
