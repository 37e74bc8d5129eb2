'use client';

import { codeName } from '@tavu/core/keys';
import { findingsAtLarge } from '@tavu/core/check';
import { Findings, Field, IconButton, Small, Select, Check } from '../ui';
import { isUsual } from '@tavu/core/edit';
import {
  GESTURES,
  isTilt,
  isTouch,
  readName,
  titleCase,
  type Action,
  type Gesture,
  screenById,
} from '@tavu/core/model';
import { Gamepad2, Hand, Keyboard, Plus, Trash2, X } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { choose, edit, notify, useStudio } from '../store';
import { bindingsOf, codeOf, withBinding, withoutBinding, type Binding } from './bindings';
import { capture } from './capture';
import { InputRules } from './InputRules';

/** The project's actions, and what each is bound to on every device: set by pressing what one wants. */
export function Actions() {
  const project = useStudio((studio) => studio.project);
  const clashes = useMemo(() => findingsAtLarge(project), [project]);
  const names = project.actions.map((action) => action.name);
  return (
    <section aria-label="Actions">
      <h3 className="mb-1 font-bold">What players can do</h3>
      <ul className="mb-1.5 space-y-1">
        {project.actions.map((action) => (
          <ActionRow key={action.id} action={action} others={names.filter((name) => name !== action.name)} />
        ))}
      </ul>
      <Field
        clears
        label="A new action"
        value=""
        read={(text) => readName(text, names)}
        onChange={(name) => edit('add action', { name })}
      />
      <div role="group" aria-label="Shared keys" className="mt-2 space-y-1">
        <Findings
          of={clashes}
          after={({ where: { screens = [] } }) =>
            screens.map((id) => (
              <Small key={id} onClick={() => choose({ screen: id })}>
                Go to {screenById(project, id)?.name}
              </Small>
            ))
          }
        />
      </div>
      <InputRules />
    </section>
  );
}

function ActionRow({ action, others }: { action: Action; others: readonly string[] }) {
  const [waiting, setWaiting] = useState(false);
  const name = titleCase(action.name);
  const put = (change: Partial<Action>): void => void edit('change action', { action: action.id, change });
  const bind = (binding: Binding): void => {
    const change = withBinding(action, binding);
    if (change) put(change);
    else notify(`${name} has ${codeName(codeOf(binding))} already.`);
  };
  useEffect(() => {
    if (!waiting) return;
    return capture(
      (binding) => {
        setWaiting(false);
        const change = withBinding(action, binding);
        if (change) edit('change action', { action: action.id, change });
        else notify(`${name} has ${codeName(codeOf(binding))} already.`);
      },
      (code) => notify(`${codeName(code)} is kept by the system: no page is given it. Press another key.`),
    );
  }, [waiting, action, name]);
  const free = GESTURES.filter((gesture) => !action.gestures?.includes(gesture));
  return (
    <li className="rounded border border-line bg-sheet px-2 py-1">
      <div role="group" aria-label={name}>
        <div className="flex items-center gap-1">
          {isUsual(action.id) ? (
            <b className="min-w-0 flex-1 truncate">{name}</b>
          ) : (
            <Field
              hidden
              label={`Name of ${name}`}
              value={action.name}
              className="min-w-0 flex-1"
              read={(text) => readName(text, others)}
              onChange={(to) => put({ name: to })}
            />
          )}
          {waiting ? (
            <span role="status" className="inline-flex items-center gap-1 text-sm text-live">
              Press a key or a pad’s button …<Small onClick={() => setWaiting(false)}>not now</Small>
            </span>
          ) : (
            <Small onClick={() => setWaiting(true)}>
              <Plus size={11} aria-hidden="true" className="inline" /> Press one
            </Small>
          )}
          <Select<Gesture | ''>
            label={`A gesture for ${name}`}
            value=""
            options={[
              ['', 'gesture …'],
              ...free.map((value): [Gesture, string] => [
                value,
                `${isTilt(value) ? 'device' : isTouch(value) ? 'finger' : 'mouse'}: ${value}`,
              ]),
            ]}
            className="max-w-24 border border-line bg-sheet text-sm"
            onChange={(gesture) => gesture !== '' && bind({ on: 'gesture', gesture })}
          />
          {!isUsual(action.id) && (
            <IconButton
              name={`Take out ${name}`}
              onClick={() => edit('delete action', { action: action.id })}
            >
              <Trash2 size={13} />
            </IconButton>
          )}
        </div>
        {(!isUsual(action.id) || action.forGame) && (
          <Check
            on={action.forGame === true}
            className="mt-0.5 min-h-6 text-sm text-soft"
            onChange={(on) => put({ forGame: on || undefined })}
          >
            The game uses {name} by itself
          </Check>
        )}
        <div className="mt-1 flex flex-wrap gap-1">
          {bindingsOf(action).map((binding) => (
            <span
              key={codeOf(binding)}
              className="inline-flex h-6 items-center gap-1 rounded border border-strong bg-mist pl-1.5 text-sm"
            >
              <DeviceIcon binding={binding} />
              {codeName(codeOf(binding))}
              <IconButton
                name={`${codeName(codeOf(binding))} no longer is ${name}`}
                className="size-5"
                onClick={() => put(withoutBinding(action, binding))}
              >
                <X size={11} />
              </IconButton>
            </span>
          ))}
        </div>
      </div>
    </li>
  );
}

function DeviceIcon({ binding }: { binding: Binding }) {
  if (binding.on === 'keys') return <Keyboard size={12} aria-label="key" />;
  return binding.on === 'pad' ? (
    <Gamepad2 size={12} aria-label="pad" />
  ) : (
    <Hand size={12} aria-label="gesture" />
  );
}
