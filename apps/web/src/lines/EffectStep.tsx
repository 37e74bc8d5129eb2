'use client';

import {
  screenById,
  type Effect,
  type Field as EventField,
  type Id,
  type Parameter,
  type Step,
} from '@tavu/core/model';
import { effectWords } from '@tavu/core/words';
import { useState } from 'react';
import { EffectChoices } from '../reading/EffectBlank';
import { useStudio } from '../studio/store';
import { Sheet } from '../ui/parts';
import type { Owner } from './chosen';
import { Expression } from './Conditions';
import { changeStep } from './put';

export function EffectStep({ owner, step }: { owner: Owner; step: Step & { step: 'effect' } }) {
  const project = useStudio((studio) => studio.project);
  const [open, setOpen] = useState(false);
  const { effect } = step;
  const put = (now: Effect, key?: string): void => {
    changeStep(owner, step.id, { effect: now }, key);
    setOpen(false);
  };
  const takes: readonly (Parameter | EventField)[] =
    effect.do === 'notice'
      ? (screenById(project, effect.screen)?.parameters ?? [])
      : effect.do === 'send'
        ? (project.events.find((each) => each.id === effect.event)?.fields ?? [])
        : [];
  const given = effect.do === 'notice' ? effect.args : effect.do === 'send' ? effect.fields : undefined;
  const give = (id: Id, text: string): void => {
    const now = { ...given, [id]: text };
    put(effect.do === 'send' ? { ...effect, fields: now } : ({ ...effect, args: now } as Effect));
  };
  return (
    <>
      <Sheet
        label="What is done"
        open={open}
        onOpen={setOpen}
        trigger={
          <button type="button" className="blank max-w-72 truncate text-left">
            {effectWords(project, effect)}
          </button>
        }
      >
        {open && <EffectChoices put={put} />}
      </Sheet>
      {effect.do === 'set' && (
        <Expression owner={owner} label="To" value={effect.to} onChange={(to) => put({ ...effect, to })} />
      )}
      {(effect.do === 'save' || effect.do === 'load') && (
        <Expression
          owner={owner}
          label="Slot"
          value={effect.slot}
          onChange={(slot) => put({ ...effect, slot })}
        />
      )}
      {takes.map((each) => (
        <Expression
          key={each.id}
          owner={owner}
          label={each.name}
          value={given?.[each.id] ?? ''}
          onChange={(text) => give(each.id, text)}
        />
      ))}
    </>
  );
}
