'use client';

import { authorOfEffect } from '@tavu/core/effects/author';
import {
  everyStep,
  LANGUAGE,
  languageValue,
  readName,
  type FieldType,
  type Project,
  type Value,
  type ValueType,
  type Effect,
  valuesOf,
} from '@tavu/core/model';
import { Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { forgetPlayed, setByHand, useRun } from '../../run';
import { edit, useStudio } from '../../store';
import { Field, Button, Small, Row } from '../../ui';
import { ScalarInput, newType, readValueName } from '../../fields';
import { ListRow } from './ListRow';
import { TypeRest, TypeSelect } from './TypeFields';
import { Storage, storageWords } from './Storage';
import { Unfold, UseList } from './UseList';
import { NO_USES, usesOf, type Uses } from './uses';

const keeps = (effect: Effect): boolean => authorOfEffect(effect).keeps ?? false;

/** Whether there can be anything that outlasts a run: a choice of a player's, or a saved game. */
const keepsAnything = ({ values, links, conversations }: Project): boolean =>
  values.some(({ life }) => life !== 'session') ||
  links.some(({ effects }) => effects.some(keeps)) ||
  (conversations ?? []).some(({ steps }) =>
    everyStep(steps).some((step) => 'effect' in step && keeps(step.effect)),
  );

/** The project's values by section, what they hold now, who sets and who reads them. */
export function ValuesPane() {
  const project = useStudio((studio) => studio.project);
  const uses = useMemo(() => usesOf(project), [project]);
  const lists = project.lists ?? [];
  const named = [...valuesOf(project), ...lists];
  const sections = [...new Set([...project.values, ...lists].map(({ section }) => section))];
  return (
    <section
      aria-label="Values"
      data-pane
      tabIndex={-1}
      className="min-h-0 flex-1 space-y-5 overflow-auto bg-mist p-3"
    >
      {project.values.length + lists.length === 0 && (
        <p className="max-w-md text-soft">
          A value is something the flow remembers: how much oil is left, whether subtitles are on. Make one
          here, or name a new one in a sentence: <i>set …</i> or <i>if …</i>
        </p>
      )}
      {keepsAnything(project) && (
        <div className="space-y-1 text-sm text-soft">
          <p>What players choose for good, and the games they save, are kept here between runs.</p>
          <Small onClick={forgetPlayed}>Clear saves and settings</Small>
        </div>
      )}
      {sections.map((section) => (
        <div key={section}>
          <h3 className="mb-1 font-bold">{section}</h3>
          <ul className="space-y-1">
            {project.values
              .filter((value) => value.section === section)
              .map((value) => (
                <ValueRow key={value.id} value={value} uses={uses.get(value.id) ?? NO_USES} />
              ))}
            {lists
              .filter((list) => list.section === section)
              .map((list) => (
                <ListRow key={list.id} list={list} uses={uses.get(list.id) ?? NO_USES} taken={named} />
              ))}
          </ul>
        </div>
      ))}
      <PlayersLanguage uses={uses.get(LANGUAGE) ?? NO_USES} />
      <NewValue />
    </section>
  );
}

/** The player's language, which comes with a second language and goes with it. */
function PlayersLanguage({ uses }: { uses: Uses }) {
  const value = languageValue(useStudio((studio) => studio.project));
  const live = useRun((run) => run.values[LANGUAGE]);
  if (!value) return null;
  return (
    <div>
      <h3 className="mb-1 font-bold">Built in</h3>
      <div className="rounded border border-line bg-sheet px-2 py-1">
        <div className="grid grid-cols-[minmax(0,1fr)_minmax(90px,140px)] items-center gap-2">
          <span>
            <b>{value.name}</b> <span className="text-sm text-soft">the player’s, a setting</span>
          </span>
          <ScalarInput
            label={`${value.name} now`}
            type={value}
            value={live ?? value.default}
            onChange={(to) => setByHand(LANGUAGE, to)}
          />
        </div>
        <p className="py-1 text-sm text-soft">
          A player begins in the language of their system, if it is one of the game’s. A choice that controls
          this value lets them choose.
        </p>
        <UseList title="Set by" uses={uses.sets} none="nothing yet" />
        <UseList title="Read by" uses={uses.reads} none="nothing yet" />
      </div>
    </div>
  );
}

function ValueRow({ value, uses }: { value: Value; uses: Uses }) {
  const project = useStudio((studio) => studio.project);
  const live = useRun((run) => run.values[value.id]);
  const [open, setOpen] = useState(false);
  const others = [...valuesOf(project), ...(project.lists ?? [])].filter((other) => other.id !== value.id);
  const change = (changed: Partial<Value>): void =>
    void edit('change value', { value: value.id, change: changed });
  return (
    <li className="rounded border border-line bg-sheet px-2 py-1">
      <div className="grid grid-cols-[24px_minmax(0,1fr)_minmax(90px,140px)] items-center gap-2">
        <Unfold open={open} name={value.name} onClick={() => setOpen(!open)} />
        <span className="min-w-0 truncate">
          <b>{value.name}</b>{' '}
          <span className="text-sm text-soft">
            {value.type}
            {storageWords(value)}
          </span>
        </span>
        <ScalarInput
          label={`${value.name} now`}
          type={value}
          value={live ?? value.default}
          onChange={(to) => setByHand(value.id, to)}
        />
      </div>
      {open && (
        <div className="space-y-2 pt-2 pb-1 pl-8">
          <div className="grid grid-cols-2 gap-2">
            <Field
              label="Name"
              value={value.name}
              read={(text) => readValueName(text, others)}
              onChange={(name) => edit('rename value', { value: value.id, name })}
            />
            <Field
              label="Section"
              value={value.section}
              read={(text) => readName(text, [])}
              onChange={(section) => change({ section })}
            />
          </div>
          <Row label="Type">
            <TypeSelect
              label={`Type of ${value.name}`}
              type={value.type}
              onChange={(type) => edit('change type', { value: value.id, type: newType(type) as ValueType })}
            />
          </Row>
          <TypeRest type={value} onChange={(changed) => change(changed as Partial<Value>)} />
          <Row label="Default">
            <span className="w-36">
              <ScalarInput
                label={`Default of ${value.name}`}
                type={value}
                value={value.default}
                onChange={(to) => change({ default: to })}
              />
            </span>
          </Row>
          <Storage of={value} onChange={change} />
          <UseList title="Set by" uses={uses.sets} none={value.byGame ? 'the game alone' : 'nothing yet'} />
          <UseList title="Read by" uses={uses.reads} none="nothing yet" />
          <Button look="danger" onClick={() => edit('delete value', { value: value.id })}>
            <Trash2 size={13} aria-hidden="true" /> Delete this value
          </Button>
        </div>
      )}
    </li>
  );
}

function NewValue() {
  const project = useStudio((studio) => studio.project);
  const taken = [...valuesOf(project), ...(project.lists ?? [])];
  const [type, setType] = useState<FieldType['type'] | 'list' | 'saved games'>('on/off');
  return (
    <div className="flex items-end gap-2">
      <Field
        clears
        label="A new value"
        value=""
        className="min-w-0 flex-1"
        read={(text) => readValueName(text, taken)}
        onChange={(name) =>
          type === 'list'
            ? edit('add list', { name })
            : type === 'saved games'
              ? edit('add saved games list', { name })
              : edit('add value', { ...(newType(type) as ValueType), name })
        }
      />
      <TypeSelect<FieldType['type'] | 'list' | 'saved games'>
        label="Type of the new value"
        type={type}
        also={[
          ['list', 'List'],
          ['saved games', 'Saved games'],
        ]}
        onChange={setType}
      />
    </div>
  );
}
