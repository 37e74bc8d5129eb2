'use client';

import { check, conditionWords, meant } from '@tavu/core/expression';
import { identifierOf, type Project } from '@tavu/core/model';
import { CONDITION } from '@tavu/core/phrasing';
import { scopeOfLink } from '@tavu/core/triggers';
import { useStudio } from '../store';
import { ConditionField } from '../fields';
import type { BlankOf, TriggerEditor } from './editor';

/** Something true of the first value, to be written over. */
function firstCondition({ values }: Project): string {
  const first = values[0];
  if (!first) return 'true';
  const name = identifierOf(first.name);
  return first.type === 'on/off' ? name : first.type === 'number' ? `${name} <= 0` : `${name} != ""`;
}

export const value: TriggerEditor<'value'> = {
  offers: (project) => [
    {
      key: 'value',
      group: 'A value',
      words: 'as soon as a value becomes true condition',
      label: 'As soon as …',
      hint: 'a condition becomes true',
      make: () => ({ on: 'value', when: firstCondition(project) }),
    },
  ],
  typed: (text, project, source) => {
    const scope = scopeOfLink(project, { from: source, trigger: { on: 'value', when: '' } });
    const when = meant(text.replace(/^(as soon as|when) /i, ''), scope, CONDITION);
    const said = check(when, scope, CONDITION);
    if (said.node === null || said.kind !== 'on/off' || said.complaints.length > 0) return [];
    return [
      {
        key: 'typed condition',
        group: 'Make',
        words: text,
        label: `As soon as ${conditionWords(when, scope)}`,
        hint: 'becomes true',
        make: () => ({ on: 'value', when }),
      },
    ];
  },
  blanks: { awaits: Awaits },
  first: 'stay',
};

function Awaits({ link, trigger, put, close }: BlankOf<'value'>) {
  const project = useStudio((studio) => studio.project);
  return (
    <ConditionField
      label="What becomes true"
      value={trigger.when}
      scope={scopeOfLink(project, link)}
      onChange={(when) => when !== undefined && put({ ...trigger, when })}
      close={close}
    />
  );
}
