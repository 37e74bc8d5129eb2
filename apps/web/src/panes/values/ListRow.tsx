'use client';

import { MAX_ROWS, readName, type FieldType, type ListValue, type Parameter } from '@tavu/core/model';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { readNumber, readValueName } from '../../fields';
import { writeByHand } from '../../run';
import { edit } from '../../store';
import { Button, Choices, Field, Row, Select } from '../../ui';
import { Fields } from './Fields';
import { LiveRows, useListNow } from './LiveRows';
import { RowsTable } from './RowsTable';
import { SavedGames } from './SavedGames';
import { Storage, storageWords } from './Storage';
import { Unfold, UseList } from './UseList';
import type { Uses } from './uses';

type Of = 'samples' | 'default' | 'live';

/** A list of the project: what it holds in Live, its samples, and what its rows are made of. */
export function ListRow({ list, uses, taken }: { list: ListValue; uses: Uses; taken: readonly Other[] }) {
  const [open, setOpen] = useState(false);
  const now = useListNow(list);
  return (
    <li className="rounded border border-line bg-sheet px-2 py-1">
      <div className="grid grid-cols-[24px_minmax(0,1fr)_auto] items-center gap-2">
        <Unfold open={open} name={list.name} onClick={() => setOpen(!open)} />
        <span className="min-w-0 truncate">
          <b>{list.name}</b>{' '}
          <span className="text-sm text-soft">
            {list.saved ? 'saved games' : `list${storageWords(list)}`}
          </span>
        </span>
        <output aria-label={`${list.name} now`} className="text-sm">
          {now.words}
        </output>
      </div>
      {open && (
        <div className="space-y-3 pt-2 pb-1 pl-8">
          <LiveRows list={list} />
          <Rows list={list} live={now.rows} />
          <Named list={list} taken={taken} />
          {list.saved ? <SavedGames list={list} saved={list.saved} /> : <Rules list={list} />}
          <UseList
            title="Filled by"
            uses={uses.sets}
            none={list.saved ? 'what is saved' : list.byGame ? 'the game alone' : 'nothing yet'}
          />
          <UseList title="Read by" uses={uses.reads} none="nothing yet" />
          <Button look="danger" onClick={() => edit('delete list', { list: list.id })}>
            <Trash2 size={13} aria-hidden="true" /> Delete this list
          </Button>
        </div>
      )}
    </li>
  );
}
type Other = { id: string; name: string };

function Rows({ list, live }: { list: ListValue; live: ReturnType<typeof useListNow>['rows'] }) {
  const [of, setOf] = useState<Of>('samples');
  const rows = of === 'live' ? live : list[of];
  return (
    <div className="space-y-1.5">
      <Choices<Of>
        label="Which rows"
        value={of}
        options={[
          { value: 'samples', text: 'Samples' },
          ...(list.saved ? [] : [{ value: 'default' as const, text: 'At first' }]),
          { value: 'live', text: 'In Live' },
        ]}
        onChange={setOf}
      />
      <p className="text-sm text-soft">{ABOUT[of]}</p>
      <RowsTable
        key={of}
        title={`Rows of ${list.name}`}
        list={list}
        rows={rows}
        onChange={(rows) =>
          of === 'live'
            ? writeByHand(list.id, { do: 'replace', rows })
            : edit('change rows', { list: list.id, of, rows })
        }
      />
    </div>
  );
}
const ABOUT: Record<Of, string> = {
  samples: 'Shown while you work on screens, and at one press above.',
  default: 'What it holds when a game begins.',
  live: 'What it holds now. Changing it here is as if the game did.',
};

function Named({ list, taken }: { list: ListValue; taken: readonly Other[] }) {
  const { id } = list;
  return (
    <div className="grid grid-cols-2 gap-2">
      <Field
        label="Name"
        value={list.name}
        read={(text) =>
          readValueName(
            text,
            taken.filter((other) => other.id !== id),
          )
        }
        onChange={(name) => edit('rename list', { list: id, name })}
      />
      <Field
        label="Section"
        value={list.section}
        read={(text) => readName(text, [])}
        onChange={(section) => edit('change list', { list: id, change: { section } })}
      />
    </div>
  );
}

function Rules({ list }: { list: ListValue }) {
  const { id } = list;
  const change = (change: Partial<ListValue>): void => void edit('change list', { list: id, change });
  const keys = list.fields.filter(({ type }) => type === 'text' || type === 'number' || type === 'choice');
  return (
    <>
      <Fields
        title="Fields of each row"
        items={list.fields}
        onAdd={(name, type: FieldType) => edit('add list field', { list: id, name, type })}
        onChange={(field, change: Partial<Parameter>) => {
          const { default: _, ...rest } = change;
          edit('change list field', { list: id, field, change: rest });
        }}
        onDelete={(field) => edit('delete list field', { list: id, field })}
      />
      <Row label="Rows are told apart by">
        <Select<string>
          label={`Key of ${list.name}`}
          value={list.key ?? ''}
          options={[['', 'a number each gets'], ...keys.map(({ id, name }): [string, string] => [id, name])]}
          onChange={(key) => change({ key: key === '' ? undefined : key })}
        />
      </Row>
      <Field
        label="Max rows"
        value={list.max === undefined ? '' : String(list.max)}
        placeholder="no limit"
        read={(text) => (text.trim() === '' ? { ok: undefined } : readNumber(text, WHOLE))}
        onChange={(max) => change({ max })}
      />
      <Storage of={list} onChange={change} />
    </>
  );
}
const WHOLE = { type: 'number', min: 1, max: MAX_ROWS, step: 1 } as const;
