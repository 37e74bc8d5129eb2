'use client';

import { useEffect, useId, useState } from 'react';

/**
 * A text field that keeps what is typed until Enter or leaving, and refuses it with words under the field when it cannot
 * be read. Escape gives back what was there.
 */
export function Field<T>({
  label,
  shown,
  value,
  read,
  onChange,
  className = '',
  hidden = false,
  clears = false,
  step,
  placeholder,
  note,
}: {
  label: string;
  /** What is written in its place where there is little room: `W` for a width. */
  shown?: string;
  value: string;
  read: (text: string) => { ok: T } | { error: string };
  onChange: (value: T) => void;
  className?: string;
  /** The label is only spoken. */
  hidden?: boolean;
  /** What is taken makes something new; the field is empty for the next. */
  clears?: boolean;
  /** Up and down change the value: what comes `by` steps after this text. */
  step?: (text: string, by: number) => string;
  placeholder?: string;
  /** What the value comes to, said under the field. */
  note?: string;
}) {
  const id = useId();
  const [text, setText] = useState(value);
  const [error, setError] = useState<string | null>(null);
  useEffect(() => {
    setText(value);
    setError(null);
  }, [value]);
  const take = (typed: string): void => {
    if (typed === value) return setError(null);
    const got = read(typed);
    if ('error' in got) return setError(got.error);
    setError(null);
    if (clears) setText(value);
    onChange(got.ok);
  };
  return (
    <div className={className}>
      <label htmlFor={id} className={hidden ? 'sr-only' : 'mb-0.5 block text-sm text-soft'}>
        {shown ?? label}
      </label>
      <input
        id={id}
        value={text}
        maxLength={10_000}
        placeholder={placeholder}
        aria-label={shown && label}
        aria-invalid={error !== null}
        aria-describedby={error ? `${id}-error` : undefined}
        className={`h-7 w-full rounded border bg-sheet px-1.5 placeholder:text-soft ${error ? 'border-warn' : 'border-line'}`}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => take(text)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') take(text);
          if (event.key === 'Escape' && text !== value) {
            event.stopPropagation();
            setText(value);
            setError(null);
          }
          if (step && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
            event.preventDefault();
            const next = step(text, (event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 10 : 1));
            setText(next);
            take(next);
          }
        }}
      />
      {note && !error && <p className="mt-0.5 text-xs text-soft">{note}</p>}
      {error && (
        <p id={`${id}-error`} role="alert" className="mt-0.5 text-sm text-warn">
          {error}
        </p>
      )}
    </div>
  );
}
