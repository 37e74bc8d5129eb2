'use client';

import { problemWords } from '@tavu/core/refusal';
import { endingsOf, exportsOf } from '@tavu/core/exchange';
import { tableCounts, textTable, type TextRow } from '@tavu/core/language';
import { paintStill } from '@tavu/core/paint';
import { type Translated, withId } from '@tavu/core/model';
import { countLetters } from '@tavu/core/marks';
import { useVirtualizer } from '@tanstack/react-virtual';
import { FileDown, FileUp } from 'lucide-react';
import { useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { MarkedArea } from '../../fields';
import { languagesOf, choose, chooseLink, edit, endStep, notify, useStudio } from '../../store';
import { Picture, readNumber, Field, Button, Small, Tip, Select } from '../../ui';
import { readFile, saveAs, Stopped } from '../../persistence';
import { openConversation } from './chosen';
import { Replace } from './Replace';

type Only = 'all' | 'missing' | 'changed' | 'too long';

/** Every text a player reads, where it stands, and what it is in another language; out to translators and back. */
export function TextsTable() {
  const project = useStudio((studio) => studio.project);
  const languages = languagesOf(project);
  const others = languages.slice(1);
  const [chosen, setChosen] = useState<string | null>(null);
  const code = others.some((other) => other.code === chosen) ? chosen! : (others[0]?.code ?? '');
  const rows = useMemo(() => textTable(project, code), [project, code]);
  const counts = tableCounts(rows);
  const [only, setOnly] = useState<Only>('all');
  const [find, setFind] = useState('');
  const shown = useMemo(
    () => rows.filter((row) => fitsOnly(row, only) && says(row, find)),
    [rows, only, find],
  );
  const frame = useRef<HTMLDivElement>(null);
  const list = useVirtualizer({
    count: shown.length,
    getScrollElement: () => frame.current,
    estimateSize: () => 92,
    getItemKey: (i) => shown[i]!.key,
    overscan: 4,
  });
  return (
    <>
      <header className="flex shrink-0 flex-wrap items-center gap-2 border-b border-line bg-mist px-3 py-1.5">
        {others.length > 0 && (
          <Select
            label="Translated into"
            value={code}
            options={others.map((other): [string, string] => [other.code, other.name])}
            className="h-7 border border-line bg-sheet font-bold"
            onChange={setChosen}
          />
        )}
        <Select<Only>
          label="Which texts"
          value={only}
          options={[
            ['all', `all ${counts.all}`],
            ['missing', `${counts.missing} missing`],
            ['changed', `${counts.changed} changed since`],
            ['too long', 'too long'],
          ]}
          className="h-7 border border-line bg-sheet"
          onChange={setOnly}
        />
        <input
          type="search"
          aria-label="Find in the texts"
          placeholder="find"
          value={find}
          maxLength={200}
          className="h-7 w-28 rounded border border-line bg-sheet px-1.5"
          onChange={(event) => setFind(event.target.value)}
        />
        <Replace rows={rows} find={find} />
        <span className="grow" />
        {code !== '' && <Files code={code} rows={rows} />}
      </header>
      {others.length === 0 && (
        <p className="px-3 py-2 text-soft">
          The project speaks one language. Add another under <i>Languages</i>, with nothing chosen, and its
          texts are written here or by translators.
        </p>
      )}
      <div ref={frame} className="min-h-0 flex-1 overflow-auto">
        <ol aria-label="Texts" className="relative" style={{ height: list.getTotalSize() }}>
          {list.getVirtualItems().map((item) => (
            <li
              key={item.key}
              ref={list.measureElement}
              data-index={item.index}
              className="absolute inset-x-0 border-b border-line"
              style={{ transform: `translateY(${item.start}px)` }}
            >
              <OneText row={shown[item.index]!} code={code} />
            </li>
          ))}
        </ol>
        {shown.length === 0 && <p className="p-3 text-soft">There are no such texts.</p>}
      </div>
    </>
  );
}

const tooLong = (row: TextRow): boolean =>
  row.maxLength !== null && Math.max(countLetters(row.source), countLetters(row.target)) > row.maxLength;

const fitsOnly = (row: TextRow, only: Only): boolean =>
  only === 'all' || (only === 'too long' ? tooLong(row) : row.state === only);

const says = ({ source, target, place }: TextRow, find: string): boolean =>
  `${place} ${source} ${target}`.toLowerCase().includes(find.trim().toLowerCase());

const STATE_WORDS: [NonNullable<Translated['state']>, string][] = [
  ['initial', 'to be done'],
  ['translated', 'translated'],
  ['reviewed', 'reviewed'],
  ['final', 'final'],
];

/** Up from before the first letter and down from after the last lead to the text before and the next. */
function fromTextToText(event: KeyboardEvent<HTMLTextAreaElement>): void {
  const { selectionStart, selectionEnd, value } = event.currentTarget;
  const by =
    event.key === 'ArrowDown' && selectionStart === value.length
      ? 1
      : event.key === 'ArrowUp' && selectionEnd === 0
        ? -1
        : 0;
  if (by === 0 || event.shiftKey || event.nativeEvent.isComposing) return;
  const row = event.currentTarget.closest<HTMLElement>('[data-index]');
  const next = row?.parentElement?.querySelector<HTMLTextAreaElement>(
    `[data-index="${Number(row.dataset.index) + by}"] textarea`,
  );
  if (!next) return;
  event.preventDefault();
  next.focus();
  next.setSelectionRange(...(by > 0 ? ([next.value.length, next.value.length] as const) : ([0, 0] as const)));
}

function OneText({ row, code }: { row: TextRow; code: string }) {
  const { key, place, source, target, state, note, maxLength } = row;
  return (
    <div className="grid grid-cols-[88px_minmax(0,1fr)] gap-2 px-3 py-1.5">
      <Where row={row} />
      <div className="min-w-0 space-y-1">
        <p className="flex items-center gap-2 text-xs text-soft">
          <span className="min-w-0 flex-1 truncate">{place}</span>
          {state === 'missing' && <span className="font-semibold text-warn">missing</span>}
          {state === 'changed' && (
            <span className="font-semibold text-warn" title="The text has changed since it was translated">
              changed since
            </span>
          )}
          {tooLong(row) && <span className="font-semibold text-warn">longer than {maxLength}</span>}
        </p>
        <p className="whitespace-pre-line">{source}</p>
        {code !== '' && (
          <div className="flex items-start gap-1.5">
            <MarkedArea
              aria-label={`${place}, in ${code}`}
              lang={code}
              value={target}
              rows={target.split('\n').length}
              maxLength={20_000}
              placeholder="not translated"
              className="block field-sizing-content min-h-7 w-full resize-none rounded border border-line bg-sheet px-1.5 py-1 leading-5"
              onBlur={endStep}
              onKeyDown={fromTextToText}
              onWords={(text) =>
                edit('translate', { language: code, key, text }, { key: `translate ${key}` })
              }
            />
            {target !== '' && (
              <Select
                label={`How far ${place} is`}
                value={state === 'missing' || state === 'changed' ? 'initial' : state}
                options={STATE_WORDS}
                className="h-7 border border-line bg-sheet text-sm"
                onChange={(next) => edit('change translated', { language: code, key, state: next })}
              />
            )}
          </div>
        )}
        <div className="flex gap-1.5">
          <Field
            hidden
            label={`A note on ${place}`}
            placeholder="a note for translators"
            value={note}
            className="min-w-0 flex-1"
            read={(text) => ({ ok: text.slice(0, 2000) })}
            onChange={(text) => edit('note wording', { key, note: text, maxLength: maxLength ?? undefined })}
          />
          <Field<number | undefined>
            hidden
            label={`The most letters of ${place}`}
            placeholder="letters"
            value={maxLength === null ? '' : String(maxLength)}
            className="w-18"
            read={(text) => (text.trim() === '' ? { ok: undefined } : readNumber(text, 1, 20_000))}
            onChange={(limit) => edit('note wording', { key, note, maxLength: limit })}
          />
        </div>
      </div>
    </div>
  );
}

/** A picture of where a text stands; it leads there. */
function Where({ row }: { row: TextRow }) {
  const flow = useStudio((studio) => studio.flow);
  const sources = useStudio((studio) => studio.sources);
  const { project } = flow;
  const conversation = withId(project.conversations, row.owner);
  const [first, second = ''] = row.key.split(' ');
  const link = withId(project.links, first);
  const to = link?.to && 'screen' in link.to ? link.to.screen : undefined;
  // What a link tells another screen is seen there.
  const screen =
    (link && (flow.screens.get(second) ?? flow.screens.get(to ?? ''))) ??
    flow.screens.get(conversation?.screen ?? row.owner);
  const go = (): void => {
    if (conversation) openConversation(conversation.id, second || null);
    else if (link) chooseLink(link.id);
    else if (screen) choose({ screen: screen.id, element: screen.byId.has(second) ? second : null });
    else notify('It stands on no screen of its own.');
  };
  return (
    <button
      type="button"
      aria-label={`Go to ${row.place}`}
      title={`Go to ${row.place}`}
      className="block h-12.5 overflow-hidden rounded border border-line bg-well"
      onClick={go}
    >
      {screen && (
        <Picture
          items={paintStill(flow, screen, false)}
          sources={sources}
          width={flow.frame.width}
          height={flow.frame.height}
          className="block size-full"
        />
      )}
    </button>
  );
}

/** Out to translators, and back. */
function Files({ code, rows }: { code: string; rows: readonly TextRow[] }) {
  const project = useStudio((studio) => studio.project);
  const input = useRef<HTMLInputElement>(null);
  const save = (format: string): void =>
    void saveAs(format, 'texts', { project, language: code }, project.name).catch(() =>
      notify('It could not be saved.'),
    );
  const take = async (file: File): Promise<void> => {
    const read = await readFile('texts', file);
    if ('problem' in read) return notify(`${file.name} cannot be read: ${problemWords(read.problem)}`);
    if (read.language !== null && read.language !== code)
      return notify(`${file.name} is in ${read.language}. Choose that language above, and open it again.`);
    const known = new Set(rows.map((row) => row.key));
    const taken = read.texts.filter((text) => known.has(text.key));
    edit('take texts', { language: code, texts: taken });
    const lost = read.texts.length - taken.length;
    notify(
      `${taken.length} texts taken in${lost > 0 ? `; ${lost} are of things that are gone, and were left out` : ''}.`,
    );
  };
  return (
    <span className="flex items-center gap-1">
      {exportsOf('texts').map(([format, { title, about }]) => (
        <Tip key={format} text={about}>
          <Small onClick={() => save(format)}>
            <FileDown size={11} aria-hidden="true" className="mr-1 inline" />
            {title}
          </Small>
        </Tip>
      ))}
      <Button className="h-6!" onClick={() => input.current?.click()}>
        <FileUp size={12} aria-hidden="true" /> Import
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        accept={endingsOf('texts').join()}
        aria-label="A translator’s file"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file)
            void take(file).catch((error: unknown) =>
              notify(
                `${file.name} ${error instanceof Stopped ? 'was not taken in: reading it was stopped.' : 'could not be read.'}`,
              ),
            );
        }}
      />
    </span>
  );
}
