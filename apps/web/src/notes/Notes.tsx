'use client';

import { LONGEST_NAME, LONGEST_NOTE, type Note } from '@tavu/core/model';
import { Trash2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Button, Check, Field, goOnAt, IconButton } from '../ui';
import { loadAuthor, setAuthor, useAuthor } from './author';

/** The notes on one thing, open ones first, and room for one more. */
export function Notes({
  notes = [],
  on,
  put,
}: {
  notes: readonly Note[] | undefined;
  /** The name of what they are pinned to. */
  on: string;
  /** Replaces the notes; undefined removes them. */
  put: (notes: Note[] | undefined) => void;
}) {
  const change = (index: number, to: Note | null): void => {
    const next = notes.flatMap((note, i) => (i !== index ? [note] : to ? [to] : []));
    put(next.length > 0 ? next : undefined);
  };
  const numbered = notes.map((note, index) => ({ note, index }));
  return (
    <div className="space-y-2" data-notes>
      {notes.length > 0 && (
        <ul aria-label={`Notes on ${on}`} className="divide-y divide-line border-y border-line">
          {numbered
            .sort((a, b) => Number(a.note.done ?? 0) - Number(b.note.done ?? 0) || a.index - b.index)
            .map(({ note, index }) => (
              <Written key={index} note={note} onChange={(to) => change(index, to)} />
            ))}
        </ul>
      )}
      <NewNote on={on} onAdd={(note) => put([...notes, note])} />
    </div>
  );
}

function Written({ note, onChange }: { note: Note; onChange: (note: Note | null) => void }) {
  const { done, ...rest } = note;
  return (
    <li className="py-1.5">
      <Words
        label="Note"
        text={note.text}
        className={done ? 'text-soft line-through' : ''}
        onTake={(text) => onChange(text === '' ? null : { ...note, text })}
      />
      <div className="flex items-center gap-2 text-sm text-soft">
        <Check
          on={done ?? false}
          onChange={(now) => onChange(now ? { ...rest, done: true } : rest)}
          className="min-h-6"
        >
          done
        </Check>
        <span className="min-w-0 flex-1 truncate text-right" title={note.by}>
          {note.by}
        </span>
        <IconButton
          name="Delete this note"
          onClick={(event) => {
            const box = event.currentTarget.closest('[data-notes]');
            goOnAt(() => box?.querySelector<HTMLElement>('[data-new-note]'));
            onChange(null);
          }}
        >
          <Trash2 size={14} />
        </IconButton>
      </div>
    </li>
  );
}

function NewNote({ on, onAdd }: { on: string; onAdd: (note: Note) => void }) {
  const author = useAuthor(({ author: known }) => known);
  const [text, setText] = useState('');
  useEffect(loadAuthor, []);
  const add = (): void => {
    const said = text.trim();
    if (said === '') return;
    onAdd({ text: said, ...(author && { by: author }) });
    setText('');
  };
  return (
    <div className="space-y-1.5">
      <Words
        fresh
        label={`A new note on ${on}`}
        placeholder="What should be done, or asked?"
        text={text}
        onType={setText}
        onTake={add}
      />
      {text !== '' && (
        <div className="flex items-end gap-1.5">
          <Field
            label="Your name"
            value={author}
            placeholder="optional"
            className="min-w-0 flex-1"
            read={(name) => ({ ok: name.trim().slice(0, LONGEST_NAME) })}
            onChange={setAuthor}
          />
          <Button onClick={add}>Add the note</Button>
        </div>
      )}
    </div>
  );
}

/** A text field that grows: Enter takes the text, Shift Enter begins a new line, Escape restores what was there. */
function Words({
  label,
  text,
  placeholder,
  className = '',
  fresh = false,
  onType,
  onTake,
}: {
  label: string;
  text: string;
  placeholder?: string;
  className?: string;
  /** For a new note, which is taken only when that is said. */
  fresh?: boolean;
  onType?: (text: string) => void;
  onTake: (text: string) => void;
}) {
  const [typed, setTyped] = useState(text);
  useEffect(() => setTyped(text), [text]);
  const type = (now: string): void => {
    setTyped(now);
    onType?.(now);
  };
  const take = (): void => {
    if (fresh || typed.trim() !== text) onTake(typed.trim());
  };
  return (
    <textarea
      aria-label={label}
      data-new-note={fresh || undefined}
      value={typed}
      rows={1}
      maxLength={LONGEST_NOTE}
      placeholder={placeholder}
      className={`field-sizing-content block max-h-40 min-h-7 w-full resize-none rounded border bg-sheet px-1.5 py-0.5 placeholder:text-soft ${fresh ? 'border-line' : 'border-transparent hover:border-line'} ${className}`}
      onChange={(event) => type(event.target.value)}
      onBlur={() => !fresh && take()}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && !event.shiftKey) {
          event.preventDefault();
          take();
        }
        if (event.key === 'Escape' && typed !== text) {
          event.stopPropagation();
          type(text);
        }
      }}
    />
  );
}
