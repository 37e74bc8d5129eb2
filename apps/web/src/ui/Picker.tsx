'use client';

import { Command } from 'cmdk';
import { useEffect, useLayoutEffect, useRef, useState, type ReactNode } from 'react';

export interface Choice {
  key: string;
  /** What typing is matched against. */
  words: string;
  label: ReactNode;
  hint?: ReactNode;
  group?: string;
  onPick: () => void;
}

/** So many are listed at once, since each costs time at every letter. */
const MAX_SHOWN = 60;

/** Whether words hold all of those that were typed, in any order. */
function saysAll(words: string, typed: string): boolean {
  const said = words.toLowerCase();
  return said.includes(typed) || typed.split(/\s+/).every((word) => said.includes(word));
}

/** Whether words have each of those that were typed as a whole word: *slide* is more likely meant by *slide* than by *slider*. */
function saysWhole(words: string, typed: string): boolean {
  const said = new Set(words.toLowerCase().split(/[^\p{L}\p{N}]+/u));
  return typed !== '' && typed.split(/\s+/).every((word) => said.has(word));
}

/**
 * A list that typing filters. `typed` gives further choices for what has been typed, such as making a new thing of that
 * name; `refuse` says in words why what is typed cannot be.
 */
export function Picker({
  label,
  placeholder,
  choices,
  typed,
  refuse,
  nearest,
  initial = '',
  typedBefore,
}: {
  label: string;
  placeholder: string;
  choices: readonly Choice[];
  typed?: (text: string) => readonly Choice[];
  refuse?: (text: string) => string | null;
  /** What comes nearest to a text that nothing fits. */
  nearest?: (text: string) => readonly Choice[];
  initial?: string;
  /** Gives what was typed before its field was there; a line end takes the first of what fits. Must be the same function at every call. */
  typedBefore?: () => string;
}) {
  const [text, setText] = useState(initial);
  // The field has the keyboard by now, and no letter can come between.
  const entered = useRef<string | null>(null);
  useLayoutEffect(() => {
    const [typed, more] = typedBefore?.().split('\n') ?? [];
    if (typed) setText(typed);
    if (typed && more !== undefined) entered.current = typed;
  }, [typedBefore]);
  const [picked, setPicked] = useState({ text: initial, key: '' });
  const wanted = text.trim().toLowerCase();
  const fit = choices.filter((choice) => saysAll(choice.words, wanted));
  const whole = fit.filter((choice) => saysWhole(choice.words, wanted));
  const fitting = whole.length === 0 ? fit : [...whole, ...fit.filter((choice) => !whole.includes(choice))];
  const near = fitting.length === 0 ? (nearest?.(wanted) ?? []) : [];
  const found = fitting.length > 0 ? fitting : near;
  const shown = found.length > MAX_SHOWN ? found.slice(0, MAX_SHOWN) : found;
  const error = wanted === '' ? null : (refuse?.(text) ?? null);
  const made = wanted === '' || error ? [] : (typed?.(text.trim()) ?? []);
  const groups = [...new Set([...shown, ...made].map((choice) => choice.group ?? ''))];
  // Enter takes the first of what fits the letters that are there, however fast they were typed.
  const listed = groups.flatMap((group) =>
    [...shown, ...made].filter((choice) => (choice.group ?? '') === group),
  );
  const at =
    picked.text === text && listed.some(({ key }) => key === picked.key) ? picked.key : listed[0]?.key;
  useEffect(() => {
    if (entered.current !== text || !listed[0]) return;
    entered.current = null;
    listed[0].onPick();
  });
  const item = (choice: Choice) => (
    <Command.Item
      key={choice.key}
      value={choice.key}
      onSelect={choice.onPick}
      className="flex cursor-pointer items-center justify-between gap-3 rounded px-2 py-1 data-[selected=true]:bg-chosen-wash data-[selected=true]:outline data-[selected=true]:outline-chosen"
    >
      <span className="min-w-0 truncate">{choice.label}</span>
      {choice.hint && <span className="shrink-0 text-sm text-soft">{choice.hint}</span>}
    </Command.Item>
  );
  return (
    <Command
      shouldFilter={false}
      label={label}
      loop
      value={at ?? ''}
      onValueChange={(key) => setPicked({ text, key })}
    >
      <Command.Input
        autoFocus
        value={text}
        onValueChange={setText}
        placeholder={placeholder}
        maxLength={200}
        className="w-full rounded-t-lg border-b border-line bg-transparent px-3 py-2 outline-none placeholder:text-soft"
      />
      {error && <p className="px-3 py-1.5 text-sm text-warn">{error}</p>}
      {near.length > 0 && (
        <p className="px-3 py-1.5 text-sm text-soft">Nothing is called that. The nearest:</p>
      )}
      <Command.List className="max-h-72 overflow-auto p-1">
        {groups.map((group) => (
          <Command.Group
            key={group}
            heading={group || undefined}
            className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-1.5 [&_[cmdk-group-heading]]:text-xs [&_[cmdk-group-heading]]:text-soft"
          >
            {[...shown, ...made].filter((choice) => (choice.group ?? '') === group).map(item)}
          </Command.Group>
        ))}
        {found.length > shown.length && (
          <p className="px-2 py-1.5 text-sm text-soft">
            And {found.length - shown.length} more: type to find them.
          </p>
        )}
        {shown.length + made.length === 0 && !error && (
          <p className="px-2 py-1.5 text-soft">{wanted === '' ? placeholder : 'Nothing of that name.'}</p>
        )}
      </Command.List>
    </Command>
  );
}
