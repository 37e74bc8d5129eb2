'use client';

import type { ListValue, SavedGames as Saved } from '@tavu/core/model';
import { readValueName } from '../../fields';
import { edit, useStudio } from '../../store';
import { Check, Field } from '../../ui';

/** What a list of saved games shows: its slots, and which values each row shows. */
export function SavedGames({ list, saved }: { list: ListValue; saved: Saved }) {
  const { id, fields } = list;
  const progress = useStudio((studio) => studio.project.values).filter(({ life }) => life === 'progress');
  const shown = new Set(Object.values(saved.holds).flatMap((part) => ('value' in part ? [part.value] : [])));
  return (
    <>
      <p className="text-sm text-soft">
        Filled by what is saved: a row for each of these slots, and one for any other that holds a game.
      </p>
      <Field
        label="Slots, with commas between"
        value={saved.slots.join(', ')}
        read={(text) => ({ ok: text })}
        onChange={(text) => edit('name slots', { list: id, slots: slotsIn(text) })}
      />
      <div role="group" aria-label="Shown in each row" className="space-y-1">
        <p className="text-sm text-soft">Besides the slot, the time and the state, each row shows:</p>
        {progress.length === 0 && (
          <p className="text-sm">
            Nothing yet: no value is stored <i>in saves</i>.
          </p>
        )}
        <div className="flex flex-wrap gap-x-4 gap-y-1">
          {progress.map((value) => (
            <Check
              key={value.id}
              on={shown.has(value.id)}
              onChange={(on) => edit('tell of saved value', { list: id, value: value.id, told: on })}
            >
              {value.name}
            </Check>
          ))}
        </div>
      </div>
      <div role="group" aria-label="Names of its fields" className="grid grid-cols-2 gap-2">
        {fields.map((field) => (
          <Field
            key={field.id}
            label={`Name of ${field.name}`}
            value={field.name}
            read={(text) =>
              readValueName(
                text,
                fields.filter((other) => other !== field),
              )
            }
            onChange={(name) => edit('change list field', { list: id, field: field.id, change: { name } })}
          />
        ))}
      </div>
    </>
  );
}

const slotsIn = (text: string): string[] =>
  text
    .split(',')
    .map((slot) => slot.trim())
    .filter((slot) => slot !== '');
