import { identifierOf, valueById, valuesOf, type Value } from '@tavu/core/model';
import { edit } from '../store';
import { as, type EffectEditor } from './editor';

export const set: EffectEditor<'set'> = {
  offers: (project) =>
    valuesOf(project).map((value) => ({
      key: `set ${value.id}`,
      group: 'Set a value',
      words: `set ${value.name}`,
      label: value.name,
      hint: value.type,
      make: as({ do: 'set', value: value.id, to: firstSetting(value) }),
    })),
  typed: (name) => [
    {
      key: 'new switch',
      group: 'New',
      words: name,
      label: `Set “${name}” on`,
      hint: 'a new value',
      make: (put) => put({ do: 'set', value: edit('add value', { type: 'on/off', name })!, to: 'true' }),
    },
    {
      key: 'new number',
      group: 'New',
      words: name,
      label: `Set “${name}” to a number`,
      hint: 'a new value',
      make: (put) => put({ do: 'set', value: edit('add value', { type: 'number', name })!, to: '1' }),
    },
  ],
  gives: {
    short: 'To',
    long: ({ value }, project) => `${valueById(project, value)?.name ?? 'It'} becomes`,
  },
};

/** What a value is first set to: the other way for a switch, a step more for a number. */
function firstSetting(value: Value): string {
  const name = identifierOf(value.name);
  switch (value.type) {
    case 'on/off':
      return 'true';
    case 'number':
      return `${name} + ${value.step ?? 1}`;
    case 'choice':
      return JSON.stringify(value.options[0]?.id ?? '');
    default:
      return '""';
  }
}
