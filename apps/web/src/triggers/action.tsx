'use client';

import { actionById, actionKeys, keyName } from '@tavu/core/keys';
import { readDuration, titleCase } from '@tavu/core/model';
import { WHEN_WORDS } from '@tavu/core/triggers/author';
import { useStudio } from '../store';
import { Field, Picker } from '../ui';
import type { BlankOf, TriggerEditor } from './editor';

export const action: TriggerEditor<'action'> = {
  offers: ({ actions }) =>
    actions.map((action) => ({
      key: `action ${action.id}`,
      group: 'A key or pad button',
      words: `${action.name} ${actionKeys(action)} key`,
      label: titleCase(action.name),
      hint: actionKeys(action),
      make: () => ({ on: 'action', action: action.id, when: 'down' }),
    })),
  blanks: { when: When, hold: Hold },
  Mark: ({ project, trigger, label }) => {
    const key = actionById(project, trigger.action)?.keys[0];
    return <span className="cap leading-3.5">{key ? keyName(key) : label}</span>;
  },
  above: true,
};

function When({ trigger, put, close }: BlankOf<'action'>) {
  const choices = (['down', 'up', 'held'] as const).map((when) => ({
    key: when,
    words: WHEN_WORDS[when],
    label: WHEN_WORDS[when],
    onPick: () => {
      put({ on: 'action', action: trigger.action, when, ...(when === 'held' ? { hold: '500 ms' } : {}) });
      close();
    },
  }));
  return <Picker label="Part of the press" placeholder="Down, up or held" choices={choices} />;
}

function Hold({ trigger, put, close }: BlankOf<'action'>) {
  const rates = useStudio((studio) => studio.project.rates);
  return (
    <div className="p-3">
      <Field
        label="Long press after"
        value={trigger.hold ?? '500 ms'}
        read={(text) => readDuration(text, rates)}
        onChange={(hold) => {
          put({ ...trigger, hold });
          close();
        }}
      />
    </div>
  );
}
