'use client';

import { foundIn, type Found, type TextRow } from '@tavu/core/language';
import { useDeferredValue, useId, useMemo, useState } from 'react';
import { edit, languagesOf, notify, useStudio } from '../../store';
import { Button, Check, Select, Sheet } from '../../ui';

/** No more than these are shown before they are replaced; all of them are. */
const SHOWN = 200;

/** Finds words in all texts and puts others there; what will change is shown first. */
export function Replace({ rows, find }: { rows: readonly TextRow[]; find: string }) {
  const [open, setOpen] = useState(false);
  return (
    <Sheet
      label="Replace words in texts"
      open={open}
      onOpen={setOpen}
      width="w-96"
      trigger={<Button className="h-7">Replace …</Button>}
    >
      {open && <Content rows={rows} first={find} done={() => setOpen(false)} />}
    </Sheet>
  );
}

function Content({ rows, first, done }: { rows: readonly TextRow[]; first: string; done: () => void }) {
  const project = useStudio((studio) => studio.project);
  const others = languagesOf(project).slice(1);
  const [find, setFind] = useState(first);
  const [put, setPut] = useState('');
  const [language, setLanguage] = useState('');
  const [exact, setExact] = useState(false);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const wanted = useMemo(
    () => ({ find, put, language: language === '' ? null : language, exact }),
    [find, put, language, exact],
  );
  // Typing comes first; what would change follows when there is time.
  const asked = useDeferredValue(wanted);
  const found = useMemo(() => foundIn(project, asked), [project, asked]);
  const places = useMemo(() => new Map(rows.map(({ key, place }) => [key, place])), [rows]);
  const keys = found.filter(({ key, refused }) => !refused && !left.has(key)).map(({ key }) => key);
  const toggle = (key: string): void =>
    setLeft((were) => {
      const now = new Set(were);
      if (!now.delete(key)) now.add(key);
      return now;
    });
  return (
    <form
      className="flex max-h-[70vh] flex-col gap-2 p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (keys.length === 0 || asked !== wanted) return;
        edit('replace words', { ...wanted, keys });
        notify(`Replaced in ${counted(keys.length)}. Undo takes it back.`);
        done();
      }}
    >
      <Words label="Find" value={find} onChange={setFind} begins />
      <Words label="Replace with" value={put} onChange={setPut} />
      <div className="flex flex-wrap items-center gap-3">
        {others.length > 0 && (
          <Select
            label="In which texts"
            value={language}
            options={[
              ['', 'as written'],
              ...others.map(({ code, name }): [string, string] => [code, `in ${name}`]),
            ]}
            className="h-7 border border-line bg-sheet"
            onChange={setLanguage}
          />
        )}
        <Check on={exact} onChange={setExact}>
          Match capitals
        </Check>
      </div>
      <ul aria-label="What will change" className="min-h-0 flex-1 overflow-auto border-y border-line">
        {found.slice(0, SHOWN).map((text) => (
          <Change
            key={text.key}
            found={text}
            place={places.get(text.key) ?? ''}
            on={!text.refused && !left.has(text.key)}
            onChange={() => toggle(text.key)}
          />
        ))}
        {found.length === 0 && (
          <li className="py-2 text-soft">
            {find.trim() === '' ? 'Type the words to find.' : 'No text has these words.'}
          </li>
        )}
        {found.length > SHOWN && <li className="py-1 text-soft">and {found.length - SHOWN} more</li>}
      </ul>
      <Button look="main" type="submit" disabled={keys.length === 0}>
        Replace in {counted(keys.length)}
      </Button>
    </form>
  );
}

const counted = (n: number): string => `${n} ${n === 1 ? 'text' : 'texts'}`;

function Words({
  label,
  value,
  onChange,
  begins = false,
}: {
  label: string;
  value: string;
  onChange: (words: string) => void;
  begins?: boolean;
}) {
  const id = useId();
  return (
    <div className="grid grid-cols-[6rem_1fr] items-center">
      <label htmlFor={id} className="text-sm text-soft">
        {label}
      </label>
      <input
        id={id}
        autoFocus={begins}
        value={value}
        maxLength={200}
        className="h-7 rounded border border-line bg-sheet px-1.5"
        onChange={(event) => onChange(event.target.value)}
      />
    </div>
  );
}

/** One text before and after, which can be left as it is. */
function Change({
  found: { before, after, refused },
  place,
  on,
  onChange,
}: {
  found: Found;
  place: string;
  on: boolean;
  onChange: () => void;
}) {
  return (
    <li className="border-b border-line py-1.5 last:border-0">
      <Check on={on} disabled={refused} onChange={onChange}>
        <span className="text-sm text-soft">{place}</span>
      </Check>
      <p className="pl-6 break-words">
        <del className="text-soft">{before}</del> <span aria-hidden="true">→</span>{' '}
        <ins className="no-underline">{after}</ins>
      </p>
      {refused && (
        <p className="pl-6 text-sm text-warn">
          It stays: nothing would be left of it, it would be too long, or a name in braces would change.
        </p>
      )}
    </li>
  );
}
