'use client';

import {
  check,
  complete,
  guessType,
  LONGEST_EXPRESSION,
  meant,
  type Complaint,
  type GuessedType,
  type Scope,
  whyWords,
} from '@tavu/core/expression';
import type { FieldType } from '@tavu/core/model';
import { useEffect, useId, useRef, useState } from 'react';

/**
 * A blank for an expression: checked as it is typed, with the names that could stand at the caret, and with words under
 * it for what cannot be. Enter takes it; Escape gives back what was there. What is left behind wrong stays, marked.
 */
export function ExpressionField({
  label,
  value,
  scope,
  wanted,
  onChange,
  onLeave = onChange,
  onMake,
}: {
  label: string;
  value: string;
  scope: Scope;
  /** What it has to give. */
  wanted?: FieldType;
  onChange: (text: string) => void;
  /** Takes what was typed when the blank is left for something else. */
  onLeave?: (text: string) => void;
  /** Makes a value of a name that nothing is called by. */
  onMake?: (name: string, type: GuessedType) => void;
}) {
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  const [text, setText] = useState(value);
  const [caret, setCaret] = useState(value.length);
  const [at, setAt] = useState(-1);
  const [refused, setRefused] = useState(false);
  const left = useRef(false);
  useEffect(() => {
    setText(value);
    setRefused(false);
  }, [value]);
  useEffect(() => input.current?.select(), []);
  const { complaints } = check(meant(text, scope, wanted), scope, wanted);
  // A formula that is there is read; what could stand in it is offered once it is written in.
  const isRead = value !== '' && text === value;
  const offers = isRead ? [] : complete(text, caret, scope, wanted).slice(0, 7);
  const fault = complaints[0];
  // While something is being typed, what is missing at its end is no fault yet.
  const told =
    fault && (refused || text !== value) && (refused || fault.from < text.length) ? fault : undefined;

  const put = (write: string, from: number, to: number): void => {
    setText(text.slice(0, from) + write + text.slice(to));
    setCaret(from + write.length);
    setAt(-1);
    requestAnimationFrame(() => {
      input.current?.focus();
      input.current?.setSelectionRange(from + write.length, from + write.length);
    });
  };
  const take = (): void => {
    const typed = meant(text.trim(), scope, wanted);
    if (fault || typed === '') return setRefused(true);
    if (typed !== value) onChange(typed);
    else onChange(value);
  };
  const leave = (): void => {
    if (left.current || text.trim() === value || text.trim() === '' || text.length > LONGEST_EXPRESSION)
      return;
    onLeave(meant(text.trim(), scope, wanted));
  };
  return (
    <div>
      <label htmlFor={id} className="mb-0.5 block text-sm text-soft">
        {label}
      </label>
      <input
        id={id}
        ref={input}
        autoFocus
        autoComplete="off"
        spellCheck={false}
        role="combobox"
        aria-expanded={offers.length > 0}
        aria-controls={`${id}-offers`}
        aria-activedescendant={at >= 0 ? `${id}-${at}` : undefined}
        aria-invalid={told !== undefined}
        aria-describedby={told ? `${id}-error` : undefined}
        value={text}
        maxLength={10_000}
        className={`h-8 w-full rounded border-2 bg-sheet px-1.5 font-mono ${told ? 'border-warn' : 'border-chosen'}`}
        onChange={(event) => {
          setText(event.target.value);
          setCaret(event.target.selectionStart ?? event.target.value.length);
          setAt(-1);
          setRefused(false);
        }}
        onSelect={(event) => setCaret(event.currentTarget.selectionStart ?? 0)}
        onBlur={(event) => {
          if (!event.currentTarget.parentElement?.contains(event.relatedTarget)) leave();
        }}
        onKeyDown={(event) => {
          if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
            event.preventDefault();
            const by = event.key === 'ArrowDown' ? 1 : -1;
            setAt((now) => (offers.length === 0 ? -1 : (now + by + offers.length) % offers.length));
          } else if (event.key === 'Enter' || (event.key === 'Tab' && at >= 0)) {
            event.preventDefault();
            const only = offers.length === 1 && fault ? offers[0] : undefined;
            const finishes = only && only.write !== text.slice(only.from, only.to) ? only : undefined;
            const offer = offers[at] ?? finishes;
            if (offer) put(offer.write, offer.from, offer.to);
            else take();
          } else if (event.key === 'Escape') left.current = true;
        }}
      />
      {told && (
        <Told
          id={`${id}-error`}
          complaint={told}
          onPut={put}
          onMake={onMake && ((name) => onMake(name, guessType(text, name, wanted)))}
        />
      )}
      {offers.length > 0 && (
        <ul id={`${id}-offers`} role="listbox" aria-label="What could stand here" className="mt-1.5">
          {offers.map((offer, i) => (
            <li
              key={`${offer.label} ${offer.hint}`}
              id={`${id}-${i}`}
              role="option"
              aria-selected={i === at}
              className={`flex cursor-pointer justify-between gap-3 rounded px-1.5 py-0.5 ${i === at ? 'bg-chosen-wash outline outline-chosen' : 'hover:bg-chosen-wash'}`}
              onPointerDown={(event) => {
                event.preventDefault();
                put(offer.write, offer.from, offer.to);
              }}
            >
              <span className="truncate">{offer.label}</span>
              <span className="shrink-0 text-sm text-soft">{offer.hint}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function Told({
  id,
  complaint,
  onPut,
  onMake,
}: {
  id: string;
  complaint: Complaint;
  onPut: (write: string, from: number, to: number) => void;
  onMake?: (name: string) => void;
}) {
  const { instead, unknown, from, to } = complaint;
  const small = 'rounded border border-line bg-sheet px-1.5 text-ink hover:bg-chosen-wash';
  return (
    <div className="mt-0.5 text-sm text-warn">
      <p id={id} role="alert">
        {whyWords(complaint)}
      </p>
      <p className="mt-1 flex flex-wrap gap-1">
        {instead && (
          <button type="button" className={small} onClick={() => onPut(instead, from, to)}>
            Write {instead}
          </button>
        )}
        {unknown && onMake && (
          <button type="button" className={small} onClick={() => onMake(unknown)}>
            Make a value “{unknown.replace(/_/g, ' ')}”
          </button>
        )}
      </p>
    </div>
  );
}
