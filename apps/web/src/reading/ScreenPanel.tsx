'use client';

import {
  elementById,
  KIND_NAMES,
  linksFrom,
  readDuration,
  readName,
  settled,
  titleCase,
  type Kind,
  type Layer,
  type Screen,
  type Trail,
} from '@tavu/core/model';
import { motionWords, readingTime } from '@tavu/core/words';
import { Plus } from 'lucide-react';
import type { ReactNode } from 'react';
import { choose, edit, useStudio } from '../studio/store';
import { Field } from '../ui/Field';
import { Button, type OneOf } from '../ui/parts';
import { ADDABLE, addElement } from './addElement';

/** What a screen is, and what it holds. */
export function ScreenPanel({ screen }: { screen: Screen }) {
  const project = useStudio((studio) => studio.project);
  const flags = settled(screen);
  const put = (change: Partial<Screen>): void => void edit('change screen', { screen: screen.id, change });
  const others = project.screens.filter((each) => each.id !== screen.id).map((each) => each.name);
  const focusable = screen.elements.filter((each) => each.type === 'button');
  const words = screen.elements.flatMap((each) => (each.type === 'text' ? [each.text] : [])).join(' ');
  return (
    <>
      <section aria-label="This screen">
        <h3 className="mb-1 font-bold">This {screen.layer === 'notice' ? 'message' : 'screen'}</h3>
        <Field
          label="Name"
          value={screen.name}
          read={(text) => readName(text, others)}
          onChange={(name) => edit('rename screen', { screen: screen.id, name })}
          className="mb-2"
        />
        <div className="divide-y divide-line border-y border-line">
          <Row label="Kind">
            <Select
              label="Kind"
              value={screen.kind}
              options={KIND_NAMES.map((kind) => [kind, titleCase(kind)])}
              onChange={(kind: Kind) => put({ kind })}
            />
          </Row>
          <Row label="Layer">
            <Select
              label="Layer"
              value={screen.layer}
              options={[
                ['base', 'Base'],
                ['overlay', 'Overlay'],
                ['notice', 'Notice'],
              ]}
              onChange={(layer: Layer) => put({ layer })}
            />
          </Row>
          {screen.layer === 'notice' ? (
            <div className="py-2">
              <Field
                label={`Shows for (reading it takes about ${readingTime(words) / 1000} s)`}
                value={screen.lasts ?? '2 s'}
                read={(text) => readDuration(text, project.rates, 's')}
                onChange={(lasts) => put({ lasts })}
              />
            </div>
          ) : (
            <>
              <Row label="Game clock">
                <Select
                  label="Game clock"
                  value={flags.freezes ? 'yes' : 'no'}
                  options={[
                    ['yes', 'frozen'],
                    ['no', 'runs'],
                  ]}
                  onChange={(freezes: string) => put({ freezes: freezes === 'yes' })}
                />
              </Row>
              <Row label="Game input">
                <Select
                  label="Game input"
                  value={flags.blocks ? 'yes' : 'no'}
                  options={[
                    ['yes', 'blocked'],
                    ['no', 'let in'],
                  ]}
                  onChange={(blocks: string) => put({ blocks: blocks === 'yes' })}
                />
              </Row>
            </>
          )}
          {screen.layer === 'overlay' && (
            <Row label="Presses beneath">
              <Select
                label="Presses beneath"
                value={flags.modal ? 'modal' : 'through'}
                options={[
                  ['modal', 'are kept out'],
                  ['through', 'go through'],
                ]}
                onChange={(modal: string) => put({ modal: modal === 'modal' })}
              />
            </Row>
          )}
          {screen.layer === 'base' && (
            <Row label="Coming back">
              <Select
                label="Coming back"
                value={flags.trail}
                options={[
                  ['keeps', 'can be gone back to'],
                  ['skipped', 'is skipped'],
                  ['afresh', 'starts the trail afresh'],
                ]}
                onChange={(trail: Trail) => put({ trail })}
              />
            </Row>
          )}
          {focusable.length > 0 && (
            <Row label="First focus">
              <Select
                label="First focus"
                value={screen.firstFocus ?? ''}
                options={[
                  ['', 'first in reading order'],
                  ...focusable.map((each): [string, string] => [each.id, each.name]),
                ]}
                onChange={(id: string) => put({ firstFocus: id === '' ? undefined : id })}
              />
            </Row>
          )}
          <Row label="Motion">
            <span className="font-semibold">{screen.motion ? motionWords(screen.motion) : 'house'}</span>
          </Row>
        </div>
        {screen.layer === 'base' && project.start !== screen.id && (
          <Button className="mt-2" onClick={() => edit('change start', { screen: screen.id })}>
            Start the game here
          </Button>
        )}
      </section>
      <section aria-label="What is on it">
        <h3 className="mb-1 font-bold">What is on it</h3>
        <ul className="mb-2">
          {screen.elements.map((element) => (
            <li key={element.id}>
              <button
                type="button"
                className="flex w-full items-center justify-between gap-2 min-h-6 rounded px-1.5 py-0.5 text-left hover:bg-chosen-wash"
                onClick={() => choose({ element: element.id })}
              >
                <span className={`truncate ${elementById(screen, element.parent) ? 'pl-3' : ''}`}>
                  {element.name}
                </span>
                <span className="shrink-0 text-sm text-soft">
                  {element.type === 'button' && !isLinked(project, screen.id, element.id)
                    ? 'button, leads nowhere'
                    : element.type}
                </span>
              </button>
            </li>
          ))}
        </ul>
        <div className="flex flex-wrap gap-1">
          {ADDABLE.map((type) => (
            <Button key={type} onClick={() => addElement(screen, type)}>
              <Plus size={13} aria-hidden="true" /> {titleCase(type)}
            </Button>
          ))}
        </div>
      </section>
    </>
  );
}

const isLinked = (project: Parameters<typeof linksFrom>[0], screen: string, element: string): boolean =>
  linksFrom(project, screen).some((link) => link.cue.on === 'press' && link.cue.element === element);

function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="flex min-h-8 items-center justify-between gap-2">
      <span className="shrink-0 text-soft">{label}</span>
      {children}
    </div>
  );
}

export function Select<T extends string>({
  label,
  value,
  options,
  onChange,
}: OneOf<T, readonly [T, string]>) {
  return (
    <select
      aria-label={label}
      value={value}
      className="h-7 max-w-44 min-w-0 cursor-pointer rounded bg-sheet text-right font-semibold hover:bg-chosen-wash"
      onChange={(event) => onChange(event.target.value as T)}
    >
      {options.map(([key, words]) => (
        <option key={key} value={key}>
          {words}
        </option>
      ))}
    </select>
  );
}
