'use client';

import { boundBy } from '@tavu/core/edit';
import { scopeOfScreen } from '@tavu/core/expression';
import { readName, type Screen } from '@tavu/core/model';
import { Trash2 } from 'lucide-react';
import { edit, useStudio } from '../store';
import { Field, Group, IconButton } from '../ui';
import { Fields } from '../panes/values';
import { ConditionRow } from '../fields';

/** When a HUD piece is up beside its bases. */
export function ShownWhen({ screen }: { screen: Screen }) {
  const project = useStudio((studio) => studio.project);
  return (
    <ConditionRow
      label="Up while"
      value={screen.shownWhen}
      scope={scopeOfScreen(project, screen)}
      onChange={(shownWhen) => edit('change screen', { screen: screen.id, change: { shownWhen } })}
    />
  );
}

/** What a screen is told when it comes up, and what it can answer when it closes. */
export function Takes({ screen }: { screen: Screen }) {
  const project = useStudio((studio) => studio.project);
  const outcomes = screen.outcomes ?? [];
  const { id } = screen;
  const some = (screen.parameters?.length ?? 0) + outcomes.length > 0;
  return (
    <Group title="Parameters and answers" unfolded={some}>
      <div className="space-y-3">
        <Fields
          title="Parameters: for its texts, pictures and conditions"
          items={screen.parameters ?? []}
          defaults
          fixed={(name) => {
            const by = boundBy(project, screen, name);
            return by && `“${by}” says it too, also where ${name} is something else. Change its words first.`;
          }}
          onAdd={(name, type) => edit('add parameter', { screen: id, name, type })}
          onChange={(parameter, change) => edit('change parameter', { screen: id, parameter, change })}
          onDelete={(parameter) => edit('delete parameter', { screen: id, parameter })}
        />
        {screen.layer !== 'notice' && screen.layer !== 'hud' && (
          <div role="group" aria-label="Answers">
            <p className="mb-1 text-sm text-soft">Answers, to whatever opened it</p>
            <ul className="space-y-1">
              {outcomes.map((outcome) => (
                <li key={outcome.id} className="flex items-start gap-1">
                  <Field
                    hidden
                    label={`Answer ${outcome.name}`}
                    value={outcome.name}
                    className="min-w-0 flex-1"
                    read={(text) =>
                      readName(
                        text,
                        outcomes
                          .filter((screenOutcome) => screenOutcome !== outcome)
                          .map((screenOutcome) => screenOutcome.name),
                      )
                    }
                    onChange={(name) => edit('rename outcome', { screen: id, outcome: outcome.id, name })}
                  />
                  <IconButton
                    name={`Take ${outcome.name} out`}
                    onClick={() => edit('delete outcome', { screen: id, outcome: outcome.id })}
                  >
                    <Trash2 size={13} />
                  </IconButton>
                </li>
              ))}
            </ul>
            <Field
              clears
              label="One more answer"
              value=""
              className="mt-1"
              read={(text) =>
                readName(
                  text,
                  outcomes.map((outcome) => outcome.name),
                )
              }
              onChange={(name) => edit('add outcome', { screen: id, name })}
            />
          </div>
        )}
      </div>
    </Group>
  );
}
