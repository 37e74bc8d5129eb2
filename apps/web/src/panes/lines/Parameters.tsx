'use client';

import {
  freeName,
  freshId,
  readName,
  type Routine,
  type RoutineParameter,
  isPicture,
  lean,
} from '@tavu/core/model';
import { Plus, Trash2 } from 'lucide-react';
import { edit, useStudio } from '../../store';
import { Field, IconButton, Small, Select } from '../../ui';

const TYPES: [RoutineParameter['type'], string][] = [
  ['text', 'words'],
  ['speaker', 'a speaker'],
  ['face', 'a face'],
  ['picture', 'a picture'],
];

/** What a routine is told where it is called, and what it takes where nothing is said. */
export function Parameters({ routine }: { routine: Routine }) {
  const { speakers = [], assets } = useStudio((studio) => studio.project);
  const put = (parameters: RoutineParameter[]): void =>
    void edit('change routine', { routine: routine.id, change: { parameters } });
  const change = (id: string, by: Partial<RoutineParameter>): void =>
    put(
      routine.parameters.map((parameter) =>
        parameter.id === id ? lean({ ...parameter, ...by } as RoutineParameter) : parameter,
      ),
    );
  const names = routine.parameters.map((parameter) => parameter.name);
  return (
    <section aria-label="Parameters" className="shrink-0 border-b border-line px-3 py-1.5">
      <ul className="space-y-1">
        {routine.parameters.map(({ id, name, type, default: usual }) => (
          <li key={id} className="flex items-center gap-1.5">
            <Field
              hidden
              label="Name of the parameter"
              value={name}
              className="w-28"
              read={(text) =>
                readName(
                  text,
                  names.filter((other) => other !== name),
                )
              }
              onChange={(next) => change(id, { name: next })}
            />
            <Select
              label={`Sort of ${name}`}
              value={type}
              options={TYPES}
              className="h-7 border border-line bg-sheet"
              onChange={(next) => change(id, { type: next, default: undefined })}
            />
            <span className="text-soft">default</span>
            {type === 'speaker' || type === 'picture' ? (
              <Select
                label={`What ${name} is otherwise`}
                value={usual ?? ''}
                options={[
                  ['', 'required'],
                  ...(type === 'speaker' ? speakers : assets.filter(isPicture)).map(
                    (item): [string, string] => [item.id, item.name],
                  ),
                ]}
                className="h-7 max-w-36 min-w-0 border border-line bg-sheet"
                onChange={(next: string) => change(id, { default: next === '' ? undefined : next })}
              />
            ) : (
              <span className="min-w-0 flex-1">
                <Field
                  hidden
                  label={`What ${name} is otherwise`}
                  value={usual ?? ''}
                  read={(text) => ({ ok: text })}
                  onChange={(next) => change(id, { default: next === '' ? undefined : next })}
                />
              </span>
            )}
            <IconButton
              name={`Take out ${name}`}
              small
              onClick={() => put(routine.parameters.filter((parameter) => parameter.id !== id))}
            >
              <Trash2 size={13} />
            </IconButton>
          </li>
        ))}
      </ul>
      <Small
        className="mt-1"
        onClick={() =>
          put([...routine.parameters, { id: freshId('q'), name: freeName('what', names), type: 'text' }])
        }
      >
        <Plus size={11} aria-hidden="true" className="inline" /> New parameter
      </Small>
      <p className="mt-1 text-sm text-soft">
        In its text, the name of a parameter in braces stands for its value: {'{words}'}.
      </p>
    </section>
  );
}
